import { contentsOf, keepsOf, keepWords, unknownIn, type Bread } from '../bread/index.ts';
import { avoidedName } from '../foods/index.ts';
import { isCarried } from '../formula/index.ts';
import { cookPhases, isRest, type Step } from '../method/index.ts';
import { doughCards } from '../provision/index.ts';
import { isOfBread, stepWords, turnsOf, type Plan, type PlanTask } from '../plan/index.ts';
import { planClass } from '../planner/index.ts';
import {
  clockText,
  cmText,
  dayText,
  durationText,
  gramsText,
  celsiusText,
  METRIC,
  minutesOfIso,
  ownMeasures,
  type OwnMeasures,
  US_CUSTOMARY,
  writtenIn,
} from '../units/index.ts';
import { brokenWords, whatWords } from '../words/index.ts';
import {
  careLines,
  careWords,
  lacksOf,
  linesOf,
  needsOf,
  withAdded,
  type ClassRecord,
  type HomeMeasuresOf,
  type Participant,
  type Workshop,
} from '../workshop/index.ts';
import { card, noteWords, row, type Sheet, type SheetCard, type SheetRow } from './sheet.ts';

/** What somebody has at home. */
export interface AtHome {
  /** So many breads lie in the pan at once. */
  readonly inPan: number;
}

const PAN_ID = 'pan';
/** A pan at home heats through in so long (common practice). */
const PAN_PREHEAT_MIN = 5;
/** What a scale at home shows (common practice). */
const HOME_SCALE_G = 1;
/** A bread has the whole of a day; the card counts from its start. */
const DOORS = '00:00';
const TABLE = '23:59';

/** How figures are written for those who have said what they measure with: units, and kitchen measures beside them. */
const AS_SAID: Readonly<
  Record<HomeMeasuresOf['measures'], { readonly own: OwnMeasures; readonly cups: ClassRecord['notes']['measures'] }>
> = {
  grams: { own: METRIC, cups: 'none' },
  'metric-cups': { own: METRIC, cups: 'metric' },
  'us-cups': { own: US_CUSTOMARY, cups: 'us' },
};

/** A step as one does it alone: nobody looks over a shoulder, nobody of a staff stands at the flame, and any pan serves. */
function atHome(step: Step): Step {
  if (isRest(step)) return { ...step, look: false };
  const own = { ...step, look: false, by: step.by === 'staff' ? ('owner' as const) : step.by };
  if (own.kind !== 'cook') return own;
  const { surfaces: _, ...any } = own;
  return any.phases ? { ...any, phases: any.phases.map(({ by: _by, ...phase }) => phase) } : any;
}

/** A bread as one person makes it at home: alone, on one bench, with one pan, in the warmth of the class's room. */
function homeClass(workshop: Workshop, person: Participant, bread: Bread, breads: number, home: AtHome): Workshop {
  const { variantOf: _, ...alone } = bread;
  const lone: Bread = { ...alone, steps: bread.steps.map(atHome) };
  const { name, roomC, places, tapC, flourC, handFrictionC } = workshop.kitchen;
  const kitchen: Workshop['kitchen'] = {
    name,
    roomC,
    places,
    benches: [{ id: 'bench', seats: 1 }],
    griddles: [
      {
        id: PAN_ID,
        name: 'the pan',
        surface: 'cast-iron',
        shape: 'round',
        diameterCm: 28,
        preheatMin: PAN_PREHEAT_MIN,
        resetSec: 0,
        changeSec: 0,
        portable: true,
        spots: { [bread.id]: home.inPan },
      },
    ],
    grills: [],
    flames: [],
    mixers: [],
    staff: [{ id: 'helper', name: 'you', role: 'instructor', pace: 1 }],
    griddleGapCm: 1,
    griddlesPerStaff: 4,
    layOnGapSec: 0,
    handMaxDoughG: 3000,
    safeOutMin: workshop.kitchen.safeOutMin,
    // the water is as it was in class: by the same flour, the same hands
    ...(tapC !== undefined && { tapC }),
    ...(flourC !== undefined && { flourC }),
    ...(handFrictionC !== undefined && { handFrictionC }),
  };
  const whole = withAdded(kitchen, lacksOf(kitchen, needsOf(lone)));
  return {
    format: 'hodsman-workshop',
    version: 2,
    title: `${bread.name} at home`,
    date: workshop.date,
    timeZone: workshop.timeZone,
    doorsOpen: DOORS,
    tableTime: TABLE,
    prepTimes: [],
    service: 'as-cooked',
    welcomeMin: 0,
    idleMaxMin: 20,
    breaks: [],
    kitchen: whole,
    breads: [lone],
    roster: [{ ...person, pace: 1 }],
    stations: [{ id: 'home', bench: 'bench', members: [person.id] }],
    menu: [{ bread: bread.id, each: breads, per: 'participant', spares: 0, dough: { mode: 'station' }, mixer: false }],
    demos: [],
  };
}

