import { useState } from 'react';
import {
  bowlOf,
  durationText,
  isRest,
  pctText,
  proofMinutesAt,
  proofMinutesByRule,
  roundHalfUp,
  scaleFrom,
  USUAL_BOWL,
  yeastForTime,
  yeastPct,
  celsiusText,
  quantityText,
} from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { WaterAnswer } from '../../bread-ui/WaterAnswer.tsx';
import { useBreadContext } from './use-bread.ts';

/** Water temperature for a wanted dough temperature, and what warmth and yeast do to a proof. */
export function WarmthTab() {
  const { bread, at } = useBreadContext();
  const kitchen = useAppSelector((s) => s.draft?.body.workshop.kitchen);
  const [wantedC, setWanted] = useState(bread.doughC ?? USUAL_BOWL.doughC);
  const [flourC, setFlour] = useState(kitchen?.flourC ?? USUAL_BOWL.flourC);
  const [roomC, setRoom] = useState(kitchen?.roomC ?? at.roomC);
  const [frictionC, setFriction] = useState(
    at.isMixed
      ? (kitchen?.mixers[0]?.frictionC ?? USUAL_BOWL.mixerFrictionC)
      : (kitchen?.handFrictionC ?? USUAL_BOWL.handFrictionC),
  );
  const [tapC, setTap] = useState(kitchen?.tapC ?? USUAL_BOWL.tapC);
  const [kettleC, setKettle] = useState(kitchen?.kettleC ?? USUAL_BOWL.kettleC);
  const [pieces, setPieces] = useState(8);
  const scale = scaleFrom(bread, { what: 'pieces', pieces });
  const answer =
    scale &&
    bowlOf(bread, scale.flourG, {
      wantedC,
      flourC,
      roomC,
      frictionC,
      tapC,
      kettleC,
      kettleL: kitchen?.kettleL ?? USUAL_BOWL.kettleL,
    });
  return (
    <div className="mx-auto grid max-w-5xl gap-8 p-4 lg:grid-cols-2">
      <section aria-labelledby="water-head" className="grid content-start gap-3">
        <h2 id="water-head" className="text-xl">
          How warm the water
        </h2>
        <div className="grid grid-cols-3 gap-3">
          <NumberField
            label="Dough wanted"
            quantity="temperature"
            value={wantedC}
            digits={1}
            least={5}
            most={45}
            onChange={setWanted}
          />
          <NumberField label="Flour" quantity="temperature" value={flourC} digits={1} most={45} onChange={setFlour} />
          <NumberField label="Room" quantity="temperature" value={roomC} digits={1} most={45} onChange={setRoom} />
          <NumberField
            label="Kneading warms by"
            quantity="difference"
            value={frictionC}
            digits={1}
            most={40}
            onChange={setFriction}
          />
          <NumberField label="Tap" quantity="temperature" value={tapC} digits={1} most={60} onChange={setTap} />
          <NumberField
            label="Kettle"
            quantity="temperature"
            value={kettleC}
            digits={1}
            least={20}
            most={100}
            onChange={setKettle}
          />
          <NumberField label="Breads" value={pieces} digits={0} least={1} most={500} onChange={setPieces} />
        </div>
        {answer ? (
          <WaterAnswer answer={answer} />
        ) : (
          <p className="text-quiet">This dough has no water of its own to warm.</p>
        )}
      </section>
      <section aria-labelledby="proof-head" className="grid content-start gap-4">
        <h2 id="proof-head" className="text-xl">
          How long it proofs
        </h2>
        {bread.steps.some((s) => s.kind === 'proof') ? (
          bread.steps.map((s) =>
            isRest(s) && s.kind === 'proof' ? (
              <ProofTable
                key={s.id}
                name={stepName(s)}
                minutes={s.window.ideal}
                fromC={s.refC ?? (s.at === 'warm' ? at.warmC : at.roomC)}
                q10={s.q10}
                yeast={yeastPct(bread.ingredients)}
              />
            ) : null,
          )
        ) : (
          <p className="text-quiet">This bread has no proof: warmth changes little.</p>
        )}
      </section>
    </div>
  );
}

const WARMTHS = [5, 10, 15, 18, 21, 24, 27, 30, 33, 36, 40] as const;

/** By so much of itself the time of a plan differs before it is worth saying. */
const PARTED = 0.1;

function ProofTable({
  name,
  minutes,
  fromC,
  q10,
  yeast,
}: {
  readonly name: string;
  readonly minutes: number;
  readonly fromC: number;
  readonly q10: number | undefined;
  readonly yeast: number;
}) {
  const [wishedMin, setWished] = useState(roundHalfUp(minutes));
  const [tempC, setTemp] = useState(fromC);
  const times = WARMTHS.map((c) => ({
    c,
    min: proofMinutesAt(minutes, fromC, c, q10),
    byRule: proofMinutesByRule(minutes, fromC, c, q10),
  }));
  const longest = Math.max(...times.map((t) => Math.min(t.min ?? 0, minutes * 4)));
  const wished =
    yeast > 0 ? yeastForTime({ pct: yeast, minutes, tempC: fromC }, { minutes: wishedMin, tempC }) : undefined;
  const isFar = wishedMin < minutes / 2 || wishedMin > minutes * 2;
  return (
    <div>
      <p className="mb-2">
        <b>{name}</b>: {durationText(minutes * 60)} at {celsiusText(fromC, 1)}.
      </p>
      <table className="w-full">
        <caption className="sr-only">Time of {name} by warmth</caption>
        <tbody>
          {times.map(({ c, min, byRule }) => (
            <tr key={c} className={c === fromC ? 'font-semibold' : ''}>
              <th scope="row" className="figures w-16 text-right font-normal">
                {celsiusText(c)}
              </th>
              <td className="px-3">
                <div
                  className="h-3 rounded-sm border border-[var(--dough-edge)] bg-dough"
                  style={{ width: `${min === undefined ? 0 : Math.min(100, (min / longest) * 100)}%` }}
                />
              </td>
              <td className="figures w-24 text-right">{min === undefined ? 'hardly' : durationText(min * 60)}</td>
              <td className="figures w-36 pl-3 text-sm text-quiet">
                {min !== undefined && Math.abs(byRule / min - 1) > PARTED && `plan: ${durationText(byRule * 60)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-quiet">
        About {q10 ?? 2.5} times as fast for every {quantityText('difference', 10)} from {celsiusText(10)} to{' '}
        {celsiusText(30)} (common practice). Beyond, by the temperatures between which yeast lives, fastest at{' '}
        {celsiusText(35)}; a plan goes on counting by the rule, and where the two part that is shown beside.
      </p>
      {yeast > 0 && (
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <NumberField
            label="Wished time"
            unit="min"
            value={wishedMin}
            digits={0}
            least={10}
            most={1440}
            step={5}
            onChange={setWished}
          />
          <NumberField
            label="at"
            quantity="temperature"
            value={tempC}
            digits={0}
            least={5}
            most={40}
            onChange={setTemp}
          />
          <p className="pb-1.5">
            {wished === undefined ? (
              'Leaven does not work there.'
            ) : (
              <>
                takes <b className="figures">{pctText(wished, 2)}</b> dry yeast instead of {pctText(yeast, 2)}.
              </>
            )}
            {isFar && (
              <span className="block text-sm text-trouble">Far from the time that is known: try it first.</span>
            )}
          </p>
        </div>
      )}
    </div>
  );
}
