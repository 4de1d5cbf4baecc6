import { useState } from 'react';
import { useNavigate } from 'react-router';
import { faultInWords, freeId, gramsText, type ImportedRecipe, cmText } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { useCreateDocumentMutation, useDocumentList } from '../../documents/api.ts';
import { openGuesses, storeGuesses } from '../../documents/guesses.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { BreadsBar } from './BreadsBar.tsx';
import { useRecipe } from './use-recipe.ts';

const MOST_SHOWN = 30;

/** Paste a recipe as people write it: what was understood stands beside it at once, with guesses and what disagrees. */
export function ReadRecipe() {
  const [text, setText] = useState('');
  const result = useRecipe(text);
  const { data } = useDocumentList('bread');
  const [create, { isError }] = useCreateDocumentMutation();
  const navigate = useNavigate();
  const keep = async ({ bread, guesses }: ImportedRecipe): Promise<void> => {
    if (!bread) return;
    const own = { ...bread, id: freeId(bread.id, new Set(data?.flatMap((b) => (b.summary ? [b.summary.id] : [])))) };
    const made = await create({ kind: 'bread', body: own });
    if (!made.data) return;
    storeGuesses(made.data.id, openGuesses(guesses, own));
    await navigate(`/breads/${made.data.id}/formula`);
  };
  const open = async (file: File | undefined): Promise<void> => {
    if (file) setText(await file.text());
  };
  return (
    <div className="flex h-full flex-col">
      <BreadsBar back={{ to: '/breads', name: 'Breads' }}>
        <h1 className="flex-1 text-xl">Read a recipe</h1>
      </BreadsBar>
      <main className="grid min-h-0 flex-1 gap-6 overflow-auto p-4 lg:grid-cols-2">
        <div className="flex min-h-96 flex-col gap-2">
          <label htmlFor="recipe" className="text-quiet">
            Paste the recipe as it was written: lines of ingredients in any measure, steps in words; a page, schema.org
            JSON-LD or a bread file also do.
          </label>
          <textarea
            id="recipe"
            value={text}
            spellCheck={false}
            className="min-h-72 w-full flex-1 rounded-cut border border-line bg-panel p-3"
            onChange={(e) => setText(e.target.value)}
          />
          <label className={`${SIDE_BUTTON} w-fit cursor-pointer has-focus-visible:outline-3`}>
            Or open a file
            <input
              type="file"
              accept=".txt,.json,.jsonld,.html,.md"
              className="sr-only"
              onChange={(e) => void open(e.target.files?.[0])}
            />
          </label>
        </div>
        <div aria-live="polite" data-testid="understood">
          {isError && (
            <Notice>The bread could not be kept: the server does not answer. The text stands here; try again.</Notice>
          )}
          {result === undefined ? (
            <p className="rounded-cut border border-dashed border-line p-6 text-quiet">
              What is understood comes up here while you paste. Nothing in the text is run or fetched.
            </p>
          ) : result.ok ? (
            <Understood recipe={result.value} onKeep={() => void keep(result.value)} />
          ) : (
            <Notice>
              {result.faults.map((f) => (
                <p key={f.code}>{faultInWords(f, undefined)}</p>
              ))}
            </Notice>
          )}
        </div>
      </main>
    </div>
  );
}

function Understood({ recipe, onKeep }: { readonly recipe: ImportedRecipe; readonly onKeep: () => void }) {
  const { bread, guesses, conflicts, notUnderstood } = recipe;
  return (
    <div className="grid gap-4">
      {bread ? (
        <>
          <div className="flex flex-wrap items-start gap-3">
            <div className="flex-1">
              <h2 className="text-2xl">{bread.name}</h2>
              <p className="text-quiet">
                {bread.family}, pieces of {gramsText(bread.piece.doughG)}, {cmText(bread.piece.diameterCm)} across
              </p>
            </div>
            <button type="button" className={MAIN_BUTTON} onClick={onKeep}>
              Keep as a bread
            </button>
          </div>
          <div className="grid grid-cols-2 gap-6">
            <ul>
              {bread.ingredients.map((i) => (
                <li key={i.use + i.name} className="flex justify-between gap-2 border-t border-line py-0.5">
                  <span>{i.name}</span>
                  <span className="figures font-semibold whitespace-nowrap">
                    {i.use === 'dough' ? `${i.pct ?? 0} %` : `${gramsText(i.gPerPiece ?? 0)} each`}
                  </span>
                </li>
              ))}
            </ul>
            <ol>
              {bread.steps.map((s) => (
                <li key={s.id} className="flex justify-between gap-2 border-t border-line py-0.5">
                  <span>{stepName(s)}</span>
                  <span className="figures whitespace-nowrap">
                    {'window' in s
                      ? `${s.window.min} – ${s.window.max} min`
                      : s.kind === 'cook' && s.phases
                        ? `${s.phases.map((p) => p.sec).join(' + ')} s`
                        : `${s.minutes ?? 0} min`}
                  </span>
                </li>
              ))}
            </ol>
          </div>
        </>
      ) : (
        <Notice>
          No bread was found in this: there must be a flour with its amount, or flour by name. The text stands at the
          left; mend it there.
        </Notice>
      )}
      <List title="Does not agree" items={conflicts.map((c) => c.what)} isTrouble />
      <List
        title="Guessed"
        items={guesses.map((g) => `${g.why}${g.from === '' ? '' : ` (“${g.from.slice(0, 70)}”)`}`)}
      />
      <List title="Not understood" items={notUnderstood} />
    </div>
  );
}

function List({
  title,
  items,
  isTrouble = false,
}: {
  readonly title: string;
  readonly items: readonly string[];
  readonly isTrouble?: boolean;
}) {
  if (items.length === 0) return null;
  return (
    <section>
      <h3 className={`text-lg ${isTrouble ? 'text-trouble' : ''}`}>
        {title} <span className="figures font-normal text-quiet">{items.length}</span>
      </h3>
      <ul className="text-sm">
        {items.slice(0, MOST_SHOWN).map((t, n) => (
          <li key={n} className="border-t border-line py-0.5 [overflow-wrap:anywhere]">
            {t.slice(0, 240)}
          </li>
        ))}
        {items.length > MOST_SHOWN && <li className="py-0.5 text-quiet">and {items.length - MOST_SHOWN} more</li>}
      </ul>
    </section>
  );
}
