import { clockText, elapsedSec, type Workshop } from '@hodsman/core';

const HOUR = 3600;
/** A part narrower than this share of the line shows its words on hover alone. */
const LEAST_SHARE = 0.06;
/** Prep times that lie further back than this are written in words, not drawn. */
const MOST_BEFORE_SEC = 4 * HOUR;

/** The day of the class as a line to scale: prep, welcome, hands at work, table, clearing up. */
export function DayLine({ workshop }: { readonly workshop: Workshop }) {
  const sec = (t: string): number => elapsedSec(workshop, t);
  const tableSec = sec(workshop.tableTime);
  const endSec = Math.max(tableSec + HOUR / 2, workshop.ends === undefined ? 0 : sec(workshop.ends));
  const preps = workshop.prepTimes
    .map((p) => ({ from: sec(p.from), to: sec(p.to) }))
    .filter((p) => p.to > -MOST_BEFORE_SEC && p.from < 0);
  const startSec = Math.min(-HOUR / 2, ...preps.map((p) => Math.max(-MOST_BEFORE_SEC, p.from)));
  const x = (s: number): string => `${((s - startSec) / (endSec - startSec)) * 100}%`;
  const part = (from: number, to: number, colour: string, words: string, ink: string) => (
    <div
      key={words + String(from)}
      className="absolute top-0 flex h-12 items-center overflow-hidden border-r border-ground px-2 text-sm whitespace-nowrap"
      style={{
        left: x(Math.max(startSec, from)),
        width: `calc(${x(to)} - ${x(Math.max(startSec, from))})`,
        background: colour,
        color: ink,
      }}
      title={`${words}, ${clockText(workshop, from)} to ${clockText(workshop, to)}`}
    >
      {(to - Math.max(startSec, from)) / (endSec - startSec) > LEAST_SHARE && words}
    </div>
  );
  const welcomeSec = workshop.welcomeMin * 60;
  const ends = workshop.ends === undefined ? undefined : sec(workshop.ends);
  const clearSec = (workshop.clearMin ?? 0) * 60;
  const marks = [0, tableSec, ...(ends === undefined ? [] : [ends])];
  return (
    <div
      className="pt-1"
      role="img"
      aria-label={`From ${clockText(workshop, 0)} to the table at ${clockText(workshop, tableSec)}`}
    >
      <div className="relative h-12 overflow-hidden rounded-cut border border-line bg-panel">
        {preps.map((p) => part(p.from, Math.min(0, p.to), 'var(--steel)', 'staff prepare', 'var(--ink)'))}
        {welcomeSec > 0 && part(0, welcomeSec, 'var(--slate)', 'welcome', 'var(--on-slate)')}
        {part(welcomeSec, tableSec, 'var(--hands)', 'at work', 'var(--on-hands)')}
        {ends !== undefined &&
          part(tableSec, Math.max(tableSec, ends - clearSec), 'var(--herb)', 'at table', 'var(--on-herb)')}
        {ends !== undefined && clearSec > 0 && part(ends - clearSec, ends, 'var(--steel)', 'clear', 'var(--ink)')}
      </div>
      <div className="relative h-6 text-sm">
        {marks.map((m) => (
          <span key={m} className="figures absolute -translate-x-1/2 whitespace-nowrap" style={{ left: x(m) }}>
            {clockText(workshop, m)}
          </span>
        ))}
      </div>
    </div>
  );
}
