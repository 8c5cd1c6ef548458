import { Slider } from 'radix-ui';

interface AmountSliderProps {
  readonly label: string;
  readonly value: number;
  /** The value in words, as it is spoken. */
  readonly words: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly onSlide: (value: number) => void;
}

/** An amount that is moved by hand, or by the arrows. */
export function AmountSlider({ label, value, words, min, max, step, onSlide }: AmountSliderProps) {
  return (
    <Slider.Root
      className="relative flex h-touch flex-1 touch-none select-none items-center"
      min={min}
      max={max}
      step={step}
      value={[value]}
      onValueChange={([v]) => onSlide(v!)}
    >
      <Slider.Track className="bar-track relative h-2 grow rounded-full bg-rule">
        <Slider.Range className="bar absolute h-full rounded-full bg-beet" />
      </Slider.Track>
      <Slider.Thumb
        aria-label={label}
        aria-valuetext={words}
        className="block size-8 rounded-full border-[3px] border-beet bg-sheet"
      />
    </Slider.Root>
  );
}
