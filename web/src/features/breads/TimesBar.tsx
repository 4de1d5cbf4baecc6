import { durationText, type Circumstances, type MethodTimes } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { Segments } from '../../ui/Segments.tsx';

interface Props {
  readonly times: MethodTimes;
  readonly at: Circumstances;
  readonly onChange: (at: Circumstances) => void;
}

/** How long a bread takes at the shortest, ideally and at the longest, and in what circumstances. */
export function TimesBar({ times, at, onChange }: Props) {
  return (
    <section aria-label="Time" className="flex flex-wrap items-end gap-x-6 gap-y-2">
      <Total label="shortest" sec={times.leastSec} />
      <Total label="ideal" sec={times.idealSec} isMain />
      <Total label="longest" sec={times.mostSec} />
      <div className="ml-auto flex flex-wrap items-end gap-4">
        <Segments
          label="Dough made"
          name="made"
          value={at.isMixed ? 'mixer' : 'hand'}
          options={[
            ['hand', 'by hand'],
            ['mixer', 'at the mixer'],
          ]}
          onChange={(made) => onChange({ ...at, isMixed: made === 'mixer' })}
        />
        <NumberField
          label="Room"
          quantity="temperature"
          value={at.roomC}
          digits={0}
          least={10}
          most={40}
          className="w-14"
          onChange={(roomC) => onChange({ ...at, roomC })}
        />
        <NumberField
          label="Breads"
          value={at.pieces}
          digits={0}
          least={1}
          most={200}
          className="w-14"
          onChange={(pieces) => onChange({ ...at, pieces })}
        />
        <NumberField
          label="Hands"
          unit="people"
          value={at.people}
          digits={0}
          least={1}
          most={12}
          className="w-14"
          onChange={(people) => onChange({ ...at, people })}
        />
      </div>
    </section>
  );
}

function Total({
  label,
  sec,
  isMain = false,
}: {
  readonly label: string;
  readonly sec: number;
  readonly isMain?: boolean;
}) {
  return (
    <p data-testid={`total-${label}`}>
      <span className="block text-sm text-quiet">{label}</span>
      <span className={`figures font-semibold ${isMain ? 'text-2xl' : 'text-lg'}`}>{durationText(sec)}</span>
    </p>
  );
}
