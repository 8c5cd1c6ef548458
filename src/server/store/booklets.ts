import type { BookletWish } from '../../contract/booklet-api.ts';
import type { Card } from '../../core/card/card.ts';
import { notFound } from '../../core/errors.ts';
import type { Booklet } from '../../core/exchange/booklet.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { previewCard } from './card-making.ts';
import { getRecipe } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { versionsOf } from './versions.ts';

/** Binds recipes together, each as its card goes out now. @throws DomainError not-found */
export async function bindBooklet(s: Scope, { id, title, words, recipes }: BookletWish): Promise<Booklet> {
  const { household } = await tableOf(s);
  const cards: Card[] = [];
  for (const recipeId of recipes) {
    const recipe = await getRecipe(s, recipeId);
    const version = shownVersion(await versionsOf(s, recipeId), recipe.shownVersionId);
    if (!version) throw notFound('version');
    cards.push(await previewCard(s, version.id));
  }
  return { id, title, words: words.trim() || null, countedOn: dayIn(s.clock(), household.zone), cards };
}
