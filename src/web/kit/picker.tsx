import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useId } from 'react';

/** One thing that can be picked. */
export interface Choice<T extends string> {
  readonly value: T;
  readonly words: string;
  /** What it means, in a line. */
  readonly about?: string;
}

interface PickerProps<T extends string> {
  readonly label: string;
  /** Where the label stands: over the field, or only for those who hear it. */
  readonly labelled?: 'above' | 'unseen';
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onPick: (value: T) => void;
  readonly className?: string;
  readonly disabled?: boolean;
}

/** What nothing is called inside: the primitive keeps the empty word for itself. */
const EMPTY = '\u2205';
const inside = (value: string): string => (value === '' ? EMPTY : value);

/** One of several, from a list that opens: by touch, by arrows, by the first letters of its words. */
export function Picker<T extends string>(props: PickerProps<T>) {
  const { label, labelled = 'above', value, choices, onPick, className = '', disabled = false } = props;
  const id = useId();
  const chosen = choices.find((c) => c.value === value);
  return (
    <div className={`min-w-0 ${className}`}>
      <span id={id} className={labelled === 'above' ? 'label' : 'sr-only'}>
        {label}
      </span>
      <Select.Root
        value={inside(value)}
        disabled={disabled}
        onValueChange={(picked) => {
          const found = choices.find((c) => inside(c.value) === picked);
          if (found) onPick(found.value);
        }}
      >
        <Select.Trigger
          aria-labelledby={`${id} ${id}-value`}
          className="field flex items-center justify-between gap-2 text-left disabled:opacity-50"
        >
          <span id={`${id}-value`} className="min-w-0 truncate">
            <Select.Value>{chosen?.words}</Select.Value>
          </span>
          <ChevronDown size={18} className="shrink-0 text-soft" aria-hidden="true" />
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            collisionPadding={8}
            className="panel z-60 max-h-[min(26rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) max-w-[calc(100vw-1rem)] overflow-hidden shadow-lg"
          >
            <Select.Viewport className="p-1.5">
              {choices.map((c) => (
                <Select.Item
                  key={c.value}
                  value={inside(c.value)}
                  textValue={c.words}
                  className="menu-item flex min-h-11 items-center gap-2"
                >
                  <span className="w-5 shrink-0">
                    <Select.ItemIndicator>
                      <Check size={18} className="text-beet" aria-hidden="true" />
                    </Select.ItemIndicator>
                  </span>
                  <span className="min-w-0">
                    <Select.ItemText>{c.words}</Select.ItemText>
                    {c.about && <span className="block text-sm text-soft">{c.about}</span>}
                  </span>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
}
