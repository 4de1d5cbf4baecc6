import { pieceParts } from '../ids.ts';
import { piecesDone } from '../plan/index.ts';
import { kitNeeds } from '../provision/index.ts';
import { clockText } from '../units/index.ts';
import { namesOf } from '../words/index.ts';
import type { LiveState } from './fold.ts';

/** What one more person needs: their breads as they are planned, and whether an apron is left. */
export function foundFor(
  { workshop, plan }: Pick<LiveState, 'workshop' | 'plan'>,
  person: string,
): { readonly breads: readonly string[]; readonly isApronShort: boolean } {
  const names = namesOf(workshop);
  const breads = [...piecesDone(plan.tasks)]
    .map(([piece, doneSec]) => ({ ...pieceParts(piece), doneSec }))
    .filter((p) => p.owner === person)
    .map((p) => `${names.piece(p)}, done ${clockText(workshop, p.doneSec)}`);
  const aprons = kitNeeds(workshop, plan).find((n) => n.what === 'apron');
  return { breads, isApronShort: (aprons?.short ?? 0) > 0 };
}
