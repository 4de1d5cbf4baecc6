import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { FAULTS, fault, faultLine, faultsOfZodError, faultWords, REMEDIES, type FaultCode } from './index.ts';

const schema = z.strictObject({
  name: z.string().min(1).max(5),
  count: z.int().min(1).max(9),
  list: z.array(z.number()).max(2).optional(),
  on: z.boolean().optional(),
  kind: z.enum(['mix', 'rest']).optional(),
  step: z
    .discriminatedUnion('at', [z.strictObject({ at: z.literal('bench') }), z.strictObject({ at: z.literal('fire') })])
    .optional(),
  code: z
    .string()
    .regex(/^[A-Z]$/, 'a capital letter')
    .optional(),
});
const lines = (value: unknown): readonly string[] => {
  const read = schema.safeParse(value, { reportInput: true });
  return read.success ? [] : faultsOfZodError(read.error).map(faultLine);
};
const right = { name: 'Rounds', count: 3 };

describe('what is wrong with a value', () => {
  it.each([
    ['nothing where something has to be', { count: 3 }, 'name', 'a text'],
    ['another type', { ...right, name: 'Flat', count: 'three' }, 'count', '"three"'],
    ['a half where a whole number has to be', { name: 'Flat', count: 1.5 }, 'count', '1.5'],
    ['too little', { name: 'Flat', count: 0 }, 'count', 'at least 1'],
    ['too much', { name: 'Flat', count: 10 }, 'count', 'at most 9'],
    ['too long a text', right, 'name', '5 characters'],
    ['too long a list', { name: 'Flat', count: 1, list: [1, 2, 3] }, 'list', '2 entries'],
    ['an entry of another type', { name: 'Flat', count: 1, list: [1, 'x'] }, 'list[1]', '"x"'],
    ['none of the words that are allowed', { name: 'Flat', count: 1, kind: 'fold' }, 'kind', 'mix, rest'],
    ['a key that nobody knows', { name: 'Flat', count: 1, coutn: 2 }, 'coutn', ''],
    ['a form that no schema has', { name: 'Flat', count: 1, step: { at: 'moon' } }, 'step', 'bench'],
    ['another form', { name: 'Flat', count: 1, code: 'x' }, 'code', 'a capital letter'],
  ])('is told by path, with what was found and what is expected: %s', (_, value, path, words) => {
    const [line = '', ...more] = lines(value);
    expect(more).toEqual([]);
    expect(line.startsWith(path)).toBe(true);
    expect(line).toContain(words);
  });
  it('is told all at once', () => {
    expect(lines({ name: '', count: 0, on: 'yes' })).toHaveLength(3);
  });
  it('is cut where somebody sent a book', () => {
    const [line = ''] = lines({ name: 'Flat', count: 'x'.repeat(10_000) });
    expect(line.length).toBeLessThan(200);
  });
});

describe('every fault of the catalogue', () => {
  it.each(Object.keys(FAULTS) as FaultCode[])('%s has words, a cause and what helps', (code) => {
    const { cause, remedy } = REMEDIES[code];
    for (const text of [cause, remedy]) expect(text.length).toBeGreaterThan(10);
    // figures that are missing are no reason to fall over, nor to show JSON
    expect(faultWords(fault(code, 'some.path', {}))).not.toMatch(/\[object|\{|NaN/);
  });
});
