import { decodeHTML } from 'entities';

const SKIPPED = new Set(['script', 'style', 'head', 'nav', 'footer', 'svg', 'noscript', 'template', 'iframe']);
const BREAKING = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'br',
  'tr',
  'td',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'section',
  'article',
  'table',
  'main',
  'body',
  'html',
  'title',
]);
/** The text of an entity such as `&#189;` or `&frac12;`, by the HTML standard's own list; a space that does not break is a space. */
export const withoutEntities = (text: string): string => decodeHTML(text).replace(/\u00a0/g, ' ');

export interface PageText {
  readonly text: string;
  /** What the page's `application/ld+json` scripts hold. */
  readonly data: readonly string[];
}

/** The words of a page, a line for each block, without scripts, menus and tags; one pass, so that no page takes long. */
export function textOfHtml(html: string): PageText {
  const lower = html.toLowerCase();
  const data: string[] = [];
  const parts: string[] = [];
  let at = 0;
  while (at < html.length) {
    const open = html.indexOf('<', at);
    if (open < 0) break;
    parts.push(html.slice(at, open));
    const close = html.indexOf('>', open);
    if (close < 0) break;
    const tag = lower.slice(open + 1, Math.min(close, open + 200));
    const name = /^\/?([a-z][a-z0-9]*)/.exec(tag)?.[1] ?? '';
    at = close + 1;
    if (BREAKING.has(name)) parts.push('\n');
    // a head may hold the data of the page, so only what is inside of it is passed over
    if (!SKIPPED.has(name) || name === 'head' || tag.startsWith('/')) continue;
    const end = lower.indexOf(`</${name}`, at);
    if (name === 'script' && tag.includes('ld+json')) data.push(html.slice(at, end < 0 ? undefined : end).trim());
    if (end < 0) break;
    at = end;
  }
  if (!html.includes('<', at)) parts.push(html.slice(at));
  return { text: withoutEntities(parts.join(' ')), data };
}
