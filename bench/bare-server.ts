import express from 'express';
import { RecipeListSchema } from '../src/contract/recipe.ts';
import { connectTo } from '../src/server/db/connection.ts';
import type { RowOf } from '../src/server/db/schema.ts';

/** What nobody could do with less: one statement for the rows, one for their points, checked and sent as JSON. */
const [, , file, port] = process.argv;
const db = connectTo(file!, { readOnly: true });
const app = express();
app.get('/rows', (_req, res) => {
  const rows = db
    .prepare('select * from recipe_listing where household_id = ? order by changed_at desc, recipe_id desc limit 50')
    .all(['home']) as RowOf<'recipe_listing'>[];
  const points = db
    .prepare(
      `select * from recipe_points where recipe_id in (${rows.map(() => '?').join(',')}) order by recipe_id, position`,
    )
    .all(rows.map((r) => r.recipe_id)) as RowOf<'recipe_points'>[];
  const list = {
    rows: rows.map((r) => ({
      id: r.recipe_id,
      title: r.title,
      author: r.author,
      whose: r.whose,
      changedAt: r.changed_at,
      servings: r.servings,
      open: r.open,
      versionId: r.version_id,
      versionName: r.version_name,
      versions: r.versions,
      kcal: r.kcal,
      servingGrams: r.serving_grams,
      points: points
        .filter((p) => p.recipe_id === r.recipe_id)
        .map((p) => ({
          counter: p.counter,
          mark: p.mark,
          points: p.points,
          was: p.was,
          complete: p.complete === 1,
          low: p.low,
          high: p.high,
        })),
      stale: r.stale > 0,
      favourite: r.favourite === 1,
      picture: null,
      dish: r.dish,
      minutes: r.minutes,
      notFor: JSON.parse(r.not_for),
    })),
    next: null,
    total: null,
    counting: 0,
  };
  res.json(RecipeListSchema.parse(list));
});
app.get('/health', (_req, res) => void res.json({ status: 'ready' }));
app.listen(Number(port), '127.0.0.1', () => console.log('ready'));
