import type { Spelling } from './rule.ts';

/** Behind a figure, and before what is measured or behind its name. */
const measure = (words: string): RegExp =>
  new RegExp(
    `(?<=[\\d½¼¾⅓⅔] ?)(?:${words})(?!\\p{L})\\.?(?: \\((?:tbsp|tsp|cups?)\\))?(?: (?:de |di |d['’]|of |a )?(?=\\p{L})|(?= *(?:[,;)]|$)| +\\d))`,
    'giu',
  );

/** Fewer of them are spoons (this program's own choice). */
const LEAST_CC = 10;

/**
 * Kitchen measures as other tongues call and shorten them (common usage, from memory), in the words of this one: read as no measure they
 * would be taken for grams.
 */
export const FOREIGN_MEASURES: readonly Spelling[] = [
  [
    measure(
      'tb|EL|Essl[öo]e?ffel|msk|ss|spsk|c(?:uill[èe]re)?s?\\.? ?[àa] ?s(?:oupe)?|càs|c\\.s|cs|cdas?|cucharadas?|cucchiaio|cucchiai|eetlepels?|rkl|yemek ka[şs][ıi][ğg][ıi]|colher(?:es)? de sopa',
    ),
    'tbsp ',
  ],
  [
    measure(
      'TL|Teel[öo]e?ffel|KL|tsk|ts|c(?:uill[èe]re)?s?\\.? ?[àa] ?c(?:af[ée])?|càc|cdtas?|cucharaditas?|cucchiain[oi]|theelepels?|tl|[çc]ay ka[şs][ıi][ğg][ıi]|colher(?:es)? de ch[áa]',
    ),
    'tsp ',
  ],
  [measure('Prisen?|Msp|Messerspitzen?|pizzic[oh]i?|pinc[ée]+es?|pizcas?|snufjes?|klypa|krm'), 'pinch '],
  [measure('Tassen?|tasses?|tazas?|tazz[ae]|koppar|kopper|x[íi]caras?'), 'cups '],
  [measure('verres?|vasos?|bicchier[ei]|su barda[ğg][ıi]|lasia?|Gl[äa]ser'), 'glasses '],
  [measure('pkgs?|pks?|p[äa]ckchen|bustin[ae]'), 'packet '],
  [measure('lts?|ltrs?|lit'), 'l '],
  [measure('ea'), ''],
  // a cubic centimetre, where it is no coffee spoon
  [
    /(?<![\d.,])(\d+(?:[.,]\d+)?|[½¼¾]) ?cc(?!\p{L})(?= \p{L}| *(?:[,;)]|$))/giu,
    (_, n = '') => `${n} ${Number(n) >= LEAST_CC ? 'ml' : 'tsp'}`,
  ],
  // a hundred, and ten, grams
  [
    /(?<![\d.,])(\d+(?:[.,]\d+)?) ?(hg|hectograms?|dkg|dag|deka)(?!\p{L})/giu,
    (_, n = '', unit = '') => `${Number((Number(n.replace(',', '.')) * (/^h/i.test(unit) ? 100 : 10)).toFixed(1))} g`,
  ],
];
