import type { Aim } from '../workshop/index.ts';

/** What a plan can be good at, in words. */
export const AIM_WORDS: readonly (readonly [Aim, string, string])[] = [
  ['steady', 'A steady class', 'nobody waits long, breads fresh, some minutes in hand at the table'],
  ['fresh', 'Fresh breads', 'rests near their best, breads done near table time'],
  ['even', 'Fresh breads and busy hands', 'as fresh as can be without long standing about'],
  ['hands', 'Busy hands first', 'the least standing about, fresh after that'],
  ['short', 'The shortest class', 'the last bread done as early as can be'],
];

/** The same within a sentence: "the shortest class". */
export function aimName(aim: Aim): string {
  const name = AIM_WORDS.find(([key]) => key === aim)?.[1] ?? aim;
  return name.charAt(0).toLowerCase() + name.slice(1);
}
