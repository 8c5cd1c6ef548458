import { defineConfig } from 'vitest/config';

/**
 * The tests that mutants of the core are held against: its own, which know no server and no screen. Two files try
 * thousands of cases for many seconds; what they cover, others cover in a moment, and every mutant would wait for them.
 */
export default defineConfig({
  test: {
    include: ['src/core/**/*.test.ts', 'src/contract/*.test.ts'],
    exclude: ['**/many-lines.test.ts', '**/against-general-solver.test.ts'],
    environment: 'node',
    testTimeout: 30_000,
  },
});
