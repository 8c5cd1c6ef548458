import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/{integration,model,structure}/**/*.test.ts'],
          environment: 'node',
          // The core is pure and every server has a folder of its own: files share their modules, and start in no time.
          isolate: false,
          // Some try thousands of lines: a busy machine is no fault of theirs.
          testTimeout: 20_000,
          maxWorkers: 2,
        },
      },
      {
        test: {
          name: 'end to end',
          include: ['tests/e2e/**/*.test.ts'],
          environment: 'node',
          globalSetup: ['tests/support/one-server.ts'],
          testTimeout: 400_000,
          expect: { poll: { timeout: 30_000 } },
          hookTimeout: 60_000,
          // Journeys wait for pages more than they work: two at a time, each in a household of its own.
          maxWorkers: 2,
        },
      },
    ],
  },
});
