import { describe, expect, it } from 'vitest';
import type { BreadSummary } from './bread-summary.ts';
import { answers, shelve } from './index.ts';

const summary = (id: string, leastSec: number, more: Partial<BreadSummary> = {}): BreadSummary =>
  ({
    id,
    variantOf: null,
    leastSec,
    family: 'flat',
    ingredients: ['flour'],
    holds: ['gluten'],
    ...more,
  }) as BreadSummary;
const listed = (id: string, s: BreadSummary | null) => ({ id: `doc-${id}`, title: id, summary: s });

const SHELVES = shelve([
  listed('slow', summary('slow', 7200)),
  listed('quick', summary('quick', 1800, { ingredients: ['flour', 'Yogurt'], holds: ['gluten', 'milk'] })),
  listed('quick b', summary('quick-b', 900, { variantOf: 'quick' })),
  listed('orphan', summary('orphan', 2400, { variantOf: 'gone' })),
  listed('torn', null),
]);

describe('the library', () => {
  it('stands in order of time, schools behind their parent; what cannot be read is left out', () => {
    expect(SHELVES.map((s) => [s.name, s.isVariant])).toEqual([
      ['quick', false],
      ['quick b', true],
      ['orphan', false],
      ['slow', false],
    ]);
  });
  it('is searched by name and ingredient, by what nobody may meet, and by time', () => {
    const found = (search: string, without = '', withinMin = 0) =>
      SHELVES.filter((s) => answers(s, { search, without, withinMin })).map((s) => s.name);
    expect(found(' yogURT ')).toEqual(['quick']);
    expect(found('', 'milk')).toEqual(['quick b', 'orphan', 'slow']);
    expect(found('', '', 30)).toEqual(['quick', 'quick b']);
  });
});
