import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn } from './actions.ts';
import { answerOf } from './answers.ts';
import { itemsOf } from './items.ts';
import type { GivenOwner } from './result.ts';
import { Mapped } from './mapped.ts';
import { sentencesOf } from './sentences.ts';
import { normalLine, STAGE_ALONE, withoutBullet } from './normal-line.ts';

/** A recipe taken apart: its title, the lines of ingredients with their use, the sentences of the method, and what is neither. */
export interface RecipeParts {
  readonly title: Mapped | undefined;
  readonly ingredients: readonly { readonly line: Mapped; readonly use: IngredientUse }[];
  readonly method: readonly Mapped[];
  /** Lines that say how many, how large, how long in all. */
  readonly facts: readonly Mapped[];
  /** Headings, and what only sets a text out. */
  readonly headings: readonly Mapped[];
  /** What somebody said is no part of it. */
  readonly aside: readonly Mapped[];
  /** What is said under a heading of keeping. */
  readonly keeping: readonly Mapped[];
  readonly notUnderstood: readonly Mapped[];
}

type Part = 'unknown' | 'ingredients' | 'method' | 'keeping' | 'passed';

const HEADINGS: readonly (readonly [RegExp, Part, IngredientUse])[] = [
  [
    /^(?:the )?(?:filling|stuffing)s?(?: ingredients)?$|^for (?:the |a )?(?:\w+ )?(?:filling|stuffing)$/i,
    'ingredients',
    'fill',
  ],
  [
    /^(?:for (?:the )?)?(?:topping|finish|finishing|to finish|to brush|brushing|glaze|garnish)$|^to finish$|^for brushing$/i,
    'ingredients',
    'finish',
  ],
  [
    /^(?:to serve|for serving|serving|(?:for )?(?:the |a )?(?:\w+ )?(?:dip|sauce|chutney|relish|salad|dressing|spread))$/i,
    'ingredients',
    'serve',
  ],
  [
    /^(?:for )?(?:the )?(?:layers|layering|between(?: the layers)?|lamination)$|^(?:to|for) (?:fold|layer|folding|layering)$/i,
    'ingredients',
    'layer',
  ],
  [/^(?:for )?(?:the )?(?:griddle|frying|cooking)$/i, 'ingredients', 'griddle'],
  [
    /^(?:you (?:will )?need(?: \([^)]*\))?|what you(?:'|’)?(?:ll)? need|ingredients?(?: list)?(?: for .*)?|shopping list|(?:for (?:the )?)?dough(?: \([^)]*\))?|(?:for (?:the )?)?(?:levain|poolish|biga|sponge|pre-?ferment|leaven|starter)(?: \([^)]*\))?|for (?:the )?(?:breads?|flatbreads?|batter|starter|wraps?|rounds?)|ingredients?(?: +(?:weight|amount|grams?|quantity|%))+)$/i,
    'ingredients',
    'dough',
  ],
  [
    /^(?:methods?|process|directions?|instructions?|preparation|procedure|steps?|how to(?: make)?.*|making .*|to make(?: .*)?|what to do|method and tips)$/i,
    'method',
    'dough',
  ],
  [
    /^(?:storage|storing|keeping|freezing|reheating|leftovers|(?:make|do|prepare)[- ]ahead|to (?:store|keep|freeze|reheat))$/i,
    'keeping',
    'dough',
  ],
  [
    /^(?:notes?|tips?|equipment|tools|nutrition(?:al info\w*)?|variations?|comments?(?: \(\d+\))?|about .*|introduction|video|related .*|share .*)$/i,
    'passed',
    'dough',
  ],
];
const PREFERMENT = /^\W*(?:for (?:the )?)?(?:levain|poolish|biga|sponge|pre-?ferment|leaven|starter)\b/i;
/** "(12 h at room temperature)" behind a preferment: how long it stands. */
const STOOD = /\([^)]*(?:\d ?(?:h|hours?|hrs?)\b|\bovernight\b)[^)]*\)\.?$/i;
const FACT =
  /\b(?:makes?|yields?|gives|serves|servings?|enough for|formula for|recipe for|quantity|total time|prep(?:aration)? time|cook(?:ing)? time|ready in|takes|portions?|(?:piece|ball|flour|dough|batch)s? weights?)\b\s*:?\s*(?:about\s*)?(?:\d|½|a\b|an\b)/i;
