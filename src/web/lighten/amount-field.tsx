import { useState } from 'react';
import { formatMeasure } from '../../core/quantity/format-measure.ts';
import type { Line } from '../../core/recipe/version.ts';
import { withAmount } from '../../core/recipe/with-amount.ts';
import { useHousehold } from '../shell/household-context.ts';
import { useOpenRecipe } from '../shell/recipe-context.ts';

/** Another amount of the same food, as a cook says it: "65 g", "½ cup", "2". Enter takes it, Escape leaves it. */
export function AmountField({ line, onDone }: { line: Line; onDone: (after: Line | null) => void }) {
  const { household } = useHousehold();
  const { kitchen } = useOpenRecipe();
  const [text, setText] = useState(line.amount ? formatMeasure(line.amount.quantity, line.amount.unit) : '');
  const [wrong, setWrong] = useState<string | null>(null);
  const take = () => {
    const food = line.food.kind === 'food' ? kitchen.food(line.food.foodId, line.food.revision) : null;
    const result = withAmount(line, text, food, household.system);
    if ('wrong' in result) setWrong(result.wrong);
    else onDone(result.line);
  };
  return (
    <span className="inline-block">
      <input
        // biome-ignore lint/a11y/noAutofocus: the field opens because the cook asked for it
        autoFocus
        className="field w-28"
        aria-label={`Amount of ${line.item}`}
        aria-invalid={wrong !== null}
        value={text}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => {
          setText(e.target.value);
          setWrong(null);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
          if (e.key === 'Escape') onDone(null);
        }}
        onBlur={() => wrong === null && onDone(null)}
      />{' '}
      {line.item}
      {wrong && (
        <span role="alert" className="block text-beet text-sm">
          {wrong}
        </span>
      )}
    </span>
  );
}
