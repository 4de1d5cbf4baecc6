import { foodsIn } from '../foods/index.ts';
import type { Action } from './actions.ts';
import { isFoodAlone } from './for-later.ts';
import { RESTS, type StepDraft } from './step-draft.ts';

/** What is rubbed, or rolled in something, once the bread is cooked is the bread, and no dough. */
export const withRubbedBread = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const cooked = drafts.findIndex((d) => d.action === 'cook');
  const last = drafts.findLastIndex((d) => d.action === 'cook' || d.action === 'knead' || d.action === 'divide');
  return drafts.map((d, n) => {
    if (cooked < 0 || n <= cooked) return d;
    if (d.action === 'rub' || /\broll (?:it |them )?in\b/i.test(d.text)) return { ...d, action: 'finish' };
    if (n > last && (d.action === 'fill' || /^(?:and )?fold\b/i.test(d.text))) return { ...d, action: 'finish' };
    // what is stirred once bread is cooked is for its finish, and no dough
    return n > last && d.action === 'mix' ? { ...d, action: 'job', isBeside: true } : d;
  });
};

const OF_PIECES = new Set<Action>(['divide', 'ball', 'roll', 'shape', 'coil', 'fill', 'cook']);
const IDLE_DOUGH = new Set<Action>(['rest', 'proof', 'chill']);
/** "Sprinkle over the salt and knead": before there are pieces, what is strewn or dropped goes into the dough, and what is wrapped rests. */
export const withEarlyAdditions = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const pieces = drafts.findIndex((d) => OF_PIECES.has(d.action));
  // one ball is wrapped whole
  const parted = drafts.findIndex((d) => d.action !== 'ball' && OF_PIECES.has(d.action));
  return drafts.map((d, n) => {
    if (d.action !== 'finish' || d.isBeside) return d;
    if (n < parted && /\b(?:wrap|cloth|towel)/i.test(d.text)) return { ...d, action: 'rest' };
    if (n >= pieces) return d;
    const goesOn = drafts
      .slice(n + 1)
      .some((x) => x.action === 'knead' || x.action === 'mix' || IDLE_DOUGH.has(x.action));
    return goesOn && /\b(?:sprinkle|scatter|strew|drizzle)/i.test(d.text) ? { ...d, action: 'mix' } : d;
  });
};

/** "Shape it into a ball and leave it to rise": the whole dough, before there are pieces, is no balling. */
const withWholeBall = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const isWhole = (d: StepDraft, n: number): boolean =>
    d.action === 'ball' &&
    /\b(?:in)?to (?:(?:make|form) )?(?:an?|one|1) (?:\w+ )?ball\b/i.test(d.text) &&
    !/\b(?:each|every|pieces?)\b/i.test(d.text) &&
    !drafts.slice(0, n).some((x) => x.action === 'divide') &&
    drafts.slice(n + 1).some((x) => x.action === 'divide' || x.action === 'ball');
  return drafts.flatMap((d, n) => {
    const before = drafts[n - 1];
    if (isWhole(d, n)) return [];
    return before && isWhole(before, n - 1) ? [{ ...d, spans: [...before.spans, ...d.spans] }] : [d];
  });
};

/** "Put them under a cloth", before anything is cooked: pieces are covered, which is part of their rest, or of what was done before. */
const withCoveredPieces = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const cooked = drafts.findIndex((d) => d.action === 'cook');
  const isCovering = (d: StepDraft | undefined, n: number): boolean =>
    d?.action === 'finish' &&
    n < cooked &&
    !d.isBeside &&
    /\b(?:cloths?|towels?)\b/i.test(d.text) &&
    foodsIn(d.text).length === 0;
  return drafts.flatMap((d, n): readonly StepDraft[] => {
    const [before, next] = [drafts[n - 1], drafts[n + 1]];
    const spans = next && isCovering(next, n + 1) && !RESTS.has(drafts[n + 2]?.action ?? 'mix') ? next.spans : [];
    if (isCovering(d, n)) {
      if (next && RESTS.has(next.action)) return [{ ...d, action: 'rest' }];
      if (before) return [];
    }
    return spans.length > 0 ? [{ ...d, spans: [...d.spans, ...spans] }] : [d];
  });
};

