import { Check as Tick } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import { type ReactNode, useId } from 'react';

interface CheckProps {
  readonly checked: boolean;
  readonly onCheck: (checked: boolean) => void;
  readonly children: ReactNode;
  readonly className?: string;
}

/** Something that holds or does not, with its words; both can be pressed. */
export function Check({ checked, onCheck, children, className = '' }: CheckProps) {
  const id = useId();
  return (
    <span className={`flex min-h-touch items-center gap-2.5 ${className}`}>
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={(now) => onCheck(now === true)}
        className="tick-box grid size-6 shrink-0 place-items-center rounded-md border-2 border-ink bg-sheet data-[state=checked]:border-beet data-[state=checked]:bg-beet data-[state=checked]:text-on-beet"
      >
        <Checkbox.Indicator>
          <Tick size={18} strokeWidth={3} aria-hidden="true" />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id} className="cursor-pointer py-1.5">
        {children}
      </label>
    </span>
  );
}
