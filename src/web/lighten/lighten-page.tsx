import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { departureFrom } from '../../core/swap/departure.ts';
import { isOnPlate } from '../../core/swap/swap-of-line.ts';
import { correctedDeparture, placeOf } from '../../core/swap/verdict.ts';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import { stepsAsChanged } from '../../core/version/steps-as-changed.ts';
import { isOpen, type Line, type Version } from '../../core/version/version.ts';
import { wayChanges } from '../../core/ways/apply-way.ts';
import { CountPanel } from '../components/count-panel.tsx';
import { HistoryBar } from '../components/history-bar.tsx';
import { sayDone } from '../components/say-done.ts';
import { sayError } from '../components/say-error.ts';
import { StepsEditor } from '../components/steps-editor.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { refresh, useVerdicts } from '../data/queries.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { documents, type OpenDocument, useDocument } from '../saving/use-document.ts';
import { FindWay } from './find-way.tsx';
import { LineTable } from './line-table.tsx';
import { ScaleField } from './scale-field.tsx';
import { TakeFromStock } from './take-from-stock.tsx';
import { TakeSwaps } from './take-swaps.tsx';
import { NO_VERDICTS, Verdicts } from './verdicts.tsx';
import { VersionName } from './version-name.tsx';
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
      onStart={() => start(asWritten)}
      starting={starting}
    />
  );
}

function NotYet({ asWritten, onStart, starting }: { asWritten: Version; onStart: () => void; starting: boolean }) {
  const { count, places, eaters } = useCount(asWritten);
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
      <CountPanel version={asWritten} count={count} places={places} eaters={eaters} />
    </>
  );
}

interface OpenBenchProps {
  readonly versionId: string;
  readonly versions: readonly Version[];
  readonly onChoose: (id: string) => void;
  readonly onStart: () => void;
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
  saved: editor,
  shown: state,
  versions,
  onChoose,
  onStart,
  starting,
}: OpenDocument<'versions'> & Omit<OpenBenchProps, 'versionId'>) {
  const { household } = useHousehold();
  const { page, asWritten, food } = useOpenRecipe();
  const { data: verdicts = NO_VERDICTS } = useVerdicts(household.id);
  const shelf = useSwapShelf(household.id);
  const version = state.document;
  const [besideId, setBesideId] = useState<string | null>(null);
  const [finding, setFinding] = useState(false);
  const parent = page.versions.find((v) => v.id === (besideId ?? version.parentId)) ?? asWritten;
  const [typed, setTyped] = useState<Line | null>(null);
  // What is being typed counts with every key, before it is taken.
  const shown = useMemo(
    () => (typed === null ? version : { ...version, lines: version.lines.map((l) => (l.id === typed.id ? typed : l)) }),
    [version, typed],
  );
  const now = useCount(shown);
  const was = useCount(parent);
  const departure = useMemo(
    () => departureFrom(asWritten, shown, shelf.all, food, (s, role) => correctedDeparture(s, placeOf(role), verdicts)),
    [asWritten, shown, food, verdicts, shelf],
  );
  const steps = useMemo(
    () => stepsAsChanged(asWritten, version, (l) => isOnPlate(l, shelf.all)),
    [asWritten, version, shelf],
  );
  const remove = async () => {
    await editor.want({ wants: 'remove' });
    // What others take from is refused by name, and told where everything is that is not settled.
    if (!editor.shown.removed) return;
    await refresh.recipe(household.id);
    sayDone(`"${version.name}" is removed.`, async () => {
      await editor.want({ wants: 'restore' });
      await refresh.recipe(household.id);
    });
  };
  return (
    <>
      <main className="min-w-0 px-4 py-4 md:px-6">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <HistoryBar editor={editor} shown={state} />
          <div className="flex flex-wrap items-center gap-2">
            <label className="sr-only" htmlFor="version">
              Version
            </label>
            <select
              id="version"
              className="field w-auto max-w-56"
              value={version.id}
              onChange={(e) => onChoose(e.target.value)}
            >
              {versions.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
            </select>
            {page.versions.length > 2 && (
              <label className="flex items-center gap-1.5 text-sm">
                beside
                <select
                  className="field w-auto max-w-48"
                  value={parent.id}
                  onChange={(e) => setBesideId(e.target.value)}
                >
                  {page.versions
                    .filter((v) => v.id !== version.id)
                    .map((v) => (
                      <option key={v.id} value={v.id}>
                        {v.name}
                      </option>
                    ))}
                </select>
              </label>
            )}
            <button type="button" className="btn btn-main btn-small" onClick={() => setFinding(true)}>
              Find a way
            </button>
            <ScaleField editor={editor} version={version} />
            <VersionName key={version.name} editor={editor} version={version} />
            <button type="button" className="btn btn-small" onClick={onStart} disabled={starting}>
              Another version
            </button>
            <Link to={`compare?left=${parent.id}&right=${version.id}`} className="btn btn-small">
              Side by side
            </Link>
            <button type="button" className="btn btn-plain btn-small" onClick={remove}>
              Remove
            </button>
          </div>
        </div>
        {finding && (
          <FindWay
            version={version}
            count={now.count}
            eaters={now.eaters}
            onClose={() => setFinding(false)}
            onTake={(picked, label) => {
              setFinding(false);
              editor.do(
                label,
                wayChanges(version, picked, { food, system: household.system, swaps: shelf.offered }, () => uuid()),
              );
            }}
          />
        )}
        <LineTable editor={editor} version={version} parent={parent} now={now} was={was.count} onTyped={setTyped} />
        <p className="mt-3 text-sm text-soft">
          Departure from the family's dish: {departure.known} of 100
          {departure.unsaid.length > 0 && `, and what nobody said yet: ${departure.unsaid.join(', ')}`}.
        </p>
        <StepsEditor editor={editor} version={version} shown={steps} />
        <Verdicts version={version} food={food} />
        <p className="mt-6 flex flex-wrap items-center gap-4">
          <TakeSwaps editor={editor} version={version} />
          <TakeFromStock versionId={version.id} />
        </p>
      </main>
      <CountPanel version={shown} count={now.count} places={now.places} eaters={now.eaters} before={was.count}>
        <WatchNote version={version} now={now.count} was={was.count} />
        <Link to="../pass-on" relative="path" className="btn btn-main mt-3 w-full">
          Pass it on
        </Link>
      </CountPanel>
    </>
  );
}
