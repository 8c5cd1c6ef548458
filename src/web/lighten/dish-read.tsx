import { dishKindOf } from '../../core/dish/dish-kind.ts';
import { DISH_KINDS, type DishKind } from '../../core/version/dish-words.ts';
import type { Version } from '../../core/version/version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

/** What kind of dish a version is read as, by which swaps fit; the cook corrects it here. */
export function DishRead({ editor, version }: { readonly editor: VersionEditor; readonly version: Version }) {
  const { food, title } = useOpenRecipe();
  const read = dishKindOf({ ...version, dish: null }, title, food);
  const set = (after: DishKind | null) =>
    editor.do(after === null ? 'Read what it is from the steps' : `It is a ${after}`, [
      { kind: 'dish', before: version.dish, after },
    ]);
  return (
    <label className="inline-flex flex-wrap items-center gap-2">
      Swaps are for a dish of the kind
      <select
        className="field w-auto"
        value={version.dish ?? ''}
        onChange={(e) => set(DISH_KINDS.find((d) => d === e.target.value) ?? null)}
      >
        <option value="">{read}, as read</option>
        {DISH_KINDS.map((d) => (
          <option key={d} value={d}>
            {d}
          </option>
        ))}
      </select>
    </label>
  );
}
