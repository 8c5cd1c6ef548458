import { RECIPE_ORDERS, type RecipeOrder } from '../../contract/recipe.ts';
import type { CountingEater } from '../../core/table/table.ts';
import { numberTyped } from '../kit/number-typed.ts';
import type { RecipeWish } from './use-recipe-list.ts';

const ORDER_WORDS: Readonly<Record<RecipeOrder, string>> = {
  changed: 'last changed first',
  title: 'by title',
  points: 'fewest points first',
  mostPoints: 'most points first',
  kcal: 'fewest calories first',
};
const WHOSE_WORDS = { family: "the family's", own: 'my own', other: "another author's" } as const;

interface ListWishesProps {
  readonly wish: RecipeWish;
  readonly eaters: readonly CountingEater[];
  readonly onWish: (change: Partial<RecipeWish>) => void;
}

/** Which recipes the list shows, and in which order. */
export function ListWishes({ wish, eaters, onWish }: ListWishesProps) {
  return (
    <search className="mt-5 flex flex-wrap items-end gap-3">
      <label className="w-full max-w-sm">
        <span className="sr-only">Search the recipes</span>
        <input
          type="search"
          className="field"
          placeholder="A title, an ingredient, a source"
          value={wish.words}
          onChange={(e) => onWish({ words: e.target.value })}
        />
      </label>
      <label>
        <span className="sr-only">Order</span>
        <select
          className="field w-auto"
          value={wish.order}
          onChange={(e) => onWish({ order: RECIPE_ORDERS.find((o) => o === e.target.value) ?? 'changed' })}
        >
          {RECIPE_ORDERS.map((o) => (
            <option key={o} value={o}>
              {ORDER_WORDS[o]}
            </option>
          ))}
        </select>
      </label>
      <details className="group">
        <summary className="btn cursor-pointer list-none">
          Narrow{wish.pointsAtMost !== null || wish.kcalAtMost !== null || wish.whose !== null ? 'ed' : ''}
        </summary>
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <label>
            <span className="label">Points of</span>
            <select
              className="field w-auto"
              value={wish.counter ?? eaters[0]?.key ?? ''}
              onChange={(e) => onWish({ counter: e.target.value })}
            >
              {eaters.map((e) => (
                <option key={e.key} value={e.key}>
                  {e.eater.name}, {e.program.mark}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="label">at most</span>
            <input
              inputMode="decimal"
              className="field w-20"
              placeholder="any"
              onChange={(e) => onWish({ pointsAtMost: numberTyped(e.target.value) })}
            />
          </label>
          <label>
            <span className="label">kcal at most</span>
            <input
              inputMode="numeric"
              className="field w-24"
              placeholder="any"
              onChange={(e) => onWish({ kcalAtMost: numberTyped(e.target.value) })}
            />
          </label>
          <label>
            <span className="label">Whose</span>
            <select
              className="field w-auto"
              value={wish.whose ?? ''}
              onChange={(e) =>
                onWish({ whose: (['family', 'own', 'other'] as const).find((w) => w === e.target.value) ?? null })
              }
            >
              <option value="">anybody's</option>
              {(['family', 'own', 'other'] as const).map((w) => (
                <option key={w} value={w}>
                  {WHOSE_WORDS[w]}
                </option>
              ))}
            </select>
          </label>
        </div>
      </details>
    </search>
  );
}
