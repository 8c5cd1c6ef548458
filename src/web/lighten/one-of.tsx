import { DropdownMenu } from 'radix-ui';
import { MenuBack } from '../kit/menu-back.tsx';

interface OneOfProps<K extends string> {
  readonly legend: string;
  readonly options: readonly { readonly key: K; readonly words: string; readonly chosen: boolean }[];
  readonly onChoose: (key: K) => void;
  readonly onBack: () => void;
}

/** One of several, in the place of the menu, with a way back to it. */
export function OneOf<K extends string>({ legend, options, onChoose, onBack }: OneOfProps<K>) {
  return (
    <DropdownMenu.RadioGroup value={options.find((o) => o.chosen)?.key ?? ''}>
      <MenuBack onBack={onBack} />
      <DropdownMenu.Label className="px-3 py-1 text-soft text-sm">{legend}</DropdownMenu.Label>
      {options.map((o) => (
        <DropdownMenu.RadioItem key={o.key} value={o.key} className="menu-item" onSelect={() => onChoose(o.key)}>
          {o.words}
          {o.chosen && <span aria-hidden="true"> ✓</span>}
        </DropdownMenu.RadioItem>
      ))}
    </DropdownMenu.RadioGroup>
  );
}
