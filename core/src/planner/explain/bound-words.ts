import { given } from '../../faults/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import { namesOf } from '../../words/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Network } from '../network/index.ts';
import type { Bound } from '../search/index.ts';

/**
 * Why no plan can end before the bound, against the time that there is: "24 breads of 6 min on 2 spots need 76 min; between 10:35, when
 * the first can be laid on, and table time there are 55 min". A proof in one sentence.
 */
export function boundWords(workshop: Workshop, network: Network, { boundSec, by }: Bound): string {
  const { problem, sources, tableSec } = network;
  const neededSec = boundSec - by.headSec - by.tailSec;
  const thereSec = Math.max(0, tableSec - by.headSec - by.tailSec);
  const after = by.tailSec > 0 ? ` less ${durationText(by.tailSec)} for what comes after` : '';
  const there = `table time${after} there ${thereSec === 60 ? 'is' : 'are'} ${durationText(thereSec)}`;
  const nameOf = (resource: number): string =>
    namesOf(workshop).resource(given(problem.resources[resource], 'a bound is of a resource').id);
  switch (by.kind) {
    case 'plates': {
      const lengths = by.activities.map((a) =>
        Math.min(...(problem.activities[a]?.modes ?? []).map((m) => m.durationSec)),
      );
      const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
      const long = least === most ? durationText(least) : `${durationText(least)} to ${durationText(most)}`;
      return `${by.activities.length} breads of ${long}, ${by.atOnce} at a time, need ${durationText(neededSec)}; between ${clockText(workshop, by.headSec)}, when the first can be laid on, and ${there}`;
    }
    case 'resource': {
      const name = nameOf(by.resource);
      const of = network.room.all('standing').includes(by.resource) ? `at ${name}, where one can stand,` : `of ${name}`;
      return `${by.activities.length} tasks ${of} need ${durationText(neededSec)}; between ${clockText(workshop, by.headSec)}, when the first can begin, and ${there}`;
    }
    case 'pool':
      return `${by.activities.length} tasks of ${by.resources.map(nameOf).join(', ')} need ${durationText(neededSec)}; between ${clockText(workshop, by.headSec)}, when the first can begin, and ${there}`;
    case 'chain': {
      const names = by.activities.flatMap((a) => {
        const source = sources[a];
        return source?.demo ? ['demonstration'] : source?.step ? [source.step.id] : [];
      });
      return `one after another (${names.join(', ')}, with their least rests) take ${durationText(neededSec)}; between ${clockText(workshop, by.headSec)} and ${there}`;
    }
  }
}
