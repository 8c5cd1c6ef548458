import { memo } from 'react';
import { dishKindOf } from '../../core/dish/dish-kind.ts';
import { DISH_KINDS, type DishKind } from '../../core/version/dish-words.ts';
import type { Version } from '../../core/version/version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Picker } from '../kit/picker.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';

/** What kind of dish a version is read as, by which swaps fit; the cook corrects it here. */
export const DishRead = memo(function DishRead({
  editor,
  version,
}: {
  readonly editor: VersionEditor;
  readonly version: Version;
}) {
  const { food, title } = useOpenRecipe();
  const read = dishKindOf({ ...version, dish: null }, title, food);
  const set = (after: DishKind | null) =>
    editor.do(after === null ? 'Read what it is from the steps' : `It is a ${after}`, [
      { kind: 'dish', before: version.dish, after },
    ]);
  return (
    <Picker
      label="Swaps are for a dish of the kind"
      className="w-64"
      value={version.dish ?? ''}
      choices={[{ value: '', words: `${read}, as read` }, ...DISH_KINDS.map((d) => ({ value: d, words: d }))]}
      onPick={(d) => set(DISH_KINDS.find((k) => k === d) ?? null)}
    />
  );
});
