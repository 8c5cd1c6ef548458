import { defineConfig } from 'vitest/config';

/** The tests that mutants of the core are held against: its own, which know no server and no screen. */
export default defineConfig({
  test: { include: ['src/core/**/*.test.ts', 'src/contract/*.test.ts'], environment: 'node', testTimeout: 30_000 },
});
