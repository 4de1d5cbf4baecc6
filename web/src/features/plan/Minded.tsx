import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { careLines, type Followed, type Workshop } from '@hodsman/core';
import { useRemarks } from '../../store/care.ts';
import { useAppSelector } from '../../store/hooks.ts';

/** Whom what is followed is about: a person, a station's people; everybody where nothing is, or a bread or a griddle. */
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

/** What is to be minded with those whose part of the board is looked at: over the board, so that it is in sight whatever is folded away. */
export function Minded({ workshop }: { readonly workshop: Workshop }) {
  const remarks = useRemarks();
  const followed = useAppSelector((s) => s.look.followed);
  const lines = useMemo(() => {
    const bread = followed?.kind === 'bread' ? followed.id : undefined;
    return careLines(workshop, remarks, peopleOf(workshop, followed), bread);
  }, [workshop, remarks, followed]);
  if (lines.length === 0) return null;
  return (
    <section
      aria-label="To be minded"
      tabIndex={0}
      className="flex max-h-16 shrink-0 flex-wrap items-center gap-x-5 overflow-y-auto border-b border-line bg-panel px-4 py-0.5 text-sm font-semibold -outline-offset-3"
    >
      {lines.map((line) => (
        <span key={line} className="flex items-center gap-1.5">
          <TriangleAlert size={13} aria-hidden className="shrink-0 text-trouble" />
          {line}
        </span>
      ))}
    </section>
  );
}
