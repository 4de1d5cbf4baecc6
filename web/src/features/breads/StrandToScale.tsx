import { cookPhases, durationText, isRest, type MethodTimes, type Step } from '@hodsman/core';
import { stepColour } from '../../bread-ui/step-words.ts';

/** Height of a row of the step list beside the strand, in px. */
export const ROW_PX = 48;
const WIDTH = 250;
const STRAND = { x: 86, width: 64 } as const;
const LEAST_PX = 380;
const TICKS_SEC = [300, 600, 900, 1800, 3600, 7200, 14_400, 28_800] as const;
const MOST_TICKS = 9;

interface Props {
  readonly steps: readonly Step[];
  readonly times: MethodTimes;
  readonly off: ReadonlySet<string>;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

/** A number in [0, 1) of an index, always the same. */
const spread = (n: number): number => {
  const x = Math.sin(n * 12.9898) * 43758.5453;
  return x - Math.floor(x);
};

/**
 * The strand of a bread standing: what hands do, where it rests with the window of the rest at its side, the griddle with its turns.
 * Its whole height is the ideal time, to scale; a line leads from each step to its row in the list.
 */
export function StrandToScale({ steps, times, off, chosen, onChoose }: Props) {
  const height = Math.max(LEAST_PX, steps.length * ROW_PX);
  const total = Math.max(1, times.idealSec);
  const y = (sec: number): number => 6 + (sec / total) * (height - 12);
  const every = TICKS_SEC.find((t) => total / t <= MOST_TICKS) ?? 86_400;
  const starts = new Map(
    times.steps.map((t, n) => [t.step.id, times.steps.slice(0, n).reduce((sum, x) => sum + x.idealSec, 0)]),
  );
  const rests = times.steps.filter((t) => isRest(t.step)).map((t) => t.step.id);
  return (
    <svg
      width={WIDTH}
      height={height}
      role="img"
      aria-label={`The strand: ${durationText(total)} at the ideal`}
      className="shrink-0"
    >
      {Array.from({ length: Math.floor(total / every) + 1 }, (_, n) => n * every).map((sec) => (
        <g key={sec}>
          <line x1={52} x2={STRAND.x + STRAND.width + 8} y1={y(sec)} y2={y(sec)} stroke="var(--line)" />
          <text x={46} y={y(sec) + 4} textAnchor="end" fontSize={13} fill="var(--quiet)" className="figures">
            {sec === 0 ? '0' : durationText(sec)}
          </text>
        </g>
      ))}
      {times.steps.map(({ step, leastSec, idealSec, mostSec }) => {
        const from = starts.get(step.id) ?? 0;
        const [top, bottom] = [y(from), y(from + idealSec)];
        const row = steps.findIndex((s) => s.id === step.id);
        const rowY = row * ROW_PX + ROW_PX / 2;
        const middle = (top + bottom) / 2;
        const isChosen = chosen === step.id;
        return (
          <g key={step.id} onClick={() => onChoose(step.id)} className="cursor-pointer">
            <rect
              x={STRAND.x}
              y={top}
              width={STRAND.width}
              height={Math.max(1.5, bottom - top - 1)}
              rx={2}
              fill={stepColour(step)}
              stroke={isChosen ? 'var(--ink)' : isRest(step) ? 'var(--dough-edge)' : 'none'}
              strokeWidth={isChosen ? 2.5 : 1}
            />
            {isRest(step) && <Bubbles top={top} bottom={bottom} />}
            {isRest(step) && (
              <Bracket
                first={y(from + leastSec)}
                ideal={bottom}
                last={Math.min(height - 2, y(from + mostSec))}
                isCut={y(from + mostSec) > height - 2}
                x={STRAND.x - (rests.indexOf(step.id) % 2 === 0 ? 12 : 22)}
              />
            )}
            {!isRest(step) && step.kind === 'cook' && <Turns step={step} from={from} y={y} />}
            <path
              d={`M${STRAND.x + STRAND.width + 2} ${middle}C${STRAND.x + STRAND.width + 50} ${middle} ${WIDTH - 50} ${rowY} ${WIDTH} ${rowY}`}
              fill="none"
              stroke={isChosen ? 'var(--ink)' : 'var(--quiet)'}
              strokeWidth={isChosen ? 2 : 1}
              opacity={isChosen ? 1 : 0.55}
            />
          </g>
        );
      })}
      {steps.map((step) => {
        if (step.kind !== 'prepare' || off.has(step.id)) return null;
        const end = starts.get(step.before) ?? total;
        const sec = (step.minutes ?? 0) * 60;
        return (
          <rect
            key={step.id}
            x={STRAND.x + STRAND.width + 12}
            y={y(Math.max(0, end - sec))}
            width={8}
            height={Math.max(2, y(end) - y(Math.max(0, end - sec)))}
            rx={2}
            fill="var(--hands)"
            opacity={0.75}
          />
        );
      })}
    </svg>
  );
}

function Bubbles({ top, bottom }: { readonly top: number; readonly bottom: number }) {
  const height = bottom - top;
  if (height < 10) return null;
  return (
    <g fill="none" stroke="var(--bubble)" strokeWidth={0.9}>
      {Array.from({ length: Math.min(70, Math.round(height / 2.4)) }, (_, n) => {
        const at = Math.sqrt(spread(n + 1));
        return (
          <circle
            key={n}
            cx={STRAND.x + 5 + spread(n + 101) * (STRAND.width - 10)}
            cy={top + 4 + at * (height - 8)}
            r={0.9 + 1.8 * at * spread(n + 201)}
          />
        );
      })}
    </g>
  );
}

/** The window of a rest: first possible end, ideal as a dot, last possible end; open below where it runs out of the picture. */
function Bracket({
  first,
  ideal,
  last,
  isCut,
  x,
}: {
  readonly first: number;
  readonly ideal: number;
  readonly last: number;
  readonly isCut: boolean;
  /** Neighbours stand in two columns, since their windows overlap. */
  readonly x: number;
}) {
  return (
    <g stroke="var(--quiet)" strokeWidth={1.5} fill="none">
      <path d={`M${x + 6} ${first}H${x}V${last}${isCut ? 'm-3 -5l3 5l3 -5' : `H${x + 6}`}`} />
      <circle cx={x} cy={ideal} r={3} fill="var(--quiet)" />
    </g>
  );
}

function Turns({
  step,
  from,
  y,
}: {
  readonly step: Extract<Step, { kind: 'cook' }>;
  readonly from: number;
  readonly y: (sec: number) => number;
}) {
  const phases = cookPhases(step);
  return phases.slice(1).map((_, n) => {
    const at = y(from + phases.slice(0, n + 1).reduce((sum, p) => sum + p.sec, 0));
    return (
      <line
        key={at}
        x1={STRAND.x}
        x2={STRAND.x + STRAND.width}
        y1={at}
        y2={at}
        stroke="var(--on-ember)"
        strokeWidth={1}
      />
    );
  });
}
