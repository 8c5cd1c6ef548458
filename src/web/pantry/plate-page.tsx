import { sayIn } from '../../core/region/say-in.ts';
import { AddLine } from '../components/add-line.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { PantryHead } from './pantry-head.tsx';
import { PlateTable } from './plate-table.tsx';
import { usePlate } from './use-plate.ts';

/** Several small things on one plate: each rounded alone, and all of it together. */
export function PlatePage() {
  const { household } = useHousehold();
  const eaters = useCounting();
  const plate = usePlate(eaters);
  return (
    <main className="page">
      <PantryHead title="A plate" about="Several zeros on one plate can add up to a point: here is when they do." />
      <AddLine label="Something on the plate" placeholder="such as 1 tbsp light mayonnaise" onAdd={plate.add} />
      {plate.lines.length === 0 ? (
        <p className="text-soft">
          {sayIn(
            household.region,
            'Nothing on it yet. Write what lies on it, such as 2 tsp ketchup, 1 tbsp fat-free soured cream, 10 g jam.',
          )}
        </p>
      ) : (
        <PlateTable
          lines={plate.lines}
          counted={plate.counted}
          eaters={eaters}
          onChange={plate.change}
          onTakeOff={plate.takeOff}
        />
      )}
      <ul className="mt-4 space-y-1" aria-live="polite">
        {plate.counted.map((c, e) =>
          c.words === null ? null : (
            <li key={eaters[e]!.eater.id} className="note">
              <span className="mark mr-2">{eaters[e]!.program.mark}</span>
              {c.words}
            </li>
          ),
        )}
      </ul>
      {plate.lines.length > 0 && (
        <p className="mt-4 flex flex-wrap gap-2">
          <button type="button" className="btn btn-main" onClick={() => void plate.toRecipe(true)}>
            It was a meal today
          </button>
          <button type="button" className="btn" onClick={() => void plate.toRecipe(false)}>
            Make a recipe of it
          </button>
          <button type="button" className="btn" onClick={plate.clear}>
            Clear the plate
          </button>
        </p>
      )}
    </main>
  );
}
