import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', root: 'core', include: ['src/**/*.test.ts'], testTimeout: 120_000 } },
      {
        test: {
          name: 'web',
          // the colours are checked as they stand in the style sheet
          css: true,
          root: 'web',
          include: ['src/**/*.test.ts'],
        },
      },
      { test: { name: 'cli', root: 'cli', include: ['src/**/*.test.ts'], testTimeout: 120_000 } },
      // against the MariaDB that HODSMAN_TEST_DATABASE_URL names; scripts/test.mjs starts one
      {
        test: {
          name: 'server',
          root: 'server',
          include: ['src/**/*.test.ts'],
          fileParallelism: false,
          testTimeout: 120_000,
        },
      },
    ],
  },
});
