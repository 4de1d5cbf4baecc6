const NAMES = [
  'ground',
  'panel',
  'ink',
  'quiet',
  'line',
  'steel',
  'hands',
  'hands-soft',
  'hands-band',
  'on-hands',
  'dough',
  'dough-edge',
  'bubble',
  'ember',
  'ember-text',
  'on-ember',
  'herb',
  'on-herb',
  'slate',
  'on-slate',
  'trouble',
  'on-trouble',
] as const;

/** The colours of the page, by the names that they have in the style sheet. */
export type Palette = Readonly<Record<(typeof NAMES)[number], string>>;

/** The colours as the theme of the page has them now. */
export function paletteOf(element: Element): Palette {
  const style = getComputedStyle(element);
  return Object.fromEntries(NAMES.map((n) => [n, style.getPropertyValue(`--${n}`).trim()])) as unknown as Palette;
}

/** Black on white, for paper: hands dark, dough light, fire hatched; textures and words tell them apart. */
export const PAPER: Palette = {
  ground: '#fff',
  panel: '#fff',
  ink: '#000',
  quiet: '#333',
  line: '#bbb',
  steel: '#f0f0f0',
  hands: '#333',
  'hands-soft': '#555',
  'hands-band': '#ddd',
  'on-hands': '#fff',
  dough: '#fff',
  'dough-edge': '#555',
  bubble: '#777',
  ember: '#c8c8c8',
  'ember-text': '#000',
  'on-ember': '#000',
  herb: '#999',
  'on-herb': '#000',
  slate: '#000',
  'on-slate': '#fff',
  trouble: '#000',
  'on-trouble': '#fff',
};