/** A recipe for somebody's kitchen: the class that it is planned as, its plan, and the card. */
export interface HomeRecipe {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly card: SheetCard;
  /** What helps at each step, for the back. */
  readonly back: SheetCard;
}

/**
 * The recipes that somebody takes home, one for each bread that they made, planned anew for their own kitchen. Of a bread that holds what
 * they avoid there is none, whoever put them to it.
 */
export function homeRecipes(record: ClassRecord, person: Participant, home: AtHome): readonly HomeRecipe[] {
  const { workshop, notes } = record;
  const said = notes.homeMeasures.find((h) => h.person === person.id)?.measures;
  const { own: written, cups } = said ? AS_SAID[said] : { own: ownMeasures(), cups: notes.measures };
  return linesOf(workshop)
    .filter((l) => l.makers.has(person.id) && !person.avoid.some((a) => l.holds.has(a.what)))
    .map(({ bread, menu }): HomeRecipe => {
      const own = homeClass(workshop, person, bread, menu.per === 'station' ? 1 : menu.each, home);
      const plan = planClass(own, { goal: 'short', effort: 0 });
      const helps = bread.steps.flatMap((s) => {
        const words = noteWords(s);
        return words === '' ? [] : [[stepWords(s.id), words] as const];
      });
      const minded = careWords(workshop, notes.remarks, person.id, bread.id);
      const care = minded === '' ? [] : [minded];
      return {
        workshop: own,
        plan,
        card: { ...writtenIn(written, () => recipeCard({ bread, person, own, plan, measures: cups })), care },
        back: card(`${bread.name}: why, and what helps`, {
          care,
          notes: [...helps, ...keepingOf(bread).map((words) => ['Keeping', words] as const)],
          page: `${person.id} back`,
        }),
      };
    });
}

const sentence = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;

/** How a bread keeps and is brought back, as it says itself; where it does not, what is usual (common practice). */
function keepingOf(bread: Bread): readonly string[] {
  const said = keepsOf(bread, 'bread').map((k) =>
    [sentence(keepWords(k)), k.again === undefined ? '' : `To bring back: ${k.again}.`].filter(Boolean).join(' '),
  );
  if (said.length > 0) return said;
  const cooks = bread.steps.some((s) => !isRest(s) && cookPhases(s).length > 0);
  return [
    'Best on the day; wrapped until the next, frozen a month.',
    ...(cooks ? ['To bring back: dry hot pan, 30 s a side.'] : []),
  ];
}

interface ForCard extends Pick<HomeRecipe, 'plan'> {
  readonly bread: Bread;
  readonly person: Participant;
  readonly own: Workshop;
  readonly measures: ClassRecord['notes']['measures'];
}

/** What is weighed, and each stage with its time from the start. */
function recipeCard({ bread, person, own, plan, measures }: ForCard): SheetCard {
  const pieces = plan.batches.reduce((sum, b) => sum + b.pieces.length, 0);
  const weighed = doughCards(own, plan, { scaleG: HOME_SCALE_G, measures })
    .flatMap((c) => [...c.rows, ...c.outside].map((r) => ({ r, waterC: c.water?.waterC })))
    .filter(({ r }) => r.g > 0)
    .map(({ r, waterC }): SheetRow => {
      const of = bread.ingredients.find((i) => i.name === r.name && i.use === 'dough');
      const tempC = of?.tempC ?? (of?.role === 'water' && r.use === 'dough' ? waterC : undefined);
      const warmth = tempC === undefined ? '' : celsiusText(tempC);
      return row(r.text, r.name, { more: [r.measure ?? '', warmth, ...r.hints].filter(Boolean).join(', ') });
    });
  const startSec = Math.min(...plan.tasks.map((t) => t.startSec));
  const doneSec = Math.max(...plan.tasks.map((t) => t.endSec));
  // with this pan, or within a day, it may not work out: who bakes it has to know
  const wrong = brokenWords(plan).map((b) => row('', `Does not work out so: ${b.words}.`));
  return card(bread.name, {
    under: `${person.name} · ${pieces} of ${gramsText(bread.piece.doughG)}, ${cmText(bread.piece.diameterCm)} across · ${durationText(doneSec - startSec)} from start to end`,
    rows: [...wrong, ...weighed, ...stages(plan.tasks, startSec)],
    page: person.id,
  });
}

/** Each stage once, with when it begins, counted from the start: what is done to every piece is one stage. */
function stages(tasks: readonly PlanTask[], startSec: number): readonly SheetRow[] {
  const groups = new Map<string, PlanTask[]>();
  for (const t of [...tasks].sort((a, b) => a.startSec - b.startSec)) {
    const key = isOfBread(t) ? t.step : t.kind;
    groups.set(key, [...(groups.get(key) ?? []), t]);
  }
  return [...groups.values()].flatMap((list): readonly SheetRow[] => {
    const [first] = list;
    if (!first) return [];
    const [turn] = turnsOf(first);
    const each = list.length > 1 ? ` each, ${list.length} times` : '';
    const more =
      first.kind === 'rest'
        ? `${durationText(first.endSec - first.startSec)}, at least ${durationText(first.window.minSec)}, at most ${durationText(first.window.maxSec)}`
        : `${durationText(first.endSec - first.startSec)}${each}${turn === undefined ? '' : `, turn after ${durationText(turn - first.startSec)}`}`;
    return [
      row(`+${durationText(first.startSec - startSec)}`, first.kind === 'preheat' ? 'heat the pan' : whatWords(first), {
        more,
      }),
    ];
  });
}

