import { lastStep } from './last-step.ts';

/** What a field of a document is called where two devices differ: by the first step to it. */
export const named =
  <D>(names: Readonly<Record<string, string>>) =>
  (path: readonly string[], _document: D): string =>
    names[path[0] ?? ''] ?? lastStep(path);
