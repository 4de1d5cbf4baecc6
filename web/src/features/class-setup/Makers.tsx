import type { Line, Workshop } from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';

interface Props {
  readonly line: Line;
  readonly workshop: Workshop;
  readonly onChange: (makers: string[] | undefined) => void;
}

/** Everybody who can, or those who are named. */
export function Makers({ line, workshop, onChange }: Props) {
  const chosen = line.menu.for;
  const can = workshop.roster.filter((p) => !p.avoid.some((a) => line.holds.has(a.what)));
  const cannot = workshop.roster.length - can.length;
  return (
    <div className="grid min-w-0 gap-1">
      <SelectField
        label="Made by"
        value={chosen === undefined ? 'all' : 'some'}
        options={[
          ['all', `everyone who can (${can.length}${cannot > 0 ? `, ${cannot} avoid something in it` : ''})`],
          ['some', 'these people'],
        ]}
        onChange={(who) => onChange(who === 'all' ? undefined : [...line.makers])}
      />
      {chosen !== undefined && (
        <div className="flex max-w-3xl flex-wrap gap-1">
          {can.map((p) => {
            const isOn = chosen.includes(p.id);
            return (
              <label
                key={p.id}
                className={`min-h-8 cursor-pointer rounded-cut border px-2 leading-8 has-focus-visible:outline-3 ${isOn ? 'border-hands bg-hands text-on-hands' : 'border-line text-quiet'}`}
              >
                <input
                  type="checkbox"
                  className="sr-only"
                  checked={isOn}
                  onChange={() => onChange(isOn ? chosen.filter((id) => id !== p.id) : [...chosen, p.id])}
                />
                {p.name}
              </label>
            );
          })}
        </div>
      )}
    </div>
  );
}
