import { decodeHTML } from 'entities';
import { Parser } from 'htmlparser2';
import { Mapped } from './mapped.ts';

const SKIPPED = new Set([
  'script',
  'style',
  'title',
  'nav',
  'footer',
  'svg',
  'noscript',
  'template',
  'iframe',
  'aside',
  'form',
]);
/** What a page sets beside its recipe, by the names that pages give it. */
const BESIDE =
  /(?:^|[\s_-])(?:ads?|adverts?|advertisement|banner|promo\w*|sponsor\w*|comments?|reviews?|ratings?|testimonials?|newsletter|related|share|sidebar|cookie)(?:$|[\s_-])/i;
/** What holds a whole page: their names say what else is in it ("comments-open"). */
const WHOLE = new Set(['html', 'body', 'main', 'article']);
const INLINE = new Set([
  'a',
  'b',
  'i',
  'em',
  'strong',
  'span',
  'sup',
  'sub',
  'small',
  'u',
  'label',
  'abbr',
  'time',
  'mark',
  // the cells of a row are one line
  'td',
  'th',
  // a term and what is said of it
  'dt',
  'dd',
]);
/** Over what readers have written. */
const OF_READERS =
  /^\W*(?:\d+ )?(?:comments?|reviews?|ratings?|(?:reader )?responses?|leave a (?:comment|reply|review)|what (?:people|readers|others) (?:say|said))(?: \(\d+\))?\W*$/i;
const BOLD = new Set(['b', 'strong']);
/** A few words with a stop, and no figure: the label of the words behind it. */
const isLabel = (text: string): boolean => /^\s*\p{Lu}[\p{L}' ,-]{2,40}[.:!]\s*$/u.test(text);
const CELL = new Set(['td', 'th', 'dd']);
/** The text of an entity such as `&#189;` or `&frac12;`, by the HTML standard's own list; a space that does not break is a space. */
export const withoutEntities = (text: string): string => decodeHTML(text).replace(/\u00a0/g, ' ');

export interface PageText {
  /** The words of the page, a line for each block, without adverts, menus and comments. */
  readonly lines: readonly Mapped[];
  /** What the page's `application/ld+json` scripts hold. */
  readonly data: readonly string[];
}

/** The words of a page with where they stand in it, without scripts, menus, adverts and tags; nothing is run. */
export function textOfHtml(html: string): PageText {
  const lines: Mapped[] = [];
  const data: string[] = [];
  let line: Mapped[] = [];
  let skipped = 0;
  let beside = 0;
  let script: string[] | undefined;
  /** How many lines stood before a page's head; what is in it is of the house, but where a heading is. */
  let head: number | undefined;
  /** The rank of the heading under which readers write. */
  let readers: number | undefined;
  const open: { readonly name: string; readonly isSkipped: boolean; readonly isBeside: boolean }[] = [];
  const end = (): void => {
    const whole = Mapped.join(line, '')
      .replace(/[\s\u00a0]+/g, ' ')
      .trim();
    if (whole.text !== '' && beside === 0 && readers === undefined) lines.push(whole);
    line = [];
  };
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (!INLINE.has(name) || name === 'dt') end();
        if (name === 'header') head = lines.length;
        const rank = Number(/^h([1-6])$/.exec(name)?.[1] ?? 0);
        if (rank > 0) head = undefined;
        if (readers !== undefined && rank > 0 && rank <= readers) readers = undefined;
        // an entry of a list goes on in no other
        if (name === 'li') lines.push(Mapped.of('', parser.startIndex));
        // what stands in two spans is parted, as a page shows it
        if (name === 'span' && /\S$/.test(line.at(-1)?.text ?? ''))
          line.push(Mapped.of('<', parser.startIndex).replace(/</, ' '));
        if (CELL.has(name) && skipped === 0) line.push(Mapped.of('<', parser.startIndex).replace(/</, ' | '));
        const isSkipped = SKIPPED.has(name);
        const isBeside = !WHOLE.has(name) && BESIDE.test(`${attributes['class'] ?? ''} ${attributes['id'] ?? ''}`);
        open.push({ name, isSkipped, isBeside });
        if (isSkipped) skipped++;
        if (isBeside) beside++;
        if (name === 'script' && (attributes['type'] ?? '').includes('ld+json')) script = [];
      },
      ontext(text) {
        script?.push(text);
        if (skipped > 0) return;
        const { startIndex } = parser;
        // a sign that an entity stands for has the place of the entity
        const raw = html.slice(startIndex, parser.endIndex + 1);
        line.push(
          raw === text ? Mapped.of(text, startIndex) : Mapped.of(raw, startIndex).replace(/^[^]*$/, () => text),
        );
      },
      onclosetag(name) {
        if (/^h[1-6]$/.test(name) && OF_READERS.test(Mapped.join(line, '').text)) {
          line = [];
          readers = Number(name.slice(1));
        }
        if (/^h[3-6]$/.test(name) && line.length > 0) line = [Mapped.join(line, '').replace(/^\s*/, '## ')];
        if (!INLINE.has(name)) end();
        if (name === 'header' && head !== undefined) {
          lines.splice(head);
          head = undefined;
        }
        // "<b>Shape.</b> Divide into 8": what a step is called
        if (BOLD.has(name) && isLabel(Mapped.join(line, '').text)) {
          line = [Mapped.join(line, '').replace(/^\s*/, '## ')];
          end();
        }
        const at = open.findLastIndex((o) => o.name === name);
        for (const o of at < 0 ? [] : open.splice(at)) {
          if (o.isSkipped) skipped--;
          if (o.isBeside) beside--;
        }
        if (name === 'script' && script) {
          data.push(script.join('').trim());
          script = undefined;
        }
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html);
  parser.end();
  end();
  return { lines, data };
}
