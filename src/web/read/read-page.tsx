import { Star } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { stepsAsChanged } from '../../core/steps/steps-as-changed.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen } from '../../core/version/version.ts';
import { factWords } from '../bring-in/facts-line.tsx';
import { CountPanel } from '../components/count-panel.tsx';
import { EveryonesPoints } from '../components/everyones-points.tsx';
import { MadeIt } from '../components/made-it.tsx';
import { Pictures, pictureAt } from '../components/pictures.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { FootBar } from '../kit/foot-bar.tsx';
import { Picker } from '../kit/picker.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { ReadLines } from './read-lines.tsx';
import { VersionsRead } from './versions-read.tsx';

/** A recipe as one reads it, and cooks from it: the dish, what it counts for everyone, its list, its steps, its versions. */
export function ReadPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const { head, change } = useRecipeHead();
  const [params, setParams] = useSearchParams();
  const shown = shownVersion(page.versions, head.shownVersionId) ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? shown;
  const shelf = useSwapShelf(household.id);
  const { count, places, eaters, cooked } = useCount(version);
  const was = useCount(asWritten).count;
  const isLighter = version.id !== asWritten.id;
  const steps = useMemo(
    () => (isLighter ? stepsAsChanged(asWritten, version, shelf.all) : version.steps),
    [asWritten, version, shelf, isLighter],
  );
  const open = version.lines.filter(isOpen).length;
  const dish = page.pictures.find((p) => p.kind === 'dish');
  const said = factWords(page.recipe.facts);
  const to = isLighter ? `?version=${version.id}` : '';
  return (
    <>
      <main className="min-w-0 px-edge py-4">
        <div className="no-print flex flex-wrap items-center gap-x-3 gap-y-2">
          {page.versions.length > 1 && (
            <Picker
              label="Version"
              labelled="unseen"
              className="w-full max-w-72"
              value={version.id}
              choices={page.versions.map((v) => ({
                value: v.id as string,
                words: v.name,
                ...(v.id === shown.id ? { about: 'the one that is shown' } : {}),
              }))}
              onPick={(id) => setParams({ version: id }, { replace: true })}
            />
          )}
          {version.id !== shown.id && (
            <button
              type="button"
              className="btn btn-small"
              onClick={() => change(`Show "${version.name}"`.slice(0, 200), { shownVersionId: version.id })}
            >
              Show this one from now on
            </button>
          )}
          <button
            type="button"
            className="btn btn-plain btn-small"
            aria-pressed={head.favourite}
            onClick={() =>
              change(head.favourite ? 'No favourite any more' : 'A favourite', { favourite: !head.favourite })
            }
          >
            <Star size={20} fill={head.favourite ? 'currentColor' : 'none'} aria-hidden="true" />
            {head.favourite ? 'A favourite' : 'Make it a favourite'}
          </button>
        </div>
        <p className="hidden text-soft print:block">{version.name}</p>
        {open > 0 && (
          <p className="note mt-3">
            {open === 1 ? 'One line is' : `${open} lines are`} still open, so the count is so far.{' '}
            <Link className="underline" to="bring-in">
              Answer first
            </Link>
          </p>
        )}
        {dish && (
          <img
            src={pictureAt(household.id, dish.id, 'large')}
            alt={page.recipe.title}
            width={dish.width}
            height={dish.height}
            className="mt-3 h-auto max-h-52 w-full sm:max-h-80 max-w-2xl rounded-xl object-cover print:max-h-52"
          />
        )}
        <EveryonesPoints count={count} eaters={eaters} was={isLighter ? was : null} />
        {said !== '' && <p className="mt-2 text-soft">{said}</p>}
        <div className="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-[minmax(14rem,2fr)_3fr] print:grid-cols-[38%_1fr]">
          <ReadLines version={version} asWritten={asWritten} />
          <section aria-label="Steps">
            <h2 className="text-xl">Steps</h2>
            <ol className="mt-1 list-decimal space-y-2.5 pl-6 text-[1.0625rem] marker:font-bold marker:font-head">
              {steps.map((s) => (
                <li key={s.id} dir="auto">
                  {s.text}
                </li>
              ))}
            </ol>
            {steps.length === 0 && <p className="text-soft">No steps are written down.</p>}
          </section>
        </div>
        <div className="no-print mt-6">
          <Pictures recipeId={page.recipe.id} title={page.recipe.title} pictures={page.pictures} kind="dish" />
        </div>
        <VersionsRead versions={page.versions} shownId={version.id} onRead={(id) => setParams({ version: id })} />
      </main>
      <CountPanel
        version={version}
        count={count}
        places={places}
        eaters={eaters}
        before={isLighter ? was : null}
        cooked={cooked}
        foot={
          <FootBar label="The count and what is next">
            <a
              href="#count"
              className="flex min-h-touch min-w-0 flex-1 flex-wrap items-center gap-x-4"
              aria-label="To the count"
            >
              {eaters.map((e, i) => (
                <span key={e.key} className="flex items-baseline gap-1">
                  <span className="text-mark text-soft">{e.program.mark}</span>
                  <PointsShown count={count.counts[i]!} />
                </span>
              ))}
            </a>
            <Link to={`lighten${to}`} className="btn btn-main px-3">
              Lighten
            </Link>
            <MadeIt recipeId={version.recipeId} versionId={version.id} className="btn px-3">
              Made it
            </MadeIt>
          </FootBar>
        }
      >
        <p className="no-print mt-3 grid gap-2 max-desk:hidden">
          <Link to={`lighten${to}`} className="btn btn-main">
            {isLighter ? 'Go on lightening' : 'Lighten it'}
          </Link>
          {version.steps.length > 0 && (
            <Link to={`cook${to}`} className="btn">
              Cook it step by step
            </Link>
          )}
          <MadeIt recipeId={version.recipeId} versionId={version.id} className="btn">
            I made it
          </MadeIt>
          <Link to={`pass-on?version=${version.id}`} className="btn">
            Pass it on
          </Link>
        </p>
      </CountPanel>
    </>
  );
}
