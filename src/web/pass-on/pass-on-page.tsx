import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { CARD_API } from '../../contract/card-api.ts';
import type { PassOn } from '../../core/card/pass-on.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen, type Version } from '../../core/version/version.ts';
import { SaveAsFormat } from '../components/save-as-format.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { useAnswer } from '../data/use-answer.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { Picker } from '../kit/picker.tsx';
import { AsText, usePost } from './as-text.tsx';
import { CardActions } from './card-actions.tsx';
import { CardLinks } from './card-links.tsx';
import { CardPreview } from './card-preview.tsx';
import { FromOutside } from './from-outside.tsx';
import { LineNotes } from './line-notes.tsx';
import { LINK_TIMES, type LinkTime, lastDayOf } from './link-time.ts';
import { savePicture } from './save-picture.ts';
import { useCardLinks } from './use-card-links.ts';
import { WhatGoesOut } from './what-goes-out.tsx';
import '../../card-view/card-view.css';

/** The card of a version on the table: how it looks, what of it goes out, and what is done with it. */
export function PassOnPage() {
  const { page, asWritten } = useOpenRecipe();
  const [params, setParams] = useSearchParams();
  const latest = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? latest;
  return (
    <PassOnVersion
      key={version.id}
      version={version}
      onVersion={(id) => setParams({ version: id }, { replace: true })}
    />
  );
}

interface PassOnVersionProps {
  readonly version: Version;
  readonly onVersion: (id: string) => void;
}

function PassOnVersion({ version, onVersion }: PassOnVersionProps) {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const { head, change } = useRecipeHead();
  const h = household.id;
  const again = `${version.revision} ${page.recipe.revision}`;
  // While what goes out is changed, the card that was there stays until the next one is.
  const { data, error } = useAnswer(
    CARD_API.previewCard,
    { h, id: version.id, query: {} },
    { again, keepPreviousData: true },
  );
  const links = useCardLinks(h, version.id);
  const [time, setTime] = useState<LinkTime>('always');
  const open = version.lines.filter(isOpen).length;
  const own = useCounting().filter((e) => e.counter.exceptions.length > 0);
  const passOn = (label: string, changed: Partial<PassOn>) =>
    void change(label, { passOn: { ...head.passOn, ...changed } });
  const link = page.cards.find((c) => c.versionId === version.id && !c.withdrawn && !c.runOut);
  const post = usePost(data?.card ?? null, link?.url ?? null);
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
              onPick={onVersion}
            />
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
            <CardPreview card={data.card} />
          ) : (
            !error && (
              <p className="text-soft" role="status">
                Counting the card…
              </p>
            )
          )}
        </div>
        <section aria-label="Pass it on" className="no-print min-w-0 w-full desk:w-80">
          <h2 className="text-xl">Pass it on</h2>
          <p className="mt-1 text-soft">
            A link shows this card as it is counted today, and nothing else of the household. Whoever has the link can
            read it.
          </p>
          <CardActions
            links={links}
            text={post?.said.text ?? null}
            title={page.recipe.title}
            until={lastDayOf(time, dayIn(new Date(), household.zone))}
          />
          <OneOfFew
            label="For how long a link holds"
            className="mt-2"
            value={time}
            choices={LINK_TIMES}
            onPick={setTime}
          />
          <CardLinks cards={page.cards} links={links} />
          <details className="mt-4 border-rule border-t">
            <summary className="cursor-pointer py-3 font-semibold">What goes out</summary>
            <WhatGoesOut passOn={head.passOn} onChange={passOn} others={head.credit.whose === 'other'} />
          </details>
          <details className="border-rule border-y">
            <summary className="cursor-pointer py-3 font-semibold">Choices and questions</summary>
            <p className="text-soft text-sm">
              A line may say what else can stand in its place and what that makes of the count, and ask those who make
              it something.
            </p>
            <LineNotes
              version={version}
              lines={head.passOn.lines}
              onChange={(lines) => passOn('Change what lines offer', { lines })}
            />
          </details>
          <details className="border-rule border-b">
            <summary className="cursor-pointer py-3 font-semibold">What others said</summary>
            <FromOutside version={version} lines={head.passOn.lines} />
          </details>
          <details className="border-rule border-b">
            <summary className="cursor-pointer py-3 font-semibold">As a file</summary>
            <SaveAsFormat versionId={version.id} />
          </details>
          <Link className="btn mt-4 w-full" to={`/h/${h}/recipes/together?of=plate&recipes=${page.recipe.id}`}>
            With other dishes, as one
          </Link>
          {post && (
            <AsText
              title={page.recipe.title}
              post={post}
              onPicture={(steps) =>
                void savePicture(
                  CARD_API.cardPicture,
                  { h, id: version.id, query: { steps: steps ? 'yes' : 'no' } },
                  page.recipe.title,
                )
              }
            />
          )}
        </section>
      </div>
    </main>
  );
}
