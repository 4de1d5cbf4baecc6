import { useAppSelector } from '../../store/hooks.ts';
import { AddPeople } from './AddPeople.tsx';
import { Bookings } from './Bookings.tsx';
import { RosterTable } from './RosterTable.tsx';
import { SeatingBoard } from './SeatingBoard.tsx';
import { WaitingList } from './WaitingList.tsx';

/** Who comes, what they avoid, and where they stand. */
export function PeopleTab() {
  const record = useAppSelector((s) => s.draft?.body);
  if (!record) return null;
  return (
    <div className="mx-auto grid max-w-[100rem] items-start gap-x-8 gap-y-6 p-4 xl:grid-cols-[minmax(0,11fr)_minmax(0,9fr)]">
      <SeatingBoard record={record} />
      <div className="grid gap-6">
        <Bookings record={record} />
        <AddPeople record={record} />
        <WaitingList record={record} />
      </div>
      <div className="xl:col-span-2">
        <RosterTable record={record} />
      </div>
    </div>
  );
}
