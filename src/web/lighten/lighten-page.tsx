import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { departureIn } from '../../core/swap/departure-words.ts';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import { isOpen, type Version } from '../../core/version/version.ts';
import { CountPanel } from '../components/count-panel.tsx';
import { StepsEditor } from '../components/steps-editor.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';
import { documents, type OpenDocument, useDocument } from '../saving/use-document.ts';
import { BenchBar } from './bench-bar.tsx';
import { DishRead } from './dish-read.tsx';
import { FindWay } from './find-way.tsx';
import { LineTable } from './line-table.tsx';
import { TakeFromStock } from './take-from-stock.tsx';
import { TakeSwaps } from './take-swaps.tsx';
import { useBench } from './use-bench.ts';
import { useUndoToast } from './use-undo-toast.ts';
import { Verdicts } from './verdicts.tsx';
import { WatchNote } from './watch-note.tsx';

/** The bench: a version as written beside a lighter one. */
export function LightenPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const [params, setParams] = useSearchParams();
  const lightened = page.versions.filter((v) => v.kind === 'lightened');
  const chosen = lightened.find((v) => v.id === params.get('version')) ?? lightened[lightened.length - 1];
  const [starting, setStarting] = useState(false);
  const start = async (parent: Version) => {
    setStarting(true);
    const copy = lightenedCopy(parent, lightened.length === 0 ? 'lightened' : `lightened ${lightened.length + 1}`, () =>
      uuid(),
    );
    try {
      await documents
        .hold({ householdId: household.id, name: 'versions', id: copy.id }, null)
        .want({ wants: 'make', document: copy });
      await refresh.recipe(household.id);
      setParams({ version: copy.id });
    } catch (e) {
      sayError(e);
    }
    setStarting(false);
  };
  if (!chosen) return <NotYet asWritten={asWritten} onStart={() => start(asWritten)} starting={starting} />;
  return (
    <OpenBench
      key={chosen.id}
      versionId={chosen.id}
      versions={lightened}
      onChoose={(id) => setParams({ version: id })}
      onStart={(from) => start(from)}
      starting={starting}
    />
  );
}

function NotYet({ asWritten, onStart, starting }: { asWritten: Version; onStart: () => void; starting: boolean }) {
  const { count, places, eaters, cooked } = useCount(asWritten);
  const open = asWritten.lines.filter(isOpen).length;
  return (
    <>
      <main className="px-4 py-6 md:px-6">
        <div className="panel max-w-xl p-6">
          <h2 className="text-xl">Make a lighter one</h2>
          <p className="mt-1 mb-4 text-soft">
            The recipe as written stays as it is. The lighter one begins as its copy, and every change shows at once
            what it buys.
          </p>
          {open > 0 && (
            <p className="note mb-4">
              {open === 1 ? 'One line is' : `${open} lines are`} still open, so the count is so far.{' '}
              <Link className="underline" to="../bring-in" relative="path">
                Answer first
              </Link>
            </p>
          )}
          <button type="button" className="btn btn-main" onClick={onStart} disabled={starting}>
            Lighten this recipe
          </button>
        </div>
      </main>
      <CountPanel version={asWritten} count={count} places={places} eaters={eaters} cooked={cooked} />
    </>
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

function OpenBench({ versionId, versions, onChoose, onStart, starting }: OpenBenchProps) {
  const { household } = useHousehold();
  const open = useDocument(household.id, 'versions', versionId);
  if (!open) {
    return (
      <p className="p-6 text-soft" role="status">
        Setting out the bench…
      </p>
    );
  }
  return <TheBench {...open} versions={versions} onChoose={onChoose} onStart={onStart} starting={starting} />;
}

function TheBench({
  saved,
  shown: state,
  versions,
  onChoose,
  onStart,
  starting,
}: OpenDocument<'versions'> & Omit<OpenBenchProps, 'versionId'>) {
  const bench = useBench({ saved, shown: state });
  const { version, parent, now, was, departure } = bench;
  const [finding, setFinding] = useState(false);
  useUndoToast(saved, state, now.count, now.eaters);
  return (
    <>
      <main className="min-w-0 px-4 py-4 md:px-6">
        <BenchBar
          saved={saved}
          shown={state}
          bench={bench}
          versions={versions}
          onChoose={onChoose}
          onFind={() => setFinding(true)}
          onStart={onStart}
          starting={starting}
        />
        {finding && (
          <FindWay
            version={version}
            count={now.count}
            eaters={now.eaters}
            onClose={() => setFinding(false)}
            onTake={(picked, label) => {
              setFinding(false);
              bench.takeWay(picked, label);
            }}
            onOther={(way) => {
              setFinding(false);
              bench.takeOther(way);
            }}
          />
        )}
        <LineTable
          editor={saved}
          version={version}
          parent={parent}
          now={now}
          was={was.count}
          onTyped={bench.setTyped}
        />
        <p className="mt-3 text-sm text-soft">
          Departure from the family's dish: {trimmed(departure.known, 1)} of 100, {departureIn(departure.known)}
          {departure.unsaid.length > 0 && `, and what nobody said yet: ${departure.unsaid.join(', ')}`}.
        </p>
        <StepsEditor editor={saved} version={version} shown={bench.steps} />
        <Verdicts version={version} food={bench.food} />
        <p className="mt-6 flex flex-wrap items-center gap-4">
          <DishRead editor={saved} version={version} />
          <TakeSwaps editor={saved} version={version} />
          <TakeFromStock versionId={version.id} />
        </p>
      </main>
      <CountPanel
        version={bench.shown}
        count={now.count}
        places={now.places}
        eaters={now.eaters}
        before={was.count}
        cooked={now.cooked}
      >
        <WatchNote version={version} now={now.count} was={was.count} />
        <Link to="../pass-on" relative="path" className="btn btn-main mt-3 w-full">
          Pass it on
        </Link>
      </CountPanel>
    </>
  );
}
