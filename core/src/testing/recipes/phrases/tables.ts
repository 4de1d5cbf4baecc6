/** One formula and one method, each row a name and what is told of it. */
const ROWS: readonly (readonly [string, string, string])[] = [
  ['Strong flour', '500', '100'],
  ['Water', '325', '65'],
  ['Salt', '10', '2'],
  ['Instant yeast', '5', '1'],
];
const STEPS: readonly (readonly [string, string])[] = [
  ['Mix', '3 min'],
  ['Knead', '7 min'],
  ['Proof', '1 h'],
  ['Divide', '8 x 105 g'],
  ['Ball', ''],
  ['Rest', '15 min'],
  ['Roll', '18 cm'],
  ['Cook', '60 s each side'],
];
const lines = (list: readonly string[]): string => list.join('\n');
const rows = (of: (name: string, g: string, pct: string, n: number) => string): readonly string[] =>
  ROWS.map(([name, g, pct], n) => of(name, g, pct, n + 1));
const steps = (of: (name: string, how: string, n: number) => string): readonly string[] =>
  STEPS.map(([name, how], n) => of(name, how, n + 1));
const bars = (...cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const rule = (n: number): string => `|${'---|'.repeat(n)}`;
const table = (head: readonly string[], body: readonly string[]): string =>
  lines([bars(...head), rule(head.length), ...body]);
const plainSteps = steps((name, how) => `${name} ${how}`.trim());
const stepTable = table(
  ['Step', 'How'],
  steps((name, how) => bars(name, how)),
);
const stepColumns = lines(steps((name, how) => name.padEnd(12) + how));
const tag = (name: string, content: string): string => `<${name}>${content}</${name}>`;
const cells = (of: string, ...all: readonly string[]): string => tag('tr', all.map((c) => tag(of, c)).join(''));

/** The same recipe in the forms of a table, by what sets its cells apart. */
/** The method a stage in a line, and the list an ingredient in a line. */
const S = plainSteps.join('\n');
const I = rows((n, g) => `${n} ${g} g`).join('\n');
export const TABLE_FORMS: readonly (readonly [string, string])[] = [
  [
    'bars',
    lines([
      table(
        ['Ingredient', 'g'],
        rows((n, g) => bars(n, g)),
      ),
      '',
      stepTable,
    ]),
  ],
  [
    'per cent before grams',
    lines([
      table(
        ['Ingredient', '%', 'g'],
        rows((n, g, p) => bars(n, p, g)),
      ),
      '',
      stepTable,
    ]),
  ],
  [
    'grams before per cent',
    lines([
      table(
        ['Ingredient', 'g', '%'],
        rows((n, g, p) => bars(n, g, p)),
      ),
      '',
      ...steps((n, how) => `${n}: ${how}`),
    ]),
  ],
  [
    'amounts with units',
    lines([
      table(
        ['Ingredient', 'Amount'],
        rows((n, g) => bars(n, `${g} g`)),
      ),
      '',
      ...plainSteps,
    ]),
  ],
  [
    'numbered rows',
    lines([
      table(
        ['#', 'Ingredient', 'Amount'],
        rows((n, g, _, i) => bars(String(i), n, `${g} g`)),
      ),
      '',
      table(
        ['#', 'Step', 'Time'],
        steps((n, how, i) => bars(String(i), n, how)),
      ),
    ]),
  ],
  [
    'amounts first',
    lines([
      table(
        ['Amount', 'Ingredient'],
        rows((n, g) => bars(`${g} g`, n)),
      ),
      '',
      `${plainSteps.join('. ')}.`,
    ]),
  ],
  [
    'commas',
    lines(['Ingredient,Grams', ...rows((n, g) => `${n},${g}`), '', 'Step,How', ...steps((n, how) => `${n},${how}`)]),
  ],
  [
    'commas and quotes',
    lines([
      '"Ingredient","Grams"',
      ...rows((n, g) => `"${n}","${g}"`),
      '',
      '"Step","How"',
      ...steps((n, how) => `"${n}","${how}"`),
    ]),
  ],
  [
    'commas, per cent and grams',
    lines([
      'Ingredient,%,Grams',
      ...rows((n, g, p) => `${n},${p},${g}`),
      '',
      'Step,How',
      ...steps((n, how) => `${n},${how}`),
    ]),
  ],
  [
    'semicolons',
    lines(['Ingredient;Grams', ...rows((n, g) => `${n};${g}`), '', 'Step;How', ...steps((n, how) => `${n};${how}`)]),
  ],
  [
    'tabs',
    lines([
      'Ingredient\tGrams',
      ...rows((n, g) => `${n}\t${g}`),
      '',
      'Step\tHow',
      ...steps((n, how) => `${n}\t${how}`),
    ]),
  ],
  [
    'tabs, three columns',
    lines(['Ingredient\tGrams\t%', ...rows((n, g, p) => `${n}\t${g}\t${p}`), '', ...steps((n, how) => `${n}\t${how}`)]),
  ],
  ['room', lines([...rows((n, g) => `${n.padEnd(18)}${g.padStart(5)} g`), '', stepColumns])],
  [
    'room, grams and per cent',
    lines([...rows((n, g, p) => `${n.padEnd(18)}${g.padStart(5)} g${p.padStart(6)} %`), '', stepColumns]),
  ],
  [
    'room, per cent and grams',
    lines([...rows((n, g, p) => `${n.padEnd(18)}${p.padStart(5)} %${g.padStart(6)} g`), '', stepColumns]),
  ],
  [
    'room under a head',
    lines([
      `${'Ingredient'.padEnd(18)}    g     %`,
      ...rows((n, g, p) => n.padEnd(18) + g.padStart(5) + p.padStart(6)),
      '',
      `${'Stage'.padEnd(12)}How`,
      stepColumns,
    ]),
  ],
  [
    'leaders of dots',
    lines([
      ...rows((n, g) => `${n} ${'.'.repeat(20 - n.length)} ${g} g`),
      '',
      ...steps((n, how) => `${n} ${'.'.repeat(14 - n.length)} ${how}`),
    ]),
  ],
  ['dashes', lines([...rows((n, g) => `${n} – ${g} g`), '', ...steps((n, how) => (how === '' ? n : `${n} – ${how}`))])],
  [
    'equal signs',
    lines([...rows((n, g) => `${n} = ${g} g`), '', ...steps((n, how) => (how === '' ? n : `${n} = ${how}`))]),
  ],
  [
    'a table of a page',
    tag('table', cells('th', 'Ingredient', 'g') + rows((n, g) => cells('td', n, g)).join('')) +
      tag('table', cells('th', 'Step', 'How') + steps((n, how) => cells('td', n, how)).join('')),
  ],
  [
    'a table of a page without a head',
    tag('table', rows((n, g) => cells('td', n, `${g} g`)).join('')) +
      tag('table', steps((n, how) => cells('td', n, how)).join('')),
  ],
  [
    'a table of a page with per cent',
    tag('table', cells('th', 'Ingredient', '%', 'g') + rows((n, g, p) => cells('td', n, p, g)).join('')) +
      tag('ol', plainSteps.map((s) => tag('li', s)).join('')),
  ],
  [
    'terms of a page',
    tag('dl', rows((n, g) => tag('dt', n) + tag('dd', `${g} g`)).join('')) +
      tag('dl', steps((n, how) => tag('dt', n) + tag('dd', how)).join('')),
  ],
  [
    'two sizes of a class',
    lines([
      table(
        ['Ingredient', 'Small', 'Large'],
        rows((n, g) => bars(n, `${g} g`, `${3 * Number(g)} g`)),
      ),
      '',
      ...plainSteps,
    ]),
  ],
  [
    'numbered lines',
    lines([
      ...rows((n, g, _, i) => `${i}. ${n}: ${g} g`),
      '',
      ...steps((n, how, i) => `${i}. ${n}${how === '' ? '' : `: ${how}`}`),
    ]),
  ],
  ['capitals', lines([...rows((n, g) => `${n} ${g} g`), '', ...plainSteps]).toUpperCase()],
  [
    'times of the day',
    lines([
      ...rows((n, g) => `${g} g ${n.toLowerCase()}`),
      '',
      '9:00 mix 3 min\n9:05 knead 7 min\n9:15 proof 1 h\n10:15 divide 8 x 105 g, ball\n10:25 rest 15 min\n10:40 roll 18 cm\n10:45 cook 60 s each side',
    ]),
  ],
  ['slashes', lines([`${rows((n, g) => `${n} ${g}`).join(' / ')} (g)`, '', plainSteps.join(' / ').toLowerCase()])],
  ['one line', `${rows((n, _, p) => `${n} ${p}%`).join(', ')}. ${plainSteps.join(', ')}.`],
  [
    'boxes to tick',
    lines(['Ingredients', ...rows((n, g) => `☐ ${n} ${g} g`), 'Steps', ...plainSteps.map((s) => `☐ ${s}`)]),
  ],
  ['amounts in the first cells', `500 g | Strong flour\n325 g | Water\n10 g | Salt\n5 g | Instant yeast\n\n${S}`],
  [
    'amount, unit and name, parted by tabs',
    `500\tg\tStrong flour\n325\tg\tWater\n10\tg\tSalt\n5\tg\tInstant yeast\n\n${S}`,
  ],
  [
    'stages with a time and a remark',
    `${I}\n\n| No | Step | Time | Remark |\n|---|---|---|---|\n| 1 | Mix | 3 min | slow |\n| 2 | Knead | 7 min | fast |\n| 3 | Proof | 60 min | covered |\n| 4 | Divide | | 8 x 105 g |\n| 5 | Ball | | tight |\n| 6 | Rest | 15 min | |\n| 7 | Roll | | 18 cm |\n| 8 | Cook | 60 s | each side |`,
  ],
  [
    'times before their stages',
    `${I}\n\nTime | Work\n3 min | Mix\n7 min | Knead\n60 min | Proof\n5 min | Divide into 8 (105 g) and ball\n15 min | Rest\n5 min | Roll to 18 cm\n2 min | Cook, 60 s each side`,
  ],
  [
    'stages from one time to another',
    `${I}\n\n9.00–9.03 mix\n9.03–9.10 knead\n9.10–10.10 proof\n10.10–10.20 divide 8 x 105 g and ball\n10.20–10.35 rest\n10.35–10.40 roll to 18 cm\n10.40–11.00 cook 60 s each side`,
  ],
  [
    'the work beside the list',
    `Strong flour 500 g     Mix 3 min\nWater 325 g            Knead 7 min\nSalt 10 g              Proof 1 h\nInstant yeast 5 g      Divide 8 x 105 g, ball\n                       Rest 15 min\n                       Roll 18 cm\n                       Cook 60 s each side`,
  ],
  [
    'a column of prices',
    `Ingredient | Amount | Price\n---|---|---\nStrong flour | 500 g | 0.60\nWater | 325 g | 0.00\nSalt | 10 g | 0.01\nInstant yeast | 5 g | 0.10\n\n${S}`,
  ],
  [
    'a column of another country',
    `Ingredient | Metric | US\n---|---|---\nStrong flour | 500 g | 4 cups\nWater | 325 g | 1 1/3 cups\nSalt | 10 g | 1 3/4 tsp\nInstant yeast | 5 g | 1 1/2 tsp\n\n${S}`,
  ],
  [
    'names over amounts',
    `| Strong flour | Water | Salt | Instant yeast |\n|---|---|---|---|\n| 500 g | 325 g | 10 g | 5 g |\n\n${S}`,
  ],
  [
    'a list and its stages, each in one line',
    `Formula: Strong flour 500 g | Water 325 g | Salt 10 g | Instant yeast 5 g\n\nProcess: Mix 3 min | Knead 7 min | Proof 1 h | Divide 8 x 105 g | Ball | Rest 15 min | Roll 18 cm | Cook 60 s each side`,
  ],
  [
    'per cent and kilograms, parted by room',
    `Formula              %        kg\nStrong flour        100.0    0.500\nWater                65.0    0.325\nSalt                  2.0    0.010\nInstant yeast         1.0    0.005\n\n${S}`,
  ],
  [
    'two sizes of a class',
    `| | 8 pieces | 16 pieces |\n|---|---|---|\n| Strong flour | 500 g | 1000 g |\n| Water | 325 g | 650 g |\n| Salt | 10 g | 20 g |\n| Instant yeast | 5 g | 10 g |\n\n${S}`,
  ],
  [
    'amounts as points of their own',
    `Ingredients\n- Strong flour\n  - 500 g\n- Water\n  - 325 g\n- Salt\n  - 10 g\n- Instant yeast\n  - 5 g\n\n${S}`,
  ],
  ['amounts below their names', `Strong flour\n500 g\nWater\n325 g\nSalt\n10 g\nInstant yeast\n5 g\n\n${S}`],
];
