import type { HouseholdFile } from '../../contract/household-file.ts';
import { recipeHeadOf } from '../../contract/recipe.ts';
import { RECIPE_KIND } from '../../core/documents/recipe-kind.ts';
import { DomainError } from '../../core/errors.ts';
import { same } from '../../core/history/same.ts';
import { versionRow } from './kitchen.ts';
import { RECIPE_HEADS } from './recipe-head-shelf.ts';
import { note, type Scope } from './scope.ts';
import { toJson } from './stored.ts';
import { putTheirs, type TakingIn, whatDiffers } from './taking-in.ts';
import { indexVersion } from './version-index.ts';
import { VERSIONS } from './version-shelf.ts';
import { checkLines } from './versions.ts';

export type FileRecipe = HouseholdFile['recipes'][number];
export type FileVersion = HouseholdFile['versions'][number];

/** Recipes with all their versions: first all of them, then what of them cannot be goes out again. */
export async function takeRecipes(
  t: TakingIn,
  file: HouseholdFile,
  theirs: (recipeId: string) => boolean,
): Promise<void> {
  const { s } = t;
  const fresh = new Set<string>();
  for (const recipe of file.recipes) {
    if (!t.wants('recipes', recipe.id)) continue;
    const row = { kind: 'recipes', id: recipe.id, title: recipe.title };
    const found = await RECIPE_HEADS.find(s, recipe.id);
    if (found === null) {
      await insertRecipe(s, recipe);
      fresh.add(recipe.id);
      continue;
    }
    if (found.removed) {
      t.tell({ ...row, state: 'differs', why: 'it was removed here' });
      continue;
    }
    const changes = RECIPE_KIND.changes(found.document, recipeHeadOf(recipe));
    if (changes.length > 0 && theirs(recipe.id))
      await putTheirs(s, RECIPE_HEADS as never, recipe.id, found.revision, changes, 'recipe');
    t.tell(
      changes.length === 0
        ? { ...row, state: 'same', why: null }
        : { ...row, state: 'differs', why: whatDiffers(RECIPE_KIND as never, changes, found.document) },
    );
  }
  const added = await takeVersions(t, file, fresh);
  await leaveOutBroken(t, file, fresh, added);
}

async function insertRecipe(s: Scope, r: FileRecipe): Promise<void> {
  await s.db
    .insertInto('recipe')
    .values({
      id: r.id,
      household_id: s.householdId,
      title: r.title,
      credit: toJson(r.credit),
      claims: toJson(r.claims),
      notes: r.notes,
      facts: toJson(r.facts),
      settled: toJson(r.settled),
      shown_version_id: r.shownVersionId,
      favourite: r.favourite ? 1 : 0,
      pass_on: toJson(r.passOn),
      revision: r.revision,
      created_at: r.createdAt,
      changed_at: r.changedAt,
    })
    .execute();
}

/** @returns the versions that were added, of recipes that are new and of those that were here */
async function takeVersions(t: TakingIn, file: HouseholdFile, fresh: ReadonlySet<string>): Promise<FileVersion[]> {
  const { s } = t;
  const added: FileVersion[] = [];
  for (const version of parentsFirst(file.versions)) {
    if (!t.wants('versions', version.id)) continue;
    const { createdAt, ...bare } = version;
    const row = { kind: 'versions', id: version.id, title: version.name };
    const found = await VERSIONS.find(s, version.id);
    if (found !== null) {
      const is = !found.removed && same({ ...found.document, revision: 0 }, { ...bare, revision: 0 });
      t.tell({ ...row, state: is ? 'same' : 'differs', why: is ? null : 'what is in it: the one here stays' });
      continue;
    }
    const there = fresh.has(version.recipeId) || (await RECIPE_HEADS.find(s, version.recipeId)) !== null;
    if (!there) {
      if (t.wants('recipes', version.recipeId))
        t.tell({ ...row, state: 'cannot', why: 'Its recipe is not in the file.' });
      continue;
    }
    await s.db
      .insertInto('version')
      .values(versionRow(s, bare, createdAt))
      .execute();
    added.push(version);
  }
  return added;
}

/** Checks what was added, now that everything is there that it may take from; what cannot be goes out with its recipe. */
async function leaveOutBroken(
  t: TakingIn,
  file: HouseholdFile,
  fresh: ReadonlySet<string>,
  added: readonly FileVersion[],
): Promise<void> {
  const { s } = t;
  const broken = new Map<string, string>();
  for (const version of added)
    try {
      await checkLines(s, version, null);
    } catch (e) {
      if (!(e instanceof DomainError)) throw e;
      broken.set(version.recipeId, [e.message, e.advice].filter(Boolean).join(' '));
    }
  for (const recipe of file.recipes) {
    if (!fresh.has(recipe.id)) continue;
    const written = added.filter((v) => v.recipeId === recipe.id && v.kind === 'asWritten').length;
    if (written !== 1) broken.set(recipe.id, 'It has no version as written.');
  }
  for (const [id] of broken)
    await s.db.deleteFrom('recipe').where('id', '=', id).where('household_id', '=', s.householdId).execute();
  for (const version of added) {
    const why = broken.get(version.recipeId);
    if (why === undefined) await indexVersion(s, version);
    t.tell({
      kind: 'versions',
      id: version.id,
      title: version.name,
      state: why === undefined ? 'new' : 'cannot',
      why: why ?? null,
    });
  }
  for (const recipe of file.recipes) {
    if (!fresh.has(recipe.id)) continue;
    const why = broken.get(recipe.id);
    t.tell({
      kind: 'recipes',
      id: recipe.id,
      title: recipe.title,
      state: why === undefined ? 'new' : 'cannot',
      why: why ?? null,
    });
    if (why === undefined) note(s, 'recipes', recipe.id, 0);
  }
}

/** In an order in which every version comes after the one that it was made from. */
function parentsFirst(versions: readonly FileVersion[]): FileVersion[] {
  const byId = new Map(versions.map((v) => [v.id, v]));
  const done = new Set<string>();
  const out: FileVersion[] = [];
  const put = (v: FileVersion, seen: ReadonlySet<string>): void => {
    if (done.has(v.id) || seen.has(v.id)) return;
    const parent = v.parentId === null ? undefined : byId.get(v.parentId);
    if (parent !== undefined) put(parent, new Set([...seen, v.id]));
    done.add(v.id);
    out.push(v);
  };
  for (const v of versions) put(v, new Set());
  return out;
}