/** Pieces that are rubbed with fat are layered. */
const withRubbedPieces = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const divided = drafts.findIndex((d) => d.action === 'divide' || d.action === 'ball');
  return drafts.map((d, n) => (divided >= 0 && n > divided && d.action === 'rub' ? { ...d, action: 'fill' } : d));
};

/** Pieces are folded to shape them. */
const withFoldedPieces = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const divided = drafts.findIndex((d) => d.action === 'divide' || d.action === 'ball' || d.action === 'fill');
  return drafts.map((d, n) => (divided >= 0 && n > divided && d.action === 'fold' ? { ...d, action: 'shape' } : d));
};

/** "Shape into rounds", with rolling still to come, is rounding. */
const withRounds = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.map((d, n) =>
    (d.action === 'shape' || d.action === 'roll') &&
    /\b(?:shape|roll|form|turn|make) (?!out\b|thin)(?:\w+ ){0,3}?(?:in)?to (?:a |small |smooth |neat |tight |even |loose |rough )*rounds?\b(?! (?:of |about )?\d)/i.test(
      d.text,
    ) &&
    !/\d ?(?:cm|mm)\b|\b(?:thin|flat|out)\b/i.test(d.text) &&
    drafts.slice(n + 1).some((x) => x.action === 'roll' || x.action === 'shape')
      ? { ...d, action: 'ball' }
      : d,
  );

/** "Melt the butter with the garlic. Set aside.": what was prepared stands by, and no dough. */
const STANDS_BY =
  /^(?:and |then )*(?:set|put|leave|keep) (?:(?:it|this|them|the [\p{L} ]{3,24}?) )?aside\b(?!.*\bdough\b)/iu;
const withStandingBy = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.reduce<readonly StepDraft[]>((list, d) => {
    const last = list.at(-1);
    const isBy = d.action === 'rest' && d.times.length === 0 && last?.isBeside === true && STANDS_BY.test(d.text);
    return last && isBy ? [...list.slice(0, -1), { ...last, spans: [...last.spans, ...d.spans] }] : [...list, d];
  }, []);

const LONGEST_BLOOM_MIN = 20;
/** Yeast that waits in its water, before there is flour, wakes. */
const withBloom = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.map((d, n) => {
    const before = drafts[n - 1];
    const isYeast =
      before?.action === 'mix' &&
      /\byeast\b/i.test(before.text) &&
      drafts.slice(0, n).every((x) => !/\bflours?\b|\bdough\b|\ball\b|\beverything\b/i.test(x.text));
    const isShort = d.times.length > 0 && d.times.every((t) => t.ideal <= LONGEST_BLOOM_MIN);
    // a batter that bubbles has its flour already
    const hasFlour = drafts.slice(0, n + 1).some((x) => /\bflours?\b|\bbatter\b/i.test(x.text));
    // "yeast, sugar and water: wait 10 minutes"
    const isOwn = /\byeast\b/i.test(d.text) && !hasFlour && !/\bdough\b/i.test(d.text) && n === 0;
    // what stands for so long until it froths, and names no yeast, has all in it
    const isLong = before?.times.some((t) => t.ideal > LONGEST_BLOOM_MIN) ?? false;
    const hasAll = hasFlour || (isLong && !drafts.slice(0, n + 1).some((x) => /\byeast\b/i.test(x.text)));
    if (d.action === 'bloom' && hasAll && before?.action === 'rest') return { ...d, action: 'rest' };
    return d.action === 'rest' && (isYeast || isOwn) && isShort ? { ...d, action: 'bloom' } : d;
  });

/** "Stir, lid on, ten minutes", before there are pieces: it stands. */
const withLid = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.map((d, n) =>
    d.action === 'cook' &&
    /\blid on\b/i.test(d.text) &&
    !/\b(?:griddle|pan|heat|skillet|tawa|plate|flip|turn)\b/i.test(d.text) &&
    drafts.slice(n + 1).some((x) => ['knead', 'divide', 'ball', 'shape', 'roll'].includes(x.action))
      ? { ...d, action: 'rest' }
      : d,
  );

