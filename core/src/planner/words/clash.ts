import { clockText, durationText, elapsedSec } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Clash, Demand } from '../advice/index.ts';
import { boundWords } from './bound.ts';

/** Why a class cannot work, as clauses: the proof, or what does not go together. */
export const clashWords = (workshop: Workshop, clash: Clash): readonly string[] =>
  clash.isProven ? [boundWords(workshop, clash.proof)] : clash.demands.map((d) => demandWords(workshop, d));

/** What a class asks for, as a clause. */
function demandWords(workshop: Workshop, demand: Demand): string {
  switch (demand.kind) {
    case 'table-time':
      return `table time is ${clockText(workshop, elapsedSec(workshop, workshop.tableTime))}`;
    case 'fresh':
      return `all eat together and breads stay good for ${durationText(demand.sec)}`;
    case 'wait':
      return `shaped pieces wait no longer than ${durationText(demand.sec)}`;
    case 'rest-most':
      return `rests last ${durationText(demand.sec)} at most`;
    case 'rest-least':
      return `rests last ${durationText(demand.sec)} at least`;
    case 'griddles':
      return demand.count === 1 ? 'there is 1 griddle' : `there are ${demand.count} griddles`;
    case 'places':
      return 'resting places take only so many batches';
    case 'watch':
      return `each member of staff watches ${demand.count} griddles at most`;
    case 'staff':
      return `the staff are ${demand.count}`;
    case 'demos':
      return demand.count === 1 ? 'a demonstration comes first' : `${demand.count} demonstrations come first`;
    case 'breaks':
      return 'everyone has a break';
    case 'prep-times':
      return 'staff are there before class only in the prep times';
    case 'avoided':
      return 'what is strictly avoided comes to a griddle last';
    case 'cold':
      return `dough with milk, egg or the like is out of the cold for ${durationText(demand.sec)} at most`;
  }
}
