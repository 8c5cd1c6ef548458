import { departureIn, departureStep } from '../../core/swap/departure-words.ts';

/** How far from the family's dish, in its word, with as many ticks as the word is far. */
export function DepartureTicks({ departure }: { readonly departure: number }) {
  const far = departureStep(departure);
  return (
    <span className="inline-flex items-center gap-2 whitespace-nowrap">
      <span className="inline-flex gap-0.5" aria-hidden="true">
        {[1, 2, 3, 4].map((n) => (
          <span key={n} className={`h-3.5 w-2 border border-soft ${n <= far ? 'bar bg-ink' : ''}`} />
        ))}
      </span>
      {departureIn(departure)}
    </span>
  );
}