const STARTS_WITH_AMOUNT = /^(?:about |approx\.? |roughly )?(?:\d|[½¼¾⅓⅔⅛])/;
const WITH_UNIT = /^[\d.½¼¾⅓⅔⅛/ -]+(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|teaspoons?|tablespoons?)\b/i;
/** "Make a dozen balls" is work, and no yield. */
const MAKE = /^(?:make|form|shape|roll|cut)\b[^.]*\b(?:balls?|pieces?|rounds?|patties|portions?)\b/i;
const LONGEST_INGREDIENT = 130;
/** A line that says by its own label that it is no part of the bread. */
const LABELLED = /^(?:aims?|kit|equipment|tools|by|updated|nutrition|notes?|tips?|wear|author|source|product) ?: ?\S/i;
const LONGEST_FACT = 120;
/** A sentence that says how many, how large, how long in all, and nothing to do. */
const isShortFact = (text: string): boolean =>
  FACT.test(text) && !MAKE.test(text) && text.length < LONGEST_FACT && actionsIn(normalLine(text)).length < 2;
const MEASURE = /[\d.½¼¾⅓⅔⅛/]+ \p{L}+/u;
const WITHOUT_AMOUNT =
  /\b(?:for|to taste|to serve|as needed|optional|pinch|handful|knob|splash|drizzle|a little|some|extra|plenty|enough|until|until it)\b/i;
const SENTENCE = /[.!?](?:\s|$)/;
const STARTS_AS_STEP =
  /^(?:mix|add|stir|knead|put|place|combine|roll|heat|cook|brush|divide|cover|sift|whisk|pour|dissolve|rub|serve|leave|let|in|when|once|then|meanwhile|turn|using|make|take|shape|form)\b/i;

/** Whether a line reads as an ingredient without a heading to say so. */
function looksLikeIngredient(line: string): boolean {
  if (line.length > LONGEST_INGREDIENT) return false;
  const text = normalLine(line);
  const food = findFood(text);
  if (STARTS_WITH_AMOUNT.test(text) && food === undefined)
    return WITH_UNIT.test(text) && text.split(' ').length <= 7 && actionsIn(text).length === 0;
  if (STARTS_WITH_AMOUNT.test(text)) return !(SENTENCE.test(line) && actionsIn(text).length > 0);
  if (!food || SENTENCE.test(text.replace(/\.$/, ''))) return false;
  // what stands in brackets says how it is, and counts no words
  const words = text
    .replace(/\([^)]*\)/g, '')
    .trim()
    .split(/ +/).length;
  if (STARTS_AS_STEP.test(text)) return false;
  return (
    words <= 4 ||
    (words <= 9 &&
      (/^\p{L}[\p{L} ]{1,30} \d+(?:\.\d+)? ?(?:g|ml|kg|l)\b/u.test(text) ||
        WITHOUT_AMOUNT.test(text) ||
        /[:,–-]\s*(?:\d|[½¼¾])/.test(text) ||
        /\s\d+(?:\.\d+)? ?(?:g|ml|kg|%|(?:fl )?oz|lb|cups?|tsp|tbsp|(?:tea|table)spoons?|pints?)\.?(?: \d+(?:\.\d+)? ?%)?$/.test(
          text,
        )))
  );
}

/** "I used 500 g of flour": what stands before the first amount is of no ingredient. */
const TOLD_LIST =
  /^(?:(?:so|now|for \w+(?: \w+)?),? )?(?:(?:i|we) )?(?:use|take|used|took|weigh(?:ed)?(?: out)?|what (?:i|we|you) need is|(?:my|our|the) formula is|it is) (?=\d|an? |½|half|(?:one|two|three|four|five|six|seven|eight|nine|ten)\b|\w+(?:teen|ty)\b)/i;
