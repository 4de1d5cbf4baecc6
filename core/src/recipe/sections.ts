import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn } from './actions.ts';
import { answerOf } from './answers.ts';
import { isDoughTemp } from './dough-temperature.ts';
import { headingOf, PREFERMENT, STOOD, STOOD_BEHIND } from './headings.ts';
import { entryForLater, isEntryForLater } from './for-later.ts';
import { areFoodsAlone, itemsOf } from './items.ts';
import {
  isInList,
  isShortFact,
  LONGEST_FACT,
  OF_THE_WHOLE,
  saysHowMuch,
  looksHeatOrServe,
  looksLikeBareIngredient,
  looksLikeIngredient,
  looksTimed,
  MAKE,
  OF_FIGURES,
  ONLY_PIECES,
  STARTS_WITH_AMOUNT,
} from './line-kinds.ts';
import {
  FACT_BEHIND,
  IMPERATIVE,
  IN_TOTAL,
  LEFT_OUT,
  NAME_FIRST,
  STAGE,
  STOOD_IN_HEAD,
  TIME_IN_ALL,
} from './line-forms.ts';
import {
  BARE_NOUN,
  LABELLED,
  LEAD,
  LONG_LEAD,
  METRIC_LIST,
  NOTE_LABEL,
  NO_SENTENCE,
  OPENS_LIST,
  OTHER_LIST,
  STAGE_LABEL,
  WEIGHT_OF,
} from './openings.ts';
import { ONLY_A_SIZE } from './implied.ts';
import type { GivenOwner } from './result.ts';
import { type ListLine, listLine } from './list-lines.ts';
import { Mapped } from './mapped.ts';
import { namedLine } from './named-line.ts';
import { ONLY_AMOUNT } from './measures.ts';
import { partByItsName } from './named-part.ts';
import { plainList } from './list-forms.ts';
import { foodsWithWork, isAmount, isNamedFood, WORK_THEN_AMOUNT } from './list-entries.ts';
import { isOfOthers, isWorkApart } from './scopes.ts';
import { sentencesOf } from './sentences.ts';
import { normalLine, withoutBullet, withoutNumbers } from './normal-line.ts';
import { STAGE_ALONE } from './told-words.ts';
import { isBareTitle, isNamedTitle, isTitle, plainTitle, titleIn } from './titles.ts';
import { PIECE_WORK, Taken } from './taken.ts';

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

