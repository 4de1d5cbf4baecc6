import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  parse,
  wcagContrast,
  wcagLuminance,
  type Color,
} from 'culori';
import { describe, expect, it } from 'vitest';
import css from '../styles.css?raw';
import { PAPER } from './palette.ts';

/** What must be told apart on the board, wherever it is looked at. */
const STATES = ['hands', 'dough', 'ember', 'herb', 'trouble'] as const;
/** Full forms of the three kinds of colour blindness, simulated after Machado, Oliveira and Fernandes 2009. */
const EYES: readonly (readonly [string, (c: Color) => Color])[] = [
  ['all colours', (c) => c],
  ['no red cones', filterDeficiencyProt(1)],
  ['no green cones', filterDeficiencyDeuter(1)],
  ['no blue cones', filterDeficiencyTrit(1)],
];
/**
 * CIEDE2000 differences of 10 are seen at a glance (common practice); the board asks for nearly twice as much, since it is looked at from
 * two metres.
 */
const LEAST_DIFFERENCE = 19;
const difference = differenceCiede2000();

function themeOf(selector: string): Readonly<Record<string, string>> {
  const from = css.indexOf(`\n${selector} {`);
  const body = css.slice(from, css.indexOf('}', from));
  return Object.fromEntries([...body.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map((m) => [m[1], m[2]]));
}
const THEMES = { light: themeOf(':root'), dark: { ...themeOf(':root'), ...themeOf("[data-theme='dark']") } };
const colour = (text: string | undefined): Color => parse(text ?? '') ?? expect.fail(`no colour: ${String(text)}`);

/** The two states that are nearest to one another, and how far apart they are. */
function nearest(theme: Readonly<Record<string, string>>, eye: (c: Color) => Color) {
  const seen = STATES.map((s) => [s, eye(colour(theme[s]))] as const);
  const pairs = seen.flatMap(([a, x], i) =>
    seen.slice(i + 1).map(([b, y]) => ({ pair: `${a} and ${b}`, apart: difference(x, y) })),
  );
  return pairs.reduce((least, p) => (p.apart < least.apart ? p : least));
}

describe('the colours of the board', () => {
  it('stay told apart in both themes, by everybody; the figures are in the docs', async () => {
    const rows = Object.entries(THEMES).flatMap(([theme, colours]) =>
      EYES.map(([eye, see]) => ({ theme, eye, ...nearest(colours, see) })),
    );
    for (const { theme, eye, pair, apart } of rows)
      expect(apart, `${theme}, ${eye}: ${pair}`).toBeGreaterThanOrEqual(LEAST_DIFFERENCE);
    const head = ['theme', 'eye', 'nearest', 'difference'];
    const body = rows.map((r) => [r.theme, r.eye, r.pair, r.apart.toFixed(1)]);
    const wide = head.map((h, i) => Math.max(h.length, ...body.map((cells) => cells[i]?.length ?? 0)));
    const line = (cells: readonly string[]): string => `| ${cells.map((c, i) => c.padEnd(wide[i] ?? 0)).join(' | ')} |`;
    const text = [
      '# The colours of the board',
      '',
      'Hands, rest, fire, table and trouble as everybody sees them: the two that are nearest to one another, by theme and by eye. Colour',
      'blindness is simulated in its full forms (Machado, Oliveira and Fernandes 2009, by `culori`); the difference is CIEDE2000, and at',
      `least ${LEAST_DIFFERENCE} is asked for. Colour is never the only carrier: what rests has bubbles, what heats slanted lines, what cooks its turns,`,
      'what breaks a rule a frame and a sign, and each bread its glyph and its texture. Written by `web/src/board/palette.test.ts`.',
      '',
      line(head),
      line(wide.map((w) => '-'.repeat(w))),
      ...body.map(line),
      '',
    ].join('\n');
    await expect(text).toMatchFileSnapshot('../../../docs/colours.md');
  });
  it('carry their words with enough contrast (WCAG 2.2, 1.4.3)', () => {
    for (const [name, theme] of Object.entries(THEMES))
      for (const [ground, ink] of [
        ['hands', 'on-hands'],
        ['hands-soft', 'on-hands'],
        ['hands-band', 'ink'],
        ['dough', 'ink'],
        ['ember', 'on-ember'],
        ['herb', 'on-herb'],
        ['trouble', 'on-trouble'],
        ['panel', 'herb-text'],
        ['panel', 'ember-text'],
      ] as const)
        expect(
          wcagContrast(theme[ground] ?? '', theme[ink] ?? ''),
          `${name}: ${ink} on ${ground}`,
        ).toBeGreaterThanOrEqual(4.5);
  });
  it('are told apart on paper by how dark they are: hands, fire, table, rest, from dark to light', () => {
    const light = (['hands', 'herb', 'ember', 'dough'] as const).map((s) => Math.sqrt(wcagLuminance(PAPER[s])));
    for (const [i, l] of light.entries()) if (i > 0) expect(l - (light[i - 1] ?? 0)).toBeGreaterThan(0.15);
  });
});
