import { Outlet } from 'react-router';
import { useAppSelector } from '../../store/hooks.ts';
import { SubTabs } from '../../ui/SubTabs.tsx';

/** Who rolls when, which griddle and spot, when to turn, when off. */
export function TurnsShell() {
  const isPlanned = useAppSelector((s) => Boolean(s.draft?.plan));
  return (
    <div className="flex h-full flex-col">
      <SubTabs
        label="Views of the turns"
        tabs={[
          { to: 'fires', name: 'Griddles and fires' },
          { to: 'people', name: 'Everyone’s list' },
          { to: 'calls', name: 'Roll call' },
          { to: 'idle', name: 'Waits and idle hands' },
        ]}
      />
      <div className="min-h-0 flex-1">{isPlanned ? <Outlet /> : <p className="p-6 text-quiet">Planning …</p>}</div>
    </div>
  );
}
