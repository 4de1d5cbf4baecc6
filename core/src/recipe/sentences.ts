import { Mapped } from './mapped.ts';

const SHORTENED =
  /(?<=[\d½¼¾] ?(?:heaping |level |rounded )?)[cCtT]\.$|(?<!\d ?°? ?)\bc\.$|\b(?:approx|abt|med|mins?|max|secs?|hrs?|tbsp|tsp|teasp|tablesp|oz|lb|in|cm|ca|e\.g|i\.e|no)\.$/i;

/** A measure that is cut short, before what is measured. */
const MEASURED = /[\d½¼¾] ?(?:tsp|tbsp|teasp|tablesp|oz|lb|pt)$/i;

/** Minutes, hours, pieces or a size: no seconds of the minutes before. */
const NEW_TIME =
  /^\d\d? ?s(?:ec\w*)? ?(?:[/+]|each|per|a side)|^(?:[6-9]\d|1\d\d) ?s(?:ec\w*)?\b|^(?:about |another )?\d[\d.,½–-]* ?(?:mins?|minutes?|h|hrs?|hours?|g|cm|pieces|balls|parts|[x×])\b/i;

/** Sentences of a paragraph; a point inside a number or after a shortening ends none. */
export function sentencesOf(paragraph: Mapped): readonly Mapped[] {
  const pieces: Mapped[] = [];
  let from = 0;
  for (const m of paragraph.text.matchAll(
    /[.!?]\s+(?=["'(\p{L}\d½¼¾])|;\s+(?=(?:[Mm]eanwhile|[Ww]hile|If|[Ww]hen|[Oo]nce|Then|Next|In the meantime)\b)|;\s+(?=(?:[Aa]lternatively|[Oo]ptional(?:ly)?|[Ff]or (?:a )?(?:softer|soft|crisp\w*)|[Rr]eheat|(?:they|these|breads?) (?:will )?keep|[Mm]akes|[Ss]erves|[Bb]est eaten|[Tt]hey freeze|[Ll]eftovers)\b)/gu,
  )) {
    const end = m.index + 1;
    const next = paragraph.text[m.index + m[0].length] ?? '';
    // in a hurry nobody writes capitals: behind a whole word a point ends a sentence all the same
    const before = paragraph.text.slice(from, m.index);
    // "to 18 cm. 1 minute a side": no size goes on behind its unit
    const behind = paragraph.text.slice(m.index + m[0].length);
    const isSized =
      (/\d ?cm\.$/.test(paragraph.text.slice(from, end)) && /^(?:\d|an? (?:minute|hour))/.test(behind)) ||
      // "knead 8 min. 90 min covered": nor does a time, but minutes with their seconds
      (/\d ?mins?\.$/.test(paragraph.text.slice(from, end)) && NEW_TIME.test(behind));
    // "flour sr 500 g. salt 1 tsp.": behind its name an amount ends its entry
    const isEntry =
      /^\s*\p{L}[\p{L} ]{2,24} (?:\d[\d.,]* ?(?:k?g|m?l)|tsp|tbsp)\.$/u.test(paragraph.text.slice(from, end)) &&
      /^\p{Ll}{3}/u.test(behind);
    const isNew =
      isEntry ||
      m[0].startsWith(';') ||
      isSized ||
      /["'(\p{Lu}\d½¼¾]/u.test(next) ||
      /\p{Ll}{4}$/u.test(before) ||
      (/[\d)]$/.test(before) && before.trim().length > 3);
    // "4 teasp. Baking Powder"
    if (/^\s*[\d½¼¾]/.test(before) && MEASURED.test(before)) continue;
    if (/\b(?:mrs?|dr|st)\.$/i.test(paragraph.text.slice(from, end))) continue;
    if (!isNew || (SHORTENED.test(paragraph.text.slice(from, end)) && !isSized && !isEntry && !/\p{Lu}/u.test(next)))
      continue;
    pieces.push(paragraph.slice(from, end));
    from = end;
  }
  return [...pieces, paragraph.slice(from)].map((s) => s.trim()).filter((s) => s.text !== '');
}
