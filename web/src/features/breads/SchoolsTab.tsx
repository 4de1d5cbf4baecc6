import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { readBread, rebaseVariant, type Bread, type BreadSummary } from '@hodsman/core';
import { newSaveId, useBodies, useDocumentList, useSaveDocumentMutation } from '../../documents/api.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { SideBySide } from './SideBySide.tsx';
import { useBreadContext } from './use-bread.ts';

/** The schools of a bread: its parent and variants, two of them side by side, and what a change of the parent brings its variants. */
export function SchoolsTab() {
  const { bread, at } = useBreadContext();
  const { data } = useDocumentList('bread');
  const [params, setParams] = useSearchParams();
  const others = useMemo(
    () => (data ?? []).flatMap((b) => (b.summary && b.summary.id !== bread.id ? [{ ...b, summary: b.summary }] : [])),
    [data, bread.id],
  );
  const family = others.filter((b) => isKin(b.summary, bread));
  const other = others.find((b) => b.id === params.get('with')) ?? family[0];
  const beside = useBodies('bread', other ? [other.id] : [])?.[0];
  const variants = useBodies(
    'bread',
    others.filter((b) => b.summary.variantOf === bread.id).map((b) => b.id),
  );
  return (
    <div className="mx-auto grid max-w-6xl gap-5 p-4">
      <Followers variants={variants ?? []} />
      <div className="flex flex-wrap items-end gap-4">
        {others.length > 0 && (
          <SelectField
            label="Side by side with"
            value={other?.id ?? ''}
            options={[
              ['', 'choose a bread …'],
              ...family.map((b) => [b.id, `${b.title} (a school of this bread)`] as const),
              ...others.filter((b) => !family.includes(b)).map((b) => [b.id, b.title] as const),
            ]}
            onChange={(id) => setParams(id === '' ? {} : { with: id })}
          />
        )}
        {family.length === 0 && (
          <p className="text-quiet">
            This bread has no other school yet. The branch above makes one: a copy that keeps what you change in it, and
            follows this bread in all else.
          </p>
        )}
      </div>
      {other && beside?.id === other.id && <SideBySide left={bread} right={beside.body} at={at} />}
    </div>
  );
}

const isKin = (a: Pick<BreadSummary, 'id' | 'variantOf'>, b: Bread): boolean =>
  (a.variantOf ?? a.id) === (b.variantOf ?? b.id);

type Variant = NonNullable<ReturnType<typeof useBodies<'bread'>>>[number];

/** Variants that would follow a change of this bread made since it was opened. */
function Followers({ variants }: { readonly variants: readonly Variant[] }) {
  const draft = useAppSelector((s) => s.bread);
  const [save] = useSaveDocumentMutation();
  if (!draft) return null;
  const before = draft.past[0] ?? draft.body;
  const moved = variants.flatMap((v) => {
    const read = readBread(rebaseVariant(v.body, before, draft.body));
    return read.ok && JSON.stringify(read.value) !== JSON.stringify(v.body) ? [{ v, next: read.value }] : [];
  });
  if (moved.length === 0) return null;
  return (
    <section
      className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2"
      aria-label="Variants that follow"
    >
      <p className="flex-1">
        You changed this bread. {moved.map((m) => m.v.body.name).join(', ')} {moved.length === 1 ? 'follows' : 'follow'}{' '}
        it where {moved.length === 1 ? 'it has' : 'they have'} nothing of {moved.length === 1 ? 'its' : 'their'} own.
      </p>
      <button
        type="button"
        className={MAIN_BUTTON}
        onClick={() => {
          for (const { v, next } of moved)
            void save({ kind: 'bread', id: v.id, version: v.version, body: next, saveId: newSaveId() });
        }}
      >
        Bring the change over
      </button>
    </section>
  );
}
