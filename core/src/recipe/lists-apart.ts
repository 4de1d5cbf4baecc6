import { findFood } from '../foods/index.ts';
import { itemsOf } from './items.ts';
import { Mapped } from './mapped.ts';
import { sentencesOf } from './sentences.ts';

/** "dough: flour 300, water 180; layer: lard 30", "Dough: 300 g flour. Filling: 200 g feta": parts of a list in one line, each in a line of its own. */
const PART_NEXT =
  /\.\s+(?=(?:dough|layers?|filling|topping|dip|glaze|paste|sauce|to finish|to brush): )(?<=^(?:dough|layers?|filling|topping|dip|glaze|paste|sauce): [^:]*\d[^:]*)|;\s+(?=(?:layers?|filling|topping|dip|glaze|paste): )(?<=\d[^;]*;\s+)|:\s+(?=dough: )(?<=^\p{L}[^:]{2,40}:\s+)/giu;

/** "200 g flour, 1 tsp salt. Topping: 2 tbsp sesame, …", "… To fold: 80 g butter": behind a list, by any name of a part. */
const LABEL_NEXT = new RegExp(
  `\\.\\s+(?=(?:toppings?|fillings?|stuffing|layers?|glaze|dip|sauce|paste|(?:to|for) (?:the )?(?:fill|stuff|top|fold|layer|coil|brush|finish|glaze|dip|fry|serv|lamination)\\p{L}*(?: the \\p{L}+)?): ?(?:about )?[\\d½¼¾][\\d.,/]* ?(?!(?:s|secs?|seconds?|min|minutes?|h|hours?|cm|mm|°)\\b)\\p{L})(?<=\\d ?(?:k?g|m?l|tsp|tbsp|cups?|%|teaspoons?|tablespoons?)\\b[^:]*\\.\\s+)`,
  'giu',
);

/** In a line of lists alone: where work stands among them its sentences are taken one by one anyway. */
function labelsApart(line: Mapped): readonly Mapped[] {
  const parts = line.split(LABEL_NEXT);
  return parts.length > 1 && sentencesOf(line).every((s) => itemsOf(s).length > 1) ? parts : [line];
}

/** "… (makes 8). Ingredients: 350 g flour … Method: 1. Put all …": headings within a paragraph. */
const HEADING_NEXT =
  /(?<=[.)!])\s+(?=(?:Ingredients?|Method|Directions|Instructions|To make|For the [\p{L} ]{3,25}): ?\S)|(?<=\b(?:Method|Directions|Instructions):)\s+(?=1[.)] )/gu;

/** "Flour: 600 g, half white. Yeast: 10 g. Water: 380 g, warm.": so many sentences, each of them an entry. */
const ENTRY = String.raw`\p{Lu}\p{L}+(?: \p{L}+){0,2}: (?:about |an? )?(?:[\d½¼¾]|pinch)[^.:]*(?:\.\d[^.:]*)*`;
const ENTRIES_IN_ROW = new RegExp(`^${ENTRY}(?:\\. ${ENTRY}){2,}\\.?$`, 'u');
const entriesApart = (line: Mapped): readonly Mapped[] => {
  if (!ENTRIES_IN_ROW.test(line.text)) return [line];
  const entries = line.split(/\. (?=\p{Lu})/gu);
  return 2 * entries.filter((e) => findFood(e.text.replace(/:.*$/, ''))).length > entries.length ? entries : [line];
};

/** "Sponge: 100 g flour, 100 g water: 20 min", "Dough: 400 g flour, 190 g water: knead 8 min": a list, and behind it what is done. */
const WORK_BEHIND_LIST =
  /(?::|\s[–—-])\s+(?=(?:mix|knead|stir|combine|rest|stand|whisk)\b)(?<=^(?:dough|sponge|poolish|biga|levain|batter): [^:]*\d ?(?:g|ml|tsp|tbsp|cups?)\b[^:]*(?::|\s[–—-])\s+)/gi;
