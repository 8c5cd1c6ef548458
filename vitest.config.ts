import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/integration/**/*.test.ts'],
          environment: 'node',
        },
      },
      {
        test: {
          name: 'end to end',
          include: ['tests/e2e/**/*.test.ts'],
          environment: 'node',
          testTimeout: 240_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
