import { readPieceId } from '../ids.ts';
import type { Break, BreakCode, BreakParams, GriddleReason } from '../plan/index.ts';
import { clockText, counted, durationText, fixedText, METRIC, writtenIn } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { namesOf, type Names } from './names.ts';

/** What a sentence is made of: names, clock times, and the tasks or batches that the break is about, in words. */
interface Said extends Names {
  readonly a: string;
  readonly b: string;
  readonly all: readonly string[];
  readonly clock: (sec: number) => string;
}

const grams = (g: number): string => `${fixedText(g, 1)} g`;
const lasting = (sec: number): string => durationText(Math.max(0, sec));

const griddleReason = (why: GriddleReason, n: Names): string => {
  switch (why.reason) {
    case 'size':
      return 'the bread does not fit on it';
    case 'surface':
      return `${why.surface} does not serve`;
    case 'station':
      return `${n.station(why.station)} may not use it`;
    case 'not-carried':
      return 'it cannot be carried to the fire';
  }
};

/** A sentence for every code; a code without one does not compile. */
const WORDS: { readonly [C in BreakCode]: (params: BreakParams[C], n: Said) => string } = {
  'batch-twice': (_, n) => `${n.a} is listed twice`,
  'batch-unasked': (_, n) => `no bread on the menu asks for ${n.a}`,
  'batch-missing': (_, n) => `${n.a} is not listed`,
  'batch-pieces': (_, n) => `${n.a} lists other pieces than it should`,
  'batch-mislabelled': (_, n) => `${n.a} names another bread, station or purpose`,
  'batch-mother': (p, n) => (p.isShare ? `${n.a} names no dough made ahead` : `${n.a} comes from no dough made ahead`),
  'batch-grams': (p, n) => {
    switch (p.of) {
      case 'dough':
        return `${n.a} weighs ${grams(p.rightG)}, not ${p.listedG} g`;
      case 'flour':
        return `${n.a} holds ${grams(p.rightG)} of flour, not ${p.listedG} g`;
      case 'ingredient':
        return `${n.a} takes ${grams(p.rightG)} of ${p.name}, not ${p.listedG === null ? 'none' : `${p.listedG} g`}`;
      case 'stranger':
        return `${p.name} is not in ${n.a}`;
    }
  },
  'mother-names': () => 'doughs made ahead are numbered from 1 on, without a gap',
  'mothers-too-many': (p) => `${counted(p.fewest, 'dough')} made ahead would do`,
  'mothers-unequal': (_, n) => `a move or exchange of shares would make ${n.a} and ${n.b} more equal`,
  'task-twice': (_, n) => `${n.a} is on the list twice`,
  'task-unasked': (p, n) => {
    switch (p.why) {
      case 'menu':
        return `nothing on the menu asks for ${n.a}`;
      case 'class':
        return `the class does not ask for ${n.a}`;
      case 'no-griddle':
        return `${n.a} heats no griddle of the kitchen`;
      case 'not-used':
        return `${n.a} is not needed`;
    }
  },
  'task-mislabelled': (_, n) => `${n.a} names another bread, step, dough or piece than it should`,
  'task-missing': (_, n) => `${n.a} is not on the list`,
  'out-of-order': (_, n) => `${n.b} starts before ${n.a} is over`,
  'waited-too-long': (p, n) => `${n.b} waits longer than ${p.mostMin} min`,
  'rest-misplaced': (p, n) =>
    p.at === 'start' ? `${n.b} does not begin when ${n.a} ends` : `${n.a} does not end when the next step begins`,
  'place-too-far': (p, n) => `${n.place(p.place)} is at ${p.tempC} °C, outside ${p.fromC} to ${p.toC} °C`,
  'window-wrong': (_, n) => `${n.a} lists another window than its step and place give`,
  'under-rested': (p, n) => `${n.a} lasts ${lasting(p.lastsSec)}, at least ${lasting(p.leastSec)}`,
  'over-rested': (p, n) => `${n.a} lasts ${lasting(p.lastsSec)}, at most ${lasting(p.mostSec)}`,
  'prepared-late': (_, n) => `${n.a} is not over when ${n.b} starts`,
  'wrong-length': (p, n) => `${n.a} should last ${lasting(p.rightSec)}`,
  'wrong-turns': (p, n) => `${n.a} should be turned at ${p.rightSecs.map(n.clock).join(', ') || 'no time'}`,
  'unknown-person': (_, n) => `${n.a} names somebody who is neither on the roster nor on the staff`,
  'two-at-once': (p, n) => `${n.person(p.person)} would do ${n.all.join(' and ')} at once`,
  'wrong-people': (p, n) => `${n.a} is for ${p.isOneOf ? 'one of ' : ''}${n.people(p.people)}`,
  'no-bench': (_, n) => `${n.a} should be at a bench of the kitchen`,
  'wrong-bench': (p, n) => `${n.a} should be at ${n.place(p.bench)}`,
  'bench-full': (p, n) => `${p.people} people would work at ${n.place(p.bench)}, which seats ${p.seats}`,
  'no-such-spot': (p, n) => `${n.griddle(p.griddle)} has ${counted(p.spots, 'spot')} for ${n.bread(p.bread)}`,
  'wrong-griddle': (p, n) => `${n.griddle(p.griddle)} will not do: ${griddleReason(p.why, n)}`,
  'changed-too-soon': (p, n) => `${n.griddle(p.griddle)} needs ${lasting(p.changeSec)} between two kinds of bread`,
  'spot-taken': (p, n) => `spot ${p.spot} of ${n.griddle(p.griddle)} is not free yet`,
  'reset-too-short': (p, n) => `spot ${p.spot} of ${n.griddle(p.griddle)} is not ready yet`,
  'carried-with-bread': (p, n) => `${n.griddle(p.griddle)} is carried to the fire with another bread on it`,
  'unequal-heat': (p, n) => `${n.griddle(p.griddle)} would be ${p.heats.join(' and ')} at once`,
  'too-many-at-once': (p, n) => `${n.griddle(p.griddle)} holds ${p.room} of the largest of these breads`,
  'laid-on-together': (p, n) => `two people lay on ${n.griddle(p.griddle)} within ${p.gapSec} s of each other`,
  'too-many-people': (p, n) =>
    `${p.people} people would stand at ${n.griddle(p.griddle)}, which has room for ${p.room}`,
  'preheat-length': (p, n) =>
    p.griddle === null ? `${n.a} takes no heat` : `${n.griddle(p.griddle)} takes ${lasting(p.rightSec)} to heat`,
  'preheat-late': (p, n) => `${n.griddle(p.griddle)} is used before it is hot`,
  'no-such-place': (p, n) => `${n.a} should be at a ${p.site} of the kitchen`,
  'slots-full': (p, n) => `${n.place(p.place)} takes ${p.slots} at once, not ${p.wanted}`,
  'not-at-the-fire': (p, n) => `${n.a} takes a ${p.site} from ${n.clock(p.fromSec)} to ${n.clock(p.toSec)}`,
  'fire-for-nothing': (_, n) => `${n.a} lists a fire that no phase of it takes`,
  'no-mixer': (_, n) => `${n.a} should be at a mixer of the kitchen`,
  'mixer-too-small': (p, n) => `${fixedText(p.doughG, 0)} g is more than ${n.place(p.mixer)} takes (${p.mostG} g)`,
  'mixer-taken': (p, n) => `${p.mixer === null ? 'the mixer' : n.place(p.mixer)} takes one dough at a time`,
  'too-much-by-hand': (p) => `${fixedText(p.doughG, 0)} g is more than hands can work (${p.mostG} g)`,
  'wrong-place': (p, n) => `${n.a} should lie in a place of kind ${p.site}`,
  'place-full': (p, n) => `${n.place(p.place)} takes ${counted(p.room, 'dough')}, not ${p.wanted}`,
  'not-one-staff': (p, n) =>
    p.site === null ? `${n.a} takes one member of staff` : `the ${p.site} in ${n.a} takes one member of staff`,
  'griddles-unwatched': (p) => `${p.griddles} griddles have bread on them, the staff can watch ${p.most}`,
  'look-for-nothing': (_, n) => `nobody is asked to look at ${n.a}`,
  'look-missing': (_, n) => `a member of staff should look at ${n.a}`,
  'look-by': (p, n) => `one member of staff looks at ${n.a}, and ${n.person(p.person)} is none`,
  'look-misplaced': (_, n) => `the look at ${n.a} lies at another time`,
  'demo-missing': (_, n) => `${n.a} is not on the list`,
  'demo-instructor': (_, n) => `${n.a} takes one instructor`,
  'demo-people': (p, n) => `${n.a} is for ${n.people(p.people)}`,
  'demo-early': (_, n) => `${n.a} begins before the welcome is over`,
  'before-demo': (_, n) => `${n.b} starts before ${n.a} is over`,
  'demo-without-dough': (_, n) => `${n.a} begins before its dough is ready`,
  'demo-place': (p, n) =>
    p.site === 'bench'
      ? `${n.a} should be at a bench of the kitchen`
      : `${n.a} should be at a griddle that serves ${n.bread(p.bread)}`,
  'demo-not-alone': (p, n) => `${n.griddle(p.griddle)} is taken by ${n.b}`,
  late: (_, n) => `${n.a} is over after table time`,
  stale: (p, n) => `${n.a} is over more than ${p.holdMin} min before the table`,
  'before-class': (_, n) => `${n.a} starts before the welcome is over`,
  'outside-prep': (p, n) =>
    p.isFridge ? `nobody is there to open the fridge for ${n.a}` : `${n.a} lies outside the prep times`,
  'class-dough-early': (_, n) => `${n.a} starts before the welcome is over`,
  'ahead-in-class': (_, n) => `${n.a} is not over when doors open`,
  'welcome-time': (p) => `the welcome begins when doors open and lasts ${lasting(p.rightSec)}`,
  'welcome-people': () => 'the welcome is for everyone and one instructor',
  'break-time': (p, n) =>
    p.rightSec === null ? `${n.a} lies outside its two times` : `${n.a} should last ${lasting(p.rightSec)}`,
  'break-people': (_, n) => `${n.a} is for everyone`,
  'work-in-break': (_, n) => `${n.b} falls into ${n.a}`,
  'bread-in-break': (p, n) => `${n.b} lies on ${n.griddle(p.griddle)} during ${n.a}`,
  'handles-avoided': (p, n) => `${n.person(p.person)} avoids ${p.what}, which is in ${n.bread(p.bread)}`,
  'prepares-avoided': (p, n) => `${n.person(p.person)} avoids ${p.what}, which is in ${p.ingredient}`,
  'after-avoided': (p, n) =>
    `${n.person(p.person)} avoids ${p.what}, which came to ${p.site === 'griddle' ? n.griddle(p.place) : n.place(p.place)} before`,
  'too-long-out': (p, n) => {
    const parts = readPieceId(p.piece);
    return `the dough of ${parts ? n.piece(parts) : n.a} is out of the cold for ${p.outMin} min, at most ${p.mostMin} min`;
  },
};

/** What is broken, in one sentence of the class's own names. */
export function breakWords(workshop: Workshop, broken: Break): string {
  const names = namesOf(workshop);
  const all = broken.tasks.map(names.task);
  const [a = 'the plan', b = a] = all;
  const clock = (sec: number): string => clockText(workshop, sec);
  // the table gives each code the function that takes its params
  const words = WORDS[broken.code] as (params: Break['params'], n: Said) => string;
  // the sentence goes into the plan file, which says the same on every device
  return writtenIn(METRIC, () => words(broken.params, { ...names, a, b, all, clock }));
}
