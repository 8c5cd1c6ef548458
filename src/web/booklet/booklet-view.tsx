import { CardView } from '../../card-view/card-view.tsx';
import { type Booklet, howCounted, indexByIngredient, indexByPoints } from '../../core/exchange/booklet.ts';
import '../../card-view/card-view.css';
import './booklet.css';

/** A booklet as it is printed: page numbers stand at the foot, contents and indexes name the recipes by number. */
export function BookletView({ booklet }: { readonly booklet: Booklet }) {
  return (
    <article
      aria-label="The booklet, printed"
      className="booklet mt-6 rounded-xl border-[1.5px] border-ink bg-sheet p-5 sm:p-7"
    >
      <h2 className="text-4xl" dir="auto">
        {booklet.title}
      </h2>
      {booklet.words?.split(/\n+/).map((words, n) => (
        <p key={n} className="mt-2" dir="auto">
          {words}
        </p>
      ))}
      <h3 className="mt-6 text-xl">Contents</h3>
      <ol className="mt-1">
        {booklet.cards.map((card, n) => (
          <li key={n}>
            {n + 1} {card.title}
          </li>
        ))}
      </ol>
      {booklet.cards.map((card, n) => (
        <div key={n} className="bound">
          <p className="text-soft">Recipe {n + 1}</p>
          <CardView card={card} inside />
        </div>
      ))}
      <div className="bound">
        <h3 className="text-xl">By points</h3>
        {indexByPoints(booklet).map(({ program, entries }) => (
          <div key={program} className="mt-2">
            <h4 className="font-semibold">{program}</h4>
            <ul>
              {entries.map((e) => (
                <li key={e.words}>
                  {e.words}: {e.recipes.join(', ')}
                </li>
              ))}
            </ul>
          </div>
        ))}
        <h3 className="mt-6 text-xl">By ingredient</h3>
        <ul className="columns-2">
          {indexByIngredient(booklet).map((e) => (
            <li key={e.words}>
              {e.words}: {e.recipes.join(', ')}
            </li>
          ))}
        </ul>
        <h3 className="mt-6 text-xl">How points were counted</h3>
        {howCounted(booklet).map((words) => (
          <p key={words} className="mt-1">
            {words}
          </p>
        ))}
      </div>
    </article>
  );
}
