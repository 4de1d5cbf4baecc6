import { describe, expect, it } from 'vitest';
import { importRecipe } from './index.ts';

/** Formulas as bakers name them: each food and its grams. */
const FORMULAS: readonly (readonly (readonly [string, number])[])[] = [
  [
    ['plain flour', 500],
    ['warm water', 300],
    ['salt', 10],
    ['olive oil', 25],
    ['dried yeast', 5],
  ],
  [
    ['atta', 400],
    ['water', 260],
    ['salt', 6],
  ],
  [
    ['strong white flour', 450],
    ['wholemeal flour', 50],
    ['lukewarm milk', 320],
    ['sugar', 10],
    ['fresh yeast', 15],
    ['fine sea salt', 9],
  ],
  [
    ['flour type 550', 1000],
    ['water', 650],
    ['salt', 20],
    ['sunflower oil', 40],
  ],
  [
    ['00 flour', 500],
    ['lard', 100],
    ['water', 220],
    ['bicarbonate of soda', 5],
    ['salt', 8],
  ],
];
const capital = (name: string): string => `${name.charAt(0).toUpperCase()}${name.slice(1)}`;

/** How one entry is written: its name, its grams, its percentage of the flour. */
const ENTRIES: Readonly<Record<string, (name: string, g: number, pct: number) => string>> = {
  'grams first': (name, g) => `${g} g ${name}`,
  'without room': (name, g) => `${g}g ${name}`,
  'grams of': (name, g) => `${g} g of ${name}`,
  'in full': (name, g) => `${g} grams ${name}`,
  'name first': (name, g) => `${name} ${g} g`,
  colon: (name, g) => `${name}: ${g} g`,
  brackets: (name, g) => `${name} (${g} g)`,
  comma: (name, g) => `${name}, ${g} g`,
  equals: (name, g) => `${name} = ${g} g`,
  dash: (name, g) => `${name} – ${g} g`,
  'percentage behind': (name, g, pct) => `${g} g ${name} (${pct} %)`,
  'name first, percentage behind': (name, g, pct) => `${name} ${g} g (${pct} %)`,
  'percentage first': (name, _, pct) => `${pct} % ${name}`,
  percentage: (name, _, pct) => `${name} ${pct} %`,
  'percentage in brackets': (name, _, pct) => `${name} (${pct} %)`,
  'percentage behind a colon': (name, _, pct) => `${name}: ${pct}%`,
  'percentage, grams in brackets': (name, g, pct) => `${pct}% ${name} (${g} g)`,
  'percentage and grams': (name, g, pct) => `${name} ${pct} % ${g} g`,
  kilograms: (name, g) => `${g / 1000} kg ${name}`,
  'decimal commas': (name, g) => `${name} ${String(g / 1000).replace('.', ',')} kg`,
  capital: (name, g) => `${capital(name)} ${g} g`,
  capitals: (name, g) => `${g} g ${name.toUpperCase()}`,
};
/** What parts the entries; those with a comma of their own are parted by another sign. */
const PARTED: Readonly<Record<string, (all: readonly string[]) => string>> = {
  lines: (all) => all.join('\n'),
  bullets: (all) => all.map((l) => `- ${l}`).join('\n'),
  numbers: (all) => all.map((l, n) => `${n + 1}. ${l}`).join('\n'),
  commas: (all) => all.join(', '),
  semicolons: (all) => all.join('; '),
  strokes: (all) => all.join(' / '),
  dots: (all) => all.join(' · '),
  pluses: (all) => all.join(' + '),
  bars: (all) => all.join(' | '),
  and: (all) => `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`,
};
const OWN_LINES = ['lines', 'bullets', 'numbers'];
const HEADED = ['', 'Ingredients\n', 'Dough\n', 'Makes 8\n', 'Flatbread\n\n'];
const OPENED = ['Ingredients: ', 'For the dough: ', 'You need: ', 'Take ', 'You will need ', 'Mix ', 'Weigh out '];
const METHOD = 'Knead 8 minutes. Rest 30 minutes. Divide into 8. Roll out. Cook 1 minute a side.';

interface ListText {
  readonly text: string;
  readonly formula: (typeof FORMULAS)[number];
}

/** Every list in every way, but for those that nobody writes: words that open a sentence before columns, a comma within commas. */
function* listTexts(): Generator<ListText> {
  for (const formula of FORMULAS)
    for (const [way, entry] of Object.entries(ENTRIES))
      for (const [sign, join] of Object.entries(PARTED))
        for (const opening of OWN_LINES.includes(sign) ? HEADED : [...HEADED, ...OPENED]) {
          const isSentence = /[a-z] $/.test(opening);
          if (isSentence && (!['commas', 'semicolons', 'and'].includes(sign) || /colon|equals|dash/.test(way)))
            continue;
          if (/^comma$|decimal commas/.test(way) && ['commas', 'and'].includes(sign)) continue;
          const flourG = formula.reduce((sum, [name, g]) => sum + (/flour|atta/.test(name) ? g : 0), 0);
          const all = formula.map(([name, g]) => entry(name, g, Math.round((1000 * g) / flourG) / 10));
          const behind = OPENED.includes(opening) ? `. ${METHOD}` : `\n\n${METHOD}`;
          yield { text: `${opening}${join(all)}${behind}`, formula };
        }
}

/** Whether the dough holds what the list does, in the same shares, and nothing else. */
function isRight({ text, formula }: ListText): boolean {
  const read = importRecipe(text);
  const bread = read.ok ? read.value.bread : null;
  const dough = bread?.ingredients.filter((i) => i.use === 'dough') ?? [];
  const flourG = formula.reduce((sum, [name, g]) => sum + (/flour|atta/.test(name) ? g : 0), 0);
  return (
    bread?.steps.map((s) => s.kind).join(' ') === 'mix knead rest divide roll cook' &&
    dough.length === formula.length &&
    formula.every(([name, g]) =>
      dough.some((i) => i.name.toLowerCase() === name && Math.abs((i.pct ?? 0) - (100 * g) / flourG) < 0.11),
    )
  );
}

describe('lists that are put together', () => {
  /** Every so manieth, so that no two ways always meet in the same formula. */
  const EVERY = 7;
  const texts = [...listTexts()].filter((_, n) => n % EVERY === 0);
  it('hold the same in every way to write an entry, to part them and to open a list', () => {
    expect(texts.length).toBeGreaterThan(1000);
    const wrong = texts.filter((t) => !isRight(t)).map((t) => t.text);
    expect(wrong).toEqual([]);
  }, 60_000);
});
