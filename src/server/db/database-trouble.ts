/** The database cannot be used, in words that say what to do. */
export class DatabaseTrouble extends Error {}

const CODES: ReadonlyArray<readonly [RegExp, (where: string) => string]> = [
  [
    /malformed|not a database|corrupt|disk image/i,
    (where) =>
      `The database ${where} is damaged. Put a backup in its place: npm run -s imbiss -- restore FILE. Backups lie in the folder "backups" beside it; the damaged file is kept.`,
  ],
  [
    /disk is full|ENOSPC/i,
    (where) =>
      `The disk is full, so that ${where} cannot be written. Make room and start again; nothing saved is lost.`,
  ],
  [
    /readonly|read-only|EROFS|EACCES|EPERM|permission/i,
    (where) =>
      `${where} cannot be written. Give this user the right to write it, or set IMBISS_DATA to another folder.`,
  ],
  [
    /unable to open|ENOTDIR|EEXIST|EISDIR|not a directory/i,
    (where) => `${where} cannot be opened. Is its folder a folder, and may this user use it? IMBISS_DATA sets another.`,
  ],
  [/locked|busy/i, (where) => `Another process holds ${where}. Stop it first, or set IMBISS_DATA to another folder.`],
];

const textOf = (e: unknown): string => {
  const { message, code } = e as { message?: string; code?: string };
  return `${code ?? ''} ${message ?? String(e)}`;
};

/** What went wrong with the database or its disk, in words with the way out; null for anything else. */
export function troubleWords(e: unknown, where: string): string | null {
  if (e instanceof DatabaseTrouble) return e.message;
  const text = textOf(e);
  return CODES.find(([pattern]) => pattern.test(text))?.[1](where) ?? null;
}

/** Whether a write failed because the disk is full. */
export const isDiskFull = (e: unknown): boolean => /disk is full|SQLITE_FULL|ENOSPC/i.test(textOf(e));
