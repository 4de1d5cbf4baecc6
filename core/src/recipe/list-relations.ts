import { isFlour } from './flour-shares.ts';
import { findFood } from '../foods/index.ts';
import { SPOONS, VESSELS } from './measures.ts';
import { FRACTION_SIGNS, LARGE, largeValue, SMALL, wordValue } from './number-words.ts';
import { COLOUR, figure, flour, G_PER_PART, SHARE_WORD, shareOf } from './shares.ts';
import { inOrder, type Spelling } from './spelling/rule.ts';

/** How many, in figures or words. */
const N = String.raw`(?<!\p{L})(?:\d+(?:\.\d+)?(?: ?[½¼¾])?|[½¼¾]|an?|one|two|three|four|five|six|seven|eight|nine|ten)`;
const UNIT = `(?:k?g|m?l|${VESSELS}|${SPOONS}|handfuls?)`;
const NAME = String.raw`\p{L}[\p{L} -]{2,24}?`;
const END = String.raw`(?= *(?:[,;.]|$))`;
const TYPED_FLOUR = String.raw`((?:\p{L}+ )*flour(?:,? (?:type |tipo |T ?)\d{1,4})?)`;
/** "(a fifth of it wholemeal)", ", of which 20 % is rye": what part of a flour is another. Three groups. */
const PART_OF_FLOUR = String.raw`(?:,? ?\(|,? (?=[^,;.()]*\bof (?:it|which|this|them)\b))(?:of which )?(?:(${SHARE_WORD})|(\d{1,2}) ?%)(?: of (?:it|which|this|them))?(?: is| are| being)? (\p{L}+)(?: flour)?\)?(?= *(?:[,;.]|$))`;

const valueOf = (n: string): number => {
  const sign = /[½¼¾]/.exec(n)?.[0];
  const whole = n.replace(/ ?[½¼¾]/, '').toLowerCase();
  const count = whole === '' ? 0 : whole === 'a' ? 1 : Number(wordValue(whole));
  return count + (sign === undefined ? 0 : (FRACTION_SIGNS[sign] ?? 0));
};
/** By what an amount is told of another: "half as much", "twice as much", "the same". */
const factorOf = (words: string): number => (/\bhalf\b/i.test(words) ? 0.5 : /\btwice|double\b/i.test(words) ? 2 : 1);

/** What a baker's first letters stand for. */
const LETTERS: Readonly<Record<string, string>> = {
  F: 'flour',
  Fl: 'flour',
  W: 'water',
  S: 'salt',
  Y: 'yeast',
  O: 'oil',
};

/** So much flour as two, of which the told part is of another kind; undefined where that is no flour. */
function partedFlour(n: string, unit: string, told: readonly string[]): string | undefined {
  const [name = '', share = '', hundredths = '', kind = ''] = told;
  if (!isFlour(kind)) return undefined;
  const part = Number(n) * (share === '' ? Number(hundredths) / 100 : (shareOf(share) ?? 0));
  return `${figure(Number(n) - part)} ${unit} ${name}, ${figure(part)} ${unit} ${flour(kind)}`;
}

