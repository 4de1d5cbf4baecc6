import { describe, expect, it } from 'vitest';
import { isRest, type Step } from '../method/index.ts';
import { MIXING, WAITING } from '../testing/recipes/phrases/dough.ts';
import { AFTERWARDS, COOKING } from '../testing/recipes/phrases/griddle.ts';
import { PHRASE_LIST } from '../testing/recipes/phrases/method.ts';
import type { PhraseBank } from '../testing/recipes/phrases/phrase-bank.ts';
import { PIECES, SHAPING } from '../testing/recipes/phrases/pieces.ts';
import { importRecipe } from './index.ts';

/** Numbers between 0 and 1, the same in every run (linear congruence modulo 2^32; its constants are from memory). */
function numbers(seed: number): () => number {
  let last = seed;
  return () => {
    last = (last * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return last / 4_294_967_296;
  };
}

const lower = (text: string): string => text.replace(/^\p{Lu}(?=\p{Ll})/u, (c) => c.toLowerCase());
const ended = (text: string): string => (/[.!?:)]$/.test(text) ? text : `${text}.`);
/**
 * Ways in which the stages of a method stand one behind the other, and how many of three hundred may be read in another way: a phrase may imply
 * what another tells, as dividing before a rest of balls.
 */
const WAYS: readonly (readonly [string, (stages: readonly string[]) => string, number])[] = [
  ['a stage in a line', (s) => s.join('\n'), 30],
  ['numbered', (s) => s.map((t, n) => `${n + 1}. ${t}`).join('\n'), 20],
  ['in a paragraph', (s) => s.map(ended).join(' '), 20],
  ['parted by semicolons', (s) => `${s.map((t, n) => (n === 0 ? t : lower(t)).replace(/\.$/, '')).join('; ')}.`, 60],
];

/** A step as the banks write it; without a figure where they have none. */
function told(step: Step, wanted: string): string {
  if (!/\d/.test(wanted)) return step.kind;
  if (isRest(step)) return `${step.kind} ${step.window.ideal}`;
  if (step.kind === 'cook') return `cook ${(step.phases ?? []).map((p) => p.sec).join('+')}`;
  return step.kind === 'knead' ? `knead ${step.minutes}` : step.kind;
}

const TEXTS = 300;
describe('phrases that were put together', () => {
  it.each(WAYS)('are read as each of them is: %s', (way, joined, most) => {
    const random = numbers(way.length);
    // between semicolons nobody writes sentences
    const one = ({ phrases: all }: PhraseBank): readonly [string, string] => {
      const phrases = way.includes('semicolons') ? all.filter(([phrase]) => !/[.;!] \S/.test(phrase)) : all;
      return phrases[Math.floor(random() * phrases.length)] ?? ['', ''];
    };
    const otherwise = Array.from({ length: TEXTS }, () => {
      const stages = [one(MIXING), one(WAITING), one(PIECES), one(SHAPING), one(COOKING), one(AFTERWARDS)];
      const wanted = stages.flatMap(([, steps]) => (steps === '' ? [] : steps.split(', ')));
      const text = `${PHRASE_LIST}${joined(stages.map(([phrase]) => phrase))}`;
      const read = importRecipe(text);
      const steps = read.ok ? (read.value.bread?.steps ?? []) : [];
      const is = steps.map((step, n) => told(step, wanted[n] ?? ''));
      return is.join() === wanted.join() ? undefined : `${text}\n${is.join(', ')}\nnot ${wanted.join(', ')}`;
    }).filter((text) => text !== undefined);
    expect(otherwise.length, otherwise.join('\n\n')).toBeLessThanOrEqual(most);
  });
});
