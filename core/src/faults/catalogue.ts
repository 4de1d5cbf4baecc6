/** The figures and words of one fault; `words` below turns them into a sentence. */
export type FaultParams = Readonly<Record<string, string | number>>;

interface FaultKind {
  /** A fault refuses what it is found in; a warning lets it pass. */
  readonly severity: 'fault' | 'warning';
  /** What is wrong and what is expected, without the path. */
  readonly words: (p: FaultParams) => string;
}

const kind = (words: (p: FaultParams) => string): FaultKind => ({ severity: 'fault', words });
const warning = (words: (p: FaultParams) => string): FaultKind => ({ severity: 'warning', words });
const str = (p: FaultParams, key: string): string => String(p[key]);

/** Every fault that the core reports, by code. */
export const FAULTS = {
  // the form of a file
  'not-json': kind((p) => `is not JSON (${str(p, 'reason')}), expected a JSON document`),
  'file-too-large': kind((p) => `is ${str(p, 'bytes')} bytes long, expected at most ${str(p, 'limit')}`),
  'file-too-deep': kind((p) => `is nested ${str(p, 'depth')} levels deep, expected at most ${str(p, 'limit')}`),
  'newer-form': kind(
    (p) => `is of form ${str(p, 'form')}, expected at most ${str(p, 'current')}: a newer Hodsman wrote it`,
  ),
  'newer-version': kind(
    (p) => `is ${str(p, 'version')}, expected at most ${str(p, 'latest')}: a newer Hodsman wrote this file`,
  ),
  'not-a-recipe': kind(() => 'is JSON of another kind, expected a schema.org Recipe or a bread of this application'),
  missing: kind((p) => `is missing, expected ${str(p, 'expected')}`),
  'wrong-type': kind((p) => `is ${str(p, 'received')}, expected ${str(p, 'expected')}`),
  'unknown-key': kind(
    (p) => `is no key of the format, expected one of its own${p['hint'] ? ` (did you mean ${str(p, 'hint')}?)` : ''}`,
  ),
  'not-one-of': kind((p) => `is ${str(p, 'received')}, expected one of ${str(p, 'options')}`),
  'too-small': kind((p) => `is ${str(p, 'received')}, expected at least ${str(p, 'limit')}`),
  'too-big': kind((p) => `is ${str(p, 'received')}, expected at most ${str(p, 'limit')}`),
  'bad-form': kind((p) => `is "${str(p, 'received')}", expected ${str(p, 'expected')}`),
  // references
  'duplicate-id': kind((p) => `repeats the id ${str(p, 'id')}, expected every id once in its list`),
  'unknown-id': kind(
    (p) => `names ${str(p, 'id')}${p['owner'] ? ` for ${str(p, 'owner')}` : ''}, expected the id of ${str(p, 'what')}`,
  ),
  'line-twice': kind((p) => `is a second line of ${str(p, 'id')}, expected one line a bread`),
  // what makes no sense
  'not-a-date': kind((p) => `is "${str(p, 'received')}", expected ${str(p, 'expected')} that exists`),
  'table-before-doors': kind(() => `lies at or before doorsOpen, expected a later time of the same day`),
  'ends-before-start': kind(() => `ends before it starts, expected the end after the start`),
  'break-too-long': kind(
    (p) => `takes ${str(p, 'minutes')} min, expected no more than the ${str(p, 'room')} min between after and before`,
  ),
  'nobody-takes-part': kind(() => `is empty, expected at least one participant`),
  'flour-not-100': kind((p) => `add up to ${str(p, 'sum')} % of flour, expected 100 %`),
  'no-dough': kind(() => `hold no dough ingredient with a percentage, expected flour at least`),
  'amount-missing': kind((p) => `has no amount, expected ${str(p, 'expected')}`),
  'amount-not-its-own': kind((p) => `is given for use ${str(p, 'use')}, expected ${str(p, 'expected')}`),
  'optional-dough': kind(() => `is set on a dough ingredient, expected only outside the dough`),
  'width-over-length': kind(
    (p) => `is ${str(p, 'widthCm')} cm, expected at most the ${str(p, 'diameterCm')} cm of diameterCm`,
  ),
  'instead-of-nothing': kind(
    (p) => `names ${str(p, 'name')}, expected one optional ingredient of that name in the same bread`,
  ),
  'instead-by-dough': kind(() => `is set on an ingredient of the dough, expected one that is used beside it`),
  'instead-without-pieces': kind(() => `has no gPerPiece, expected grams a piece`),
  'instead-optional': kind(() => `is set on a stand-in, expected only on what it stands in for`),
  'demo-without-batch': kind((p) => `names ${str(p, 'id')}, expected a station that makes ${str(p, 'bread')}`),
  'variant-of-variant': kind((p) => `names ${str(p, 'id')}, a variant itself, expected a bread that is no variant`),
  'window-order': kind(
    (p) =>
      `is ${str(p, 'min')}, ${str(p, 'ideal')}, ${str(p, 'max')} (least, ideal, most), expected them in rising order`,
  ),
  'window-of-nothing': kind(() => `lasts no time at all, expected a greatest time above 0`),
  'batch-after-piece': kind(() => `is a batch step after a piece step, expected piece steps from there on`),
  'no-piece-step': kind(() => `have no piece step, expected at least one`),
  'wait-after-rest': kind(() => `follows a rest, expected only after an active step`),
  'owner-of-batch': kind(() => `is owner on a batch step, expected team, one or staff`),
  'no-duration': kind(() => `has no time, expected minutes, minutesPerPiece or phases`),
  'phases-and-minutes': kind(() => `stands beside phases, expected one of them`),
  'phase-by-without-with': kind(() => `is given without "with", expected a flame or grill beside it`),
  'prepare-at-griddle': kind(() => `is a griddle, expected bench, grill or flame`),
  'q10-without-reference': kind(() => `needs both refC and q10, expected the two together`),
  'place-lacking': kind((p) => `needs a place of kind ${str(p, 'kind')}, expected the kitchen to have one`),
  'place-too-far': kind((p) => `needs a ${str(p, 'kind')} place of 10 to 40 °C, expected the kitchen to have one`),
  'fits-no-griddle': kind(
    (p) => `is ${str(p, 'diameterCm')} cm across and fits no griddle that ${str(p, 'station')} may use, expected one`,
  ),
  'two-stations': kind((p) => `stands at two stations (${str(p, 'id')}), expected one`),
  'maker-without-station': kind((p) => `makes ${str(p, 'bread')} and stands at no station, expected one`),
  'station-empty': kind((p) => `has no members, expected at least one (${str(p, 'id')})`),
  'for-avoids': kind(
    (p) => `names ${str(p, 'id')}, who avoids ${str(p, 'what')}, expected somebody who can eat ${str(p, 'bread')}`,
  ),
  'not-a-batch-step': kind((p) => `names ${str(p, 'id')}, expected a batch step of ${str(p, 'bread')}`),
  'demo-before-rest': kind((p) => `names ${str(p, 'id')}, a rest, expected an active step`),
  'no-seat': kind((p) => `would be ${str(p, 'wanted')}, expected at most the ${str(p, 'seats')} seats of the benches`),
  // what an instructor should know of a bread that can be read
  'salt-unusual': warning(
    (p) => `salt is ${str(p, 'pct')} % of the flour, expected ${str(p, 'from')} to ${str(p, 'to')} %`,
  ),
  'figure-unusual': warning(
    (p) => `${str(p, 'what')} is ${str(p, 'pct')} %, expected for this family ${str(p, 'from')} to ${str(p, 'to')} %`,
  ),
  'proof-without-leaven': warning(() => 'is a proof, but nothing in the dough raises it'),
  'leaven-without-rest': warning(() => 'hold no rest, but the dough has yeast, which needs time'),
  'yeast-in-hot-water': warning((p) => `is ${str(p, 'tempC')} °C, but yeast dies over ${str(p, 'limit')} °C`),
  'yogurt-in-hot-water': warning(
    (p) => `is ${str(p, 'tempC')} °C, but yogurt curdles and its culture dies over ${str(p, 'limit')} °C`,
  ),
  'is-a-batter': warning(
    (p) => `hydration is ${str(p, 'pct')} %, expected at most ${str(p, 'limit')} % for a dough that hands can shape`,
  ),
  'chilled-without-tempering': warning(
    (p) => `${str(p, 'step')} is in the fridge, and the dough is shaped straight from it`,
  ),
  'too-long-in-the-warm': warning(
    (p) =>
      `keep a dough with egg, dairy or meat ${str(p, 'minutes')} min out of the cold, the limit is ${str(p, 'limit')} min`,
  ),
  'no-hand-over': warning(
    (p) => `have no batch step after which the dough may wait ${str(p, 'minutes')} min, so it cannot be made ahead`,
  ),
  'size-disagrees': warning(
    (p) =>
      `of ${str(p, 'doughG')} g, ${str(p, 'diameterCm')} cm across and ${str(p, 'thicknessMm')} mm thick would weigh ${str(p, 'density')} g/cm³; dough weighs 0.75 to 1.15`,
  ),
  'scald-without-caution': warning(() => 'is missing, but scalding water goes into this dough'),
  'fire-not-staffed': warning((p) => `${str(p, 'step')} is at a flame or grill and not done by staff`),
  // a class that runs
  'event-ahead': kind(
    (p) => `lies ${str(p, 'minutes')} min ahead of the server's clock, expected a moment that has been`,
  ),
  'event-unknown': kind((p) => `names ${str(p, 'id')}, expected ${str(p, 'what')}`),
  'event-twice': kind(() => 'was sent before with other content, expected the same or another id'),
  'class-started': kind(() => 'starts a class that runs already, expected one start'),
  'class-not-started': kind(() => 'belongs to a class that was not started, expected the start first'),
  'class-ended': kind(() => 'belongs to a class that has ended, expected it to be opened again first'),
} as const satisfies Record<string, FaultKind>;

export type FaultCode = keyof typeof FAULTS;

/** One thing that is wrong: its code, the path of the key (`breads[0].steps[2].window`), and the figures for its words. */
export interface Fault {
  readonly code: FaultCode;
  readonly path: string;
  readonly params: FaultParams;
}

/** Makes a fault. */
export function fault(code: FaultCode, path: string, params: FaultParams = {}): Fault {
  return { code, path, params };
}

/** What is wrong and what is expected, without the path. */
export function faultWords(f: Fault): string {
  return FAULTS[f.code].words(f.params);
}

/** One line, `path: what is wrong, what is expected`; the path of a whole file is `file`. */
export function faultLine(f: Fault): string {
  return `${f.path === '' ? 'file' : f.path}: ${faultWords(f)}`;
}
