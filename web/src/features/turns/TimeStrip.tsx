import { clockText, type Workshop, briefClockText } from '@hodsman/core';

export interface StripMark {
  readonly kind: 'idle' | 'bread';
  readonly fromSec: number;
  readonly toSec: number;
}

interface Props {
  readonly workshop: Workshop;
  readonly tableSec: number;
  readonly rows: readonly { readonly id: string; readonly name: string; readonly marks: readonly StripMark[] }[];
}

const TICK_SEC = 1800;

/** One line a person from doors open to table time: hollow where they have nothing to do, a notch for each bread that is done. */
export function TimeStrip({ workshop, tableSec, rows }: Props) {
  const share = (sec: number): string => `${(100 * Math.max(0, sec)) / tableSec}%`;
  const ticks = Array.from({ length: Math.floor(tableSec / TICK_SEC) + 1 }, (_, i) => i * TICK_SEC);
  return (
    <div>
      <div className="relative ml-32 h-5" aria-hidden>
        {ticks.map((sec) => (
          <span
            key={sec}
            className="figures absolute -translate-x-1/2 text-sm text-quiet last:-translate-x-full max-sm:even:hidden"
            style={{ left: share(sec) }}
          >
            {briefClockText(workshop, sec)}
          </span>
        ))}
      </div>
      <ul className="grid gap-1">
        {rows.map((row) => (
          <li key={row.id} className="grid grid-cols-[8rem_1fr] items-center">
            <span className="truncate pr-2" title={row.name}>
              {row.name}
            </span>
            <span className="relative block h-5 rounded-cut bg-hands" aria-hidden>
              {row.marks.map((m) => (
                <span
                  key={`${m.kind} ${m.fromSec}`}
                  className={
                    m.kind === 'idle'
                      ? 'absolute inset-y-0.5 rounded-sm bg-ground'
                      : 'absolute -inset-y-0.5 w-1.5 -translate-x-full border border-ground bg-ember'
                  }
                  style={{ left: share(m.fromSec), width: m.kind === 'idle' ? share(m.toSec - m.fromSec) : undefined }}
                />
              ))}
            </span>
            <span className="sr-only">
              {row.marks
                .map((m) =>
                  m.kind === 'idle'
                    ? `nothing to do ${clockText(workshop, m.fromSec)} to ${clockText(workshop, m.toSec)}`
                    : `bread done ${clockText(workshop, m.fromSec)}`,
                )
                .join(', ')}
            </span>
          </li>
        ))}
      </ul>
      <p className="pt-1 text-sm text-quiet">
        Filled: hands busy or on the way. Hollow: nothing to do. Notch: a bread is done.
      </p>
    </div>
  );
}
