import { useState } from 'react';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { formatMeasure } from '../../core/quantity/format-measure.ts';
import { normalizeText } from '../../core/recipe/reading/normalize-text.ts';
import { readAmount } from '../../core/recipe/reading/read-amount.ts';
import type { Line } from '../../core/recipe/version.ts';
import { weighAmount } from '../../core/recipe/weigh.ts';
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
    const amount = readAmount(normalizeText(text));
    if (amount === null || amount.rest !== '') return setWrong('Write an amount, such as 65 g or ½ cup.');
    if (amount.quantity === 0) return setWrong('For none of it, leave the line out.');
    if (food === null) {
      if (amount.unit !== 'gram') return setWrong('Write grams for this line, such as 250 g.');
      const grams = amount.quantity;
      return onDone({
        ...line,
        amount: { quantity: grams, quantityMax: null, unit: 'gram' },
        weight: { grams, low: grams, high: grams, from: 'weight' },
        text: `${formatGrams(grams)} ${line.item}`,
      });
    }
    const said = weighAmount(amount.quantity, amount.unit, food, household.system, {
      modifiers: amount.modifiers,
      note: line.note,
      item: line.item,
    });
    if (said === null) return setWrong(`Nobody knows what that weighs of ${food.name}. Write grams.`);
    const weight = {
      grams: said.grams,
      low: said.grams * (1 - said.spread),
      high: said.grams * (1 + said.spread),
      from: said.from,
    };
    const words = formatMeasure(amount.quantity, amount.unit);
    onDone({
      ...line,
      amount: { quantity: amount.quantity, quantityMax: null, unit: amount.unit },
      weight,
      text: `${words} ${line.item}${line.note ? `, ${line.note}` : ''}`,
    });
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
