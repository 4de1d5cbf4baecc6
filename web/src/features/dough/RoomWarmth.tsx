import { useState } from 'react';
import {
  batchesOf,
  gramsText,
  isRest,
  USUAL_BOWL,
  proofMinutesAt,
  yeastForTime,
  yeastPct,
  durationText,
  linesOf,
  type Batch,
  type Workshop,
} from '@hodsman/core';
import { changeClass } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';

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
        <NumberField
          label="Room"
          unit="°C"
          value={kitchen.roomC}
          digits={1}
          least={5}
          most={45}
          className="w-16"
          onChange={(roomC) => set({ roomC })}
        />
        <NumberField
          label="Flour"
          unit="°C"
          value={kitchen.flourC ?? kitchen.roomC}
          digits={1}
          least={0}
          most={45}
          className="w-16"
          onChange={(flourC) => set({ flourC })}
        />
        <NumberField
          label="Tap"
          unit="°C"
          value={kitchen.tapC ?? USUAL_BOWL.tapC}
          digits={1}
          least={0}
          most={60}
          className="w-16"
          onChange={(tapC) => set({ tapC })}
        />
        <NumberField
          label="Kettle"
          unit="°C"
          value={kitchen.kettleC ?? USUAL_BOWL.kettleC}
          digits={0}
          least={20}
          most={100}
          className="w-16"
          onChange={(kettleC) => set({ kettleC })}
        />
        <NumberField
          label="Kettle holds"
          unit="l"
          value={kitchen.kettleL ?? USUAL_BOWL.kettleL}
          digits={1}
          least={0.3}
          most={50}
          step={0.1}
          className="w-16"
          onChange={(kettleL) => set({ kettleL })}
        />
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
        {here === undefined ? `hardly proofs at ${tempC} °C` : `${durationText(here * 60)} at ${tempC} °C`}
        {pct !== undefined && `; ${pct.toFixed(2)} % dry yeast, ${gramsText((flourG * pct) / 100)} in all`}
      </p>
    </div>
  );
}
