import type { TestProject } from 'vitest/node';
import { seedDatabase } from './seeded-database.ts';
import { startServer } from './start-imbiss.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** The address of the server that the end-to-end files share. */
    readonly sharedUrl: string;
  }
}

/** One server for the end-to-end files, once a run. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  await seedDatabase();
  const server = await startServer(4390);
  project.provide('sharedUrl', server.url);
  return server.stop;
}
