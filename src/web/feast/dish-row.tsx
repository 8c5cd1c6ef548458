import { Link } from 'react-router';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, type FeastDish, portionOf, servingsNeeded, timesToMake } from '../../core/feast/feast.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { Eater } from '../../core/table/table.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import type { Served } from './served.ts';

const PORTIONS = [0, 0.5, 0.75, 1, 1.5, 2, 3];
const portionWords = (m: number): string => (m === 0 ? 'none' : formatAmount(m));

/** How far a dish may move, in the steps that the form offers. */
const HOW_FAR: ReadonlyArray<readonly [number | null, string]> = [
  [null, 'as far as it takes'],
  [30, 'clearly, up to 30'],
  [15, 'a little, up to 15'],
  [0, 'not at all'],
];

interface DishRowProps {
  readonly feast: Feast;
  readonly served: Served;
  /** What the dish counts on each plate; null where nothing of it is. */
  readonly onPlates: readonly FeastCount['plates'][number]['dishes'][number][];
  readonly eaters: readonly CountingEater[];
  /** Who eats along and does not count. */
  readonly others: readonly Eater[];
  readonly onDish: (change: Partial<FeastDish>) => void;
  readonly onRemove: () => void;
}

/** One dish of a feast: how much of it is on everyone's plate, what it counts there, how far it may move. */
export function DishRow({ feast, served, onPlates, eaters, others, onDish, onRemove }: DishRowProps) {
  const { title, dish } = served;
  const choice = (id: string, name: string) => (
    <PortionChoice
      of={`${title} for ${name}`}
      value={portionOf(dish, id)}
      onChange={(m) => onDish({ portions: { ...dish.portions, [id]: m } })}
    />
  );
  return (
    <tr className="grid grid-cols-2 gap-x-4 gap-y-2 border-rule border-b py-3 lg:table-row lg:py-0">
      <DishHead
        feast={feast}
        served={served}
        everyone={[...eaters.map((e) => e.eater.id), ...others.map((p) => p.id)]}
        onVersion={(versionId) => onDish({ versionId })}
      />
      {eaters.map((e, i) => {
        const own = onPlates[i] ?? null;
        return (
          <td key={e.eater.id} className="lg:px-2">
            <span className="block text-sm text-soft lg:hidden">
              {e.eater.name}, {e.program.mark}
            </span>
            <span className="flex items-center gap-2">
              {choice(e.eater.id, e.eater.name)}
              <strong className="min-w-6 font-head text-xl">{own === null ? '' : formatPoints(own.points)}</strong>
            </span>
          </td>
        );
      })}
      {others.map((p) => (
        <td key={p.id} className="lg:px-2">
          <span className="block text-sm text-soft lg:hidden">{p.name}</span>
          {choice(p.id, p.name)}
        </td>
      ))}
      <td className="col-span-2 lg:px-2">
        <span className="block text-sm text-soft lg:hidden">It may move</span>
        <select
          aria-label={`How far ${title} may move`}
          className="field w-auto"
          value={String(dish.mostDeparture)}
          onChange={(e) => onDish({ mostDeparture: e.target.value === 'null' ? null : Number(e.target.value) })}
        >
          {HOW_FAR.map(([most, words]) => (
            <option key={words} value={String(most)}>
              {words}
            </option>
          ))}
        </select>
      </td>
      <td className="col-span-2 lg:text-right">
        <button
          type="button"
          className="btn btn-plain btn-small"
          aria-label={`Take ${title} off the menu`}
          onClick={onRemove}
        >
          Off
        </button>
      </td>
    </tr>
  );
}

interface DishHeadProps {
  readonly feast: Feast;
  readonly served: Served;
  readonly everyone: readonly string[];
  readonly onVersion: (versionId: string) => void;
}

function DishHead({ feast, served, everyone, onVersion }: DishHeadProps) {
  const { household } = useHousehold();
  const { title, dish, version, versions } = served;
  return (
    <th scope="row" className="col-span-2 font-normal lg:py-2.5 lg:pr-3">
      <Link
        to={`/h/${household.id}/recipes/${dish.recipeId}/lighten?version=${version.id}`}
        className="font-bold font-head text-lg leading-tight hover:text-beet"
      >
        {title}
      </Link>
      <span className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm text-soft">
        <select
          aria-label={`Version of ${title}`}
          className="field w-auto max-w-56 py-1 text-sm"
          value={version.id}
          onChange={(e) => onVersion(e.target.value)}
        >
          {versions.map((v) => (
            <option key={v.id} value={v.id}>
              {v.name}
            </option>
          ))}
        </select>
        <Needed feast={feast} served={served} everyone={everyone} />
      </span>
    </th>
  );
}

/** What a feast needs of a dish, as servings and as how many times the recipe. */
function Needed({ feast, served, everyone }: { feast: Feast; served: Served; everyone: readonly string[] }) {
  const needed = servingsNeeded(feast, served.dish, everyone);
  const times = timesToMake(needed, served.version.servings);
  const recipe =
    times === null
      ? 'the recipe does not say how many it makes'
      : formatAmount(times) === '1'
        ? 'the recipe once'
        : `${formatAmount(times)} times the recipe`;
  return (
    <span>
      {formatAmount(needed)} servings: {recipe}
    </span>
  );
}

function PortionChoice({ of, value, onChange }: { of: string; value: number; onChange: (m: number) => void }) {
  const steps = PORTIONS.includes(value) ? PORTIONS : [...PORTIONS, value].sort((a, b) => a - b);
  return (
    <select
      aria-label={`Servings of ${of}`}
      className="field w-auto"
      value={value}
      onChange={(e) => onChange(Number(e.target.value))}
    >
      {steps.map((m) => (
        <option key={m} value={m}>
          {portionWords(m)}
        </option>
      ))}
    </select>
  );
}