/** What is boiled or mashed cools before it meets the flour: that is prepared, and its cooling no rest of a dough. */
const withoutCooling = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const flour = drafts.findIndex((d) => /\b(?:flours?|dough|everything|all)\b/i.test(d.text));
  const isCooling = (d: StepDraft, n: number): boolean =>
    d.action === 'rest' &&
    d.times.length === 0 &&
    /\bcool\b/i.test(d.text) &&
    n < flour &&
    /\b(?:mash|boil|steam|roast)/i.test(drafts[n - 1]?.text ?? '');
  return drafts.flatMap((d, n): readonly StepDraft[] => {
    const next = drafts[n + 1];
    if (isCooling(d, n)) return [];
    const cools = next !== undefined && isCooling(next, n + 1);
    const isBeside = n < flour && d.action === 'mix' && (cools || /\bmash\b.*\bcools?\b/i.test(d.text));
    const spans = cools ? [...d.spans, ...next.spans] : d.spans;
    return [isBeside ? { ...d, action: 'job', isBeside, spans } : d];
  });
};

/** "Turn it once to coat" in its bowl: nothing is cooked before there are pieces, and no cold dough comes up. */
const withoutTurning = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const pieces = drafts.findIndex((d) => OF_PIECES.has(d.action) && d.action !== 'cook');
  return drafts.flatMap((d, n): readonly StepDraft[] => {
    const isCold = drafts.slice(0, n).some((x) => x.action === 'chill');
    if (d.action === 'rest' && drafts[n - 1]?.action === 'chill' && /\broom temp/i.test(d.text))
      return [{ ...d, action: 'temper' }];
    if (d.action === 'temper' && !isCold && /\bcome up\b/i.test(d.text)) return [{ ...d, action: 'proof' }];
    // "I bake on the stove top: 500 g flour …"
    const isTold =
      d.action === 'cook' &&
      d.times.length === 0 &&
      !drafts.slice(0, n).some((x) => x.action === 'mix' || x.action === 'knead') &&
      drafts.slice(n + 1).some((x) => x.action === 'mix' || x.action === 'knead') &&
      drafts.slice(n + 1).some((x) => x.action === 'cook');
    if (isTold) return [];
    const isTurned =
      d.action === 'cook' &&
      d.times.length === 0 &&
      (/\b(?:turn|flip)\w* (?:it |them )?(?:once |over )?to (?:coat|grease|oil)\b/i.test(d.text) ||
        (n < pieces && /\bturn (?:it |them )?once\b/i.test(d.text)));
    return isTurned ? [] : [d];
  });
};

/** "Take it out, divide it": what is worked at once has not stood. */
const withoutTaking = (drafts: readonly StepDraft[]): readonly StepDraft[] => {
  const isTaking = (d: StepDraft | undefined, n: number): boolean =>
    d?.action === 'temper' &&
    d.times.length === 0 &&
    /^(?:[\w ,]*\b)?take (?:it|them|the \w+) out$/i.test(d.text) &&
    /\b(?:straight away|at once|immediately)\b/i.test(drafts[n + 1]?.text ?? '');
  return drafts.flatMap((d, n) => {
    const before = drafts[n - 1];
    // what is taken out of the oven has been cooked, and warms no more
    if (before?.action === 'cook' && d.action === 'temper' && d.times.length === 0 && !/\bfridge|cold\b/i.test(d.text))
      return [{ ...d, action: 'cook' }];
    if (isTaking(d, n)) return [];
    return before && isTaking(before, n - 1) ? [{ ...d, spans: [...before.spans, ...d.spans] }] : [d];
  });
};

