import { stepWords } from '../../plan/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import { namesOf } from '../../words/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { BoundProof } from '../explain/index.ts';

/**
 * Why no plan can end before the bound, against the time that there is: "24 breads of 6 min on 2 spots need 76 min; between 10:35, when
 * the first can be laid on, and table time there are 55 min". A proof in one sentence.
 */
export function boundWords(workshop: Workshop, proof: BoundProof): string {
  const { neededSec, fromSec, tailSec, thereSec } = proof;
  const after = tailSec > 0 ? ` less ${durationText(tailSec)} for what comes after` : '';
  const there = `table time${after} there ${thereSec === 60 ? 'is' : 'are'} ${durationText(thereSec)}`;
  const need = `need ${durationText(neededSec)}; between ${clockText(workshop, fromSec)}`;
  const nameOf = namesOf(workshop).resource;
  switch (proof.kind) {
    case 'plates': {
      const { count, leastSec, mostSec, atOnce } = proof;
      const long =
        leastSec === mostSec ? durationText(leastSec) : `${durationText(leastSec)} to ${durationText(mostSec)}`;
      return `${count} breads of ${long}, ${atOnce} at a time, ${need}, when the first can be laid on, and ${there}`;
    }
    case 'resource': {
      const name = nameOf(proof.id);
      const of = proof.isStanding ? `at ${name}, where one can stand,` : `of ${name}`;
      return `${proof.count} tasks ${of} ${need}, when the first can begin, and ${there}`;
    }
    case 'pool':
      return `${proof.count} tasks of ${proof.ids.map(nameOf).join(', ')} ${need}, when the first can begin, and ${there}`;
    case 'chain': {
      const names = proof.steps.map((s) => (s === null ? 'demonstration' : stepWords(s)));
      return `one after another (${names.join(', ')}, with their least rests) take ${durationText(neededSec)}; between ${clockText(workshop, fromSec)} and ${there}`;
    }
  }
}