/** "Recipe card No. 14      Date: 12/03", "Sheet 7": over what a bread is called. */
const CARD_NUMBER =
  /^(?:(?:recipe|production|class|work|lesson) )?(?:card|sheet|form|lesson|batch)? ?(?:no\.?|nr\.?|number|#) ?\d{1,4}(?:\s{2,}.{0,30})?$|^(?:handout|sheet|lesson|card|worksheet) (?:[A-Z]|\d{1,3})\.?$/i;
/** The title once more, as a card on a page repeats it. */
const isSame = (line: Mapped, title: Mapped | undefined): boolean =>
  title?.text.trim().toLowerCase() === line.text.trim().toLowerCase();

/** "90 minutes on board" under the title: how long people are there. */
const OF_A_CLASS = /^\d+ (?:minutes|min|hours) (?:on|at|with|of|together|in)\b[^.;:\d]{0,24}$/i;
/** "Measure: 1 cup = 120 g flour": what a measure holds is no entry. */
const OF_A_MEASURE =
  /^(?:measures?|note|here)[:,]? (?:1|an?|one) (?:cup|mug|glass|bowl|ladle|spoon) ?(?:=|is|holds) ?(?:about )?\d+ ?(?:g|ml)\b[^,;]{0,24}$/i;
const FAT_ALONE = /^butter[.!]?$/i;
/** A part of a list is no longer than so many lines. */
const MOST_BELOW = 30;

/** A text taken apart while it is read, line by line. */
class Taking extends Taken {
  /** One line without its bullet. */
  take(whole: Mapped): void {
    if (isSame(whole, this.title) || CARD_NUMBER.test(whole.text)) {
      this.headings.push(whole);
      return;
    }
    if (isDoughTemp(whole.text)) {
      this.facts.push(whole);
      return;
    }
    const own = this.ingredients.length > 0 ? partByItsName(whole, this.below) : undefined;
    if (own) {
      this.headings.push(whole.slice(0, own.at));
      this.takeEntries(whole.slice(own.at), own.use);
      return;
    }
    const answer = answerOf(whole);
    if (answer) {
      this.headings.push(...answer.asked);
      if (answer.line) this.take(answer.line);
      return;
    }
    if (this.isPartWithWork(whole)) {
      // what stands below is of that part too, as under any heading
      const head = headingOf(whole.text);
      if (head) [this.part, this.use] = [head.part, head.use];
      return;
    }
    if (isWorkApart(whole.text)) {
      this.method.push(whole);
      return;
    }
    if (IN_TOTAL.test(whole.text) && actionsIn(normalLine(whole.text)).length === 0) {
      this.facts.push(whole);
      return;
    }
    const later = this.isInTheList ? entryForLater(whole) : undefined;
    if (later && later.opening.text !== '') {
      this.headings.push(later.opening);
      this.take(later.entry);
      return;
    }
    // "To serve: yoghurt; egg wash: 1 egg": no label is of more than its own entry
    const entries = this.isInTheList ? itemsOf(whole) : [];
    if (entries.length > 1 && entries.every((e) => isEntryForLater(e.text))) {
      this.takeEntries(whole, this.use);
      return;
    }
    const told = listLine(whole);
    if (told) {
      this.takeListLine(told);
      return;
    }
    if (
      this.isAtStart &&
      whole.text.length <= LONGEST_FACT &&
      OF_THE_WHOLE.test(normalLine(whole.text)) &&
      itemsOf(whole).length < 2
    ) {
      this.facts.push(whole);
      return;
    }
    // "for every two mugs of flour: one mug of water, …"
    const spread = whole.replace(/^for (?:every|each) ((?:\d+|an?|one|two|three|four) [^:]{3,30}):\s*/i, '$1, ');
    const named = this.withoutName(this.withoutNote(spread));
    if (!named || this.isNoPart(named)) return;
    const body = this.withoutHeading(this.withoutLabel(named));
    if (body) this.takeBody(body);
  }

  private takeListLine({ before, head, fact, items, rest }: ListLine): void {
    if (before) this.take(before);
    if (head) this.takeHead(head);
    if (fact) this.facts.push(fact);
    for (const item of items) this.list(item);
    for (const line of rest) this.take(line);
  }

  /** The line behind what it opens with of the bread's name, and how many it makes; undefined where that was all of it. */
  private withoutName(whole: Mapped): Mapped | undefined {
    const { title, facts, headings, line } = namedLine(whole, this.title, this.isAtStart);
    this.title = title;
    this.facts.push(...facts);
    this.headings.push(...headings);
    return line;
  }

  /** "Level: easy. Mix everything …": such a label is of its own sentence alone. */
  private withoutNote(line: Mapped): Mapped {
    const [first, ...rest] = sentencesOf(line);
    const isNote = first !== undefined && NOTE_LABEL.test(first.text) && LABELLED.test(first.text);
    if (!isNote || !rest.some((s) => actionsIn(normalLine(s.text)).length > 0)) return line;
    this.notUnderstood.push(first);
    return line.slice(first.text.length).trim();
  }

  /** Whether a line is no part of the bread by its own label, or only sets the text out. */
  private isNoPart(line: Mapped): boolean {
    const isLabelled = LABELLED.test(line.text);
    const isRule =
      /^(?:https?:\/\/|www\.)\S+$|^[|\s:+=_*-]*$|^(?:[—–-]\s*)?\d{1,3}\s*[—–-]$/.test(line.text) ||
      OF_FIGURES.test(line.text) ||
      /^(?:scan|img|image|page|photo|doc|file)[ _#.-]*\d{1,6}$/i.test(line.text) ||
      (this.isInTheList && /^(?:plus|also|and|extras?)\W*$/i.test(line.text));
    const isLeftOut = this.ingredients.length > 0 && LEFT_OUT.test(line.text);
    const isMeasure = OF_A_MEASURE.test(line.text);
    if (isLabelled || isMeasure) this.notUnderstood.push(line);
    else if (isRule) this.headings.push(line);
    else if (isLeftOut) this.aside.push(line);
    return isLabelled || isMeasure || isRule || isLeftOut;
  }

  /** "Kneading. 10 minutes on the bench.": a label is a heading where its sentence says what is done, and part of it where not. */
  private withoutLabel(line: Mapped): Mapped {
    const label = STAGE_LABEL.exec(line.text);
    if (!label) return line;
    const rest = line.slice(label[0].length);
    const said = actionsIn(normalLine(sentencesOf(rest)[0]?.text ?? '')).map((x) => x.action);
    // "First rise. Cover and leave …" is a proof for what it is called
    const isSaid = said.length > 0 && !(/ris|pro/i.test(label[1] ?? '') && said[0] === 'rest');
    if (isSaid) this.headings.push(line.slice(0, label[0].length));
    return isSaid ? rest : Mapped.join([line.slice(0, (label[1] ?? label[2])?.length), rest], ': ');
  }

  /** The line behind a heading, and what the heading changes; undefined where that was all of it, or where it is the title. */
  private withoutHeading(whole: Mapped): Mapped | undefined {
    let line = whole;
    const known = headingOf(line.text);
    // "for eight breads" says how many
    const heading = known?.rest === '' && isShortFact(line.text) ? undefined : known;
    if (heading && this.isEntryInItself(line)) {
      this.takeEntries(line, heading.use);
      return undefined;
    }
    if (heading && this.isOfItsLineAlone(line, heading.use, line.slice(line.text.length - heading.rest.length))) {
      this.headings.push(line.slice(0, line.text.length - heading.rest.length));
      this.takeEntries(line.slice(line.text.length - heading.rest.length), heading.use);
      return undefined;
    }
    if (heading?.use === 'fill' && isWorkAlone(line.slice(line.text.length - heading.rest.length))) return line;
    if (heading) {
      if (this.hasHeaded.size === 0) this.introduced = this.method.length;
      this.hasHeaded.add(heading.part);
      [this.part, this.use] = [heading.part, heading.use];
      const head = line.slice(0, line.text.length - heading.rest.length);
      // "LEVAIN (8 h): 20 g starter, …": how long it stands is told with its name
      const stands = PREFERMENT.test(head.text) ? STOOD_IN_HEAD.exec(head.text) : null;
      if (stands) {
        this.method.push(
          head
            .slice(stands.index, stands.index + stands[0].length)
            .replace(/^\(/, 'stand ')
            .replace(/\)$/, ''),
        );
        this.headings.push(head.slice(0, stands.index));
      } else (/\d ?(?:k?g|ml|%|min|h\b|hours?)/.test(head.text) ? this.notUnderstood : this.headings).push(head);
      if (heading.rest === '') return undefined;
      if (heading.part === 'keeping') {
        // of a labelled line the label holds for that line alone
        this.keeping.push(line.slice(line.text.length - heading.rest.length));
        this.part = 'unknown';
        return undefined;
      }
      line = line.slice(line.text.length - heading.rest.length);
      // in a paragraph more stands behind it
      const [first = line] = sentencesOf(line);
      const stood = PREFERMENT.test(head.text) ? (STOOD.exec(line.text) ?? STOOD_BEHIND.exec(first.text)) : null;
      if (stood) {
        const end = stood.index + stood[0].length;
        this.method.push(line.slice(stood.index, end).replace(/^[-–—;,]\s*/, 'stand '));
        const behind = line.slice(end).trim();
        line = line.slice(0, stood.index).trim();
        if (behind.text !== '') line = Mapped.join([line, behind], '. ');
      }
    }
    if (
      this.title === undefined &&
      this.part === 'unknown' &&
      this.isAtStart &&
      (isBareTitle(line.text) || isNamedTitle(line.text)) &&
      !(isAmount(line.text) && /^[\d½¼¾]/.test(normalLine(line.text)))
    ) {
      this.takeTitle(line);
      return undefined;
    }
    if (this.isAtStart && isNamedTitle(line.text)) {
      // what a house or a class is called stands over what its bread is called; a sentence calls nothing
      if (this.title && !isNamedTitle(this.title.text.replace(/\s*:$/, '')) && !line.text.endsWith('.')) {
        this.headings.push(this.title);
        this.title = undefined;
        this.takeTitle(line);
      } else this.headings.push(line);
      return undefined;
    }
    return line;
  }

  /** A line of ingredients, of work, or of what is said of the whole. */
  private takeBody(whole: Mapped): void {
    let line = whole;
    if (this.isInTheList && isEntryForLater(line.text)) {
      this.list(line);
      return;
    }
    if ((STAGE.test(line.text) || STAGE_ALONE.test(line.text)) && !this.isAtStart) {
      this.closeStage();
      this.stage = line;
      return;
    }
    line = this.withoutFact(this.withStage(line));
    const sentences = this.part === 'passed' || this.part === 'keeping' ? [line] : sentencesOf(line);
    // what holds hands at work is method as a whole, but for what says how many, and for lists of amounts
    const isMethod =
      sentences.length > 1 &&
      sentences.some((s) => actionsIn(normalLine(s.text)).length > 0) &&
      !looksLikeIngredient(line.text);
    // "500 g flour, 300 g water. Makes 6.": a list, and how many it is for
    const isListWithFact = sentences.length > 1 && sentences.every((s) => isShortFact(s.text) || itemsOf(s).length > 1);
    // "Flour, 1 lb. Buttermilk, ½ pint."
    if (sentences.length > 1 && sentences.every((s) => NAME_FIRST.test(normalLine(s.text)) && !looksTimed(s.text))) {
      for (const s of sentences) this.list(plainList(s));
      return;
    }
    // "20 g starter, 60 g flour. 12 hours at room temperature."
    const isListWithMore = sentences.length > 1 && !isMethod && sentences.some((s) => itemsOf(s).length > 1);
    if (isListWithMore && !isListWithFact) for (const s of sentences) this.placeUnlabelled(s);
    else if (isListWithFact) for (const s of sentences) this.place(this.withoutLead(s));
    else if (sentences.length < 2 || !isMethod) this.place(this.withoutLead(line));
    else for (const s of sentences) this.placeUnlabelled(s);
  }

  private placeUnlabelled(sentence: Mapped): void {
    const isPart = this.isPartWithWork(sentence) || this.isPreferment(sentence) || this.isPartLabelled(sentence);
    if (!isPart) this.placeSentence(this.withoutLead(sentence));
  }

  /** "PROOF" over "Oiled tub, 70 minutes": what stands under a stage and does not say what is done is of that stage. */
  private withStage(line: Mapped): Mapped {
    const { stage } = this;
    if (!stage) return line;
    const joined = Mapped.join([stage.replace(/\.$/, ''), line]);
    const work =
      actionsIn(normalLine(stage.text)).length > 0 ||
      actionsIn(normalLine(joined.text)).length > actionsIn(normalLine(line.text)).length;
    const said = actionsIn(normalLine(sentencesOf(line)[0]?.text ?? '')).length > 0;
    if (work && (!said || /^\d/.test(line.text))) {
      this.stage = undefined;
      return joined;
    }
    this.closeStage(
      said && actionsIn(normalLine(line.text))[0]?.action === actionsIn(normalLine(stage.text))[0]?.action,
    );
    return line;
  }

  /** A stage that says no more than its line does is a heading. */
  closeStage(isSaid = false): void {
    if (this.stage) (IMPERATIVE.test(this.stage.text) && !isSaid ? this.method : this.headings).push(this.stage);
    this.stage = undefined;
  }

  /** "By the mug: 2 mugs of flour …": what stands before a list of amounts is a title, or says nothing. */
  private withoutLead(line: Mapped): Mapped {
    const lead = LEAD.exec(line.text) ?? LONG_LEAD.exec(line.text);
    const isWork =
      !OPENS_LIST.test(lead?.[1] ?? '') &&
      actionsIn(normalLine((lead?.[1] ?? '').replace(/\p{L}+-\p{L}+|\b(?:rolls?|bakes|wraps?)$/gu, ''))).length > 0;
    if (!lead || isWork) return line;
    // "salt: 10 g, yeast: 5 g": each of them has its name
    const [own, ...others] = itemsOf(line);
    const amount = own?.text.slice(lead[0].length).trim() ?? '';
    if (others.length > 0 && findFood(lead[1] ?? '') && (ONLY_AMOUNT.test(amount) || /^\d{1,2}$/.test(amount)))
      return line;
    const items = itemsOf(line.slice(lead[0].length));
    // what holds a figure is a lead only of a long list
    if (/\d/.test(lead[1] ?? '') && !LEAD.test(line.text) && items.length < 4) return line;
    const isFlour = (text: string): boolean => findFood(text)?.role === 'flour';
    // "flour: 200 g, …" is the first of them, where no other is a flour
    if (items.length < 2 || (isFlour(lead[1] ?? '') && !items.some((i) => isFlour(i.text)))) return line;
    // "strong white flour: 450 g, wholemeal: 50 g": an amount without a name is of what stands before it
    if (findFood(lead[1] ?? '') && ONLY_AMOUNT.test(items[0]?.text ?? '')) return line;
    const head = line.slice(0, (lead[1] ?? '').length);
    if (/^(?:(?:dough|recipe|formula|enough) for )?\d/i.test(head.text)) this.facts.push(head);
    else if (
      /^(?:(?:we|i|you) (?:use|take|need) )?for (?:(?:every|each) )?\w+ (?:breads|pieces|flatbreads|rounds|wraps|people)$/i.test(
        head.text,
      )
    )
      this.facts.push(head);
    else if (this.title === undefined && this.isAtStart && !OPENS_LIST.test(head.text)) this.takeTitle(head);
    else (/\d ?(?:k?g|m?l)\b/.test(head.text) ? this.notUnderstood : this.headings).push(head);
    return line.slice(lead[0].length);
  }

  /** A list without how many it makes, which is told behind it. */
  private withoutFact(line: Mapped): Mapped {
    const total = /\s*\((?:total|in all|sum|all (?:figures )?(?:in|are) (?=%|per))[^)]*\)/i.exec(line.text);
    const lead = LEAD.exec(line.text)?.[0].length ?? 0;
    if (total && lead < total.index && itemsOf(line.slice(lead, total.index)).length > 1) {
      this.facts.push(line.slice(total.index, total.index + total[0].length).trim());
      return this.withoutFact(Mapped.join([line.slice(0, total.index), line.slice(total.index + total[0].length)], ''));
    }
    const many = FACT_BEHIND.exec(line.text);
    if (!many || itemsOf(line.slice(0, many.index)).length < 2) return line;
    this.facts.push(line.slice(many.index));
    return line.slice(0, many.index).trim();
  }

  private placeSentence(told: Mapped): void {
    if (this.isPartInWords(told)) return;
    const s = this.withoutFact(told);
    const work = WORK_THEN_AMOUNT.exec(s.text);
    if (work && looksLikeIngredient(s.text.slice(work[0].length))) {
      this.headings.push(s.slice(0, work[0].length));
      this.list(s.slice(work[0].length));
      return;
    }
    // "200 g sour cream, 100 g bacon, 1 onion on top."
    const top = this.hasWork ? / (?:go(?:es)? )?on top\.?$/i.exec(s.text) : null;
    const toppings = s.slice(0, top?.index ?? 0);
    if (top && itemsOf(toppings).length > 1) {
      this.takeEntries(toppings, 'finish');
      this.headings.push(s.slice(top.index));
      return;
    }
    if (isDoughTemp(s.text)) {
      this.facts.push(s);
      return;
    }
    if (this.isInTheList && isEntryForLater(s.text)) {
      this.list(s);
      return;
    }
    if (this.isDivided(s) || this.isToppingInBrackets(s) || this.isOnTop(s)) return;
    if (isWorkApart(s.text) || isOfOthers(s.text, this.ingredients.length > 1)) this.method.push(s);
    else if (isShortFact(s.text) && itemsOf(s).length < 3) this.facts.push(s);
    else if (
      itemsOf(s).length > 1 ||
      ((!this.hasWork || this.isNew(s)) && (isAmount(s.text) || isNamedFood(s.text) || areFoodsAlone(s)))
    )
      this.list(s);
    else this.method.push(s);
  }

  private place(body: Mapped): void {
    const { text } = body;
    if (this.isDivided(body)) return;
    if (this.isToppingInBrackets(body)) return;
    const isList = itemsOf(body).length > 2;
    if (
      !isList &&
      (isShortFact(text) ||
        // what is said of the times over a list is of the whole: the method tells them once more
        (this.isAtStart && this.facts.length > 0 && TIME_IN_ALL.test(text)) ||
        // behind a list "10 x 110 g" is what it comes to
        (!this.hasWork && this.part !== 'method' && /^\d{1,3} ?[x×] ?\d{2,3} ?g\.?$/i.test(text)) ||
        // over a list "8 pieces" divides nothing yet
        (!this.hasWork && this.part !== 'method' && ONLY_PIECES.test(text)) ||
        (saysHowMuch(normalLine(text)) &&
          !MAKE.test(text) &&
          text.length < LONGEST_FACT &&
          actionsIn(normalLine(text)).length < 3))
    ) {
      this.facts.push(body);
      const name = titleIn(text);
      if (name !== undefined) this.title ??= body.slice(0, name.length);
    } else if (
      this.part === 'passed' ||
      /\bholds (?:about )?\d/i.test(text) ||
      (this.isAtStart && OF_A_CLASS.test(text))
    )
      this.notUnderstood.push(body);
    else if (this.part === 'keeping') this.keeping.push(body);
    else if (/ on top\.?$/i.test(text) && this.isOnTop(body)) return;
    // "50 g cheese each, fold, seal": work at pieces, and no entry
    else if (
      this.hasPieces &&
      !/^for\b/i.test(text) &&
      actionsIn(normalLine(text)).some((a) => PIECE_WORK.has(a.action))
    )
      this.method.push(body);
    // "Butter" in a line of its own, once it is cooked
    else if (this.hasCooked && FAT_ALONE.test(text)) this.method.push(body);
    else if (itemsOf(body).length > 1 || (this.hasCooked && areFoodsAlone(body))) this.list(body);
    else if (this.part === 'ingredients' && this.use !== 'dough' && foodsWithWork(body))
      this.ingredients.push(...(foodsWithWork(body) ?? []).map((line) => ({ line, use: this.use })));
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
    } else if (this.title === undefined && this.isAtStart && text.length <= 120 && NO_SENTENCE.test(text))
      this.takeTitle(body);
    else if (
      this.part === 'method' ||
      looksHeatOrServe(text) ||
      looksTimed(text) ||
      WEIGHT_OF.test(text) ||
      (this.hasWork && ONLY_A_SIZE.test(text))
    )
      this.method.push(body);
    else this.notUnderstood.push(body);
  }
}

/** "For the filling: chop the spinach and mix it with feta.": work, and no list. */
function isWorkAlone(line: Mapped): boolean {
  const [first] = sentencesOf(line);
  // what begins with an amount is an entry, though it is boiled
  if (first && STARTS_WITH_AMOUNT.test(normalLine(first.text))) return false;
  return first !== undefined && itemsOf(first).length < 2 && actionsIn(normalLine(first.text)).length > 0;
}

/**
 * Takes a text apart line by line. Headings rule where there are any; a line without one is judged by itself, and what somebody says of a
 * line comes before both.
 */
export function takeApart(lines: readonly Mapped[], given: readonly GivenOwner[] = []): RecipeParts {
  const taking = new Taking();
  const isTwice = lines.some((l) => METRIC_LIST.test(l.text));
  const all = withoutNumbers(lines);
  for (const [n, raw] of all.entries()) {
    const line = withoutBullet(raw);
    if (line.text === '') continue;
    taking.below = all.slice(n + 1, n + 1 + MOST_BELOW);
    if (/^#{1,4} /.test(raw.text) && !headingOf(line.text) && taking.takeLabel(line)) continue;
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