/** A line in capitals that names a stage of the work, and no time of it. */
const STAGE = /^\p{Lu}[\p{Lu} ’'&-]{2,30}$/u;

/** Of two lists that say the same in two measures the one by weight is read. */
const METRIC_LIST = /^(?:metric|grams|by weight|weights?)\b[^:]{0,20}:\s*\S/i;
const OTHER_LIST = /^(?:us|u\.s\.|american|imperial|cups|by volume)\b[^:]{0,20}:\s*\S/i;

/** A text taken apart while it is read, line by line. */
class Taking {
  readonly ingredients: { line: Mapped; use: IngredientUse }[] = [];
  readonly method: Mapped[] = [];
  readonly facts: Mapped[] = [];
  readonly headings: Mapped[] = [];
  readonly aside: Mapped[] = [];
  readonly keeping: Mapped[] = [];
  readonly notUnderstood: Mapped[] = [];
  title: Mapped | undefined;
  part: Part = 'unknown';
  use: IngredientUse = 'dough';
  /** A stage whose line has not come yet. */
  private stage: Mapped | undefined;
  private readonly hasHeaded = new Set<Part>();
  /** Sentences of a method that came before any heading. */
  private introduced = 0;

  get isAtStart(): boolean {
    return this.ingredients.length + this.method.length === 0;
  }

  /** A line of which somebody has said what it is. */
  takeAs(line: Mapped, owner: GivenOwner['owner']): void {
    if (owner === 'ingredient') this.list(line);
    else if (owner === 'step') this.method.push(line);
    else this.aside.push(line);
  }

  /** One line without its bullet. */
  take(whole: Mapped): void {
    const answer = answerOf(whole);
    if (answer) {
      this.headings.push(...answer.asked);
      if (answer.line) this.take(answer.line);
      return;
    }
    const share = OF_FLOUR.exec(whole.text);
    if (share) {
      this.ingredients.push({ line: whole.slice(0, share[0].length).replace(/^.*$/, 'flour 100 %'), use: 'dough' });
      for (const item of itemsOf(whole.slice(share[0].length).replace(/\s*\(flour: [^)]*\)/i, '')))
        this.ingredients.push({ line: item.replace(/\s*%?\.?$/, ' %'), use: 'dough' });
      return;
    }
    // "for every two mugs of flour: one mug of water, …"
    let line = whole.replace(/^for (?:every|each) ((?:\d+|an?|one|two|three|four) [^:]{3,30}):\s*/i, '$1, ');
    const named = this.title === undefined ? /^(?:name|title|recipe)\s*:\s*/i.exec(line.text) : null;
    if (named) {
      this.headings.push(line.slice(0, named[0].length));
      this.title = line.slice(named[0].length);
      return;
    }
    if (LABELLED.test(line.text)) {
      this.notUnderstood.push(line);
      return;
    }
    if (/^[|\s:+=_*-]*$/.test(line.text)) {
      this.headings.push(line);
      return;
    }
    const opening = this.title === undefined && this.isAtStart ? OPENING.exec(line.text) : null;
    if (opening && actionsIn(opening[1] ?? '').length === 0 && isBareTitle(opening[1] ?? '')) {
      this.title = line.slice(0, opening[1]?.length);
      line = line.slice(line.text.length - (opening[2] ?? '').length);
    }
    const heading = headingOf(line.text);
    if (heading) {
      if (this.hasHeaded.size === 0) this.introduced = this.method.length;
      this.hasHeaded.add(heading.part);
      [this.part, this.use] = [heading.part, heading.use];
      const head = line.slice(0, line.text.length - heading.rest.length);
      (/\d ?(?:k?g|ml|%)/.test(head.text) ? this.notUnderstood : this.headings).push(head);
      if (heading.rest === '') return;
      if (heading.part === 'keeping') {
        // of a labelled line the label holds for that line alone
        this.keeping.push(line.slice(line.text.length - heading.rest.length));
        this.part = 'unknown';
        return;
      }
      line = line.slice(line.text.length - heading.rest.length);
      const stood = PREFERMENT.test(head.text) ? STOOD.exec(line.text) : null;
      if (stood) {
        this.method.push(line.slice(stood.index, stood.index + stood[0].length));
        line = line.slice(0, stood.index).trim();
      }
    }
    if (
      this.title === undefined &&
      this.part === 'unknown' &&
      this.isAtStart &&
      (isBareTitle(line.text) || isNamedTitle(line.text))
    ) {
      // how much the formula is for is no part of the name
      const amount = /\s*\([^)]*\d ?k?g\b[^)]*\)\s*$/i.exec(line.text);
      this.title = line.slice(0, amount?.index);
      // "(8 x 110 g)" says how many and how heavy
      if (amount)
        (/\d ?[x×] ?\d/.test(amount[0]) ? this.facts : this.notUnderstood).push(line.slice(amount.index).trim());
      return;
    }
    if ((STAGE.test(line.text) || STAGE_ALONE.test(line.text)) && !this.isAtStart) {
      this.closeStage();
      this.stage = line;
      return;
    }
    line = this.withStage(line);
    const sentences = this.part === 'passed' || this.part === 'keeping' ? [line] : sentencesOf(line);
    // what holds hands at work is method as a whole, but for what says how many, and for lists of amounts
    const isMethod =
      sentences.length > 1 && actionsIn(normalLine(line.text)).length > 0 && !looksLikeIngredient(line.text);
    // "500 g flour, 300 g water. Makes 6.": a list, and how many it is for
    const isListWithFact = sentences.length > 1 && sentences.every((s) => isShortFact(s.text) || itemsOf(s).length > 1);
    // "20 g starter, 60 g flour. 12 hours at room temperature."
    const isListWithMore = sentences.length > 1 && !isMethod && sentences.some((s) => itemsOf(s).length > 1);
    if (isListWithMore && !isListWithFact) for (const s of sentences) this.placeSentence(this.withoutLead(s));
    else if (isListWithFact) for (const s of sentences) this.place(this.withoutLead(s));
    else if (sentences.length < 2 || !isMethod) this.place(this.withoutLead(line));
    else for (const s of sentences) this.placeSentence(this.withoutLead(s));
  }

  /** "PROOF" over "Oiled tub, 70 minutes": what stands under a stage and does not say what is done is of that stage. */
  private withStage(line: Mapped): Mapped {
    const { stage } = this;
    if (!stage) return line;
    const work = actionsIn(normalLine(stage.text)).length > 0;
    const said = actionsIn(normalLine(sentencesOf(line)[0]?.text ?? '')).length > 0;
    if (work && (!said || /^\d/.test(line.text))) {
      this.stage = undefined;
      return Mapped.join([stage, line]);
    }
    this.closeStage();
    return line;
  }

  /** Where list and method have headings of their own, what stands before them tells of the bread, and nothing to do. */
  setIntroductionAside(): void {
    if (!this.hasHeaded.has('ingredients') || !this.hasHeaded.has('method')) return;
    this.notUnderstood.push(...this.method.splice(0, this.introduced));
  }

  /** A stage that says no more than its line does is a heading. */
  closeStage(): void {
    if (this.stage) this.headings.push(this.stage);
    this.stage = undefined;
  }

  /** "By the mug: 2 mugs of flour …": what stands before a list of amounts is a title, or says nothing. */
  private withoutLead(line: Mapped): Mapped {
    const lead =
      /^([^:\d]{2,60}(?:\([^)]*\))?):\s+(?=\d|[½¼¾⅓⅔⅛]|an? |half |(?:one|two|three|four|five|six) |\p{L}[\p{L} ]{2,20} \d)/u.exec(
        line.text,
      );
    if (!lead || actionsIn(normalLine(lead[1] ?? '')).length > 0) return line;
    const items = itemsOf(line.slice(lead[0].length));
    const isFlour = (text: string): boolean => findFood(text)?.role === 'flour';
    // "flour: 200 g, …" is the first of them, where no other is a flour
    if (items.length < 2 || (isFlour(lead[1] ?? '') && !items.some((i) => isFlour(i.text)))) return line;
    const head = line.slice(0, (lead[1] ?? '').length);
    if (this.title === undefined && this.isAtStart) this.title = head;
    else this.headings.push(head);
    return line.slice(lead[0].length);
  }

  private placeSentence(s: Mapped): void {
    if (isShortFact(s.text)) this.facts.push(s);
    else if (itemsOf(s).length > 1) this.list(s);
    else this.method.push(s);
  }

  private list(line: Mapped): void {
    let before = '';
    for (const item of asPercent(itemsOf(line.replace(TOLD_LIST, '')))) {
      // "two teaspoons of soda and the same of salt"
      const whole = item.replace(/^the same (?:amount )?of\b/i, () => before);
      before = MEASURE.exec(normalLine(whole.text))?.[0] ?? before;
      this.ingredients.push({ line: whole, use: this.part === 'method' ? 'dough' : this.use });
    }
  }

  private place(body: Mapped): void {
    const { text } = body;
    if (FACT.test(text) && !MAKE.test(text) && text.length < LONGEST_FACT && actionsIn(normalLine(text)).length < 3) {
      this.facts.push(body);
      const name = titleIn(text);
      if (name !== undefined) this.title ??= body.slice(0, name.length);
    } else if (this.part === 'passed') this.notUnderstood.push(body);
    else if (this.part === 'keeping') this.keeping.push(body);
    else if (itemsOf(body).length > 1) this.list(body);
    else if (this.part === 'unknown' && this.method.length === 0 && BARE_NOUN.test(text) && !findFood(text))
      this.list(body);
    else if (
      this.part === 'method'
        ? looksLikeBareIngredient(text)
        : this.part === 'ingredients'
          ? isInList(text)
          : looksLikeIngredient(text)
    )
      this.list(body);
    else if (
      actionsIn(normalLine(text)).length > 0 &&
      !(this.isAtStart && isTitle(text, this.title?.text, this.part))
    ) {
      this.method.push(body);
      if (this.part === 'ingredients') this.part = 'unknown';
    } else if (this.title === undefined && this.isAtStart && text.length <= 120 && /\p{L}{3}/u.test(text))
      this.title = body;
    else if (this.part === 'method' || looksHeatOrServe(text) || looksTimed(text)) this.method.push(body);
    else this.notUnderstood.push(body);
  }
}

