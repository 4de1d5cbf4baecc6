import { stepWords, type Warning } from '../plan/index.ts';
import { clockText, durationText, fixedText, METRIC, writtenIn } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { namesOf } from './names.ts';

const grams = (g: number): string => `${fixedText(g, 0)} g`;

/** A warning as a sentence, in the names of its class and, since it goes into the plan file, in the measures of files. */
export const warningWords = (workshop: Workshop, w: Warning): string => writtenIn(METRIC, () => words(workshop, w));

function words(workshop: Workshop, w: Warning): string {
  const { person, bread, batch } = namesOf(workshop);
  switch (w.code) {
    case 'no-bread':
      return `${person(w.person)} makes no bread`;
    case 'no-maker':
      return `nobody makes ${bread(w.bread)}`;
    case 'under-mixer-load':
      return `${batch(w.batch)} is only ${grams(w.doughG)}, the mixer wants ${w.leastG} g at least`;
    case 'small-batch':
      return `${batch(w.batch)} is only ${grams(w.doughG)}, under ${w.leastG} g hard to mix by hand`;
    case 'perishable-practice':
      return `${batch(w.batch)} holds ${w.ingredient}: into the fridge with it after class, or away`;
    case 'idle': {
      const span = `${clockText(workshop, w.fromSec)}–${clockText(workshop, w.toSec)}`;
      const filler =
        w.sideJob === null ? 'room for tasting, talk or washing up' : `${stepWords(w.sideJob)} could be done then`;
      return `${person(w.person)} has nothing to do ${span} (${durationText(w.toSec - w.fromSec)}); ${filler}`;
    }
  }
}
