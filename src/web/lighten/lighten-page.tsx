import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { departureIn } from '../../core/swap/departure-words.ts';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen, type Version } from '../../core/version/version.ts';
import { CountPanel } from '../components/count-panel.tsx';
import { EveryonesPoints } from '../components/everyones-points.tsx';
import { MadeIt } from '../components/made-it.tsx';
import { StepsEditor } from '../components/steps-editor.tsx';
import { Verdicts } from '../components/verdicts.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { refresh } from '../data/queries.ts';
import { focusSoon } from '../kit/focus.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { useLatest } from '../kit/use-latest.ts';
import { useIsDesk } from '../kit/use-width.ts';
import { documents, type OpenDocument, useDocument } from '../saving/use-document.ts';
import { BenchFoot } from './bench-foot.tsx';
import { BenchLines } from './bench-lines.tsx';
import { type BenchActions, BenchTools } from './bench-tools.tsx';
import { DishRead } from './dish-read.tsx';
import { FindWay } from './find-way.tsx';
import { TakeSwaps } from './take-swaps.tsx';
import { useBegun } from './use-begun.ts';
import { useBench } from './use-bench.ts';
import { useChosenEater } from './use-chosen-eater.ts';
import { useUndoToast } from './use-undo-toast.ts';
import { WatchNote } from './watch-note.tsx';

/** The bench: a version as written beside a lighter one. Where there is none yet, the first change makes it. */
export function LightenPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const [params, setParams] = useSearchParams();
  const begun = useBegun(household.id, asWritten);
  const lightened = page.versions.filter((v) => v.kind === 'lightened');
  const shown = shownVersion(page.versions, page.recipe.shownVersionId);
  const chosen =
    lightened.find((v) => v.id === params.get('version')) ??
    lightened.find((v) => v.id === shown?.id) ??
    lightened[lightened.length - 1];
  const [starting, setStarting] = useState(false);
  const start = async (parent: Version) => {
    setStarting(true);
    const copy = lightenedCopy(parent, `lightened ${lightened.length + 1}`, () => uuid());
    try {
      await documents
        .hold({ householdId: household.id, name: 'versions', id: copy.id }, null)
        .want({ wants: 'make', document: copy });
      await refresh.recipe(household.id);
      setParams({ version: copy.id });
      const made = documents.hold({ householdId: household.id, name: 'versions', id: copy.id }, null);
      sayDone(`"${copy.name}" begins as a copy of "${parent.name}".`, async () => {
        await made.want({ wants: 'remove' });
        await refresh.recipe(household.id);
        setParams({});
      });
    } catch (e) {
      sayError(e);
    }
    setStarting(false);
  };
  const id = chosen?.id ?? begun;
  return (
    <OpenBench
      key={id}
      versionId={id}
      versions={lightened}
      onChoose={(v) => setParams({ version: v })}
      onStart={start}
      starting={starting}
    />
  );
}

interface OpenBenchProps {
  readonly versionId: string;
  readonly versions: readonly Version[];
  readonly onChoose: (id: string) => void;
  /** Makes another version of this one. */
  readonly onStart: (from: Version) => void;
  readonly starting: boolean;
}

function OpenBench({ versionId, ...rest }: OpenBenchProps) {
  const { household } = useHousehold();
  const open = useDocument(household.id, 'versions', versionId);
  if (!open) {
    return (
      <p className="p-6 text-soft" role="status">
        Setting out the bench…
      </p>
    );
  }
  return <TheBench {...open} {...rest} />;
}

function TheBench({
  saved,
  shown: state,
  versions,
  onChoose,
  onStart,
  starting,
}: OpenDocument<'versions'> & Omit<OpenBenchProps, 'versionId'>) {
  const { household } = useHousehold();
  const bench = useBench({ saved, shown: state });
  const { version, parent, now, was, departure } = bench;
  const [finding, setFinding] = useState(false);
  const isDesk = useIsDesk();
  const rowsOf = useChosenEater(household.id, now.eaters);
  useUndoToast(saved, state, now.count, now.eaters);
  const open = version.lines.filter(isOpen).length;
  const actions = useLatest<BenchActions>({
    choose: onChoose,
    find: () => setFinding(true),
    start: onStart,
    standBeside: bench.setBesideId,
    remove: () => void bench.remove(),
  });
  return (
    <>
      <main className="min-w-0 px-edge py-4">
        <BenchTools
          saved={saved}
          shown={state}
          version={version}
          parent={parent}
          all={bench.all}
          versions={versions}
          starting={starting}
          actions={actions}
        />
        {saved.isOnlyBegun && (
          <p className="mt-2 max-w-prose text-soft">
            The recipe as written stays as it is. The first thing that you change here begins the lighter one.
          </p>
        )}
        {open > 0 && (
          <p className="note mt-3">
            {open === 1 ? 'One line is' : `${open} lines are`} still open, so the count is so far.{' '}
            <Link className="underline" to="../bring-in" relative="path">
              Answer first
            </Link>
          </p>
        )}
        {finding && (
          <FindWay
            version={version}
            count={now.count}
            eaters={now.eaters}
            onClose={() => setFinding(false)}
            onTake={(picked, label) => {
              setFinding(false);
              bench.takeWay(picked, label);
              focusSoon(`[data-line="${picked[0]?.lineId}"]`);
            }}
            onOther={(way) => {
              setFinding(false);
              bench.takeOther(way);
            }}
          />
        )}
        <div className="hidden print:block">
          <EveryonesPoints count={now.count} eaters={now.eaters} was={was.count} />
        </div>
        <BenchLines
          editor={saved}
          version={version}
          parent={parent}
          now={now}
          was={was.count}
          onTyped={bench.setTyped}
          inPairs={isDesk}
          pointsOf={rowsOf.chosen}
        />
        <p className="mt-3 text-sm text-soft">
          Departure from the family's dish, how far it is from how you know it: {trimmed(departure.known, 1)} of 100,{' '}
          {departureIn(departure.known)}
          {departure.unsaid.length > 0 &&
            `. Not in it, for nobody has said how far they take it: ${departure.unsaid.join(', ')}`}
          .
        </p>
        <StepsEditor editor={saved} version={version} shown={bench.steps} />
        <Verdicts version={version} food={bench.food} />
        <div className="no-print mt-6 flex flex-wrap items-end gap-4">
          <DishRead editor={saved} version={version} />
          <TakeSwaps editor={saved} version={version} />
          <MadeIt recipeId={version.recipeId} versionId={version.id} className="btn btn-small">
            I made it
          </MadeIt>
        </div>
      </main>
      <CountPanel
        version={bench.shown}
        count={now.count}
        places={now.places}
        eaters={now.eaters}
        before={was.count}
        cooked={now.cooked}
        onCut={(lineId, grams) => {
          bench.cut(lineId, grams);
          focusSoon(`[data-line="${lineId}"]`);
        }}
        foot={
          !isDesk && (
            <BenchFoot
              editor={saved}
              undo={state.history.undo}
              eaters={now.eaters}
              count={now.count}
              was={was.count}
              chosen={rowsOf.chosen}
              onChoose={rowsOf.choose}
              onFind={() => setFinding(true)}
            />
          )
        }
      >
        <WatchNote version={version} now={now.count} was={was.count} />
        <Link to="../pass-on" relative="path" className="btn btn-main no-print mt-3 w-full">
          Pass it on
        </Link>
      </CountPanel>
    </>
  );
}
