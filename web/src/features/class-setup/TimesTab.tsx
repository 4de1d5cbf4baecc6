import { useMemo } from 'react';
import type { Workshop } from '@hodsman/core';
import { changeClass } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { Segments } from '../../ui/Segments.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { timeZones } from '../../ui/when.ts';
import { Breaks, PrepTimes, ServiceOfLines } from './DayRows.tsx';
import { DayLine } from './DayLine.tsx';
import { FileButtons } from './FileButtons.tsx';
import { Frame } from './Frame.tsx';

/** The day: its frame as a line to scale, and every time on it to be typed. */
export function TimesTab() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  const dispatch = useAppDispatch();
  const [date, timeZone] = [workshop?.date ?? '', workshop?.timeZone ?? 'UTC'];
  const zones = useMemo(() => timeZones(date, timeZone), [date, timeZone]);
  if (!workshop) return null;
  const put = (part: Partial<Workshop>, what?: string): void => {
    dispatch(changeClass(workshop, part, what));
  };
  return (
    <div className="mx-auto grid max-w-6xl gap-7 p-4">
      <DayLine workshop={workshop} />
      <div className="grid items-start gap-x-10 gap-y-7 lg:grid-cols-2">
        <section aria-label="The day" className="grid gap-3">
          <TextField label="Title" value={workshop.title} onTake={(title) => put({ title })} />
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Date" type="date" value={workshop.date} onTake={(date) => put({ date })} />
            <div className="[&_select]:min-h-12 [&_select]:w-full">
              <SelectField
                label="Time zone"
                value={workshop.timeZone}
                options={zones}
                onChange={(timeZone) => put({ timeZone })}
              />
            </div>
          </div>
          <Frame workshop={workshop} put={put} />
          <div className="grid justify-items-start gap-1">
            <span className="text-sm text-quiet">Breads are</span>
            <Segments
              label="Breads are"
              name="service"
              value={workshop.service}
              options={[
                ['together', 'eaten together at table time'],
                ['as-cooked', 'eaten as they come'],
                ['take-home', 'taken home'],
              ]}
              onChange={(service) => put({ service })}
            />
          </div>
          <FileButtons workshop={workshop} plan={plan} />
        </section>
        <div className="grid gap-7">
          <PrepTimes workshop={workshop} put={put} />
          <Breaks workshop={workshop} put={put} />
          <ServiceOfLines workshop={workshop} put={put} />
        </div>
      </div>
    </div>
  );
}
