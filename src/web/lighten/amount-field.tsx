import { useState } from 'react';
import { formatMeasure } from '../../core/quantity/format-measure.ts';
import type { Line } from '../../core/version/version.ts';
import { withAmount } from '../../core/version/with-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';

interface AmountFieldProps {
  readonly line: Line;
  /** The line with what is typed so far, to be counted at once; null while that is no amount. */
  readonly onTyped: (after: Line | null) => void;
  /** The line with its new amount; null when it stays as it is. */
  readonly onDone: (after: Line | null) => void;
}

/**
 * Another amount of the same food, as a cook says it: "65 g", "½ cup", "2". It counts with every key; Enter or leaving
 * the field takes it, Escape leaves it.
 */
export function AmountField({ line, onTyped, onDone }: AmountFieldProps) {
  const { household } = useHousehold();
  const { kitchen } = useOpenRecipe();
  const [first] = useState(line.amount ? formatMeasure(line.amount.quantity, line.amount.unit) : '');
  const [text, setText] = useState(first);
  const [wrong, setWrong] = useState<string | null>(null);
  const read = (typed: string) => {
    const food = line.food.kind === 'food' ? kitchen.food(line.food.foodId, line.food.revision) : null;
    return withAmount(line, typed, food, household.system);
  };
  const take = () => {
    if (text.trim() === first) return onDone(null);
    const result = read(text);
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
          const result = read(e.target.value);
          onTyped('wrong' in result ? null : result.line);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
          if (e.key === 'Escape') onDone(null);
        }}
        onBlur={() => wrong === null && take()}
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
