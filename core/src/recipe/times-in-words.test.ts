import { describe, expect, it } from 'vitest';
import { STAGE_LIST } from '../testing/recipes/phrases/stages-in-words.ts';
import { SIDES_IN_WORDS, TIMES_IN_WORDS } from '../testing/recipes/phrases/times.ts';
import { isRest } from '../method/index.ts';
import { importRecipe } from './index.ts';

const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
/** Where a time stands beside a rest. */
const SETTINGS: Readonly<Record<string, (time: string) => string>> = {
  'behind "for"': (time) => `Rest for ${time}.`,
  'behind a verb': (time) => `Cover and leave ${time}.`,
  'behind commas': (time) => `Let the dough rest, covered, for ${time}.`,
  'behind a label': (time) => `Rest: ${time}`,
  'before a sign': (time) => `Leave to rise for ${time} until doubled.`,
  'before its word': (time) => `${capital(time)} rest.`,
  'in brackets': (time) => `Rest (${time}).`,
  'before what comes next': (time) => `Leave it for ${time}, then go on.`,
};

describe('a time in all its words', () => {
  it.each(Object.entries(SETTINGS))('is so long, and leaves nothing over: %s', (_, set) => {
    const others = TIMES_IN_WORDS.flatMap(({ words, least, most }) => {
      const read = importRecipe(
        `${STAGE_LIST}Mix everything. Knead 8 min.\n${set(words)}\nDivide into 8. Roll to 20 cm. Cook 1 min a side.`,
      );
      if (!read.ok) expect.fail();
      const steps = read.value.bread?.steps ?? [];
      const windows = steps.filter(isRest).map((s) => s.window);
      const [window] = windows;
      const isRight =
        window !== undefined &&
        windows.length === 1 &&
        steps.length === 6 &&
        read.value.notUnderstood.length === 0 &&
        // of one time the longest is a guess
        (least === most
          ? window.ideal === least
          : (least ?? window.min) === window.min && (most ?? window.max) === window.max);
      return isRight ? [] : [`${words}: ${JSON.stringify(windows)} ${read.value.notUnderstood.join(' | ')}`];
    });
    expect(others).toEqual([]);
  });
});

/** How the two sides of a bread are told. */
const ON_GRIDDLE: Readonly<Record<string, (time: string) => string>> = {
  'on each side': (time) => `Cook for ${time} on each side.`,
  'per side': (time) => `Cook ${time} per side.`,
  'a side behind its place': (time) => `Cook on a hot griddle, ${time} a side.`,
  'both sides first': (time) => `Bake on both sides, ${time} each.`,
  'behind a label': (time) => `Cooking: ${time} per side`,
  'behind its side': (time) => `Hot pan, each side ${time}.`,
  'a turn between': (time) => `Cook for ${time}, turn and cook for ${time} more.`,
  'before its place': (time) => `${capital(time)} per side on a hot griddle.`,
  'in brackets': (time) => `Cook (${time} per side).`,
  'behind "after"': (time) => `Lay it on the griddle; after ${time} flip it and give it ${time} on the other side.`,
  'parted by a slash': (time) => `Griddle: ${time} / ${time}`,
  added: (time) => `Dry pan, ${time} + ${time}.`,
  'first and second': (time) => `Cook ${time} on the first side and ${time} on the second.`,
};

describe('a side on the griddle in all its words', () => {
  it.each(Object.entries(ON_GRIDDLE))('is so long, and leaves nothing over: %s', (_, set) => {
    const others = SIDES_IN_WORDS.flatMap(([words, sec]) => {
      const read = importRecipe(
        `${STAGE_LIST}Mix everything. Knead 8 min. Rest 30 min.\nDivide into 8. Roll to 20 cm.\n${set(words)}`,
      );
      if (!read.ok) expect.fail();
      const steps = read.value.bread?.steps ?? [];
      const cooked = steps.flatMap((s) => (s.kind === 'cook' ? (s.phases ?? []).map((phase) => phase.sec) : []));
      const isRight = steps.length === 6 && cooked.join() === `${sec},${sec}` && read.value.notUnderstood.length === 0;
      return isRight ? [] : [`${words}: ${cooked.join('+')} ${read.value.notUnderstood.join(' | ')}`];
    });
    expect(others).toEqual([]);
  });
});
