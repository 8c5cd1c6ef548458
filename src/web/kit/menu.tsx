import { DropdownMenu } from 'radix-ui';
import { type KeyboardEvent, type ReactNode, useRef, useState } from 'react';

interface MenuProps {
  /** What stands in the button that opens it. */
  readonly button: ReactNode;
  readonly buttonClass: string;
  /** What the button does, where its words do not say it. */
  readonly label?: string | undefined;
  readonly disabled?: boolean;
  readonly onKeyDown?: ((e: KeyboardEvent<HTMLElement>) => void) | undefined;
  /** The line that it is of, for the keys that go from line to line. */
  readonly line?: string;
  /** Whether it is open, where others open it, too. */
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  readonly align?: 'start' | 'end';
  readonly side?: 'top' | 'bottom';
  readonly className?: string;
  readonly children: ReactNode;
}

/**
 * What can be done, in a list beside its button; held in the hand it comes up from the foot of the page. It opens when
 * the press ends: what comes up under the pointer is not chosen by the press that brought it.
 */
export function Menu(props: MenuProps) {
  const { button, buttonClass, label, disabled, onKeyDown, line, align = 'start', side, className = '' } = props;
  const [own, setOwn] = useState(false);
  const open = props.open ?? own;
  const set = (now: boolean) => {
    setOwn(now);
    props.onOpenChange?.(now);
  };
  const wasOpen = useRef(false);
  return (
    <DropdownMenu.Root modal={false} open={open} onOpenChange={set}>
      <DropdownMenu.Trigger
        className={buttonClass}
        aria-label={label}
        disabled={disabled}
        data-line={line}
        onKeyDown={onKeyDown}
        onPointerDown={(e) => {
          e.preventDefault();
          wasOpen.current = open;
        }}
        onClick={() => {
          if (!wasOpen.current) set(true);
          wasOpen.current = false;
        }}
      >
        {button}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={document.querySelector('main')}>
        <DropdownMenu.Content
          align={align}
          side={side}
          sideOffset={4}
          collisionPadding={8}
          // A long menu scrolls, so the keyboard must reach it.
          tabIndex={0}
          className={`panel sheet-menu z-30 max-h-[min(88dvh,var(--radix-dropdown-menu-content-available-height))] overflow-auto p-1.5 shadow-lg ${className}`}
        >
          {props.children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
