import type { Block, BoardLayout } from './layout.ts';

/** A number in [0, 1) from a text and an index: the same bubbles at every drawing (FNV-1a hash, from memory). */
function spread(text: string, index: number): number {
  let h = 2166136261 ^ index;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  h = Math.imul(h ^ (h >>> 15), 2246822507);
  return ((h ^ (h >>> 13)) >>> 0) / 4294967296;
}

const PX_PER_BUBBLE = 2.2;
const MOST_BUBBLES = 70;

/** Bubbles that get denser up to the ideal time and thin out past it. */
function bubblesOf(block: Block): readonly { readonly x: number; readonly y: number; readonly r: number }[] {
  const { task, x, y, width, height } = block;
  const lastsSec = task.endSec - task.startSec;
  const ideal = Math.max(1, task.window?.idealSec ?? lastsSec);
  const count = Math.min(MOST_BUBBLES, Math.round((height * Math.min(1, width / 24)) / PX_PER_BUBBLE));
  return Array.from({ length: count }, (_, i) => {
    const [a, b, c, keep] = [1, 2, 3, 4].map((n) => spread(task.id, i * 4 + n)) as [number, number, number, number];
    const at = Math.sqrt(a); // more of them late than early
    const past = (at * lastsSec) / ideal - 1;
    return { x: x + 4 + b * (width - 8), y: y + at * height, r: 0.8 + 1.7 * c * at, isKept: past <= 0 || keep > past };
  }).filter((bubble) => bubble.isKept && bubble.y > y + 2 && bubble.y < y + height - 2);
}

/** A resting dough: its ground, its bubbles, and beyond the longest time a frayed end in the colour of trouble. */
export function RestBlock({ block, layout }: { readonly block: Block; readonly layout: BoardLayout }) {
  const { task, x, y, width, height } = block;
  const limitSec = task.startSec + (task.window?.maxSec ?? Infinity);
  const overY = limitSec < task.endSec ? layout.yOf(limitSec) : undefined;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx={3}
        fill="var(--dough)"
        stroke="var(--dough-edge)"
        strokeWidth={1}
      />
      {bubblesOf(block).map((b) => (
        <circle key={`${b.x} ${b.y}`} cx={b.x} cy={b.y} r={b.r} fill="none" stroke="var(--bubble)" strokeWidth={0.9} />
      ))}
      {overY !== undefined && <path d={frayed(x, overY, width, y + height - overY)} fill="var(--trouble)" />}
    </g>
  );
}

/** A band whose sides are torn. */
function frayed(x: number, y: number, width: number, height: number): string {
  const steps = Math.max(1, Math.round(height / 5));
  const side = (from: number, inwards: number): string[] =>
    Array.from({ length: steps }, (_, i) => `${from + (i % 2 === 0 ? inwards : 0)} ${y + ((i + 1) * height) / steps}`);
  const right = side(x + width, -5);
  const left = side(x, 5).reverse();
  return `M${x} ${y}L${x + width} ${y}L${[...right, ...left].join('L')}Z`;
}

/** The window of a rest at the strand's side: first possible end, ideal as a dot, last possible end. */
export function RestWindow({ block, layout }: { readonly block: Block; readonly layout: BoardLayout }) {
  const { task, x } = block;
  if (!task.window) return null;
  const at = (sec: number): number => Math.min(layout.yOf(task.startSec + sec), layout.height - 2);
  const [first, ideal, last] = [at(task.window.minSec), at(task.window.idealSec), at(task.window.maxSec)];
  const left = x - 5;
  return (
    <g stroke="var(--quiet)" strokeWidth={1.4} fill="none">
      <path d={`M${left + 4} ${first}H${left}V${last}H${left + 4}`} />
      <circle cx={left} cy={ideal} r={2.6} fill="var(--quiet)" />
    </g>
  );
}
