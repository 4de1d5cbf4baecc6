import { avoidsWords, type GuestRow, type RosterReading } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';

export const plural = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

interface Props {
  readonly reading: RosterReading;
  /** Those who are not in the class yet. */
  readonly fresh: readonly GuestRow[];
  readonly seats: number;
}

/** Everybody in a text that was pasted: what was understood of each, and in red what was not. */
export function RosterPreview({ reading, fresh, seats }: Props) {
  const { columns, rows, bad } = reading;
  const used = columns.filter((c) => c.as !== 'ignored');
  const unused = columns.filter((c) => c.as === 'ignored');
  const again = rows.length - fresh.length;
  return (
    <div className="grid gap-2 rounded-cut border border-line bg-panel p-3" data-testid="roster-preview">
      {columns.length > 0 && (
        <p className="text-sm">
          {used.map((c) => `“${c.header}” is taken as ${c.as}`).join(', ')}
          {unused.length > 0 && `; not used: ${unused.map((c) => c.header).join(', ')}`}.
        </p>
      )}
      <p>
        {plural(fresh.length, 'person', 'people')} understood
        {again > 0 && `, ${again} in the class already`}
        {bad.length > 0 && `, ${plural(bad.length, 'row', 'rows')} kept aside`}
        {fresh.length > seats &&
          `; ${seats === 0 ? 'no seat is' : `only ${plural(seats, 'seat is', 'seats are')}`} free, the others wait`}
        .
      </p>
      <div tabIndex={0} role="region" aria-label="Everybody in the text" className="max-h-80 overflow-auto text-sm">
        {bad.length > 0 && (
          <ul className="text-trouble">
            {bad.map((b) => (
              <li key={b.row} className="py-0.5 [content-visibility:auto]">
                Row {b.row}: {b.why} <span className="text-quiet">({b.text.slice(0, 60)})</span>
                {b.guest.avoid.length > 0 && <span> {avoidsWords(b.guest)}</span>}
              </li>
            ))}
          </ul>
        )}
        <ul>
          {fresh.map((r, i) => (
            <li key={i} className="py-0.5 [content-visibility:auto] [contain-intrinsic-size:auto_1.4rem]">
              {r.guest.name}
              {r.guest.avoid.length > 0 && <span className="text-trouble"> {avoidsWords(r.guest)}</span>}
              {r.group !== '' && <span className="text-quiet"> with {r.group}</span>}
              <Care words={r.words.map((w) => (w.startsWith('“') ? w : `“${w}”`)).join(' · ')} className="pl-3" />
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