/** "350 ff": so much of something that only the writer knows. */
const BARE_NOUN = /^\d{1,4} (?!(?:pieces|balls|rounds|portions|people|breads?|min|mins|minutes|wraps)\b)\p{L}{1,12}$/iu;
/** "In percent of flour: water 61, salt 2": the flour itself goes without saying. */
const OF_FLOUR = /^(?:in |as )?(?:percent|per cent|%) of (?:the )?flour(?: weight)?\s*:\s*/i;
const BARE_FIGURE = /^(\p{L}[\p{L} ]*?)[ :]+(\d+(?:\.\d+)?)(?:\s*(\([^)\d]*(?:%|per ?cent)[^)\d]*\)))?\.?$/u;

/** "Flour 100, water 65, salt 2": bare figures of one line are baker's percentages where the flours among them come to a hundred. */
function asPercent(items: readonly Mapped[]): readonly Mapped[] {
  const named = items.map((i) => BARE_FIGURE.exec(i.text));
  const flour = named.reduce((sum, m) => sum + (findFood(m?.[1] ?? '')?.role === 'flour' ? Number(m?.[2]) : 0), 0);
  const isSaid = named.some((m) => m?.[3] !== undefined);
  const isPercent = items.length > 1 && named.every((m) => m !== null) && (isSaid || Math.abs(flour - 100) <= 1);
  return isPercent ? items.map((i) => i.replace(/\s*(?:\([^)]*\))?\.?$/, ' %')) : items;
}