/** "400 g rye meal + 350 g boiling water, cover, 30 min", "raw rice 500 g (soak 5 hours, drain)": an entry, and behind it what is done with it. */
const WORK_BEHIND_ENTRY =
  /,\s+(?=(?:cover|stand|soak)\b[^.;]{0,40}\.?$)(?<=^\d[\d.,]* ?(?:k?g|m?l) [^.;]*,\s+)|\s*\((?=soak\b[^()]*\)$)(?<=^(?:\p{L}[\p{L} ]+ \d[\d.,]* ?k?g|\d[\d.,]* ?k?g \p{L}[\p{L} ]+)\s*\()/giu;
/** How long a preferment stands, behind a second colon. */
const STOOD_BEHIND_LIST = /(?<=^(?:sponge|poolish|biga|levain): [^:]*\d ?(?:g|ml)[^:]*): (?=\d[\d.]* ?(?:min|h)\b)/i;

/** "PITA; 1.5 kg flour; 0.9 l water": over a list the name of the bread. */
const PART_NEXT_OR_NAME = new RegExp(
  `${PART_NEXT.source}|;\\s+(?=\\d[^;]*;[^;]*\\d)(?<=^\\p{Lu}[^;:.\\d]{2,40};\\s+)`,
  PART_NEXT.flags,
);

/** "DOUGH maida 500 curd 100 milk 180 salt 8": names and figures in turn, and no sign between them. */
const IN_TURN =
  /^(?:(DOUGH|STUFFING|FILLING|TOPPING|DIP|LAYER) )?((?:\p{Ll}[\p{L}.]*(?: \p{Ll}[\p{L}.]*){0,2} \d+(?:\.\d+)?(?: ?(?:g|ml|tsp|tbsp))?(?= |$) ?){3,})(.*)$/u;
const PAIR = /(\p{Ll}[\p{L}. ]*? \d+(?:\.\d+)?(?: ?(?:g|ml|tsp|tbsp))?)(?= |$) ?/gu;
/** Such names and figures, a comma behind each. */
export function pairsApart(line: Mapped): Mapped {
  const [all, label = '', pairs] = IN_TURN.exec(line.text) ?? [];
  if (all === undefined || pairs === undefined) return line;
  const names = Array.from(pairs.matchAll(PAIR), (m) => m[1] ?? '');
  if (2 * names.filter((p) => findFood(p)).length < names.length) return line;
  const from = label === '' ? 0 : label.length + 1;
  const behind = line.slice(from + pairs.length);
  const list = line.slice(from, from + pairs.length).replace(PAIR, '$1, ');
  const whole = Mapped.join(behind.text === '' ? [list.replace(/, $/, '')] : [list.replace(/, $/, ','), behind]);
  return label === '' ? whole : Mapped.join([line.slice(0, label.length), whole], ': ');
}

/** "400 semolina/400 white/15 salt/~500 water" among sentences. */
const SLASHED =
  /(?<=^|[.)!] )\d{2,4} ?g? \p{L}+(?: \p{L}+)?(?: ?\/ ?~?\d{1,4} ?g? \p{L}+(?: \p{L}+)?){2,}(?=\.(?: |$)|$)/u;
/** A list between slashes in a line of its own. */
function slashedApart(line: Mapped): readonly Mapped[] {
  const m = SLASHED.exec(line.text);
  if (!m || m[0].length === line.text.length) return [line];
  const list = line.slice(m.index, m.index + m[0].length).replace(/(?<=\/ ?)~ ?/g, '');
  const entries = list.text.split('/');
  return 2 * entries.filter((e) => findFood(e)).length > entries.length
    ? [line.slice(0, m.index), list, line.slice(m.index + m[0].length).replace(/^\. ?/, '')].filter(
        (l) => l.text.trim() !== '',
      )
    : [line];
}

/** Lists that stand in one line with a name, with another list, or with what is done with them, each in a line of its own. */
export const listsApart = (lines: readonly Mapped[]): readonly Mapped[] =>
  lines
    .flatMap((l, n) => (n === 0 ? l.split(PART_NEXT_OR_NAME) : [l]))
    .flatMap((l) => l.split(PART_NEXT))
    .flatMap(labelsApart)
    .flatMap(entriesApart)
    .flatMap((l) => l.split(HEADING_NEXT))
    .flatMap((l) => l.split(WORK_BEHIND_LIST))
    .flatMap((l) => l.split(WORK_BEHIND_ENTRY))
    .map((l) => l.replace(/^(?=soak\b[^()]*\)$)(.*)\)$/i, '$1'))
    .flatMap((l) =>
      l.replace(STOOD_BEHIND_LIST, '. Stand ').split(/(?<=^(?:sponge|poolish|biga|levain): [^:]*)\. (?=Stand \d)/gi),
    )
    .flatMap(slashedApart);
