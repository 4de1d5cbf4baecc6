import { useState } from 'react';
import {
  type Batch,
  batchesOf,
  durationText,
  gramsText,
  isRest,
  linesOf,
  pctText,
  proofMinutesAt,
  USUAL_BOWL,
  type Workshop,
  yeastForTime,
  yeastPct,
  celsiusText,
  type Quantity,
} from '@hodsman/core';
import { changeClass } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';

interface Figure {
  readonly key: 'roomC' | 'flourC' | 'tapC' | 'kettleC' | 'kettleL';
  readonly label: string;
  readonly quantity?: Quantity;
  readonly digits?: number;
  readonly least: number;
  readonly most: number;
  /** What is taken where the kitchen does not say; else the room's warmth. */
  readonly usual?: number;
}

const FIGURES: readonly Figure[] = [
  { key: 'roomC', label: 'Room', least: 5, most: 45 },
  { key: 'flourC', label: 'Flour', least: 0, most: 45 },
  { key: 'tapC', label: 'Tap', least: 0, most: 60, usual: USUAL_BOWL.tapC },
  { key: 'kettleC', label: 'Kettle', digits: 0, least: 20, most: 100, usual: USUAL_BOWL.kettleC },
  { key: 'kettleL', label: 'Kettle holds', quantity: 'volume', least: 0.3, most: 50, usual: USUAL_BOWL.kettleL },
];

/** The temperatures of the day, from which water, kettles and proofs of this class follow. */
export function RoomWarmth({ workshop }: { readonly workshop: Workshop }) {
  const lines = linesOf(workshop);
  const batches = batchesOf(workshop, lines);
  const dispatch = useAppDispatch();
  const { kitchen } = workshop;
  const set = (part: Partial<Workshop['kitchen']>): void => {
    dispatch(changeClass(workshop, { kitchen: { ...kitchen, ...part } }, Object.keys(part).join()));
  };
  return (
    <section aria-labelledby="warmth-head">
      <h2 id="warmth-head" className="mb-2 text-xl">
        Warmth of the day
      </h2>
      <div className="flex flex-wrap items-end gap-4">
        {FIGURES.map(({ key, label, quantity = 'temperature', digits = 1, least, most, usual }) => (
          <NumberField
            key={key}
            label={label}
            quantity={quantity}
            value={kitchen[key] ?? usual ?? kitchen.roomC}
            digits={digits}
            least={least}
            most={most}
            step={quantity === 'volume' ? 0.1 : 1}
            className="w-16"
            onChange={(value) => set({ [key]: value })}
          />
        ))}
        {lines.map((line) => (
          <YeastForTime key={line.bread.id} line={line} workshop={workshop} batches={batches} />
        ))}
      </div>
    </section>
  );
}

/** How long a yeasted bread of the menu proofs in this room, and the yeast that a wished time takes for the whole class. */
function YeastForTime({
  line,
  workshop,
  batches,
}: {
  readonly line: Batch['line'];
  readonly workshop: Workshop;
  readonly batches: readonly Batch[];
}) {
  const proof = line.chain.find((s) => isRest(s) && s.kind === 'proof');
  const [wished, setWished] = useState<number>();
  const yeast = yeastPct(line.bread.ingredients);
  if (!proof || !isRest(proof) || yeast === 0) return null;
  const warm = workshop.kitchen.places.find((p) => p.kind === proof.at)?.tempC;
  const tempC = proof.at === 'room' ? workshop.kitchen.roomC : (warm ?? workshop.kitchen.roomC);
  const fromC = proof.refC ?? tempC;
  const here = proofMinutesAt(proof.window.ideal, fromC, tempC, proof.q10);
  const minutes = wished ?? here ?? proof.window.ideal;
  const pct = yeastForTime({ pct: yeast, minutes: proof.window.ideal, tempC: fromC }, { minutes, tempC });
  const flourG = batches.filter((b) => b.line.bread.id === line.bread.id).reduce((sum, b) => sum + b.scaled.flourG, 0);
  return (
    <div className="flex flex-wrap items-end gap-2" data-testid={`proof-${line.bread.id}`}>
      <NumberField
        label={`${line.bread.name}, proof wished`}
        unit="min"
        value={minutes}
        digits={0}
        least={10}
        most={1440}
        step={5}
        className="w-16"
        onChange={setWished}
      />
      <p className="pb-1.5 text-quiet">
        {here === undefined
          ? `hardly proofs at ${celsiusText(tempC, 1)}`
          : `${durationText(here * 60)} at ${celsiusText(tempC, 1)}`}
        {pct !== undefined && `; ${pctText(pct, 2)} dry yeast, ${gramsText((flourG * pct) / 100)} in all`}
      </p>
    </div>
  );
}
