import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { v7 as uuid } from 'uuid';
import type { TakeInAnswer } from '../contract/exchange-api.ts';
import { DomainError } from '../core/errors.ts';
import { RECIPE_FORMATS } from '../core/exchange/cannot-hold.ts';
import { changeHub } from '../server/changes/change-hub.ts';
import { troubleWords } from '../server/db/database-trouble.ts';
import { DatabaseInUse, type DatabaseLock, lockDatabase } from '../server/db/lock.ts';
import { openDatabase } from '../server/db/open.ts';
import { packHousehold, unpackHousehold } from '../server/exchange/household-archive.ts';
import { allRecipesIn, fileTitle, recipeFiles } from '../server/exchange/recipe-formats.ts';
import { isHouseholdFile } from '../server/exchange/texts-in-file.ts';
import { prepareDatabase } from '../server/prepare-database.ts';
import { householdStore } from '../server/store/household-store.ts';
import { isFree, listHouseholds } from '../server/store/households.ts';
import type { StoreContext } from '../server/store/scope.ts';
import { takeInAsHousehold } from '../server/store/take-in-as-household.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import type { Io } from './io.ts';

/** `export DIR`: every household as an archive, and its recipes in every open format, on the data of IMBISS_DATA. */
export const exportCommand = (dir: string, env: Io['env']): Promise<string> =>
  onData(env, false, async (context) => {
    const households = await listHouseholds(context);
    if (households.length === 0) throw new CliError('There is no household yet.', 'Start one first.');
    const said: string[] = [];
    const folders = new Set<string>();
    for (const { id, name } of households) {
      const store = await householdStore(context, id);
      let at = join(resolve(dir), fileTitle(name));
      // Two households of one name have a folder each.
      for (let n = 2; folders.has(at); n++) at = join(resolve(dir), `${fileTitle(name)} ${n}`);
      folders.add(at);
      mkdirSync(at, { recursive: true });
      writeFileSync(join(at, 'household.zip'), packHousehold(await store.exchange.out()));
      const all = await store.exchange.toldRecipes();
      for (const format of RECIPE_FORMATS) {
        if (format === 'jsonld' || format === 'csv') {
          const { bytes, ending } = allRecipesIn(format, all);
          writeFileSync(join(at, `recipes.${ending}`), bytes);
          continue;
        }
        mkdirSync(join(at, format), { recursive: true });
        for (const [file, text] of recipeFiles(format, all)) writeFileSync(join(at, format, file), text);
      }
      said.push(`${name}: ${all.length} recipes to ${at}`);
    }
    return said.join('\n');
  });

/**
 * `import FILE…`: archives of households, each as a household of its own, or into the one that `--household` names;
 * recipes in any format that is read into the one that it names, or the only one that is there.
 */
export const importCommand = (files: readonly string[], flags: Flags, env: Io['env']): Promise<string> =>
  onData(env, true, async (context) => {
    const said: string[] = [];
    for (const file of files) {
      const bytes = bytesOf(file);
      said.push(
        isHouseholdFile(bytes)
          ? saidOfFile(file, await householdIn(context, bytes, flags))
          : saidOfRecipes(file, await recipesInto(context, bytes, flags)),
      );
    }
    return said.join('\n');
  });

async function householdIn(context: StoreContext, bytes: Buffer, flags: Flags): Promise<TakeInAnswer> {
  const carried = unpackHousehold(bytes);
  const wanted = carried.file.household.id;
  return flags.household === undefined
    ? takeInAsHousehold(context, (await isFree(context, wanted)) ? wanted : uuid(), carried, () => {})
    : (await householdStore(context, flags.household)).exchange.takeIn(carried, KEEP_MINE, () => {});
}

async function recipesInto(context: StoreContext, bytes: Buffer, flags: Flags): Promise<TakeInAnswer> {
  const households = await listHouseholds(context);
  const into = flags.household ?? (households.length === 1 ? households[0]!.id : undefined);
  if (into === undefined)
    throw new CliError(
      'Recipes go into a household.',
      `Say which, with --household: ${households.map((h) => h.id).join(', ') || 'there is none yet, start one first'}.`,
    );
  const { exchange } = await householdStore(context, into);
  const { carried, told } = await exchange.unpacked(bytes);
  return told(await exchange.takeIn(carried, KEEP_MINE, () => {}));
}

/** What became of recipes: each that is new with what was understood of it, and all that could not be. */
function saidOfRecipes(file: string, answer: TakeInAnswer): string {
  const fresh = answer.rows.filter((r) => r.kind === 'recipes' && r.state === 'new');
  return [saidOfFile(file, answer), ...fresh.map((r) => `  ${r.title}: ${r.why}`)].join('\n');
}

const KEEP_MINE = { theirs: new Set<string>(), without: new Set<string>(), isNew: false };

function bytesOf(file: string): Buffer {
  try {
    return readFileSync(file);
  } catch {
    throw new CliError(`The file ${file} cannot be read.`, 'Check the name.');
  }
}

function saidOfFile(file: string, { householdId, rows }: TakeInAnswer): string {
  const count = (state: string) => rows.filter((r) => r.state === state).length;
  const head = `${file}: into ${householdId}, ${count('new')} new, ${count('same')} the same, ${count('differs')} differ and stay as they are here`;
  const cannot = rows.filter((r) => r.state === 'cannot').map((r) => `  left out: ${r.title}: ${r.why}`);
  return [head, ...cannot].join('\n');
}

/** Works on the data folder; what can be wrong is said in words. @param writes whether it must have it alone */
async function onData(
  env: Io['env'],
  writes: boolean,
  work: (context: StoreContext) => Promise<string>,
): Promise<string> {
  const dataDir = resolve(env.IMBISS_DATA?.trim() || 'data');
  const file = join(dataDir, 'imbiss.db');
  if (!writes && !existsSync(file))
    throw new CliError(`There is nothing in ${dataDir}.`, 'Set IMBISS_DATA to the folder of the data.');
  let lock: DatabaseLock | null = null;
  try {
    mkdirSync(dataDir, { recursive: true, mode: 0o700 });
    if (writes) lock = lockDatabase(dataDir, file);
    const { db } = await openDatabase(file);
    const context: StoreContext = {
      db,
      clock: () => new Date(),
      publicUrl: '',
      changes: changeHub(),
      wakeRenewal: () => {},
    };
    try {
      if (writes) await prepareDatabase(db, context.clock);
      return await work(context);
    } finally {
      await db.destroy();
    }
  } catch (e) {
    if (e instanceof DatabaseInUse) throw new CliError(e.message, 'Or take the file in under Household.');
    if (e instanceof DomainError) throw new CliError(e.message, e.advice ?? 'Nothing was changed.');
    const words = troubleWords(e, dataDir);
    if (words !== null) throw new CliError(words, 'Nothing was changed.');
    throw e;
  } finally {
    lock?.release();
  }
}
