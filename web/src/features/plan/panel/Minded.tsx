import { careLines, type Followed, type Workshop } from '@hodsman/core';
import { useRemarks } from '../../../store/care.ts';
import { useAppSelector } from '../../../store/hooks.ts';
import { Care } from '../../../bread-ui/Care.tsx';

/** Whom what is followed is about: a person, a station's people, those who make a bread; everybody where nothing is. */
function peopleOf(workshop: Workshop, followed: Followed | undefined): readonly string[] {
  switch (followed?.kind) {
    case 'person':
      return [followed.id];
    case 'station':
      return workshop.stations.find((s) => s.id === followed.id)?.members ?? [];
    default:
      return workshop.roster.map((p) => p.id);
  }
}

/** What is to be minded with those whose part of the board is looked at. */
export function Minded({ workshop }: { readonly workshop: Workshop }) {
  const followed = useAppSelector((s) => s.look.followed);
  const breadId = followed?.kind === 'bread' ? followed.id : undefined;
  const lines = careLines(workshop, useRemarks(), peopleOf(workshop, followed), breadId);
  if (lines.length === 0) return null;
  return (
    <section aria-label="To be minded" className="grid gap-1 border-l-3 border-trouble pl-2 text-sm">
      {lines.map((line) => (
        <Care key={line} words={line} />
      ))}
    </section>
  );
}
