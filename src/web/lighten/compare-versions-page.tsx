import { type ReactNode, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { countVersion, type VersionCount } from '../../core/counting/count-version.ts';
import { rawOfLines } from '../../core/counting/raw-of-lines.ts';
import { amountWords } from '../../core/food/nutrient-words.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import { certaintyWords, formatPoints, formatShare } from '../../core/program/format-points.ts';
import { formatAmount, formatGrams } from '../../core/quantity/format-amount.ts';
import { stepsAsChanged } from '../../core/steps/steps-as-changed.ts';
import type { Departure } from '../../core/swap/departure.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import { pairLines } from '../../core/version/pair-lines.ts';
import { pairSteps } from '../../core/version/pair-steps.ts';
import type { Line, Step, Version } from '../../core/version/version.ts';
import { type CountingEater, useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Picker } from '../kit/picker.tsx';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { useDepartures } from './use-departures.ts';

const COMPARED_NUTRIENTS: readonly Nutrient[] = ['kcal', 'protein', 'fat', 'satFat', 'sugars', 'fibre', 'sodium'];

/** A version with everything that is compared. */
interface Side {
  readonly version: Version;
  readonly count: VersionCount;
  readonly departure: Departure;
  /** With what became of their ingredients. */
  readonly steps: readonly Step[];
}

/** Any two versions of a recipe side by side: points, nutrition, departure, lines, steps. */
export function CompareVersionsPage() {
  const { page, asWritten, kitchen } = useOpenRecipe();
  const { household } = useHousehold();
  const eaters = useCounting();
  const { all: swaps } = useSwapShelf(household.id);
  const departures = useDepartures();
  const [params, setParams] = useSearchParams();
  const versionAt = (key: string, other: Version): Version =>
    page.versions.find((v) => v.id === params.get(key)) ?? other;
  const left = versionAt('left', asWritten);
  const right = versionAt('right', page.versions[page.versions.length - 1] ?? asWritten);
  const sides = useMemo(
    () =>
      [left, right].map(
        (version): Side => ({
          version,
          count: countVersion(
            version,
            kitchen,
            eaters.map((e) => e.counter),
          ),
          departure: departures(version),
          steps: stepsAsChanged(asWritten, version, swaps),
        }),
      ) as [Side, Side],
    [left, right, kitchen, eaters, asWritten, swaps, departures],
  );
  const choose = (key: string, id: string) => {
    const next = new URLSearchParams(params);
    next.set(key, id);
    setParams(next, { replace: true });
  };
  const picker = (key: 'left' | 'right', version: Version) => (
    <Picker
      label={key === 'left' ? 'One version' : 'The other version'}
      labelled="unseen"
      value={version.id}
      choices={page.versions.map((v) => ({ value: v.id, words: v.name }))}
      onPick={(id) => choose(key, id)}
    />
  );
  return (
    <main className="px-edge py-5 desk:col-span-2">
      <p className="mb-3 text-soft text-sm">
        <Link to={`..?version=${right.id}`} relative="path" className="press underline">
          Back to the bench
        </Link>
      </p>
      <VersionSums sides={sides} eaters={eaters} pickers={[picker('left', left), picker('right', right)]} />
      <Lines sides={sides} eaters={eaters} />
      <Steps sides={sides} />
    </main>
  );
}

interface SidesProps {
  readonly sides: readonly [Side, Side];
  readonly eaters: readonly CountingEater[];
}

/** What a serving of each comes to. */
function VersionSums({ sides, eaters, pickers }: SidesProps & { readonly pickers: readonly [ReactNode, ReactNode] }) {
  const row = (name: ReactNode, key: string, cell: (side: Side) => ReactNode, big = false) => (
    <tr key={key} className="border-rule border-b">
      <th scope="row" className="py-1.5 pr-3 font-normal">
        {name}
      </th>
      {sides.map((s, i) => (
        <td key={i === 0 ? 'left' : 'right'} className={`px-2 text-right ${big ? 'font-bold font-head text-2xl' : ''}`}>
          {cell(s)}
        </td>
      ))}
    </tr>
  );
  return (
    <>
      <div className="mb-3 grid gap-2 sm:hidden">{pickers}</div>
      <table className="w-full max-w-3xl table-fixed text-left">
        <caption className="sr-only">Two versions side by side, a serving each</caption>
        <thead>
          <tr className="border-ink border-b align-bottom">
            <th scope="col" className="w-1/3 py-1.5 font-normal text-soft text-sm">
              a serving
            </th>
            {pickers.map((p, i) => (
              <th key={i === 0 ? 'left' : 'right'} scope="col" className="px-2 pb-1.5 font-normal">
                <span className="max-sm:hidden">{p}</span>
                <span className="block truncate text-sm sm:sr-only" dir="auto">
                  {sides[i]!.version.name}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {eaters.map((e, i) =>
            row(
              <>
                <span className="mark">{e.program.mark}</span> {e.eater.name}
              </>,
              e.eater.id,
              (s) => {
                const sure = certaintyWords(s.count.counts[i]!);
                return (
                  <>
                    {formatPoints(s.count.counts[i]!.points)}
                    {sure && <span className="block font-normal text-mustard text-sm">{sure}</span>}
                  </>
                );
              },
              true,
            ),
          )}
          {COMPARED_NUTRIENTS.map((n) =>
            row(NUTRIENT_WORDS[n].name, n, (s) => (
              <>
                {amountWords(s.count.perServing[n].value, n)}
                {n === 'sodium' && s.count.saltLeftOut && (
                  <span className="block font-normal text-soft text-sm">without added salt</span>
                )}
              </>
            )),
          )}
          {row('weighs', 'grams', (s) => formatGrams(s.count.servingGrams))}
          {row('servings', 'servings', (s) =>
            s.version.servings === null ? 'not said' : formatAmount(s.version.servings),
          )}
          {row('departure, of 100', 'departure', (s) => (
            <>
              {departureSaid(s.departure.known)}
              {s.departure.unsaid.length > 0 && (
                <span className="block text-soft text-sm">nobody said: {s.departure.unsaid.join(', ')}</span>
              )}
            </>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** The lines in pairs, each with what it counts on either side. */
function Lines({ sides: [left, right], eaters }: SidesProps) {
  const cell = (side: Side, lines: readonly Line[]) => {
    const here = lines.filter((l) => !l.leftOut);
    if (here.length === 0) return null;
    return (
      <>
        {here.map((l) => l.text).join(' + ')}
        <span className="block text-soft text-sm">{rawOfLines(side.count, here).map(formatShare).join(' · ')}</span>
      </>
    );
  };
  return (
    <PairTable
      title="Lines"
      about={`below each, points a serving: ${eaters.map((e) => e.program.mark).join(' · ')}`}
      heads={[left.version.name, right.version.name]}
      rows={pairLines(left.version, right.version).map((p) => ({
        key: p.originLineId,
        changed: p.changed,
        cells: [cell(left, p.before === null ? [] : [p.before]), cell(right, p.after)],
      }))}
    />
  );
}

/** The steps in pairs; what is the same stands back. */
function Steps({ sides: [left, right] }: Pick<SidesProps, 'sides'>) {
  const pairs = pairSteps(left.steps, right.steps);
  if (pairs.length === 0) return null;
  return (
    <PairTable
      title="Steps"
      heads={[left.version.name, right.version.name]}
      rows={pairs.map((p) => ({
        key: `${p.before?.id} ${p.after?.id}`,
        changed: !p.same,
        cells: [p.before?.text ?? null, p.after?.text ?? null],
      }))}
    />
  );
}

interface PairTableProps {
  readonly title: string;
  readonly about?: string;
  readonly heads: readonly [string, string];
  readonly rows: readonly {
    readonly key: string;
    readonly changed: boolean;
    /** null where one side has none. */
    readonly cells: readonly [ReactNode, ReactNode];
  }[];
}

/** Two columns of what belongs together; what differs stands out. */
function PairTable({ title, about, heads, rows }: PairTableProps) {
  return (
    <section aria-label={title} className="mt-8">
      <h2 className="text-xl">{title}</h2>
      {about && <p className="text-soft text-sm">{about}</p>}
      <table className="mt-2 w-full table-fixed text-left">
        <thead className="sr-only">
          <tr>
            <th scope="col">{heads[0]}</th>
            <th scope="col">{heads[1]}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.key} className={`border-rule border-b align-top ${r.changed ? 'bg-mustard-wash' : 'text-soft'}`}>
              <td className="px-2 py-1.5">{r.cells[0] ?? <span className="text-soft italic">none</span>}</td>
              <td className="px-2 py-1.5">{r.cells[1] ?? <span className="text-soft italic">none</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
