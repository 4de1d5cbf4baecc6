import { keepText, type Bread } from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useEditBread } from './use-bread.ts';
import { FAMILY_WORDS } from './words.ts';

const FAMILIES = Object.entries(FAMILY_WORDS) as readonly (readonly [Bread['family'], string])[];

/** Name and family, and how the bread keeps. */
export function NamePanel({ bread }: { readonly bread: Bread }) {
  const edit = useEditBread();
  return (
    <section aria-label="Name and keeping" className="grid gap-3">
      <TextField label="Name" value={bread.name} onTake={(name) => edit({ ...bread, name })} />
      <SelectField
        label="Family"
        value={bread.family}
        options={FAMILIES}
        onChange={(family) => edit({ ...bread, family })}
      />
      {bread.keep && bread.keep.length > 0 && (
        <div>
          <h2 className="text-lg">Keeps</h2>
          <ul>
            {bread.keep.map((k) => (
              <li key={k.what + k.how}>
                {k.what} {k.how}
                {k.max !== undefined && <b className="figures"> up to {keepText(k.max)}</b>}
                {k.again !== undefined && <span className="text-sm text-quiet">; again: {k.again}</span>}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
