import { useState } from 'react';
import { useNavigate } from 'react-router';
import { faultInWords, freeId, leftOpen, type GivenOwner, type ImportedRecipe } from '@hodsman/core';
import { newSaveId, useCreateDocumentMutation, useDocumentList, useKeepLeftOpenMutation } from '../../documents/api.ts';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { BreadsBar } from './BreadsBar.tsx';
import { SourceWords } from './SourceWords.tsx';
import { Understood } from './Understood.tsx';
import { useRecipe } from './use-recipe.ts';

const AS_READ: readonly GivenOwner[] = [];

/** Paste a recipe as people write it: what was understood stands beside it at once, with guesses and what disagrees. */
export function ReadRecipe() {
  const [text, setText] = useState('');
  const [given, setGiven] = useState(AS_READ);
  /** The part of the bread, or the words for it, that is pointed at. */
  const [lit, setLit] = useState<string>();
  const { read, share } = useRecipe(text, given);
  const result = read?.result;
  const { data } = useDocumentList('bread');
  const [create, { isError: isNotMade }] = useCreateDocumentMutation();
  const [keepLeftOpen, { isError: isNotKept }] = useKeepLeftOpenMutation();
  /** What is kept again after it went wrong is the same bread. */
  const [saveId, setSaveId] = useState(newSaveId);
  const navigate = useNavigate();
  const keep = async (recipe: ImportedRecipe): Promise<void> => {
    const { bread } = recipe;
    if (!bread) return;
    const own = { ...bread, id: freeId(bread.id, new Set(data?.flatMap((b) => (b.summary ? [b.summary.id] : [])))) };
    const breadId = (await create({ kind: 'bread', body: own, saveId })).data?.id;
    if (breadId === undefined) return;
    const kept = await keepLeftOpen({ breadId, matters: leftOpen(recipe, own) });
    if (!kept.error) await navigate(`/breads/${breadId}/formula`);
  };
  const write = (next: string): void => {
    setText(next);
    setSaveId(newSaveId());
    // what was said of its lines was said of another text
    setGiven(AS_READ);
  };
  const open = async (file: File | undefined): Promise<void> => {
    if (file) write(await file.text());
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
            className={`w-full rounded-cut border border-line bg-panel p-3 ${result?.ok === true ? 'min-h-32' : 'min-h-72 flex-1'}`}
            onChange={(e) => write(e.target.value)}
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
          {read?.result.ok === true && (
            <SourceWords
              text={read.text}
              words={read.result.value.words}
              given={given}
              lit={lit}
              onLit={setLit}
              onGiven={setGiven}
            />
          )}
        </div>
        <div aria-live="polite" data-testid="understood">
          {share < 1 && text.trim() !== '' && (
            <p className="flex items-center gap-2 text-quiet">
              Reading … <progress value={share} aria-label="How much is read" />
            </p>
          )}
          {(isNotMade || isNotKept) && (
            <Notice>The bread could not be kept: the server does not answer. The text stands here; try again.</Notice>
          )}
          {result === undefined ? (
            <p className="rounded-cut border border-dashed border-line p-6 text-quiet">
              What is understood comes up here while you paste. Nothing in the text is run or fetched.
            </p>
          ) : result.ok ? (
            <>
              <Which recipe={result.value} onGiven={setGiven} />
              <Understood recipe={result.value} lit={lit} onLit={setLit} onKeep={() => void keep(result.value)} />
            </>
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

/** Of several recipes in one text the one that is meant; the others are left aside. */
function Which({
  recipe,
  onGiven,
}: {
  readonly recipe: ImportedRecipe;
  readonly onGiven: (given: readonly GivenOwner[]) => void;
}) {
  const { choices } = recipe;
  if (choices.length < 2) return null;
  return (
    <section aria-label="Which recipe" className="mb-4 grid gap-2 rounded-cut border-2 border-trouble bg-panel p-3">
      <p className="font-semibold">This text holds {choices.length} recipes. Which one do you mean?</p>
      <span className="flex flex-wrap gap-2">
        {choices.map((c) => (
          <button
            key={c.from}
            type="button"
            className={SIDE_BUTTON}
            onClick={() =>
              onGiven(choices.filter((o) => o !== c).map(({ from, to }) => ({ from, to, owner: 'aside' as const })))
            }
          >
            {c.title}
          </button>
        ))}
      </span>
    </section>
  );
}
