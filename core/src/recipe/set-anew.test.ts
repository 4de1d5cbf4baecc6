import { describe, expect, it } from 'vitest';
import { isRest } from '../method/index.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { importRecipe } from './index.ts';

/** Of the texts that are no page, no table and no scan, which say the same however they are set, every third. */
const TEXTS = RECIPE_TEXTS.filter((t) => !/[<>{|]/.test(t.text) && !/table|scan|comma/.test(t.manner))
  .map((t) => t.text)
  .filter((_, n) => n % 3 === 0);

/** What is read of a text, without its places. */
function readOf(text: string): string {
  const read = importRecipe(text);
  const bread = read.ok ? read.value.bread : null;
  if (!bread) return 'no bread';
  const parts = bread.ingredients.map((i) => `${i.name.replace(/\s+/g, ' ')} ${i.use} ${i.pct?.toFixed(1) ?? ''}`);
  const steps = bread.steps.map((s) =>
    isRest(s)
      ? `${s.kind} ${s.window.ideal}`
      : s.kind === 'cook'
        ? `cook ${(s.phases ?? []).map((p) => p.sec).join('+')}`
        : s.kind,
  );
  return [...parts, ...steps].join(', ');
}

function setTo(text: string, width: number): string {
  const wrapped = (line: string): readonly string[] => {
    const lines = [''];
    for (const word of line.split(' ')) {
      const last = lines.at(-1) ?? '';
      if (last !== '' && last.length + 1 + word.length > width) lines.push(word);
      else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
    }
    return lines;
  };
  return text.split('\n').flatMap(wrapped).join('\n');
}

const pages = (text: string): string => `<html><body>${text.replace(/^.*$/gm, '<p>$&</p>')}</body></html>`;

const BEFORE = new Map(TEXTS.map((t) => [t, readOf(t)]));

/** Ways in which one text comes, and of how many texts in a hundred the reading may be another. */
const WAYS: readonly (readonly [string, (text: string) => string, number])[] = [
  ['lines that end as another system ends them', (t) => t.replace(/\n/g, '\r\n'), 0],
  ['room behind each line', (t) => t.replace(/\n/g, '   \n'), 0],
  ['room before each line', (t) => t.replace(/^/gm, '   '), 0],
  ['blanks that do not break', (t) => t.replace(/(\d) (?=\p{L})/gu, '$1\u00a0'), 0],
  ['a mail that is answered', (t) => t.replace(/^/gm, '> '), 0],
  ['an empty line behind each', (t) => t.replace(/\n/g, '\n\n'), 1],
  ['units without room', (t) => t.replace(/(\d) (g|ml|kg|cm|mm|min|s|h)\b/g, '$1$2'), 1],
  ['grams in full', (t) => t.replace(/(\d) ?g\b/g, '$1 grams'), 1],
  [
    'seconds and minutes cut short',
    (t) => t.replace(/(\d) ?seconds\b/g, '$1 secs').replace(/(\d) minutes\b/g, '$1 min'),
    1,
  ],
  ['signs of a printer', (t) => t.replace(/'/g, '’').replace(/ - /g, ' – '), 2],
  ['a bullet before each amount', (t) => t.replace(/^(?=\d[\d.,/ ]* ?(?:k?g|m?l|tsp|tbsp|cups?)\b)/gm, '• '), 1],
  ['amounts in capitals', (t) => t.replace(/^\d[\d., ]* ?(?:k?g|m?l)\b.{3,40}$/gm, (l) => l.toUpperCase()), 2],
  ['minutes cut short', (t) => t.replace(/(\d) minutes\b/g, '$1 mins'), 1],
  ['ranges in words', (t) => t.replace(/(\d)[-–](\d)/g, '$1 to $2'), 1],
  ['a page of it', pages, 1],
  ['lines no longer than 60 characters', (t) => setTo(t, 60), 3],
  ['lines no longer than 45 characters', (t) => setTo(t, 45), 2.7],
];

describe('a text that is set anew', () => {
  it.each(WAYS)('is read as it was: %s', (_, way, most) => {
    const changed = TEXTS.filter((t) => way(t) !== t);
    const others = changed.filter((t) => (BEFORE.get(t) ?? '') !== readOf(way(t)));
    expect(changed.length).toBeGreaterThan(3);
    expect((100 * others.length) / changed.length, others.slice(0, 2).join('\n---\n')).toBeLessThanOrEqual(most);
  });
  it('a bread’s name with what is said behind it goes on in no list, however wide it is', () => {
    const title = 'Griddle focaccia for the crew (per cent of flour)';
    const text = `${title}\nstrong flour 100, water 75, olive oil 6, salt 2.2,\nfresh yeast 1.5\nMix, rest 20 minutes, knead 5 minutes, proof 90\nminutes. Pieces of 140 g, round, bench rest 20\nminutes. Press out to 17 cm. Griddle 4 minutes.`;
    expect(readOf(text)).toMatch(/^strong flour dough 100\.0, water dough 75\.0, /);
    const counted =
      'Tunna, thin soft bread for the crew, 12 st\nwheat flour 0.75 kg\nmilk 0.45 l\nsalt 18 g\nKnead 6 min. Proof 1 h. Divide into 12, ball,\nrest 12 min. Roll 28 cm. Griddle 1 min a side.';
    expect(readOf(counted)).toMatch(/^wheat flour dough 100\.0, milk dough 6/);
  });
  it('a list of long and short lines in small letters is no paragraph that was set to a width', () => {
    const list = [
      'flour type 550, 500 g (a fifth of it wholemeal)',
      'soya yoghurt 150 g, water 200 g, salt',
      'fat (vegan butter) 30 g',
    ];
    const method = 'Mix and knead 8 min. Divide into 8. Roll. Cook 1 minute a side.';
    expect(readOf(`Rounds\n\n${list.join('\n')}\n\n${method}`)).toBe(
      readOf(`Rounds\n\n${list.join('\n\n')}\n\n${method}`),
    );
    expect(readOf(`Rounds\n\n${list.join('\n')}\n\n${method}`)).toContain(
      'flour type 550 dough 80.0, wholemeal dough 20.0',
    );
  });
  it('entries of a page are read as lines are, none as the end of the one before', () => {
    const list = [
      'flour, 500 g (strong, from the mill)',
      'water, 300 g (as it comes, lukewarm)',
      'oil, 20 g',
      'salt, 10 g (fine, from the sea, dry)',
      'yeast, 5 g',
    ];
    const page = `<ul>${list.map((l) => `<li>${l}</li>`).join('')}</ul><p>Knead.</p>`;
    expect(readOf(page)).toContain(
      'flour dough 100.0, water dough 60.0, oil dough 4.0, salt dough 2.0, yeast dough 1.0',
    );
  });
  it('a page of a book with room between all its lines', () => {
    const page = RECIPE_TEXTS.find((t) => t.text.includes('PLAIN CHUPATTIES'))?.text ?? expect.fail();
    expect(readOf(page)).toContain('cook 30+30');
    expect(readOf(page.replace(/\n/g, '\n\n\n\n'))).toBe(readOf(page));
  });
});
