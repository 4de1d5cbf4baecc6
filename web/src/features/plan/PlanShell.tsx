import { Outlet } from 'react-router';
import { useAppSelector } from '../../store/hooks.ts';
import { SubTabs } from '../../ui/SubTabs.tsx';

/** The plan of the class in its several views. */
export function PlanShell() {
  const others = useAppSelector((s) => s.draft?.body.notes.alternatives.length ?? 0);
  const isPlanned = useAppSelector((s) => Boolean(s.draft?.plan));
  return (
    <div className="flex h-full flex-col">
      <SubTabs
        label="Views of the plan"
        tabs={[
          { to: 'board', name: 'Board' },
          { to: 'table', name: 'Table' },
          { to: 'alternatives', name: others > 0 ? `Alternatives (${others})` : 'Alternatives' },
          { to: 'charts', name: 'Charts' },
          { to: 'sheet', name: 'Run sheet' },
        ]}
      />
      <div className="min-h-0 flex-1">{isPlanned ? <Outlet /> : <p className="p-6 text-quiet">Planning …</p>}</div>
    </div>
  );
}