const RULES: readonly Spelling[] = [
  // "nine hundred grams of flour, half of it wholemeal": what is reckoned with stands in figures
  [
    /^.*\b(?:half of it|of which|half as much|just as much|ditto|the same)\b.*$/i,
    (all = '') => all.replace(LARGE, largeValue).replace(/(\d) grams?\b/gi, '$1 g'),
  ],
  [new RegExp(`\\b(${SMALL}) and a half(?= (?:of|grams?|g)\\b)`, 'gi'), (_, n = '') => `${wordValue(n)}.5`],
  // "per 100 flour: 60 water, 2 salt", "for 100 parts of flour: 60 parts water and 2 parts salt"
  [
    /^(?:for|per|on|to) 100(?: parts)?(?: of)? ((?:\p{L}+ )*flour)[:,]? (\d+(?:[.,]\d+)? (?:parts? )?(?:of )?\p{L}.*)$/iu,
    (_, name = '', rest = '') => `${name} 100 %, ${rest.replace(/(\d) (?:parts? )?(?:of )?(?=\p{L})/gu, '$1 % ')}`,
  ],
  // "on 1 kg of flour: 600 g water and 20 g salt"
  [
    /^(?:on|per|for|to) (\d+(?:[.,]\d+)? ?k?g) (?:of )?((?:\p{L}+ )*flour): (?=\d)/iu,
    (_, amount = '', name = '') => `${amount} ${name}, `,
  ],
  [/,? to which (?:you|we|i) (?:add|put) /i, () => ', '],
  // "oil 60 g (of it 30 in the tin)": of its whole a part is for the pan
  [
    /^(\p{L}[\p{L} ]{2,20}?)[:,]? (\d+) ?(g|ml)? \((?:of (?:it|which|this|these),? )(\d+) ?(?:g|ml)? (?:in(?:to)?|for|on) (?:the )?(tins?|pans?|trays?|griddle|plate|bowls?)\)$/iu,
    (all = '', name = '', n = '', ...[unit = 'g', part = '', where = '']: string[]) =>
      Number(part) < Number(n)
        ? `${Number(n) - Number(part)} ${unit} ${name}; ${part} ${unit} ${name} for the ${/bowl/i.test(where) ? 'bowl' : 'pan'}`
        : all,
  ],
  // "Two parts flour, one part yoghurt, by weight. With 400 g of flour I add 4 g of soda"
  [
    new RegExp(
      String.raw`^(${N}) parts? (?:of )?(${NAME}), (${N}) parts? (?:of )?(${NAME})(?:,? (?:all )?by weight)?(?:, [^.\d]*)?\. (?:with|for|to|on) (\d+(?:\.\d+)?) ?(k?g) (?:of )?(?:the )?\2,? (?:i|we|you) (?:add|take|use|put) `,
      'iu',
    ),
    (all = '', n = '', a = '', ...[m = '', b = '', g = '', unit = '']: string[]) =>
      valueOf(n) > 0 ? `${g} ${unit} ${a}, ${figure((Number(g) * valueOf(m)) / valueOf(n))} ${unit} ${b}, ` : all,
  ],
  // "30 g ghee, melted – half for the dough, half for brushing"
  [
    /^(\d+(?:\.\d+)?) ?(k?g|ml) (?:of )?(\p{L}[^,;(–]*?)(?:, \p{L}+)? ?(?:[–;(,:-]|\s-)\s*(?:1\/2|half|½)(?: of (?:it|which|this))? (?:for|in(?:to)?|goes in(?:to)?) the dough(?:,| and|, and|;)(?: the)?(?: other)? (?:1\/2|half|½|rest) (?=(?:for|to|on) )((?:for|to|on)[\p{L} ]{3,30})\)?\.?$/iu,
    (_, n = '', unit = '', name = '', purpose = '') =>
      `${figure(Number(n) / 2)} ${unit} ${name}; ${figure(Number(n) / 2)} ${unit} ${name} ${purpose}`,
  ],
  // "flour 500/water 300/salt 10"
  [/^\p{L}[\p{L} ]* \d+(?:\/\p{L}[\p{L} ]* \d+(?:\.\d+)?){1,8}\.?$/u, (all = '') => all.replace(/\//g, ', ')],
  [
    /^\d+ (?!(?:k?g|m?l|oz|lb|cups?|tsp|tbsp)\b)\p{L}[\p{L} ]*(?:\/\d+(?:\.\d+)? (?!(?:k?g|m?l|oz|lb|cups?|tsp|tbsp)\b)\p{L}[\p{L} ]*){1,8}\.?$/u,
    (all = '') => all.replace(/\//g, ', '),
  ],
  // "equal parts self-raising flour and yogurt (I use 200 each)"
  [
    new RegExp(
      `(?<=^|[.!] )equal (?:parts|weights|amounts) (?:of )?(${NAME}) and (${NAME}) \\((?:\\p{L}+ )+(\\d{2,4}) ?g? (?:of )?each[^)]*\\)`,
      'iu',
    ),
    (_, a = '', b = '', g = '') => `equal parts: ${g} g ${a}, ${g} g ${b},`,
  ],
  // "60 % water and 2 % salt on the flour weight", "water is 60 % and salt 2 % of the flour"
  [
    /^((?:[^.]|\.\d)*\d ?%(?:[^.]|\.\d)*?) (?:on|of) the (?:flour weight|weight of (?:the )?flour|flour)(?=\.|$)/i,
    (_, list = '') => `flour 100 %, ${list.replace(/ is (?=\d)/gi, ' ').replace(/ and /g, ', ')}`,
  ],
  // "three parts wheat to one part masa harina (750 and 250 grams)"
  [
    new RegExp(
      `(${N} parts?) (?:of )?(${NAME}) (?:to|and|with) (${N} parts?) (?:of )?(${NAME}) \\((\\d+) ?(?:g(?:rams?)?)? ?(?:and|to|[:/+]) ?(\\d+) ?g(?:rams?)?\\)`,
      'iu',
    ),
    (_, n = '', a = '', ...[m = '', b = '', x = '', y = '']: string[]) => `${x} g ${a} (${n}), ${y} g ${b} (${m})`,
  ],
  // "flour, 60 % water, 2 % salt", "bread flour with 60 % water"
  [/^((?:\p{L}+ ){0,2}flour)(?:,| with) (?=\d+(?:[.,]\d+)? ?% ?\p{L})/iu, (_, name = '') => `${name} 100 %, `],
  // "flour 100 - water 60 - salt 2", "100% flour 60% water 2% salt": a row without commas
  [
    /^(?:\p{L}[\p{L} ]*? \d+(?:\.\d+)?|\d+(?:\.\d+)? \p{L}[\p{L} ]*?)(?: [-–|] (?:\p{L}[\p{L} ]*? \d+(?:\.\d+)?|\d+(?:\.\d+)? \p{L}[\p{L} ]*?)){2,}(?=\.? |\.?$)/u,
    (all = '') => all.replace(/ [-–|] /g, ', '),
  ],
  [/^(?:\p{L}[\p{L} ]*? \d+(?:\.\d+)? ?% ?){3,}(?=\.|$)/u, (all = '') => all.trim().replace(/% (?=\p{L})/gu, '%, ')],
  [/^(?:\d+(?:\.\d+)? ?% ?\p{L}+ ?){3,}(?=\.|$)/u, (all = '') => all.trim().replace(/(\p{L}) (?=\d)/gu, '$1, ')],
  // "in % of flour: flour 100, …" says it by its figures
  [/^in (?:%|per ?cent) of (?:the )?flour(?: weight)?[:,] (?=.*\bflour \d)/i, () => 'Percent: '],
  // "white flour at 60 % hydration"
  [
    /^((?:\p{L}+ ){0,2}flour) at (\d+(?:\.\d+)? ?%) (?:hydration|water)/iu,
    (_, name = '', n = '') => `${name} 100 %, ${n} water`,
  ],
  [/(?<=\d ?k?g (?:of )?(?:\p{L}+ ){0,2}flour) at (?=\d+(?:\.\d+)? ?% (?:hydration|water))/giu, () => ', '],
  [
    /^100 parts (?:of )?((?:\p{L}+ )*flour) to (\d+(?:\.\d+)?) (\p{L}+)(?:,| and) (\d+(?:\.\d+)?) (\p{L}+)/iu,
    (_, name = '', ...[a = '', b = '', c = '', d = '']: string[]) => `${name} 100 %, ${a} % ${b}, ${c} % ${d}`,
  ],
  // "flour : water : salt = 100 : 60 : 2", "flour/water/salt 500/300/10 g"
  [
    /^(\p{L}+(?: ?[:/] ?\p{L}+){1,6})(?: ?= ?|: | )(\d+(?:\.\d+)?(?: ?[:/] ?\d+(?:\.\d+)?){1,6})(?: (g))?(?=\.|$)/u,
    (all = '', names = '', figures = '', unit = '') => {
      const [of, n] = [names.split(/ ?[:/] ?/), figures.split(/ ?[:/] ?/)];
      const isList = of.length === n.length && of.filter((name) => findFood(name)).length > 1;
      const measure = unit === '' ? (n[0] === '100' ? ' %' : ' g') : ' g';
      return isList ? of.map((name, i) => `${name} ${n[i] ?? ''}${measure}`).join(', ') : all;
    },
  ],
  // "flours: bread 80, rye 20. Water 65. Salt 2."
  [
    /^flours?: (\p{L}+) (\d+), (\p{L}+) (\d+)((?:\. \p{L}[\p{L} ]* \d+(?:\.\d+)?)+)(?=\.)/iu,
    (all = '', ...[a = '', x = '', b = '', y = '', rest = '']: string[]) =>
      Number(x) + Number(y) === 100
        ? `${flour(a)} ${x} %, ${flour(b)} ${y} %${rest.replace(/\. (\p{L}[\p{L} ]*) (\d+(?:\.\d+)?)/gu, ', $1 $2 %')}`
        : all,
  ],
  [
    /^flour (?:mix )?\((\d+) (\p{L}+) ?[:,/+] ?(\d+) (\p{L}+)\)/iu,
    (_, x = '', a = '', ...[y = '', b = '']: string[]) => `${flour(a)} ${x}, ${flour(b)} ${y}`,
  ],
  // "harina – flour – 500 g", "Mehl, flour: 500 g"
  [
    /(?<=^|[,;] )(\p{L}+)(?: [–-] |, )(\p{L}[\p{L} ]*?)(?: [–-] |: )(?=\d)/gu,
    (all = '', foreign = '', known = '') => (!findFood(foreign) && findFood(known) ? `${known} ` : all),
  ],
  // "4 cups of flour, half as much water", "300 g flour and just as much yoghurt"
  [
    new RegExp(
      `(${N}) ?(${UNIT}) (?:of )?(${NAME})(,|;| and| with) ((?:(?:just |exactly )?as much|half as much|twice as much|half of that(?: amount)? (?:of|in)|double the amount of)) (?![^,;.]* as\\b)(${NAME})${END}`,
      'iu',
    ),
    (_, n = '', unit = '', name = '', sign = '', how = '', other = '') =>
      `${n} ${unit} ${name}${sign === ';' ? ';' : ','} ${figure(valueOf(n) * factorOf(how))} ${unit} ${other}`,
  ],
  // "300 g flour, yoghurt ditto", "4 cups flour; water half of that"
  [
    new RegExp(
      `(${N}) ?(${UNIT}) (?:of )?(${NAME})(?:,|;| and) (${NAME}),? (ditto|the same(?: again)?|as much again|half(?: of)? that|half as much|twice (?:that|as much))${END}`,
      'iu',
    ),
    (_, n = '', unit = '', name = '', other = '', how = '') =>
      `${n} ${unit} ${name}, ${figure(valueOf(n) * factorOf(how))} ${unit} ${other}`,
  ],
  // "two bowls of fine semolina and one of white flour (about 300 g and 150 g)"
  [
    new RegExp(
      `${N} (?:${VESSELS}) (?:of )?(${NAME}),? and ${N}(?: (?:${VESSELS}))? (?:of )?(${NAME}) \\((?:about |that is |i\\.e\\. |= ?)?(\\d+ ?(?:k?g|ml)) and (\\d+ ?(?:k?g|ml))\\)`,
      'iu',
    ),
    (_, name = '', other = '', ...[first = '', second = '']: string[]) => `${first} ${name}, ${second} ${other}`,
  ],
  // "2 parts rye, 3 parts wheat (total flour 500 g)"
  [
    /\b(\d{1,2}) parts? (\p{L}+(?: flour)?)(?:,| and| to| ?:) (\d{1,2}) parts? (\p{L}+(?: flour)?),? \((?:total(?: flour)?|flour in all|in all)[: ]+(\d{2,4}) ?g\)/iu,
    (all = '', a = '', first = '', ...[b = '', second = '', g = '']: string[]) => {
      const part = Number(g) / (Number(a) + Number(b));
      return isFlour(first) && isFlour(second)
        ? `${figure(Number(a) * part)} g ${flour(first)}, ${figure(Number(b) * part)} g ${flour(second)}`
        : all;
    },
  ],
  // "0.19 l Wasser, lauwarm / water, lukewarm": of two languages the one that is known
  [
    /^([\d.,]+ ?(?:k?g|m?l|dl|cl)) (\p{L}[\p{L}, ]{2,30}?) \/ (\p{L}[\p{L}, ]{2,30})$/iu,
    (all = '', n = '', ...[foreign = '', known = '']: string[]) =>
      findFood(known) && !findFood(foreign) ? `${n} ${known}` : all,
  ],
  // "1 level teaspoon of baking powder and the same of salt"
  [
    new RegExp(
      `(${N}|(?<!\\p{L})(?:a )?(?:half|quarter|third)(?: of)? an?|\\d/\\d) ?((?:level |heaped |small |good )?(?:${UNIT}|${SPOONS}|pints?|pounds?|litres?)) (?:of )?(${NAME})(?:,| and|, and) (?:about |roughly )?(?:the same|as much|just as much|an equal amount)(?: again)? (?:of|in) (${NAME})${END}`,
      'iu',
    ),
    (_, n = '', unit = '', ...[name = '', other = '']: string[]) => `${n} ${unit} ${name}, ${n} ${unit} ${other}`,
  ],
  // "the formula is 100 flour, 63 water, 2 salt and 5 yoghurt"
  [
    /^(?:[^.:;\d]{0,60}?(?::| is| are| reads?| goes) )?100 (?!(?:k?g|m?l|oz|lb)\b)((?:\p{L}+ )*flour)((?:(?:,| and|, and) \d+(?:\.\d+)? (?!(?:k?g|m?l|oz|lb|cups?|tbsp|tsp|parts?)\b)(?:\p{L}+ ){0,2}\p{L}+)+)(?=\.|$)/iu,
    (all = '', name = '', rest = '') => {
      const items = rest.split(/(?:,| and)+ (?=\d)/).filter((i) => i !== '');
      return items.every((i) => findFood(i))
        ? `${name} 100 %, ${items.map((i) => i.replace(/^[\d.]+/, '$& %')).join(', ')}`
        : all;
    },
  ],
  // "flour (4 cups), water (2 cups)", "flour – four cups, water – two cups"
  [
    new RegExp(`^(?:${NAME}(?:, | \\(| [–-] | x )${N} ${UNIT}\\)?(?:[,;] ?|(?=\\.|$))){2,}(?=\\.|$)`, 'iu'),
    (all = '') =>
      all.replace(
        new RegExp(`(${NAME})(?:, | \\(| [–-] | x )(${N} ${UNIT})\\)?(?=[,;.]|$)`, 'giu'),
        (_, name: string, amount: string) => `${amount} ${name.trim().replace(/^and /i, '')}`,
      ),
  ],
  [new RegExp(`(\\d) ?x (?=(?:${VESSELS}|${SPOONS})\\b)`, 'gi'), (_, n = '') => `${n} `],
  // "2:1 flour to water, by volume", "flour and yoghurt, 1:1 by weight"
  [
    new RegExp(
      `^(?:(?:the )?ratio(?: is)?:? )?(\\d+) ?: ?(\\d+)(?:,? by (volume|weight))?,? (?:of )?(${NAME}) (?:to|and) (${NAME})(?:,? by (volume|weight))?(?=[.,]|$)`,
      'iu',
    ),
    (all = '', a = '', b = '', before = '', first = '', second = '', behind = '') =>
      inShares(all, [a, first], [b, second], before || behind),
  ],
  [
    new RegExp(`^(${NAME}) (?:to|and) (${NAME}),? (\\d+) ?: ?(\\d+)(?:,? by (volume|weight))?(?=\\.|$)`, 'iu'),
    (all = '', first = '', second = '', a = '', b = '', by = '') => inShares(all, [a, first], [b, second], by),
  ],
  // "equal weights of yogurt and flour, 300 g each"
  [
    new RegExp(
      `\\b(equal (?:parts|weights|amounts|quantities)(?: by weight)?(?: of)?) (${NAME}) and (${NAME})(?:,? by weight)?(?:,| [–-]|:)? \\(?(\\d+ ?(?:k?g|ml)) (?:of )?each\\)?(?: [–-])?`,
      'iu',
    ),
    (_, lead = '', a = '', ...[b = '', g = '']: string[]) => `${lead}: ${g} ${a}, ${g} ${b},`,
  ],
  [
    new RegExp(`\\bequal (?:parts by weight|weights|amounts by weight) of (${NAME}) and (${NAME})${END}`, 'iu'),
    (_, a = '', b = '') => `100 % ${a}, 100 % ${b}`,
  ],
  // "100 % flour, of which rye 15 %": its part first
  [
    /(?<=\bflour\b[^;.]*)\b(of which),? (?:the )?(\p{L}+(?: flour)?)[:,]? (?:is )?(\d{1,3}(?:\.\d+)? ?(?:%|k?g))(?= *(?:[,;.)]|$))/giu,
    '$1 $3 $2',
  ],
  // "400 g flour, of which a quarter rye", "100 % flour (a fifth of it wholemeal)"
  [
    new RegExp(String.raw`(\d+(?:\.\d+)?) ?(k?g|%) (?:of )?${TYPED_FLOUR}${PART_OF_FLOUR}`, 'iu'),
    (all = '', n = '', unit = '', ...told) => partedFlour(n, unit, told) ?? all,
  ],
  // "flour 500 g, half of it wholemeal"
  [
    new RegExp(String.raw`${TYPED_FLOUR}[:,]? (\d+(?:\.\d+)?) ?(k?g|%)${PART_OF_FLOUR}`, 'iu'),
    (all = '', name = '', n = '', unit = '', ...told) => partedFlour(n, unit, [name, ...told]) ?? all,
  ],
  // "300 g white and 100 g wholemeal flour"
  [
    new RegExp(`(\\d+ ?k?g) (${COLOUR})(?: and|,| \\+) (?=\\d+ ?k?g (?:\\p{L}+ )?flour)`, 'iu'),
    (_, amount = '', kind = '') => `${amount} ${flour(kind)}, `,
  ],
  // "400 g of wholemeal flour and 100 g of white in a bowl"
  [
    new RegExp(
      `(\\d ?k?g (?:of )?(?:\\p{L}+ ){0,2}flour(?:,| and| \\+|, and) \\d+ ?k?g (?:of )?)(${COLOUR})(?=[,;.]|$| (?:and|in|into|with|to|on)\\b)`,
      'giu',
    ),
    (_, before = '', kind = '') => `${before}${flour(kind)}`,
  ],
  // "flour (400 g wholemeal and 100 g white)"
  [
    new RegExp(
      `\\bflours? \\((\\d+ ?k?g) (?:of )?(${COLOUR})(?:,| and| \\+|, and) (\\d+ ?k?g) (?:of )?(${COLOUR})\\)`,
      'giu',
    ),
    (_, n = '', kind = '', ...[m = '', other = '']: string[]) => `${n} ${flour(kind)}, ${m} ${flour(other)}`,
  ],
  // "flours: 300 g white, 100 g wholemeal"
  [
    /^flours?: ([^;]*\d ?k?g [^;]*)(?=;|$)/i,
    (all = '', list = '') => {
      const told = list.replace(
        new RegExp(`(\\d ?k?g) (${COLOUR})(?= *(?:,|and\\b|$))`, 'gi'),
        (_all, amount: string, kind: string) => `${amount} ${flour(kind)}`,
      );
      // "flour: 500 g, water: 300 g": no kind of flour is told
      return told === list ? all : told;
    },
  ],
  // "3/4 white flour and 1/4 rye, 60 % water"
  [
    /^(\d)\/(\d) (\p{L}+ flour)(?: and|,) (\d)\/(\d) (\p{L}+)(?: flour)?,(?= \d+(?:\.\d+)? ?%)/iu,
    (_, a = '', b = '', first = '', c = '', d = '', second = '') =>
      `${figure((100 * Number(a)) / Number(b))} % ${first}, ${figure((100 * Number(c)) / Number(d))} % ${flour(second)},`,
  ],
  // "300 g milk/water mix (half and half)", "300 g liquid (half milk, half water)"
  [
    /(\d+) ?(g|ml) (\p{L}+)(?: ?\/ ?| and )(\p{L}+)(?: mix(?:ture)?)? \(half (?:and|\/|-) half\)/iu,
    (_, n = '', unit = '', a = '', b = '') => `${Number(n) / 2} ${unit} ${a}, ${Number(n) / 2} ${unit} ${b}`,
  ],
  [
    /(\d+) ?(g|ml) (?:of )?liquid \(half (\p{L}+)(?:,| and|, and) half (\p{L}+)\)/iu,
    (_, n = '', unit = '', a = '', b = '') => `${Number(n) / 2} ${unit} ${a}, ${Number(n) / 2} ${unit} ${b}`,
  ],
  // "3 scoops flour : 1.5 scoops water"
  [new RegExp(`(\\d (?:${VESSELS}|${SPOONS}|k?g|m?l) (?:of )?${NAME}) : (?=\\d)`, 'giu'), (_, one = '') => `${one}, `],
  // "bloem 1 kg, water 0.6 l, zout 20 g (flour, water, salt)": the names once more, in their order
  [
    /((?:\p{L}[\p{L} ]* \d[\d.,]* ?(?:k?g|m?l|%)(?:, | \()){2,9})((?:\p{L}[\p{L} ]*, )+\p{L}[\p{L} ]*)\)/u,
    (all = '', list = '', names = '') => {
      const items = list.replace(/ \($/, '').split(', ');
      const told = names.split(', ');
      return items.length === told.length && told.every((n) => findFood(n))
        ? items.map((item, n) => `${told[n] ?? ''} ${/\d.*$/.exec(item)?.[0] ?? ''}`).join(', ')
        : all;
    },
  ],
  // "1.2 kg Mehl / flour": of two languages the one that is known
  [
    /(\d[\d.,]* ?(?:k?g|m?l)) (\p{L}+) \/ (\p{L}[\p{L} ]*?)(?=[,.;]|$)/giu,
    (all = '', amount = '', foreign = '', known = '') =>
      findFood(known) && (!findFood(foreign) || findFood(foreign) === findFood(known)) ? `${amount} ${known}` : all,
  ],
  // "F500 W300 S10"
  [
    /^(?:(?:Fl|F|W|S|Y|O)[.:]? ?\d+(?:[.,]\d+)?(?:[ ,;/]+|(?=\.|$))){3,}/,
    (all = '') =>
      all
        .trim()
        .replace(
          /(Fl|F|W|S|Y|O)[.:]? ?(\d+(?:[.,]\d+)?)[ ,;/]*/g,
          (_, letter: string, n: string) => `${LETTERS[letter] ?? ''} ${n} g, `,
        )
        .replace(/, $/, ''),
  ],
  // a range, and where in it to begin
  [/\bbetween (\d+) and (\d+)(?= ?(?:k?g|m?l)\b)/gi, (_, a = '', b = '') => `${a}–${b}`],
  [/ [–-] (start with (?:about )?\d+(?: ?(?:g|ml))?)\.?$/i, (_, how = '') => ` (${how})`],
  // "500g/1lb 2oz plain flour", "100ml/3½fl oz milk"
  [
    /(?<![\p{L})](?<!\b(?:about|approx|roughly))(?:[:,=]| [–=-])? ?[\d.,]*)(\d ?(?:k?g|m?l)) ?\/ ?((?:\d+ ?lb )?(?:\d+|\d* ?[½¼¾⅓⅔]) ?(?:[½¼¾] ?)?(?:fl ?oz|oz|lb|pints?|cups?|tbsp|tsp))\s+(?=\p{L})/iu,
    (_, metric = '', other = '') => `${metric} (${other}) `,
  ],
  [/^discard(?= *(?:\(|\d))/i, (name = '') => `sourdough ${name.toLowerCase()}`],
  // "enough hot water, roughly 380 ml"
  [
    /\b(?:enough|sufficient) ([\p{L} -]{3,25}?),? \(?(?:roughly|about|around|approx\.?) (\d+ ?(?:g|ml|l))\b\)?,?/iu,
    (_, name = '', amount = '') => `${amount} ${name}`,
  ],
  [/\bveg\. (?=\p{Ll})/giu, () => 'vegetable '],
  [/\bwater by the (?:splash|spoonful|drop)(?: until [^.;,]*)?/gi, () => 'enough water'],
  [/, \+ (?=(?:more|extra|a little)\b)/i, () => ', plus '],
  [
    /(\d ?k?g) T ?(45|55|65|80|110|130|150)(?= *(?:[,;.]|$))/,
    (_, amount = '', type = '') => `${amount} flour T${type}`,
  ],
  // two kinds of yeast, of which one is taken
  [
    /(\d+(?:\.\d+)? ?g fresh yeast) ?\/ ?(?=\d+(?:\.\d+)? ?g (?:\p{L}+ )?(?:dried|dry|instant|active|yeast)\b)/iu,
    (_, fresh = '') => `${fresh} or `,
  ],
  [
    /(\d\/\d|[½¼]|half an?|an?|1) cubes? (?:of )?(fresh yeast) \((\d+ ?g)\)/i,
    (_, n = '', name = '', g = '') => `${g} ${name} (${n} cube)`,
  ],
];

function inShares(
  all: string,
  [a, first]: readonly [string, string],
  [b, second]: readonly [string, string],
  by: string,
): string {
  if (!findFood(first) || !findFood(second)) return all;
  return by.toLowerCase() === 'weight'
    ? `${Number(a) * G_PER_PART} g ${first}, ${Number(b) * G_PER_PART} g ${second}`
    : `${a} parts ${first}, ${b} parts ${second}`;
}

/** A list in which one amount is told by another, "half as much water", "yoghurt ditto", each with its own. */
export const withOwnAmounts = inOrder(RULES);
