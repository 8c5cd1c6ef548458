import { lazy, Suspense, useMemo, useState } from 'react';
import { countVersion } from '../../core/counting/count-version.ts';
import { departureIn } from '../../core/swap/departure-words.ts';
import type { Verdict } from '../../core/swap/verdict.ts';
import type { Version } from '../../core/version/version.ts';
import { NO_VERDICTS } from '../components/verdicts.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useVerdicts } from '../data/queries.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import { useDepartures } from '../lighten/use-departures.ts';

const LazyVersionsChart = lazy(() => import('./versions-chart.tsx'));

interface VersionsReadProps {
  readonly versions: readonly Version[];
  /** The one that is being read. */
  readonly shownId: string;
  readonly onRead: (id: string) => void;
}

const AGAIN_SAID: Record<Verdict['again'], string> = {
  again: 'wants it again',
  changes: 'wants it again, changed',
  no: 'does not want it again',
};

/** The versions of a recipe beside each other: what each counts, how far it is from the family's, what was said of it. */
export function VersionsRead({ versions, shownId, onRead }: VersionsReadProps) {
  const { household, eaters: people } = useHousehold();
  const { kitchen } = useOpenRecipe();
  const eaters = useCounting();
  const departures = useDepartures();
  const { data: verdicts = NO_VERDICTS } = useVerdicts(household.id);
  const [picked, setPicked] = useState(0);
  const lead = Math.min(picked, eaters.length - 1);
  const rows = useMemo(
    () =>
      versions.map((version) => ({
        version,
        departure: departures(version).known,
        counts: countVersion(
          version,
          kitchen,
          eaters.map((e) => e.counter),
        ).counts,
      })),
    [versions, kitchen, eaters, departures],
  );
  const dots = useMemo(() => rows.map((r) => ({ ...r, points: r.counts[lead]?.points ?? 0 })), [rows, lead]);
  if (versions.length < 2) return null;
  const said = (version: Version): string[] =>
    verdicts
      .filter((x) => x.versionId === version.id)
      .flatMap((x) => {
        const name = people.find((p) => p.id === x.eaterId)?.name;
        if (name === undefined) return [];
        return [`${name} ${AGAIN_SAID[x.again]}${x.note === '' ? '' : `: ${x.note}`}`];
      });
  return (
    <section aria-label="Versions" className="no-print mt-8">
      <h2 className="text-xl">Versions</h2>
      {lead >= 0 && (
        <div className="max-w-2xl">
          <p className="text-soft">What each counts, and how far it is from the family's dish.</p>
          {eaters.length > 1 && (
            <OneOfFew
              label="Whose points the picture shows"
              className="mt-1"
              value={String(lead)}
              choices={eaters.map((e, i) => ({ value: String(i), words: `${e.eater.name}'s` }))}
              onPick={(at) => setPicked(Number(at))}
            />
          )}
          <Suspense fallback={<div className="h-56" />}>
            <LazyVersionsChart dots={dots} shownId={shownId} onRead={onRead} />
          </Suspense>
        </div>
      )}
      <ul className="mt-1 border-rule border-t">
        {rows.map(({ version: v, departure, counts }) => (
          <li key={v.id} className="border-rule border-b">
            <button
              type="button"
              className="grid min-h-touch w-full items-center sm:grid-cols-[minmax(0,1fr)_auto] gap-x-4 gap-y-1 px-2 py-2 text-left hover:bg-sheet aria-[current=true]:bg-sheet"
              aria-current={v.id === shownId}
              onClick={() => onRead(v.id)}
            >
              <span className="min-w-0">
                <span className="font-semibold">{v.name}</span>
                {v.kind === 'lightened' && <span className="block text-soft text-sm">{departureIn(departure)}</span>}
                {said(v).map((s) => (
                  <span key={s} className="block text-soft text-sm">
                    {s}
                  </span>
                ))}
              </span>
              <span className="flex flex-wrap gap-x-4 gap-y-1">
                {eaters.map((e, i) => (
                  <span key={e.key} className="sm:text-center">
                    <span className="block text-mark text-soft leading-none">{e.program.mark}</span>
                    <PointsShown count={counts[i]!} />
                  </span>
                ))}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
