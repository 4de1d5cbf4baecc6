import { Link, useParams } from 'react-router';
import { stationName, type Workshop } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';

/** Screens of the same class for others to look at: one on the wall, one a station. */
export function OtherScreens({ workshop }: { readonly workshop: Workshop }) {
  const { classId = '' } = useParams();
  const screens: readonly (readonly [string, string])[] = [
    ['wall', 'On the wall'],
    ...workshop.stations.map((s) => [`station/${s.id}`, stationName(s)] as const),
  ];
  return (
    <nav aria-label="Screens for others" className="flex flex-wrap items-center gap-2 p-4 pb-0 print:hidden">
      <span className="text-lg">Screens to look at:</span>
      {screens.map(([to, words]) => (
        <Link key={to} to={`/class/${classId}/${to}`} target="_blank" className={TAP_BUTTON}>
          {words}
        </Link>
      ))}
    </nav>
  );
}
