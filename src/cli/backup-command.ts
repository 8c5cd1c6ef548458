import { resolve } from 'node:path';
import { BackupError, backup, restore } from '../server/backup.ts';
import { CliError } from './cli-error.ts';

/** `backup FILE` and `restore FILE`, on the data folder of IMBISS_DATA. */
export async function backupCommand(out: boolean, file: string): Promise<string> {
  const dataDir = resolve(process.env.IMBISS_DATA?.trim() || 'data');
  try {
    if (out) {
      const bytes = await backup(dataDir, resolve(file));
      return `Saved ${Math.round(bytes / 1024)} kB to ${file}.`;
    }
    await restore(dataDir, resolve(file));
    return `Restored from ${file}. What was there before is kept as imbiss.db.before-restore.`;
  } catch (e) {
    if (e instanceof BackupError) throw new CliError(e.message, 'Nothing was changed.');
    throw e;
  }
}
