import { setTimeout } from 'node:timers/promises';
import { asSvg, DRAWINGS } from '../../demo/drawings.ts';
import { DEMO_HOUSEHOLD } from '../../demo/household.ts';
import { loadSharp, shrinkPicture } from './pictures/shrink-picture.ts';
import { zoneOf } from './store/households.ts';
import { addPicture } from './store/pictures.ts';
import { nowOf, type StoreContext, scopeOf } from './store/scope.ts';

const DRAWN_FACT = 'drawn';

/** Between two drawings, so that whoever is at work already hardly notices, ms. */
const BETWEEN_MS = 250;

/**
 * Gives the demo's dishes their drawings, once, one after the other and behind the start: they are a second's work, and
 * nothing waits for them. A demo that was removed gets none.
 */
export async function seedDrawings(context: StoreContext, pauseMs = BETWEEN_MS): Promise<void> {
  const s = scopeOf(context, DEMO_HOUSEHOLD.id);
  const done = await s.db.selectFrom('fact').select('value').where('key', '=', DRAWN_FACT).executeTakeFirst();
  if (done !== undefined || (await zoneOf(s, s.householdId)) === null) return;
  const recipes = await s.db
    .selectFrom('recipe')
    .select(['id', 'title'])
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where('id', 'not in', (e) => e.selectFrom('picture').select('recipe_id'))
    .execute();
  if (recipes.length === 0) return;
  const sharp = await loadSharp();
  for (const { id, title } of recipes) {
    const drawing = DRAWINGS[title];
    if (drawing === undefined) continue;
    const png = await sharp(Buffer.from(asSvg(drawing)))
      .png()
      .toBuffer();
    await addPicture(s, id, 'dish', null, await shrinkPicture(png));
    await setTimeout(pauseMs);
  }
  await s.db
    .insertInto('fact')
    .values({ key: DRAWN_FACT, value: nowOf(s) })
    .execute();
}
