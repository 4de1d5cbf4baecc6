import { bufferSecOf, success, wholeMinutes } from '@hodsman/core';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { TimeField } from '../../ui/TimeField.tsx';
import type { DayProps } from './DayRows.tsx';

/** From doors to leaving, with what is wanted in hand. */
export function Frame({ workshop, put }: DayProps) {
  const dispatch = useAppDispatch();
  return (
    <>
      <div className="flex flex-wrap items-start gap-4">
        <TimeField label="Doors open" value={workshop.doorsOpen} onTake={(doorsOpen) => put({ doorsOpen })} />
        <NumberField
          label="Welcome"
          unit="min"
          value={workshop.welcomeMin}
          digits={0}
          most={240}
          className="w-16"
          onChange={(welcomeMin) => put({ welcomeMin }, 'welcomeMin')}
        />
        <TimeField label="Table time" value={workshop.tableTime} onTake={(tableTime) => put({ tableTime })} />
        <TimeField
          label="People leave"
          value={workshop.ends ?? ''}
          onTake={(ends) => put({ ends })}
          onClear={() => {
            const { ends: _ends, ...rest } = workshop;
            dispatch(applyEdit(success(rest)));
          }}
        />
        <NumberField
          label="Clearing up before that"
          unit="min"
          value={workshop.clearMin ?? 0}
          digits={0}
          most={240}
          className="w-16"
          onChange={(clearMin) => put({ clearMin }, 'clearMin')}
        />
      </div>
      <div className="flex flex-wrap items-start gap-4">
        <NumberField
          label="Wanted in hand before the table"
          unit="min"
          value={wholeMinutes(bufferSecOf(workshop))}
          digits={0}
          most={240}
          className="w-16"
          onChange={(bufferMin) => put({ bufferMin }, 'bufferMin')}
        />
        <NumberField
          label="Nobody should wait longer than"
          unit="min"
          value={workshop.idleMaxMin}
          digits={0}
          most={240}
          className="w-16"
          onChange={(idleMaxMin) => put({ idleMaxMin }, 'idleMaxMin')}
        />
      </div>
    </>
  );
}
