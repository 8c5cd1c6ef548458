import { CardView } from '../../card-view/card-view.tsx';
import type { Card } from '../../core/card/card.ts';
import { pictureAt } from '../components/pictures.tsx';
import { useHousehold } from '../context/household-context.ts';

/** The card as it would go out now, on a sheet. */
export function CardPreview({ card }: { readonly card: Card }) {
  const { household } = useHousehold();
  return (
    <div className="rounded-xl border-[1.5px] border-ink bg-sheet p-5 sm:p-7 print:border-0 print:p-0">
      <CardView
        card={card}
        inside
        pictureUrl={card.picture === null ? null : pictureAt(household.id, card.picture.id, 'large')}
      />
    </div>
  );
}
