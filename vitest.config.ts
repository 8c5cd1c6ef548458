import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

/** What is drawn into a page that is none: a worker has one kind of page, and begins anew for another. */
const DRAWN = 'src/web/**/*.drawn.test.{ts,tsx}';
/** The core is pure, every server has a folder and every journey a household of its own: files share their modules. */
const SHARED = { isolate: false, maxWorkers: 2 } as const;

/** Files that take long, the longest first: begun last, one of them would run alone, and the other core would wait. */
const LONG = [
  'e2e/screens',
  'e2e/places',
  'e2e/prep',
  'e2e/programs',
  'e2e/cook',
  'e2e/week',
  'e2e/lighten',
  'e2e/dish-up',
  'e2e/table',
  'e2e/pantry',
  'e2e/journey',
  'e2e/pass-on',
  'integration/start.test',
  'integration/cook-survives',
  'integration/household-file',
  'reading/many-lines',
  'integration/started-and-broken',
  'integration/photographs',
  'model/printed-reads-back',
  'model/devices',
  'integration/cards-and-demo',
  'integration/pictures',
];
class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const place = ({ moduleId }: TestSpecification): number => {
      const at = LONG.findIndex((l) => moduleId.includes(l));
      return at === -1 ? LONG.length : at;
    };
    return (await super.sort(files)).toSorted((a, b) => place(a) - place(b));
  }
}

export default defineConfig({
  test: {
    sequence: { sequencer: LongestFirst },
    projects: [
      {
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/{integration,model,structure}/**/*.test.ts'],
          exclude: [DRAWN],
          environment: 'node',
          ...SHARED,
          // Some try thousands of lines: a busy machine is no fault of theirs.
          testTimeout: 20_000,
        },
      },
      {
        test: {
          name: 'drawn',
          include: [DRAWN],
          environment: 'jsdom',
          ...SHARED,
          testTimeout: 20_000,
          // After the others, not among them.
          sequence: { groupOrder: 1 },
        },
      },
      {
        test: {
          name: 'end to end',
          include: ['tests/e2e/**/*.test.ts'],
          environment: 'node',
          globalSetup: ['tests/support/one-server.ts'],
          testTimeout: 400_000,
          expect: { poll: { timeout: 90_000 } },
          hookTimeout: 180_000,
          // Two at a time, each in a household of its own.
          ...SHARED,
        },
      },
    ],
  },
});
