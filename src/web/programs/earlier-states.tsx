import type { Program } from '../../core/program/program.ts';
import { programDifferences } from '../../core/program/program-differences.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useProgramRevisions } from '../data/queries.ts';
import { useProgramChanges } from './use-program-changes.ts';

/** The states that an own program was in, what each became, and a way back to every one. */
export function EarlierStates({ program }: { readonly program: Program }) {
  const { household } = useHousehold();
  const changes = useProgramChanges();
  const { data: states = [] } = useProgramRevisions(household.id, program.id);
  const earlier = states
    .slice(0, -1)
    .map((s, i) => ({ ...s, next: states[i + 1]! }))
    .reverse();
  if (earlier.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="cursor-pointer py-1 font-semibold">What was changed ({earlier.length})</summary>
      <ul className="mt-1">
        {earlier.map(({ program: state, next }) => (
          <li key={state.revision} className="flex flex-wrap items-center gap-3 border-rule border-t py-2">
            <span className="min-w-[min(16rem,100%)] flex-1">
              <span className="text-soft text-sm">{formatDay(next.at.slice(0, 10))}</span>{' '}
              {programDifferences(state, next.program).join('; ') || 'kept as it was'}
            </span>
            <button type="button" className="btn btn-small" onClick={() => void changes.change(program, { ...state })}>
              Back to before that
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
