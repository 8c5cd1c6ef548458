import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { nutrientsOfDish } from '../../core/counting/known-dish.ts';
import type { Claim } from '../../core/page/recipe-text.ts';
import { plainCounter } from '../../core/program/program.ts';
import type { Observation } from '../../core/teach/observation.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { useObservations } from '../data/queries.ts';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { isShippedProgram } from '../programs/own-programs.ts';
import { type Row, useRows } from '../saving/use-document.ts';

const NOTHING_KNOWN: readonly Row<Observation>[] = [];
const idOfKnown = (o: Observation): string => o.id;
const MOST_TOLD_POINTS = 1000;

/** A number that the cook was told elsewhere for a serving of this very dish: compared, and taught to an own program. */
export function OwnNumber({ count }: { readonly count: VersionCount }) {
  const { household, programs } = useHousehold();
  const first = useCounting()[0]?.program ?? programs[0]!;
  const { head, change } = useRecipeHead();
  const { data: listed = NOTHING_KNOWN } = useObservations(household.id);
  const { make, remove } = useRows(household.id, 'observations', listed, idOfKnown);
  const [points, setPoints] = useState<number | null>(null);
  const [programId, setProgramId] = useState(first.id);
  const [wrong, setWrong] = useState<string | null>(null);
  const program = programs.find((p) => p.id === programId) ?? first;
  const keep = async () => {
    if (points === null || !(points >= 0 && points <= MOST_TOLD_POINTS))
      return setWrong(`Write the points as a number from 0 to ${MOST_TOLD_POINTS}.`);
    setWrong(null);
    const claim: Claim = {
      kind: 'points',
      value: points,
      valueMax: null,
      per: count.hasServings ? null : 'whole',
      of: null,
      programId: program.id,
      words: 'said by the cook',
    };
    const before = head.claims;
    void change('A number from elsewhere', { claims: [...before, claim].slice(-20) });
    const teaches = !isShippedProgram(program) && count.servingGrams > 0;
    const id = uuid();
    if (teaches)
      await make(id, {
        id,
        programId: program.id,
        name: head.title,
        foodId: null,
        grams: count.servingGrams,
        points,
        nutrients: nutrientsOfDish(count, plainCounter(program)),
        reading: 'exact',
      });
    sayDone(teaches ? `Kept, and ${program.mark} is taught by it.` : 'Kept.', async () => {
      await change('Forget a number from elsewhere', { claims: before });
      if (teaches) await remove(id);
    });
  };
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-3 underline decoration-rule underline-offset-4">
        {count.hasServings
          ? 'I was told another number for a serving of this'
          : 'I was told another number for this dish'}
      </summary>
      <div className="grid grid-cols-[6rem_minmax(0,1fr)] items-end gap-2">
        <NumberField label="points" value={null} onValue={setPoints} />
        <Picker
          label="under"
          value={program.id}
          choices={programs.map((p) => ({ value: p.id as string, words: p.name }))}
          onPick={setProgramId}
        />
      </div>
      <button type="button" className="btn btn-small mt-2" onClick={() => void keep()}>
        Keep it
      </button>
      <p role="alert" className="mt-1 text-beet">
        {wrong}
      </p>
    </details>
  );
}
