import { cardLabel } from '../../core/card/card-label.ts';
import { cautionsFor } from '../../core/caution/cautions.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import type { ToldRecipe } from '../../core/exchange/told-recipe.ts';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import { plainCounter } from '../../core/program/program.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { sayIn } from '../../core/region/say-in.ts';
import { programsInUse } from '../../core/table/table.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import type { Version } from '../../core/version/version.ts';
import { kitchenFor } from './kitchen.ts';
import { getRecipe } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { getVersion, versionsOf } from './versions.ts';

/** A version as it is asTold in another format: for one's own use, with all its words. */
export async function toldVersion(s: Scope, versionId: string): Promise<ToldRecipe> {
  return asTold(s, await getVersion(s, versionId));
}

/** Every recipe of the household, in the version that is shown of it, by title. */
export async function toldRecipes(s: Scope): Promise<ToldRecipe[]> {
  const rows = await s.db
    .selectFrom('recipe')
    .select(['id', 'shown_version_id'])
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .orderBy('title')
    .orderBy('id')
    .execute();
  const out: ToldRecipe[] = [];
  for (const r of rows) {
    const version = shownVersion(await versionsOf(s, r.id), r.shown_version_id);
    if (version) out.push(await asTold(s, version));
  }
  return out;
}

async function asTold(s: Scope, version: Version): Promise<ToldRecipe> {
  const recipe = await getRecipe(s, version.recipeId);
  const table = await tableOf(s);
  const programs = programsInUse(table);
  const kitchen = await kitchenFor(s, [version]);
  const counted = countVersion(
    version,
    kitchen,
    programs.map((p) => plainCounter(p, table.pins)),
  );
  const foods = foodsOf(counted);
  const lines = version.lines.filter((l) => !l.leftOut);
  const cautions = cautionsFor(foods, version.steps.map((x) => x.text).join('\n'), lines.map((l) => l.text).join('\n'));
  return {
    title: recipe.title,
    author: recipe.credit.author,
    url: recipe.credit.url,
    servings: version.servings,
    times: recipe.facts.times,
    lines: lines.map((l) => ({ group: l.group, text: l.text })),
    steps: version.steps.map((x) => x.text),
    points: counted.counts.map((c, i) => ({
      mark: programs[i]!.mark,
      name: programs[i]!.name,
      points: c.points,
      low: c.pointsRange.low,
      high: c.pointsRange.high,
    })),
    label: cardLabel(counted, null).serving,
    allergens: [...new Set(foods.flatMap((f) => f.allergens))].map((a) => ALLERGEN_WORDS[a]),
    cautions: cautions.map((c) => sayIn(table.household.region, c.words)),
    countedOn: dayIn(s.clock(), table.household.zone),
  };
}