/** "Stir the garlic into the butter", once the dough has been kneaded and rests, or is in pieces: that is for what comes later. */
const withLateMixing = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.map((d, n) => {
    const [before, later] = [drafts.slice(0, n), drafts.slice(n + 1)];
    const pieced = later.findIndex((x) => x.action === 'divide' || x.action === 'ball');
    const isPieced = pieced < 0 && before.some((x) => x.action === 'divide' || x.action === 'ball');
    const isLate =
      d.action === 'mix' &&
      !d.isBeside &&
      (isPieced ||
        (RESTS.has(drafts[n - 1]?.action ?? 'mix') &&
          before.some((x) => x.action === 'knead') &&
          pieced >= 0 &&
          !later.slice(0, pieced).some((x) => x.action === 'knead' || RESTS.has(x.action)))) &&
      !/\b(?:flours?|dough|it|them|remaining|rest|all|everything|work in|fold in)\b/i.test(d.text) &&
      foodsIn(d.text).length > 1;
    return isLate ? { ...d, action: 'job', isBeside: true } : d;
  });

/** What is done to the pieces, and to the dough before there are any, by its place among the steps. */
export const withPieces = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  withLateMixing(
    withFoldedPieces(
      withRubbedPieces(
        withCoveredPieces(
          withWholeBall(
            withRounds(withBloom(withLid(withoutTaking(withoutTurning(withoutCooling(withStandingBy(drafts))))))),
          ),
        ),
      ),
    ),
  );

const MAKES_PIECES = new Set<Action>(['divide', 'ball', 'roll', 'shape']);
/** Dough with yeast or a starter that is left so long rises, whatever a text calls it; in less it relaxes. */
const RISES_FROM_MIN = 45;
const LEAVEN = /\b(?:yeast|starter|levain|leaven|sourdough|poolish|biga)\b/i;

/** "Leave it for an hour and a half", of dough that yeast or a starter raises, where no other words say that it proves: it does then. */
export function withProof(drafts: readonly StepDraft[]): readonly StepDraft[] {
  // before it is in, nothing rises
  const leavened = drafts.findIndex((d) => LEAVEN.test(d.text));
  const made = drafts.findIndex((d) => MAKES_PIECES.has(d.action));
  const isDough = (n: number): boolean => made < 0 || n < made;
  // balls that prove say nothing of the dough before them
  if (drafts.some((d, n) => d.action === 'proof' && !d.isBeside && isDough(n))) return drafts;
  const isWaiting = (d: StepDraft | undefined): boolean => d?.action === 'rest' && !d.isBeside && d.times.length > 0;
  const lasts = (d: StepDraft | undefined): number => (isWaiting(d) ? (d?.times.at(-1)?.ideal ?? 0) : 0);
  return drafts.map((d, n) => {
    // with folds in it the rest is one
    const along = (by: number): number => {
      let sum = 0;
      for (let m = n; drafts[m + by]?.action === 'fold'; m += 2 * by) sum += lasts(drafts[m + 2 * by]);
      return sum;
    };
    const isLong = along(-1) + lasts(d) + along(1) >= RISES_FROM_MIN;
    return isDough(n) && !OF_BALLS.test(d.text) && n > leavened && isWaiting(d) && isLong
      ? { ...d, action: 'proof' }
      : d;
  });
}

const MIXES = new Set<Action>(['mix', 'scald']);
const OF_BALLS = /\bthe (?:balls|pieces|portions)\b/i;
const COOKS = new Set<Action>(['cook']);
const FINISHES = new Set<Action>(['finish', 'clap']);

/** "Mix: rub the lard into the flour": what names a stage does nothing itself. */
const IS_LABEL = /^mix(?:ing)?:?$/i;

