import { useState } from 'react';
import { Link } from 'react-router';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, type FeastDish, portionOf, servingsNeeded, timesToMake } from '../../core/feast/feast.ts';
import { certaintyWords, formatPoints, formatTarget } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { Eater } from '../../core/table/table.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { PlateWhy } from './plate-why.tsx';
import type { Served } from './served.ts';

interface MenuProps {
  readonly feast: Feast;
  readonly served: readonly Served[];
  readonly count: FeastCount;
  readonly people: readonly Eater[];
  readonly eaters: readonly CountingEater[];
  readonly onDish: (recipeId: string, change: Partial<FeastDish>) => void;
  readonly onRemove: (recipeId: string) => void;
  readonly onTarget: (eaterId: string, points: number | null) => void;
}

const PORTIONS = [0, 0.5, 0.75, 1, 1.5, 2, 3];
const portionWords = (m: number): string => (m === 0 ? 'none' : formatAmount(m));

/** How far a dish may move, in the steps that the form offers. */
const HOW_FAR: ReadonlyArray<readonly [number | null, string]> = [
  [null, 'as far as it takes'],
  [30, 'clearly, up to 30'],
  [15, 'a little, up to 15'],
  [0, 'not at all'],
];

/** The dishes of a feast: how much of each is on everyone's plate, what it counts there, how far it may move. */
export function Menu({ feast, served, count, people, eaters, onDish, onRemove, onTarget }: MenuProps) {
  const { household } = useHousehold();
  const [why, setWhy] = useState<number | null>(null);
  const others = people.filter((p) => !eaters.some((e) => e.eater.id === p.id));
  const everyone = people.map((p) => p.id);
  return (
    <>
      <table className="mt-5 block w-full text-left lg:table">
        <caption className="sr-only">The dishes, with the portions and the points on everyone's plate</caption>
        <thead className="hidden lg:table-header-group">
          <tr className="border-ink border-b text-sm text-soft">
            <th scope="col" className="py-1.5 pr-3 font-normal">
              Dish
            </th>
            {eaters.map((e) => (
              <th key={e.eater.id} scope="col" className="px-2 font-normal">
                {e.eater.name} <span className="mark">{e.program.mark}</span>
              </th>
            ))}
            {others.map((p) => (
              <th key={p.id} scope="col" className="px-2 font-normal">
                {p.name}
              </th>
            ))}
            <th scope="col" className="px-2 font-normal">
              It may move
            </th>
            <td />
          </tr>
        </thead>
        <tbody className="block lg:table-row-group">
          {served.map((s, d) => (
            <tr
              key={s.dish.recipeId}
              className="grid grid-cols-2 gap-x-4 gap-y-2 border-rule border-b py-3 lg:table-row lg:py-0"
            >
              <th scope="row" className="col-span-2 font-normal lg:py-2.5 lg:pr-3">
                <Link
                  to={`/h/${household.id}/recipes/${s.dish.recipeId}/lighten?version=${s.version.id}`}
                  className="font-bold font-head text-lg leading-tight hover:text-beet"
                >
                  {s.title}
                </Link>
                <span className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm text-soft">
                  <select
                    aria-label={`Version of ${s.title}`}
                    className="field w-auto max-w-56 py-1 text-sm"
                    value={s.version.id}
                    onChange={(e) => onDish(s.dish.recipeId, { versionId: e.target.value })}
                  >
                    {s.versions.map((v) => (
                      <option key={v.id} value={v.id}>
                        {v.name}
                      </option>
                    ))}
                  </select>
                  <Needed feast={feast} served={s} everyone={everyone} />
                </span>
              </th>
              {eaters.map((e, i) => {
                const own = count.plates[i]!.dishes[d] ?? null;
                return (
                  <td key={e.eater.id} className="lg:px-2">
                    <span className="block text-sm text-soft lg:hidden">
                      {e.eater.name}, {e.program.mark}
                    </span>
                    <span className="flex items-center gap-2">
                      <PortionChoice
                        of={`${s.title} for ${e.eater.name}`}
                        value={portionOf(s.dish, e.eater.id)}
                        onChange={(m) => onDish(s.dish.recipeId, { portions: { ...s.dish.portions, [e.eater.id]: m } })}
                      />
                      <strong className="min-w-6 font-head text-xl">
                        {own === null ? '' : formatPoints(own.points)}
                      </strong>
                    </span>
                  </td>
                );
              })}
              {others.map((p) => (
                <td key={p.id} className="lg:px-2">
                  <span className="block text-sm text-soft lg:hidden">{p.name}</span>
                  <PortionChoice
                    of={`${s.title} for ${p.name}`}
                    value={portionOf(s.dish, p.id)}
                    onChange={(m) => onDish(s.dish.recipeId, { portions: { ...s.dish.portions, [p.id]: m } })}
                  />
                </td>
              ))}
              <td className="col-span-2 lg:px-2">
                <span className="block text-sm text-soft lg:hidden">It may move</span>
                <select
                  aria-label={`How far ${s.title} may move`}
                  className="field w-auto"
                  value={String(s.dish.mostDeparture)}
                  onChange={(e) =>
                    onDish(s.dish.recipeId, {
                      mostDeparture: e.target.value === 'null' ? null : Number(e.target.value),
                    })
                  }
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
                  aria-label={`Take ${s.title} off the menu`}
                  onClick={() => onRemove(s.dish.recipeId)}
                >
                  Off
                </button>
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot className="block border-ink border-t-2 lg:table-footer-group">
          <tr className="grid grid-cols-2 gap-x-4 gap-y-3 py-3 lg:table-row">
            <th scope="row" className="col-span-2 text-left font-head text-lg lg:py-3">
              The whole plate
            </th>
            {eaters.map((e, i) => {
              const plate = count.plates[i]!;
              const sure = certaintyWords(plate);
              return (
                <td key={e.eater.id} className="align-top lg:px-2 lg:py-3">
                  <span className="block text-sm text-soft lg:hidden">
                    {e.eater.name}, {e.program.mark}
                  </span>
                  <button
                    type="button"
                    className="rounded-md font-bold font-head text-4xl leading-none underline decoration-2 decoration-rule underline-offset-4 hover:text-beet"
                    aria-label={`${formatPoints(plate.points)} points for ${e.eater.name}${sure ? `, ${sure}` : ''}. Show the reasons.`}
                    onClick={() => setWhy(i)}
                  >
                    {formatPoints(plate.points)}
                  </button>
                  {sure && <span className="block font-semibold text-mustard text-sm">{sure}</span>}
                </td>
              );
            })}
          </tr>
          <tr className="grid grid-cols-2 gap-x-4 gap-y-3 pb-3 lg:table-row">
            <th scope="row" className="col-span-2 text-left font-normal lg:pb-3">
              At most
            </th>
            {eaters.map((e) => (
              <td key={e.eater.id} className="lg:px-2 lg:pb-3">
                <span className="block text-sm text-soft lg:hidden">
                  {e.eater.name}, {e.program.mark}
                </span>
                <TargetField
                  key={feast.targets[e.eater.id] ?? 'none'}
                  name={e.eater.name}
                  points={feast.targets[e.eater.id] ?? null}
                  onPoints={(points) => onTarget(e.eater.id, points)}
                />
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
      {why !== null && (
        <PlateWhy
          eater={eaters[why]!}
          plate={count.plates[why]!}
          titles={served.map((s) => s.title)}
          onClose={() => setWhy(null)}
        />
      )}
    </>
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

interface TargetProps {
  readonly name: string;
  readonly points: number | null;
  readonly onPoints: (points: number | null) => void;
}

function TargetField({ name, points, onPoints }: TargetProps) {
  const [text, setText] = useState(points === null ? '' : formatTarget(points));
  const value = text.trim() === '' ? null : Number(text.replace(',', '.'));
  const right = value === null || (value >= 0 && value <= 1000);
  const done = () => right && value !== points && onPoints(value);
  return (
    <input
      aria-label={`At most, ${name}`}
      inputMode="decimal"
      className="field w-20"
      placeholder="any"
      value={text}
      aria-invalid={!right}
      onChange={(e) => setText(e.target.value)}
      onBlur={done}
      onKeyDown={(e) => e.key === 'Enter' && done()}
    />
  );
}
