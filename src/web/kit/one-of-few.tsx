import { RadioGroup } from 'radix-ui';
import type { Choice } from './picker.tsx';

interface OneOfFewProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onPick: (value: T) => void;
  readonly className?: string;
}

/** One of a few that are all in sight, side by side; the arrows go from one to the next. */
export function OneOfFew<T extends string>({ label, value, choices, onPick, className = '' }: OneOfFewProps<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(picked) => onPick(picked as T)}
      className={`flex flex-wrap gap-1.5 ${className}`}
    >
      {choices.map((c) => (
        <RadioGroup.Item
          key={c.value}
          value={c.value}
          className="chip data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:font-semibold data-[state=checked]:text-paper"
        >
          {c.words}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
