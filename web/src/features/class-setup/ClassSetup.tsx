import { useAppSelector } from '../../app/hooks.ts';
import { ClassTimes } from './ClassTimes.tsx';
import { GriddlesFromAbove } from './GriddlesFromAbove.tsx';
import { StationsList } from './StationsList.tsx';

/** When the class is, who comes, who stands where, and what the griddles carry. */
export function ClassSetup() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  if (!workshop) return null;
  return (
    <div className="mx-auto grid max-w-6xl gap-8 p-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      <div className="grid content-start gap-8">
        <ClassTimes workshop={workshop} />
        <GriddlesFromAbove workshop={workshop} />
      </div>
      <StationsList workshop={workshop} />
    </div>
  );
}
