import { LABEL_SHEETS, type LabelSheet } from '@hodsman/core';
import { useState } from 'react';
import { NumberField } from '../../ui/NumberField.tsx';

const OWN = 'own';
/** Figures of a label sheet of one's own, in the order in which they are read off its pack; millimetres, with their limits. */
const FIELDS = [
  ['columns', 'Side by side', 1, 10],
  ['widthMm', 'Width, mm', 20, 210],
  ['heightMm', 'Height, mm', 15, 290],
  ['leftMm', 'Left margin, mm', 0, 60],
  ['topMm', 'Top margin, mm', 0, 60],
  ['gapMm', 'Between, mm', 0, 30],
] as const;

interface Props {
  readonly value: LabelSheet;
  readonly onChange: (labels: LabelSheet) => void;
}

/** Which labels lie in the printer: a size that is sold, or one's own. */
export function LabelSize({ value, onChange }: Props) {
  const [isOwn, setOwn] = useState(false);
  const choose = (name: string): void => {
    setOwn(name === OWN);
    const known = LABEL_SHEETS.find((l) => l.name === name);
    if (known) onChange(known);
  };
  return (
    <div className="grid gap-2">
      <label className="grid gap-1">
        <span className="text-sm text-quiet">Labels</span>
        <select
          value={isOwn ? OWN : value.name}
          className="min-h-9 rounded-cut border border-line bg-panel px-2"
          onChange={(e) => choose(e.target.value)}
        >
          {LABEL_SHEETS.map((l) => (
            <option key={l.name}>{l.name}</option>
          ))}
          <option value={OWN}>Another size …</option>
        </select>
      </label>
      {isOwn && (
        <div role="group" aria-label="Size of the labels" className="flex flex-wrap gap-3">
          {FIELDS.map(([key, label, least, most]) => (
            <NumberField
              key={key}
              label={label}
              value={value[key]}
              digits={key === 'columns' ? 0 : 1}
              least={least}
              most={most}
              onChange={(x) => onChange({ ...value, [key]: x })}
            />
          ))}
        </div>
      )}
    </div>
  );
}
