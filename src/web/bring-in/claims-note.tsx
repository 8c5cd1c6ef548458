import { claimedPrograms } from '../../core/counting/claimed-programs.ts';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { canCompare, checkKcalClaim, checkPointsClaim } from '../../core/counting/explain-claim.ts';
import { ALL_PROGRAMS } from '../../core/page/claims-said.ts';
import type { Claim } from '../../core/page/recipe-text.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { plainCounter } from '../../core/program/program.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { Picker } from '../kit/picker.tsx';
import { OwnNumber } from './own-number.tsx';

/** What the source states about itself, beside what is counted here, with the lines that explain the difference. */
export function ClaimsNote({ count }: { readonly count: VersionCount }) {
  const { head, change } = useRecipeHead();
  return (
    <section aria-label="What others say of its points" className="border-rule border-t py-3 text-sm">
      {head.claims.length > 0 && <h3 className="font-normal font-sans text-soft">The source says</h3>}
      <ul>
        {head.claims.map((c) => (
          <li key={`${c.kind} ${c.of} ${c.per} ${c.value} ${c.words}`} className="mt-2">
            <strong>{claimWords(c)}</strong>
            {c.programId !== null && (
              <>
                {' '}
                <span className="text-soft">as you were told elsewhere</span>{' '}
                <button
                  type="button"
                  className="btn btn-plain btn-small"
                  onClick={() =>
                    void change('Forget a number from elsewhere', { claims: head.claims.filter((d) => d !== c) })
                  }
                >
                  Forget it
                </button>
              </>
            )}
            {c.kind === 'kcal' ? (
              <Compared check={checkKcalClaim(c, count)} say={(n) => String(Math.round(n))} />
            ) : (
              <PointsClaimed claim={c} count={count} />
            )}
          </li>
        ))}
      </ul>
      <OwnNumber count={count} />
    </section>
  );
}

/** @example '5 to 6 points a cup, "meadow"' */
function claimWords(c: Claim): string {
  const number = `${formatAmount(c.value)}${c.valueMax === null ? '' : ` to ${formatAmount(c.valueMax)}`}`;
  if (c.kind === 'kcal') return `${number} kcal`;
  const of = c.per === null ? '' : c.per === 'whole' ? ' for all of it' : ` a ${c.per}`;
  const name = c.of === null ? '' : c.of === ALL_PROGRAMS ? ', under every program' : `, "${c.of}"`;
  return `${number} ${c.value === 1 && c.valueMax === null ? 'point' : 'points'}${of}${name}`;
}

interface PointsClaimedProps {
  readonly claim: Claim;
  readonly count: VersionCount;
}

/** A claim of points beside the programs that it is of; where nobody has said which, it asks, and compares nothing. */
function PointsClaimed({ claim, count }: PointsClaimedProps) {
  const { household, programs, changeHousehold } = useHousehold();
  const { head } = useRecipeHead();
  const claimed = claimedPrograms(claim, head.credit, household.sourceWords, programs);
  const say = (programId: string | null | undefined) => {
    if (claimed.kind === 'known') return;
    const { [claimed.word]: _, ...others } = household.sourceWords;
    changeHousehold({ sourceWords: programId === undefined ? others : { ...others, [claimed.word]: programId } });
  };
  if (claimed.kind === 'none') {
    return (
      <p className="text-soft">
        None of your programs: it is compared with nothing.{' '}
        <button type="button" className="btn btn-plain btn-small" onClick={() => say(undefined)}>
          It is one, after all
        </button>
      </p>
    );
  }
  if (claimed.kind === 'unknown') {
    const word = claimed.word === ALL_PROGRAMS ? 'every program' : claimed.word;
    return (
      <Picker
        label={`Which of your programs is meant by "${word}"?`}
        value=""
        choices={[
          { value: '', words: 'not said yet', about: 'until then it is compared with nothing' },
          ...programs.map((p) => ({ value: p.id as string, words: p.name, about: p.mark })),
          { value: 'none', words: 'none of ours' },
        ]}
        onPick={(picked) => picked !== '' && say(picked === 'none' ? null : picked)}
      />
    );
  }
  if (!canCompare(claim))
    return <p className="text-soft">Compared with nothing: nobody knows yet what a {claim.per} of it weighs.</p>;
  return (
    <ul>
      {claimed.programs.map((p) => (
        <li key={p.id}>
          <span className="mark mr-1.5">{p.mark}</span>
          <Compared check={checkPointsClaim(claim, count, plainCounter(p))} say={formatPoints} />
        </li>
      ))}
    </ul>
  );
}

interface ComparedProps {
  readonly check: ReturnType<typeof checkKcalClaim>;
  readonly say: (n: number) => string;
}

function Compared({ check, say }: ComparedProps) {
  if (check.agrees) return <span>the same here.</span>;
  return (
    <span>
      {check.here === null ? 'here it is unknown.' : `here ${say(check.here)}.`} {check.reasons.join(' ')}
    </span>
  );
}