/** Whether two neighbours are one step in two words: "cover and leave to rise until doubled", "add the water, stir, mix". */
function isOneStep(a: StepDraft, b: StepDraft): boolean {
  if (a.isBeside !== b.isBeside) return false;
  if (a.isBeside) return true;
  // "knead, and I mean knead, for ten minutes"
  if (a.action === 'knead' && b.action === 'knead')
    return a.times.length === 0 && (a.text.length < 14 || /\b(?:knead|work) in\b/i.test(a.text));
  if ((a.action === 'proof' || a.action === 'chill') && /\b(?:second|final|last|2nd)\b/i.test(b.text)) return false;
  // dough that has risen, and then the balls of it
  if (RESTS.has(b.action) && OF_BALLS.test(b.text) && !OF_BALLS.test(a.text)) return false;
  if (a.action === b.action) return !RESTS.has(a.action) || a.times.length === 0 || b.times.length === 0;
  if (MIXES.has(a.action) && MIXES.has(b.action)) return true;
  // "put flour and butter in a bowl and rub together"
  if (a.action === 'mix' && b.action === 'rub')
    return (
      a.times.length === 0 &&
      (IS_LABEL.test(a.text) || (/^(?:put|place|tip)\b/i.test(a.text) && !/\b(?:water|milk)\b/i.test(a.text)))
    );
  if (RESTS.has(a.action) && RESTS.has(b.action)) return a.times.length === 0 || b.times.length === 0;
  if (COOKS.has(a.action) && COOKS.has(b.action)) return true;
  if (a.action === 'chill' && RESTS.has(b.action)) return b.times.length === 0 || a.times.length === 0;
  if (RESTS.has(a.action) && b.action === 'chill')
    return a.times.length === 0 || (b.times.length === 0 && /^(?:in|into) /i.test(b.text));
  if (a.action === 'temper' && (RESTS.has(b.action) || b.action === 'chill'))
    return a.times.length === 0 || b.times.length === 0;
  if (a.action === 'rest' && b.action === 'bloom') return true;
  // flattened, filled and sealed is filling
  if (a.action === 'shape' && b.action === 'fill')
    return (
      a.times.length === 0 &&
      /\b(?:flatten|press|pat|cup|hollow)/i.test(a.text) &&
      !/\b(?:dot|smear|brush|dip|topping)|^butter$|\bspread\b.*\b(?:za['’]?atar|tomato\w*|sauce|seeds?|herbs)\b/i.test(
        b.text,
      ) &&
      // "press to 20 cm, oil, rosemary": on top, and nothing is closed over it
      !isFoodAlone(/[^,;.\s][^,;.]*/.exec(b.text)?.[0] ?? '')
    );
  // seeds hold on what is wet
  if (a.action === 'finish' && b.action === 'fill') return /\bwith water\b/i.test(a.text);
  // "fold over, press out the air": of a filled piece
  if (b.action === 'knock' && (a.action === 'fill' || (a.action === 'shape' && /\b(?:fold|seal)/i.test(a.text))))
    return true;
  if (a.action === 'fill' && b.action === 'finish') return /\b(?:sprinkle|dust|scatter)/i.test(b.text);
  if (a.action === 'fill' && b.action === 'shape') return /\b(?:seal|pinch|gather|close|crimp)/i.test(b.text);
  if (a.action === 'shape' && b.action === 'roll') return a.times.length === 0 && !/\bfold/i.test(a.text);
  if (a.action === 'roll' && b.action === 'shape')
    return b.times.length === 0 && !/\b(?:seal|in half|pinch|fold)/.test(b.text);
  // "knead 6 min, add salt"
  if (a.action === 'knead' && b.action === 'mix') return b.times.length === 0 && /^add (?:the )?salt$/i.test(b.text);
  if (a.action === 'divide' && b.action === 'ball') return false;
  return FINISHES.has(a.action) && FINISHES.has(b.action) && a.action === b.action;
}

/** Of two actions that are one step, the one that says more. */
const stronger = (a: Action, b: Action): Action => {
  const rank: readonly Action[] = ['temper', 'chill', 'bloom', 'proof', 'scald', 'fill', 'roll', 'rest'];
  return rank.find((r) => r === a || r === b) ?? a;
};

const ARTICLE_LAST = /\b(?:an?|the)(?: \p{Ll}+)?$/u;
/** The words of two steps as one. "cook on the hot", "griddle for 40 s": where a word by which a step is known stands right behind another's article it is one clause. */
function inOneText(a: StepDraft, b: StepDraft): string {
  const [end, from] = [a.spans.at(-1)?.to, b.spans[0]?.from];
  const isOneClause = end !== undefined && from !== undefined && from - end <= 1 && ARTICLE_LAST.test(a.text);
  return `${a.text}${isOneClause ? ' ' : ', '}${b.text}`;
}

export function joinNeighbours(drafts: readonly StepDraft[]): readonly StepDraft[] {
  const result: StepDraft[] = [];
  for (const d of drafts) {
    const last = result.at(-1);
    if (!last || !isOneStep(last, d)) {
      result.push(d);
      continue;
    }
    result[result.length - 1] = {
      // flour and salt in a bowl, and fat that is rubbed in: what is mixed then comes after it
      action:
        d.action === 'rub' && (/\brub\w* in\b/i.test(d.text) || IS_LABEL.test(last.text))
          ? 'rub'
          : stronger(last.action, d.action),
      text: inOneText(last, d),
      spans: [...last.spans, ...d.spans],
      times: [...last.times, ...d.times],
      isBeside: last.isBeside,
      cue: last.cue === undefined ? d.cue : d.cue === undefined ? last.cue : `${last.cue}; ${d.cue}`,
      caution: last.caution ?? d.caution,
      trouble: last.trouble ?? d.trouble,
    };
  }
  return withCookingJoined(withLateAdditions(withKneadingOn(result)));
}

/** What lies on the griddle has just been turned. */
const TURNED_LAST = /\b(?:flip|turn)\w*(?: (?:it|them|over))*\W*$/i;
/** "Cook a minute each side, brush with ghee, another 30 seconds each": one cooking. */
function withCookingJoined(drafts: readonly StepDraft[]): readonly StepDraft[] {
  return drafts.reduce<StepDraft[]>((list, d) => {
    // filled and folded on the griddle, it goes on cooking
    const isFolded =
      list.at(-1)?.action === 'shape' && list.at(-2)?.action === 'fill' && /\bfold/i.test(list.at(-1)?.text ?? '');
    const many = isFolded ? 3 : 2;
    const [cook, between] = list.slice(-many);
    const isMore =
      cook?.action === 'cook' &&
      d.action === 'cook' &&
      (between?.action === 'finish' ||
        (between?.action === 'fill' &&
          (/\b(?:another|more|again)\b|^\W*(?:cover|lid)/i.test(d.text) || TURNED_LAST.test(cook.text))));
    if (!isMore) return [...list, d];
    const joined = {
      ...cook,
      text: `${cook.text}, ${between.text}, turn, ${d.text}`,
      spans: [...list.slice(-many).flatMap((x) => x.spans), ...d.spans],
      times: [...cook.times, ...d.times],
      cue: d.cue ?? cook.cue,
    };
    return [...list.slice(0, -many), joined];
  }, []);
}

/** "Knead 5 minutes, add the butter, 5 minutes more": it is kneaded on. */
const withKneadingOn = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.map((d, n) =>
    d.action === 'mix' && drafts[n - 1]?.action === 'knead' && d.times.length > 0 && /\badd\b.*\bmore\b/i.test(d.text)
      ? { ...d, action: 'knead' }
      : d,
  );

/** "Add the salt, knead 5 minutes": what goes in at once before kneading, once the dough is mixed, is part of the kneading. */
function withLateAdditions(drafts: readonly StepDraft[]): readonly StepDraft[] {
  return drafts.reduce<StepDraft[]>((list, d) => {
    const last = list.at(-1);
    const isLate =
      last?.action === 'mix' &&
      !/[.!?]$|\bflours?\b|\bdough\b|\bthe rest\b|\bremaining\b/i.test(last.text) &&
      /\b(?:add|sprinkle|scatter|drizzle|stir in|work in|knead in|incorporate|mix in)\b/i.test(last.text) &&
      !last.isBeside &&
      // crumbs are no dough yet
      list.at(-2)?.action !== 'rub' &&
      last.times.length === 0 &&
      list.slice(0, -1).some((x) => x.action === 'mix' || x.action === 'scald');
    if (last && isLate && d.action === 'knead' && !d.isBeside)
      return [...list.slice(0, -1), { ...d, text: inOneText(last, d), spans: [...last.spans, ...d.spans] }];
    return [...list, d];
  }, []);
}
