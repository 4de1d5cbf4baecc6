import { Outlet } from 'react-router';
import { gapsOf } from '@hodsman/core';
import { useAppSelector } from '../../store/hooks.ts';
import { SubTabs } from '../../ui/SubTabs.tsx';

/** When, who, what: the three parts of setting up a class. */
export function ClassSetup() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const waiting = useAppSelector((s) => s.draft?.body.notes.waiting.length ?? 0);
  const open = useAppSelector((s) => s.draft?.body.notes.remarks.filter((r) => !r.isDealtWith).length ?? 0);
  const notes = [waiting > 0 ? `${waiting} waiting` : '', open > 0 ? `${open} to deal with` : ''];
  const without = workshop
    ? gapsOf(workshop)
        .filter((g) => g.isLeftWithout)
        .flatMap((g) => g.people).length
    : 0;
  return (
    <div>
      <SubTabs
        label="Parts of the class"
        tabs={[
          { to: 'times', name: 'Day and times' },
          { to: 'people', name: 'People', note: notes.filter((n) => n !== '').join(', ') || undefined },
          { to: 'menu', name: 'Menu', note: without > 0 ? `${without} without bread` : undefined },
        ]}
      />
      <Outlet />
    </div>
  );
}
