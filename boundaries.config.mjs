// Which part may import which: one table (docs/decisions/0002). `npm run boundaries` checks it, `npm run boundaries -- --write` draws it.

/** Parts of the core and what each may import, beside itself. Tests and `testing` may import all. */
const CORE = {
  faults: [],
  'ids.ts': ['faults'],
  units: ['faults'],
  compare: ['faults', 'units'],
  'remembered.ts': [],
  foods: ['faults', 'units', 'remembered.ts'],
  formula: ['faults', 'units', 'foods'],
  method: ['faults', 'ids.ts', 'units'],
  kitchen: ['faults', 'units', 'method'],
  bread: ['faults', 'units', 'compare', 'foods', 'formula', 'method', 'kitchen'],
  workshop: ['faults', 'ids.ts', 'units', 'compare', 'foods', 'formula', 'method', 'kitchen', 'bread'],
  plan: ['ids.ts', 'units', 'formula', 'method'],
  words: ['faults', 'ids.ts', 'units', 'kitchen', 'workshop', 'plan'],
  roster: ['faults', 'units', 'foods', 'formula', 'kitchen', 'bread', 'workshop'],
  formats: ['faults', 'units', 'foods', 'formula', 'method', 'kitchen', 'bread', 'workshop', 'plan'],
  recipe: ['faults', 'units', 'remembered.ts', 'foods', 'formula', 'method', 'bread', 'formats'],
  planner: ['faults', 'ids.ts', 'units', 'formula', 'method', 'kitchen', 'bread', 'workshop', 'plan', 'words'],
  turns: ['faults', 'ids.ts', 'units', 'method', 'kitchen', 'bread', 'workshop', 'plan', 'words', 'planner'],
  provision: [
    'faults',
    'ids.ts',
    'units',
    'foods',
    'formula',
    'method',
    'kitchen',
    'bread',
    'workshop',
    'plan',
    'planner',
  ],
  documents: ['faults', 'units', 'method', 'kitchen', 'bread', 'workshop', 'formats'],
  calendar: ['units', 'workshop', 'plan', 'provision'],
  handouts: [
    'units',
    'foods',
    'formula',
    'method',
    'kitchen',
    'bread',
    'workshop',
    'plan',
    'planner',
    'provision',
    'words',
    'turns',
  ],
  tables: [
    'units',
    'foods',
    'formula',
    'method',
    'kitchen',
    'bread',
    'workshop',
    'plan',
    'planner',
    'provision',
    'documents',
    'words',
    'turns',
  ],
  live: [
    'faults',
    'ids.ts',
    'units',
    'method',
    'kitchen',
    'workshop',
    'plan',
    'planner',
    'provision',
    'words',
    'turns',
  ],
};

/** Parts of the planner: its face puts them together. `check` shares with network and search nothing but types of plain data. */
const PLANNER = {
  search: [],
  network: ['search'],
  check: [],
  explain: ['network', 'search'],
  advice: ['network', 'search', 'check', 'explain'],
  words: ['network', 'search', 'explain', 'advice'],
};

/**
 * Parts of the page. A feature imports no other feature; `ui` knows neither bread nor store, `bread-ui` no store, and `board` draws a
 * plan for whoever hands it one. `routes.tsx` and `main.tsx` put all together.
 */
const WEB = {
  ui: [],
  workers: [],
  'bread-ui': ['ui'],
  board: ['bread-ui', 'ui'],
  documents: ['ui'],
  store: ['documents', 'workers'],
  live: ['ui'],
  offline: [],
  planning: ['store', 'documents', 'workers', 'ui'],
  features: ['planning', 'live', 'offline', 'store', 'documents', 'workers', 'board', 'bread-ui', 'ui'],
};

const TESTS = String.raw`\.(test|answers)\.tsx?$|^core/src/testing/`;
const folder = (base, name) => `^${base}/${name.replace('.', String.raw`\.`)}(/|$)`;

function rulesOf(title, base, table) {
  return Object.entries(table).map(([name, may]) => ({
    name: `${title} ${name}`,
    severity: 'error',
    from: { path: folder(base, name), pathNot: TESTS },
    to: {
      path: `^${base}/(${Object.keys(table)
        .join('|')
        .replace('.', String.raw`\.`)})(/|$)`,
      pathNot: [name, ...may].map((part) => folder(base, part)),
    },
  }));
}

export const TABLES = [
  { title: 'core', base: 'core/src', table: CORE },
  { title: 'planner', base: 'core/src/planner', table: PLANNER },
  { title: 'web', base: 'web/src', table: WEB },
];

export default {
  forbidden: [
    { name: 'no circle', severity: 'error', from: {}, to: { circular: true } },
    ...TABLES.flatMap(({ title, base, table }) => rulesOf(title, base, table)),
    {
      name: 'no feature in another',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/', pathNot: TESTS },
      to: { path: '^web/src/features/', pathNot: '^web/src/features/$1/' },
    },
    {
      name: 'rules know facts, not each other',
      severity: 'error',
      from: { path: '^core/src/planner/check/r[0-9]', pathNot: TESTS },
      to: { path: '^core/src/planner/check/r[0-9]' },
    },
    {
      name: 'the planner is known by its face',
      severity: 'error',
      from: { path: '^core/src/', pathNot: [TESTS, '^core/src/planner/'] },
      to: { path: '^core/src/planner/', pathNot: '^core/src/planner/index.ts$' },
    },
    {
      name: 'page and server meet over HTTP',
      severity: 'error',
      from: { path: '^(web|server|cli|core)/' },
      to: { path: '^(web|server|cli|core)/', pathNot: ['^core/', '^$1/'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules|/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js'],
    },
  },
};
