import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn, type Action } from './actions.ts';
import { headingOf, PREFERMENT, STOOD_BEHIND, type Part } from './headings.ts';
import { areOnTop, isEntryForLater, isFoodAlone, isFoodForLater, toppedWith } from './for-later.ts';
import { areFoodsAlone, itemsOf } from './items.ts';
import { dividedInto, looksLikeIngredient } from './line-kinds.ts';
import { NAME_FIRST, ONLY_NAMED, ON_TOP, TOPPING_IN_BRACKETS, TURNED } from './line-forms.ts';
import { PART_BEHIND, PART_IN_WORDS } from './openings.ts';
import type { GivenOwner } from './result.ts';
import { Mapped } from './mapped.ts';
import { entriesOf, isAmount } from './list-entries.ts';
import { normalLine, withoutBullet } from './normal-line.ts';

/** What is done with a glaze or a paste, told behind its list: "cook till thick". */
const OF_PART =
  /^(?:all )?(?:cook(?:ed)?|boil(?:ed)?|simmer(?:ed)?|heat(?:ed)?|warm(?:ed)?|cool(?:ed)?|chill(?:ed)?|mix(?:ed)?|stir(?:red)?|whisk(?:ed)?|mash(?:ed)?|blend(?:ed)?|beat(?:en)?|leave|let)\b(?! (?:butter|milk|water|oil|egg|cream|cheese)\b)/i;

/** What nobody lays on a bread by itself. */
const OF_DOUGH_ALONE = new Set(['flour', 'water', 'salt', 'leaven']);
/** Work that has made pieces of the dough. */
export const PIECE_WORK = new Set<Action>(['divide', 'ball', 'shape', 'roll', 'coil']);

/** What has been taken of a text so far: its list, its work and what stands over and beside them. */
export class Taken {
  readonly ingredients: { line: Mapped; use: IngredientUse }[] = [];
  readonly method: Mapped[] = [];
  readonly facts: Mapped[] = [];
  readonly headings: Mapped[] = [];
  readonly aside: Mapped[] = [];
  readonly keeping: Mapped[] = [];
  readonly notUnderstood: Mapped[] = [];
  /** The lines that have not been taken yet. */
  below: readonly Mapped[] = [];
  title: Mapped | undefined;
  part: Part = 'unknown';
  use: IngredientUse = 'dough';
  /** A stage whose line has not come yet. */
  protected stage: Mapped | undefined;
  protected readonly hasHeaded = new Set<Part>();
  /** Sentences of a method that came before any heading. */
  protected introduced = 0;

  get isAtStart(): boolean {
    return this.ingredients.length + this.method.length === 0;
  }

  /** A line of which somebody has said what it is. */
  takeAs(line: Mapped, owner: GivenOwner['owner']): void {
    if (owner === 'ingredient') this.list(line);
    else if (owner === 'step') this.method.push(line);
    else this.aside.push(line);
  }

  /** What stands over a list: the title, where there is none. */
  protected takeHead(head: Mapped): void {
    if (this.title === undefined && this.isAtStart) this.title = head;
    else this.headings.push(head);
  }

  /** "Egg wash" with no list below it. */
  protected isEntryInItself(line: Mapped): boolean {
    const next = this.below.find((l) => l.text !== '');
    // under what stands last there is nothing
    const isLast = next === undefined && this.method.length > 0 && findFood(line.text) !== undefined;
    return (
      (isLast && !/[.:]/.test(line.text)) ||
      (this.isInTheList && isFoodForLater(line.text) && !(next && looksLikeIngredient(withoutBullet(next).text)))
    );
  }

  /** "To brush: 30 g butter" among the flour and the water of the dough: what stands below it is none of that part. */
  protected isOfItsLineAlone(line: Mapped, use: IngredientUse, entry: Mapped): boolean {
    if (use === 'dough' || entry.text === '' || !isEntryForLater(line.text)) return false;
    const isThere = (role: string): boolean =>
      this.ingredients.some((i) => i.use === 'dough' && findFood(normalLine(i.line.text))?.role === role);
    const rest = this.below.findIndex((l) => l.text === '' || headingOf(l.text)?.rest === '');
    const roles = this.below
      .slice(0, rest < 0 ? undefined : rest)
      .map((l) => (looksLikeIngredient(l.text) ? findFood(normalLine(l.text))?.role : undefined));
    const hasFlour = isThere('flour') || roles.includes('flour');
    return hasFlour && ['flour', 'water'].some((role) => !isThere(role) && roles.includes(role as 'flour'));
  }

  /** "For the filling two onions, a chilli and a bunch of coriander.": a list within a paragraph, and what it is for. */
  protected isPartInWords(sentence: Mapped): boolean {
    const head = PART_IN_WORDS.exec(sentence.text);
    const part = head ? headingOf(`${head[1] ?? ''}:`) : undefined;
    if (!head || !part || actionsIn(normalLine(sentence.text)).some((a) => a.action !== 'job')) return false;
    const list = sentence.slice(head[0].length);
    if (itemsOf(list).length < 2) return false;
    this.headings.push(sentence.slice(0, head[0].length));
    this.takeEntries(list, part.use);
    return true;
  }