/** The recipe cards of everybody. */
export function homeCards(record: ClassRecord, home: AtHome): Sheet {
  const cards = record.workshop.roster.flatMap((p) => {
    const recipes = homeRecipes(record, p, home);
    return [...recipes.map((r) => r.card), ...recipes.map((r) => r.back).filter((b) => b.notes.length > 0)];
  });
  return { kind: 'home-cards', place: 'home', title: 'Recipes for home', reader: 'everybody', cards, isLabels: false };
}

/** Dough keeps so long in a fridge where its bread does not say (common practice: a day, two at the most). */
const FRIDGE_MIN = 24 * 60;
/** A cold piece loses its chill in so long (common practice). */
const CHILL_MIN = 60;

/** A card for dough that is taken home: until when, how long it loses its chill, and how it is finished; one for each bread. */
export function doughToGo({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const cards = linesOf(workshop).map(({ bread }): SheetCard => {
    const mixedSec = Math.min(
      ...plan.tasks.filter((t) => t.bread === bread.id && t.batch !== undefined).map((t) => t.startSec),
    );
    const rest = (kind: 'chill' | 'temper') => bread.steps.filter(isRest).find((s) => s.kind === kind)?.window;
    const [said] = keepsOf(bread, 'dough');
    const keepMin = minutesOfIso(said?.max) ?? rest('chill')?.max ?? FRIDGE_MIN;
    const untilSec = (Number.isFinite(mixedSec) ? mixedSec : 0) + 60 * keepMin;
    const at = Math.max(
      0,
      bread.steps.findIndex((s) => s.kind === 'divide'),
    );
    const finish = bread.steps
      .slice(at)
      .filter((s) => s.kind !== 'prepare' && s.kind !== 'chill' && s.kind !== 'temper');
    return card(`Dough for ${bread.name}`, {
      under: `${said?.how ?? 'in the fridge'}, at once; bake by ${dayText(workshop, untilSec, 'plain')}, ${clockText(workshop, untilSec)}`,
      care: careLines(
        workshop,
        notes.remarks,
        workshop.roster.map((p) => p.id),
        bread.id,
      ),
      rows: [
        said?.again === undefined
          ? row(
              durationText(60 * (rest('temper')?.ideal ?? CHILL_MIN)),
              'out of the fridge, covered, to lose its chill',
            )
          : row('', `out of the fridge: ${said.again}`),
        ...finish.map((s) =>
          row(
            isRest(s)
              ? durationText(60 * s.window.ideal)
              : durationText(
                  cookPhases(s).reduce((sum, p) => sum + p.sec, 0) ||
                    60 * ((s.minutes ?? 0) + (s.minutesPerPiece ?? 0)),
                ),
            stepWords(s.id),
            { more: [s.cue === undefined ? '' : `until: ${s.cue}`, s.caution ?? ''].filter(Boolean).join(' · ') },
          ),
        ),
      ],
    });
  });
  return {
    kind: 'dough-cards',
    place: 'home',
    title: 'Dough to take home',
    reader: 'everybody',
    cards,
    isLabels: false,
  };
}

/** Labels for what is taken home, by person and bread: what it is, when it was made, allergens by name, how it keeps. */
export function breadLabels({ workshop }: ClassRecord): Sheet {
  const made = dayText(workshop, 0, 'plain');
  const cards = workshop.roster.flatMap((p) =>
    linesOf(workshop)
      .filter((l) => l.makers.has(p.id))
      .map(({ bread }): SheetCard => {
        // what their piece truly holds, whatever they avoid: a label promises nothing
        const avoided = new Set(p.avoid.map((a) => a.what));
        const own = { ingredients: bread.ingredients.filter((i, _, all) => isCarried(i, all, avoided)) };
        const held = contentsOf(own).filter((c) => c.kind === 'allergen');
        const unknown = unknownIn(own);
        return card(bread.name, {
          under: `${p.name}, made ${made}`,
          care: [
            ...(held.length === 0 ? [] : [`Contains ${held.map((c) => avoidedName(c.word)).join(', ')}`]),
            ...(unknown.length === 0 ? [] : [`Not known: ${unknown.join(', ')}`]),
          ],
          rows: keepingOf(bread).map((words) => row('', words)),
        });
      }),
  );
  return { kind: 'bread-labels', place: 'home', title: 'Labels for breads', reader: 'bags', cards, isLabels: true };
}
