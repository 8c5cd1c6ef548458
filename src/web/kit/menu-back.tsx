import { DropdownMenu } from 'radix-ui';
import { useEffect, useRef } from 'react';

/** The way back to the menu that this page of it took the place of; what had the focus is gone with that. */
export function MenuBack({ onBack }: { readonly onBack: () => void }) {
  const back = useRef<HTMLDivElement>(null);
  useEffect(() => back.current?.focus(), []);
  return (
    <DropdownMenu.Item
      ref={back}
      className="menu-item font-semibold"
      onSelect={(e) => {
        e.preventDefault();
        onBack();
      }}
    >
      Back
    </DropdownMenu.Item>
  );
}