/**
 * Takes a text apart line by line. Headings rule where there are any; a line without one is judged by itself, and what somebody says of a
 * line comes before both.
 */
export function takeApart(lines: readonly Mapped[], given: readonly GivenOwner[] = []): RecipeParts {
  const taking = new Taking();
  const isTwice = lines.some((l) => METRIC_LIST.test(l.text));
  for (const raw of lines) {
    const line = withoutBullet(raw);
    if (line.text === '') continue;
    const { from, to } = line.span();
    const said = given.find((g) => g.from < to && from < g.to);
    if (said) taking.takeAs(line, said.owner);
    else if (isTwice && OTHER_LIST.test(line.text)) taking.notUnderstood.push(line);
    else taking.take(line);
  }
  taking.closeStage();
  taking.setIntroductionAside();
  const { title, ingredients, method, facts, headings, aside, keeping, notUnderstood } = taking;
  return { title: title && plainTitle(title), ingredients, method, facts, headings, aside, keeping, notUnderstood };
}

/** A title without the signs that set it out. */
const plainTitle = (title: Mapped): Mapped => title.replace(/[:#*☐▢□]+/g, '').trim();

/** In a list of ingredients a short line with a food needs no amount; a sentence is no entry. */
function isInList(line: string): boolean {
  if (looksLikeIngredient(line)) return true;
  const text = normalLine(line);
  return STARTS_WITH_AMOUNT.test(text)
    ? line.length <= LONGEST_INGREDIENT && actionsIn(text).length < 2
    : findFood(text) !== undefined &&
        text.split(' ').length <= 9 &&
        !SENTENCE.test(line) &&
        !/^(?:mix|add|stir|knead|roll|cook|heat|brush)\b/i.test(text);
}

/** Below the method's heading only a line that starts with an amount and says nothing to do is still an ingredient. */
function looksLikeBareIngredient(line: string): boolean {
  const text = normalLine(line);
  return (
    STARTS_WITH_AMOUNT.test(text) &&
    line.length < 70 &&
    actionsIn(text).length === 0 &&
    findFood(text) !== undefined &&
    !/\b(?:minutes?|hours?|seconds?)\b/i.test(text)
  );
}

const looksHeatOrServe = (line: string): boolean =>
  /\b(?:heat|preheat|warm)\b.*\b(?:pan|griddle|skillet|plate|grill)\b|^serve\b/i.test(line);

/** "Cover, warm place, about 1 hour", "6 pieces", "30 seconds a side": a step without a verb. */
const looksTimed = (line: string): boolean =>
  /\d\s*(?:seconds?|secs?|s|minutes?|mins?|hours?|hrs?|h)\b|\ban? (?:hour|minute)\b|\bovernight\b/i.test(
    normalLine(line),
  ) || /^\d+ (?:pieces|balls|rounds|portions)\b/i.test(normalLine(line));

function isTitle(line: string, title: string | undefined, part: Part): boolean {
  return (
    title === undefined &&
    part === 'unknown' &&
    line.length < 60 &&
    !SENTENCE.test(line) &&
    line.split(' ').length <= 7 &&
    !/^(?:mix|add|stir|knead|roll out|cook|heat|brush|divide)\b/i.test(line)
  );
}

/** "My uncle's bread. Take 500 g …": a paragraph that opens with its title. */
const OPENING = /^([^.!?\d]{3,60})[.!]\s+(.*\d.*)$/;

/** A first line of a few words without a figure or a full stop is the title, though it may name a food. */
const isBareTitle = (whole: string): boolean =>
  isBare(whole.replace(/(?<=\p{L}\s*)\([^)\d]*\)\s*$|!+\s*$/gu, '').trim());
/** "Wholemeal rounds, formula (batch 10 kg)": what a bread is called, though it names a food and figures. */
const isNamedTitle = (line: string): boolean =>
  line.length <= 70 &&
  TITLE_NOUN.test(line) &&
  !STARTS_WITH_AMOUNT.test(line) &&
  !FACT.test(line) &&
  !/[.;!?] |:$|:.*\d/.test(line) &&
  !/\bflour\b/i.test(line.replace(/\([^)]*\)/g, '')) &&
  actionsIn(normalLine(line)).length === 0;
