import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** What a folder may not import; lists do not add up, so each names all. */
const no = (...patterns) => ({
  'no-restricted-imports': ['error', { patterns: patterns.map(([group, message]) => ({ group: [group], message })) }],
});
const OUTSIDE = [
  ['node:*', 'the core knows no Node API'],
  ['@hodsman/*', 'the core depends on no other workspace'],
];

export default tseslint.config(
  { ignores: ['**/dist/**', 'node_modules/**', '.data/**', 'test-results/**', 'playwright-report/**'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/dot-notation': 'off', // the compiler asks for ['key'] on index signatures
      '@typescript-eslint/consistent-type-definitions': ['error', 'interface'],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/explicit-module-boundary-types': 'off',
      // a key is left out of an object by taking it apart
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
    },
  },
  { files: ['**/*.mjs', '*.js'], languageOptions: { globals: globals.node } },
  {
    // tests put wrong things into raw files and read answers of any form
    files: ['**/*.test.ts', '**/*.answers.ts', 'core/src/testing/**/*.ts'],
    rules: Object.fromEntries(
      ['argument', 'assignment', 'call', 'member-access', 'return'].map((x) => [
        `@typescript-eslint/no-unsafe-${x}`,
        'off',
      ]),
    ),
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts', 'core/src/**/*.answers.ts', 'core/src/testing/**'],
    rules: {
      ...no(...OUTSIDE),
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'take a seeded Random' },
        { object: 'Date', property: 'now', message: 'take the time as an argument' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'take the time as an argument' },
        { selector: "CallExpression[callee.property.name='localeCompare']", message: 'break ties by id with <' },
      ],
    },
  },
  // which part imports which stands in boundaries.config.mjs; here is what one part may not know at all
  {
    files: ['core/src/planner/search/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: no(
      ...OUTSIDE,
      ['../*', 'the search knows the problem and nothing beyond'],
      ['../../*', 'the search knows no bread'],
    ),
  },
  {
    files: ['core/src/planner/check/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.answers.ts'],
    rules: {
      ...no(
        ...OUTSIDE,
        ['../network/**', 'the checker shares no code with the planner'],
        ['../search/**', 'the checker shares no code with the planner'],
      ),
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: ['workshop', 'method', 'formula', 'kitchen'].map((part) => ({
            group: [`../../${part}/**`],
            allowTypeImports: true,
            message: 'the checker works everything out anew; it may import types alone',
          })),
        },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: no(['@hodsman/web', 'web and server meet over HTTP'], ['**/web/**', 'web and server meet over HTTP']),
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    extends: [reactHooks.configs.flat.recommended],
    rules: no(
      ['@hodsman/server', 'web and server meet over HTTP'],
      ['**/server/**', 'web and server meet over HTTP'],
      ['node:*', 'the page has no Node API'],
    ),
  },
  {
    // it warns that the React compiler leaves a component alone; nothing here is compiled by it
    files: ['web/src/features/plan/table/**'],
    rules: { 'react-hooks/incompatible-library': 'off' },
  },
  {
    files: ['web/src/ui/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ regex: '^@hodsman/(?!core/units$)', message: 'ui knows figures and their units, and no bread' }],
        },
      ],
    },
  },
);
