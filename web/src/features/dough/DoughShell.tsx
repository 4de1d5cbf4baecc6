import { useDeferredValue, useMemo } from 'react';
import { Outlet } from 'react-router';
import { kitNeeds } from '@hodsman/core';
import { useAppSelector } from '../../store/hooks.ts';
import { SubTabs } from '../../ui/SubTabs.tsx';

/** The sheets that follow from a class. */
export function DoughShell() {
  const workshop = useDeferredValue(useAppSelector((s) => s.draft?.body.workshop));
  const plan = useAppSelector((s) => s.draft?.plan ?? null);
  const short = useMemo(
    () => (workshop ? kitNeeds(workshop, plan).filter((k) => k.short > 0).length : 0),
    [workshop, plan],
  );
  return (
    <div>
      <SubTabs
        label="Sheets"
        tabs={[
          { to: 'sheet', name: 'Trays and doughs' },
          { to: 'ahead', name: 'Ahead' },
          { to: 'kit', name: 'Kit', note: short > 0 ? `${short} short` : undefined },
          { to: 'shopping', name: 'Shopping' },
          { to: 'allergens', name: 'Allergens and cautions' },
        ]}
      />
      <Outlet />
    </div>
  );
}