const TITLE_NOUN =
  /\b(?:rounds|breads?|flatbreads?|cakes|wraps|tortillas|coils|pancakes|ovals|pockets|parcels|farls|formula|recipe)\b/i;
const isBare = (line: string): boolean =>
  line.length <= 60 &&
  line.split(/\s+/).length <= 7 &&
  !/[\d½¼¾⅓⅔.!?;]|:.*:|:$/.test(line) &&
  !/^(?:a |an )?(?:pinch|handful|knob|mix|add|stir|put|(?:make|prepare) the dough)\b/i.test(line) &&
  /\p{L}{3}/u.test(line);

/** "Griddle breads, makes 8" is a title as well. */
const titleIn = (fact: string): string | undefined => {
  const head = fact.split(/\s*[(,–:-]\s*(?=makes?|yields?|serves)/i)[0] ?? '';
  return head !== fact && /\p{L}{3}/u.test(head) ? head.trimEnd() : undefined;
};

const LONGEST_HEADING = 60;
function headingOf(
  line: string,
): { readonly part: Part; readonly use: IngredientUse; readonly rest: string } | undefined {
  const [, head = '', rest = ''] = /^([^:]{2,45}):\s*(.*)$/.exec(line) ?? [];
  const bare = line
    .replace(/[:#*_=|-]+$/g, '')
    .replace(/^[#*_=|-]+/g, '')
    .replace(/\s*\|\s*/g, ' ')
    .trim();
  for (const [text, after] of [
    [head.trim(), rest],
    [bare, ''],
  ] as const) {
    const known =
      text === '' || text.length > LONGEST_HEADING ? undefined : HEADINGS.find(([pattern]) => pattern.test(text));
    // "Griddle: 75 s a side" names where it cooks, and no list of what is used
    if (known && !(known[2] === 'griddle' && looksTimed(after))) return { part: known[1], use: known[2], rest: after };
  }
  if (/^step \d{1,2}$/i.test(bare)) return { part: 'method', use: 'dough', rest: '' };
  if (/^for (?:the )?\w+(?: \w+)?:?$/i.test(line) && line.length < 40)
    return { part: 'ingredients', use: /\b(?:butter|oil|glaze)\b/i.test(line) ? 'finish' : 'dough', rest: '' };
  return undefined;
}
