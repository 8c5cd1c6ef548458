import { useSearchParams } from 'react-router';
import { CardView } from '../../card-view/card-view.tsx';
import { CARD_API } from '../../contract/card-api.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen } from '../../core/version/version.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Picker } from '../kit/picker.tsx';
import { CardActions } from './card-actions.tsx';
import { CardLinks } from './card-links.tsx';
import { useCardLinks } from './use-card-links.ts';
import '../../card-view/card-view.css';

/** The card of a version on the table: how it looks, and what is done with it beside it or under the thumb. */
export function PassOnPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const h = household.id;
  const [params, setParams] = useSearchParams();
  const latest = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? latest;
  const again = `${version.revision} ${page.recipe.revision}`;
  const { data, error } = useAnswer(CARD_API.previewCard, { h, id: version.id }, { again, keepPreviousData: false });
  const links = useCardLinks(h, version.id);
  const open = version.lines.filter(isOpen).length;
  const own = useCounting().filter((e) => e.counter.exceptions.length > 0);
  return (
    <main className="px-edge pt-4 pb-28 desk:col-span-2 desk:pb-10 print:p-0">
      <div className="mx-auto flex max-w-[66rem] flex-wrap items-start justify-center gap-x-8 gap-y-6 print:block print:max-w-none">
        <div className="min-w-0 flex-1 basis-80 sm:max-w-2xl print:max-w-none">
          {page.versions.length > 1 && (
            <Picker
              label="Version"
              labelled="unseen"
              className="no-print mb-3"
              value={version.id}
              choices={page.versions.map((v) => ({ value: v.id, words: v.name }))}
              onPick={(id) => setParams({ version: id }, { replace: true })}
            />
          )}
          {page.recipe.credit.whose === 'other' && (
            <p className="note no-print mb-3">
              It is another author's: the card says what was changed and what it counts, and links to the recipe. Its
              words stay with who wrote them.
            </p>
          )}
          {own.length > 0 && (
            <p className="no-print mb-3 text-soft text-sm">
              The card counts as the programs do, for whoever reads it: without the own exceptions of{' '}
              {own.map((e) => e.eater.name).join(' and ')}.
            </p>
          )}
          {open > 0 && (
            <p className="note no-print mb-3">
              {open === 1 ? 'One line is' : `${open} lines are`} still open: the card would say "so far". Answer first
              at Bring in.
            </p>
          )}
          {error && !data && (
            <p className="note" role="alert">
              {error.message}
            </p>
          )}
          {data ? (
            <div className="rounded-xl border-[1.5px] border-ink bg-sheet p-5 sm:p-7 print:border-0 print:p-0">
              <CardView card={data.card} inside />
            </div>
          ) : (
            !error && (
              <p className="text-soft" role="status">
                Counting the card…
              </p>
            )
          )}
        </div>
        <section aria-label="Links" className="no-print w-full desk:sticky desk:top-4 desk:w-72">
          <h2 className="text-xl">Pass it on</h2>
          <p className="mt-1 text-soft">
            A link shows this card as it is counted today, and nothing else of the household. Whoever has the link can
            read it.
          </p>
          <CardActions links={links} text={data?.text ?? null} title={page.recipe.title} />
          <CardLinks cards={page.cards} links={links} />
        </section>
      </div>
    </main>
  );
}
