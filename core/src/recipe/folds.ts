import { durationsIn, type Duration } from './durations.ts';
import { RESTS, type StepDraft } from './step-draft.ts';

/** When a dough that lies is folded, where words tell it: minutes from the beginning, every so many minutes, or halfway. */
type Folds =
  | { readonly after: readonly number[] }
  | { readonly everyMin: number; readonly most: number }
  | { readonly isHalfway: true };

const MOMENT = String.raw`\d+(?:\.\d+)?(?: ?(?:h(?:ours?|rs?)?|min(?:ute)?s?))?`;
const FOLDING = String.raw`fold(?:s|ing|ed)?(?: (?:it|the dough|once|gently|well))*`;
const AT_MOMENTS = new RegExp(
  String.raw`\b${FOLDING} (?:after|at) (?:about )?((?:${MOMENT}(?:,? and |, | ?\/ ?| & | (?=\d))?(?:(?:at|after) )?)+)`,
  'i',
);
const EVERY = new RegExp(
  String.raw`\b(?:${FOLDING}|\d+ (?:sets of )?(?:stretch and )?folds),? every (?:about )?(${MOMENT})`,
  'i',
);
const SETS = /\b(\d) (?:sets? of )?(?:stretch(?:es)? and )?folds\b/i;
/** "Three folds in the first 90 minutes". */
const IN_FIRST = new RegExp(
  String.raw`\b(\d) (?:sets? of )?(?:stretch(?:es)? and )?folds? (?:with)?in the first (hour\b|${MOMENT})`,
  'i',
);
const HALFWAY = new RegExp(String.raw`\b${FOLDING} half-?way\b`, 'i');

const inMinutes = (figure: string, unit: string): number => Number(figure) * (/^h/i.test(unit) ? 60 : 1);

/** Moments of a list; one without a unit has that of the next. */
function momentsIn(list: string): readonly number[] {
  const found = [...list.matchAll(/(\d+(?:\.\d+)?) ?(h|min)?/gi)].map(([, n = '', unit]) => ({ n, unit }));
  return found.map(({ n, unit }, i) => {
    const next = found.slice(i + 1).find((f) => f.unit !== undefined)?.unit;
    return inMinutes(n, unit ?? next ?? 'min');
  });
}

/** When the words of a rest, in one spelling, tell that it is folded; undefined where they do not, or only how often. */
function foldsIn(text: string): Folds | undefined {
  const [, list] = AT_MOMENTS.exec(text) ?? [];
  if (list !== undefined) return { after: momentsIn(list) };
  const [, every] = EVERY.exec(text) ?? [];
  const [everyMin] = every === undefined ? [] : momentsIn(every);
  if (everyMin !== undefined) return { everyMin, most: Number(SETS.exec(text)?.[1] ?? Infinity) };
  const [, count = '', first] = IN_FIRST.exec(text) ?? [];
  const [firstMin] = first === undefined ? [] : first === 'hour' ? [60] : momentsIn(first);
  if (firstMin !== undefined)
    return { after: Array.from({ length: Number(count) }, (_, n) => ((n + 1) * firstMin) / Number(count)) };
  return HALFWAY.test(text) ? { isHalfway: true } : undefined;
}

/** Minutes at which a dough that lies for `wholeMin` is folded, all within that time. */
function momentsOf(folds: Folds, wholeMin: number): readonly number[] {
  if ('after' in folds) return folds.after.filter((m) => m < wholeMin);
  if ('isHalfway' in folds) return [wholeMin / 2];
  const fits = Math.min(folds.most, Math.ceil(wholeMin / folds.everyMin) - 1);
  return Array.from({ length: Math.max(0, fits) }, (_, n) => (n + 1) * folds.everyMin);
}

/** Whether folding that is told behind a rest is done within it. */
function isWithin(rest: StepDraft | undefined, fold: StepDraft | undefined): boolean {
  const wholeMin = rest?.times.at(-1)?.ideal ?? 0;
  const folds = fold?.action === 'fold' && rest && RESTS.has(rest.action) ? foldsIn(fold.text) : undefined;
  if (!folds) return false;
  return 'after' in folds ? folds.after.every((m) => m < wholeMin) : momentsOf(folds, wholeMin).length > 0;
}

/** "Fold after 30 min, bulk in all 90": told before or behind the proof that it is within. */
const foldsInAll = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.flatMap((d, n): readonly StepDraft[] => {
    const [before, next] = [drafts[n - 1], drafts[n + 1]];
    const isInAll = (x: StepDraft | undefined): boolean => x?.action === 'proof' && /\bin all\b/i.test(x.text);
    const tellsFolds = (x: StepDraft | undefined): boolean => x?.action === 'fold' && foldsIn(x.text) !== undefined;
    const withTextOf = (other: StepDraft): StepDraft => ({
      ...d,
      text: `${d.text}, ${other.text}`,
      spans: [...d.spans, ...other.spans],
      foldTimes: [...(d.foldTimes ?? []), ...(other.foldTimes ?? [])],
    });
    if (isWithin(before, d) || (tellsFolds(d) && isInAll(next))) return [];
    if (next && isWithin(d, next)) return [withTextOf(next)];
    return before && tellsFolds(before) && isInAll(d) ? [withTextOf(before)] : [d];
  });

/** "Ferment 60 minutes with a fold after 30", "a fold every half hour": the time before each fold, the fold, and what is left. */
export const withFolds = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  foldsInAll(drafts).flatMap((d): readonly StepDraft[] => {
    const whole = d.times.at(-1);
    const folds = whole && RESTS.has(d.action) && !d.isBeside ? foldsIn(d.text) : undefined;
    const moments = whole && folds ? momentsOf(folds, whole.ideal) : [];
    if (!whole || moments.length === 0) return [d];
    const timeOf = (n: number): Duration => {
      const told = durationsIn(`${(moments[n] ?? 0) - (moments[n - 1] ?? 0)} min`)[0];
      // the words that tell the moment are those of this rest
      const { text, at, span } = d.foldTimes?.find((t) => t.ideal === moments[n]) ?? d.foldTimes?.[n] ?? whole;
      return { ...(told ?? whole), text, at, ...(span ? { span } : {}) };
    };
    const less = (min: number): number => Math.max(1, min - (moments.at(-1) ?? 0));
    const left = { ...whole, least: less(whole.least), ideal: less(whole.ideal), most: less(whole.most) };
    return [
      ...moments.flatMap((_, n): readonly StepDraft[] => [
        { ...d, ...(n === 0 ? {} : { text: '', spans: [] }), times: [timeOf(n)], cue: undefined },
        { ...d, action: 'fold', text: '', spans: [], times: [], cue: undefined },
      ]),
      { ...d, text: '', times: [left] },
    ];
  });