  /** "Paste: 1 tbsp flour, 100 ml water, cook till thick": a list, and in the same breath what is done with it. */
  protected isPartWithWork(line: Mapped): boolean {
    const part = headingOf(line.text);
    if (part?.part !== 'ingredients' || part.use === 'dough' || part.rest === '') return false;
    const from = line.text.length - part.rest.length;
    const pieces = line.slice(from).split(/[,;] (?:then |and )*/g);
    const isWork = ({ text }: Mapped): boolean => !/\d/.test(text) && OF_PART.test(text);
    const first = pieces.findIndex(isWork);
    const isList = first > 0 && pieces.slice(0, first).every((p) => isAmount(p.text) && findFood(p.text) !== undefined);
    const behind = pieces.slice(first);
    if (!isList || !behind.every(isWork)) return false;
    const [list, work] = [pieces.slice(0, first), Mapped.join(behind, ', ')];
    this.takeEntries(Mapped.join(list, ', '), part.use);
    this.method.push(Mapped.join([line.slice(0, from).replace(/ \([^)]*\)(?=:)/, ''), work], ''));
    return true;
  }

  /** "Biga (night before): 300 g flour, 165 g water, 1 g yeast; 16 h at 18 °C.", within a paragraph: a list, and how long it stands. */
  protected isPreferment(sentence: Mapped): boolean {
    const head = PREFERMENT.test(sentence.text) ? headingOf(sentence.text) : undefined;
    if (head?.part !== 'ingredients' || head.rest === '') return false;
    const from = sentence.text.length - head.rest.length;
    const stood = STOOD_BEHIND.exec(head.rest);
    if (!stood) return false;
    const list = sentence.slice(from, from + stood.index);
    if (itemsOf(list).length < 2) return false;
    this.headings.push(sentence.slice(0, from));
    this.takeEntries(list, 'dough');
    this.method.push(sentence.slice(from + stood.index).replace(/^[-–—;,\s]*/, 'stand '));
    return true;
  }

  /** "Fillings: refried beans 250 g, grated cheese 200 g.", within a paragraph: of that sentence alone. */
  protected isPartLabelled(sentence: Mapped): boolean {
    const part = headingOf(sentence.text.replace(/\.$/, ''));
    if (part?.part !== 'ingredients' || part.use === 'dough' || part.rest === '') return false;
    const list = sentence.slice(sentence.text.length - part.rest.length - (sentence.text.endsWith('.') ? 1 : 0));
    // "For folding: oil, melted butter and semolina."
    const foods = list.replace(/ and (?=[^,]*$)/, ', ');
    const isAlone = areFoodsAlone(foods);
    if (itemsOf(list).length < 2 && !isAlone && !isEntryForLater(sentence.text)) return false;
    this.headings.push(sentence.slice(0, sentence.text.length - list.text.length));
    this.takeEntries(isAlone ? foods : list, part.use);
    return true;
  }

  /** How much the formula is for is no part of the name; "(8 x 110 g)" says how many and how heavy. */
  protected takeTitle(line: Mapped): void {
    const amount =
      /\s*(?:\s%)?\s+\d[\d.,]* ?k?g flour$|,?\s*(?:flour total|total flour):? \d[\d.,]* ?k?g$|\s*(?:\([^)]*\d ?(?:k?g|m?l|cm)\b[^)]*\)|, \d[\d.,]* ?k?g\b.*| \d{1,3} ?[x×] ?[\d.,]+ ?k?g)\s*$/i.exec(
        line.text,
      );
    const title = line.slice(0, amount?.index);
    // "using a 250 ml cup" names nothing
    if (/\d ?(?:k?g|m?l)\b/.test(title.text)) this.notUnderstood.push(title);
    else this.title = title;
    if (!amount) return;
    const isYield =
      /\d ?[x×] ?\d|\d (?:loaves|breads|pieces)/.test(amount[0]) || /pieces of \d/.test(normalLine(amount[0]));
    (isYield ? this.facts : this.notUnderstood).push(line.slice(amount.index).trim());
  }

  /** A line that its own sign sets out as a heading, and that is none that is known: a label, or the title. */
  takeLabel(line: Mapped): boolean {
    if (/\d/.test(line.text)) return false;
    if (this.title === undefined && this.isAtStart) this.title = line;
    else this.headings.push(line);
    return true;
  }

  /** Where list and method have headings of their own, what stands before them tells of the bread, and nothing to do. */
  setIntroductionAside(): void {
    if (!this.hasHeaded.has('ingredients') || !this.hasHeaded.has('method')) return;
    this.notUnderstood.push(...this.method.splice(0, this.introduced));
  }

  /** Whether anything has been told to do yet. */
  protected get hasWork(): boolean {
    return this.method.some((m) => actionsIn(normalLine(m.text)).length > 0);
  }

  /** Entries have been listed, and nothing has been done with them. */
  protected get isInTheList(): boolean {
    return !this.isAtStart && !this.hasWork && this.part !== 'method';
  }

  protected get hasPieces(): boolean {
    return this.method.some((m) => actionsIn(normalLine(m.text)).some((a) => PIECE_WORK.has(a.action)));
  }

  protected get hasCooked(): boolean {
    return this.method.some(
      (m) => TURNED.test(m.text) || actionsIn(normalLine(m.text)).some((a) => a.action === 'cook'),
    );
  }

  /** "Salt 6 g." between two steps: a name with its amount that stands in no line before. */
  protected isNew(sentence: Mapped): boolean {
    const food = NAME_FIRST.test(sentence.text) || ONLY_NAMED.test(sentence.text) ? findFood(sentence.text) : undefined;
    return food !== undefined && !this.ingredients.some((i) => findFood(normalLine(i.line.text)) === food);
  }

  /** "Pieces: 32 of 125 g", told once there is a dough. */
  protected isDivided(line: Mapped): boolean {
    const work = this.hasWork && !this.hasPieces && !this.hasCooked ? dividedInto(line) : undefined;
    if (work) this.method.push(work);
    return work !== undefined;
  }

  /** "Press to 20 cm. Olive oil, rosemary, flaky salt.", "Pepper on top.": told once there are pieces. */
  protected isOnTop(s: Mapped): boolean {
    if (!this.hasPieces) return false;
    // "Garlic butter.", once bread is cooked
    if (this.hasCooked && /^\p{L}+ \p{L}+[.!]?$/u.test(s.text) && isFoodAlone(s.text.replace(/[.!]$/, ''))) {
      this.takeEntries(s, 'finish');
      return true;
    }
    if (!areOnTop(s.text) && !areFoodsAlone(s)) return false;
    this.method.push(toppedWith(s));
    return true;
  }

  /** "Za'atar + oil on top (4 tbsp za'atar, 6 tbsp oil).", "Garlic butter (150 g butter + 4 cloves).": told once there is a dough. */
  protected isToppingInBrackets(line: Mapped): boolean {
    const [, head = '', onTop = '', list = ''] = TOPPING_IN_BRACKETS.exec(line.text) ?? [];
    if (list === '' || !this.hasWork || !(onTop !== '' || this.hasCooked)) return false;
    if (actionsIn(normalLine(head)).length > 0) return false;
    const from = line.text.indexOf(`(${list}`) + 1;
    const named = line.slice(from, from + list.length);
    // "4 cloves" beside garlic are no spice
    const items = /garlic/i.test(head) ? named.replace(/\b(\d+ cloves)(?= *(?:[,+]|$))/gi, '$1 of garlic') : named;
    if (itemsOf(items).length < 2) return false;
    if (onTop === '') this.headings.push(line.slice(0, from));
    else this.method.push(toppedWith(line.slice(0, head.length + onTop.length)));
    this.takeEntries(items, 'finish');
    return true;
  }

  protected list(whole: Mapped): void {
    const behind = PART_BEHIND.exec(whole.text);
    const part = behind && headingOf(`${behind[1] ?? ''}:`);
    const line = behind && part ? whole.slice(0, behind.index) : whole;
    if (behind && part) {
      const from = behind.index + behind[0].length;
      this.headings.push(whole.slice(behind.index, from));
      this.takeEntries(whole.slice(from), part.use);
    }
    if (line.text === '') return;
    // "Ghee & coriander.", once bread is cooked
    const isLate =
      this.use === 'dough' && this.part !== 'ingredients' && this.hasWork && !/\d/.test(line.text) && this.hasCooked;
    const use = isLate ? 'finish' : this.part === 'method' ? 'dough' : this.use;
    this.takeEntries(line, use, this.ingredients.at(-1)?.line);
  }

  /** The entries of a list, how many they are for, and what only leads to them. `last`: the ingredient before it. */
  protected takeEntries(list: Mapped, use: IngredientUse, last?: Mapped): void {
    const { items, facts, openings } = entriesOf(list, use, last);
    const isForTop = use === 'dough' && items.length < 4 && ON_TOP.test(list.text) && !/\bflour\b/i.test(list.text);
    for (const item of items) {
      const part = isEntryForLater(item.text)
        ? headingOf(item.text.replace(/wash\.$/i, 'wash'))
        : items.length > 1
          ? headingOf(item.text)
          : undefined;
      // "…; 10 g salt; to serve: yoghurt", "…; 10 g salt; egg wash"
      const isLabelled = part?.part === 'ingredients' && part.use !== 'dough';
      const from = isLabelled && part.rest !== '' ? item.text.length - part.rest.length : 0;
      if (from > 0) this.headings.push(item.slice(0, from));
      const isTop = isForTop && !OF_DOUGH_ALONE.has(findFood(normalLine(item.text))?.role ?? 'other');
      this.ingredients.push({ line: item.slice(from), use: isLabelled ? part.use : isTop ? 'finish' : use });
    }
    this.facts.push(...facts);
    this.headings.push(...openings);
  }
}
