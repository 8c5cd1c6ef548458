import { resolve } from 'node:path';
import { BackupError, backup, restore } from '../server/backup.ts';
import { troubleWords } from '../server/db/database-trouble.ts';
import { CliError } from './cli-error.ts';
import type { Io } from './io.ts';

/** `backup FILE` and `restore FILE`, on the data folder of IMBISS_DATA. */
export async function backupCommand(out: boolean, file: string, env: Io['env']): Promise<string> {
  const dataDir = resolve(env.IMBISS_DATA?.trim() || 'data');
  try {
    if (out) {
      const bytes = await backup(dataDir, resolve(file));
      return `Saved ${Math.round(bytes / 1024)} kB to ${file}.`;
    }
    await restore(dataDir, resolve(file));
    return `Restored from ${file}. What was there before is kept as imbiss.db.before-restore.`;
  } catch (e) {
    if (e instanceof BackupError) throw new CliError(e.message, 'Nothing was changed.');
    const words = troubleWords(e, dataDir);
    if (words !== null) throw new CliError(words, 'Nothing was changed.');
    throw e;
  }
}
