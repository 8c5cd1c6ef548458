import { ChevronDown, Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Link } from 'react-router';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, type FeastDish, portionOf, servingsNeeded, timesToMake } from '../../core/feast/feast.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { mostOf } from '../../core/swap/departure-words.ts';
import type { Eater } from '../../core/table/table.ts';
import { useMadeIt } from '../components/made-it.tsx';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { Menu } from '../kit/menu.tsx';
import { PortionStepper } from './portion-stepper.tsx';
import type { Served } from './served.ts';

/** How far a dish may move: nothing, each word of the scale, or whatever it takes. */
const HOW_FAR: ReadonlyArray<readonly [number | null, string]> = [
  [null, 'as far as it takes'],
  [mostOf('clearly'), 'clearly, but no other dish'],
  [mostOf('a little'), 'a little'],
  [mostOf('nobody notices'), 'so that nobody notices'],
  [0, 'not at all'],
];
const farSaid = (most: number | null): string =>
  HOW_FAR.find(([m]) => m === most)?.[1] ?? `up to ${formatAmount(most ?? 0)} of 100`;

interface DishRowProps {
  readonly feast: Feast;
  readonly served: Served;
  /** Its number on the plates. */
  readonly number: number;
  /** What the dish counts on each plate; null where nothing of it is. */
  readonly onPlates: readonly FeastCount['plates'][number]['dishes'][number][];
  readonly eaters: readonly CountingEater[];
  /** Who eats along and does not count. */
  readonly others: readonly Eater[];
  /** For whom it is not, and why. */
  readonly notFor: readonly string[];
  readonly onChange: (change: Partial<FeastDish>) => void;
  readonly onInstead: () => void;
  readonly onRemove: () => void;
}

/** A place on the menu: its version and portions as words and dots to tap, what it counts on everyone's plate. */
export function DishRow(props: DishRowProps) {
  const { feast, served, number, onPlates, eaters, others, notFor, onChange } = props;
  const portions = (id: string, m: number) => onChange({ portions: { ...served.portions, [id]: m } });
  const everyone = [...eaters.map((e) => e.eater.id), ...others.map((p) => p.id)];
  return (
    <li className="break-inside-avoid border-rule border-b py-3">
      <div className="flex items-start gap-3">
        <span className="mt-0.5 grid size-7 shrink-0 place-items-center rounded-full bg-ink font-bold font-head text-paper text-sm print:border print:border-ink print:bg-transparent print:text-ink">
          {number}
        </span>
        <div className="min-w-0 flex-1">
          <DishTitle served={served} />
          <p className="flex flex-wrap items-center gap-x-4 text-sm text-soft">
            <VersionWord served={served} onVersion={(versionId) => onChange({ versionId })} />
            <Needed feast={feast} served={served} everyone={everyone} />
            {served.dish && (
              <MayMove
                title={served.title}
                most={served.dish.mostDeparture}
                onMost={(mostDeparture) => onChange({ mostDeparture })}
              />
            )}
          </p>
          {notFor.map((n) => (
            <p key={n} className="text-mustard text-sm">
              {n}
            </p>
          ))}
        </div>
        <DishMenu {...props} />
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-1 pl-10">
        {eaters.map((e, i) => {
          const own = onPlates[i] ?? null;
          return (
            <li key={e.key} className="flex flex-wrap items-center gap-1">
              <span className="text-sm text-soft">{e.eater.name}</span>
              <PortionStepper
                of={`${served.title} for ${e.eater.name}`}
                value={portionOf(served, e.eater.id)}
                onChange={(m) => portions(e.eater.id, m)}
              />
              <strong className="min-w-7 font-head text-figure">{own === null ? '' : formatPoints(own.points)}</strong>
            </li>
          );
        })}
      </ul>
      {others.length > 0 && (
        <details className="no-print pl-10 text-sm">
          <summary className="min-h-touch cursor-pointer py-2.5 text-soft">
            {others
              .map((p) => {
                const m = portionOf(served, p.id);
                return `${p.name} ${m === 0 ? 'none' : formatAmount(m)}`;
              })
              .join(', ')}
          </summary>
          <ul className="flex flex-wrap gap-x-6">
            {others.map((p) => (
              <li key={p.id} className="flex items-center gap-1">
                <span className="text-soft">{p.name}</span>
                <PortionStepper
                  of={`${served.title} for ${p.name}`}
                  value={portionOf(served, p.id)}
                  onChange={(m) => portions(p.id, m)}
                />
              </li>
            ))}
          </ul>
        </details>
      )}
    </li>
  );
}

function DishTitle({ served }: { readonly served: Served }) {
  const { household } = useHousehold();
  if (served.dish === null) return <h2 className="text-lg leading-tight">{served.title}</h2>;
  return (
    <h2 className="text-lg leading-tight">
      <Link
        to={`/h/${household.id}/recipes/${served.id}?version=${served.version.id}`}
        className="press hover:text-beet"
      >
        {served.title}
      </Link>
    </h2>
  );
}

const TAPPED_WORD =
  'inline-flex min-h-touch items-center gap-1 underline decoration-rule decoration-2 underline-offset-4 hover:text-beet';

function VersionWord({ served, onVersion }: { readonly served: Served; readonly onVersion: (id: string) => void }) {
  if (served.dish === null || served.versions.length < 2) return <span>{served.version.name}</span>;
  return (
    <Menu
      button={
        <>
          {served.version.name} <ChevronDown size={16} aria-hidden="true" />
        </>
      }
      buttonClass={TAPPED_WORD}
      label={`Version of ${served.title}: ${served.version.name}`}
      className="w-80"
    >
      <DropdownMenu.RadioGroup value={served.version.id} onValueChange={onVersion}>
        {served.versions.map((v) => (
          <DropdownMenu.RadioItem key={v.id} value={v.id} className="menu-item">
            {v.name}
            <DropdownMenu.ItemIndicator> ✓</DropdownMenu.ItemIndicator>
          </DropdownMenu.RadioItem>
        ))}
      </DropdownMenu.RadioGroup>
    </Menu>
  );
}

interface MayMoveProps {
  readonly title: string;
  readonly most: number | null;
  readonly onMost: (most: number | null) => void;
}

function MayMove({ title, most, onMost }: MayMoveProps) {
  return (
    <Menu
      button={
        <>
          may move {farSaid(most)} <ChevronDown size={16} aria-hidden="true" />
        </>
      }
      buttonClass={`${TAPPED_WORD} no-print`}
      label={`How far ${title} may move: ${farSaid(most)}`}
      className="w-80"
    >
      <DropdownMenu.RadioGroup value={String(most)} onValueChange={(v) => onMost(v === 'null' ? null : Number(v))}>
        {HOW_FAR.map(([m, words]) => (
          <DropdownMenu.RadioItem key={words} value={String(m)} className="menu-item">
            {words}
            <DropdownMenu.ItemIndicator> ✓</DropdownMenu.ItemIndicator>
          </DropdownMenu.RadioItem>
        ))}
      </DropdownMenu.RadioGroup>
    </Menu>
  );
}

function DishMenu({ served, onInstead, onRemove }: DishRowProps) {
  const madeIt = useMadeIt();
  return (
    <span className="no-print">
      <Menu
        button={<Ellipsis size={22} aria-hidden="true" />}
        buttonClass="btn btn-plain btn-small px-2"
        label={`More about ${served.title}`}
        align="end"
        className="w-72"
      >
        {served.dish !== null && (
          <DropdownMenu.Item
            className="menu-item"
            onSelect={() => void madeIt(served.version.recipeId, served.version.id)}
          >
            I made it: dish it up
          </DropdownMenu.Item>
        )}
        <DropdownMenu.Item className="menu-item" onSelect={onInstead}>
          Something else in its place
        </DropdownMenu.Item>
        <DropdownMenu.Item className="menu-item" onSelect={onRemove}>
          Take it off the menu
        </DropdownMenu.Item>
      </Menu>
    </span>
  );
}

/** What a feast needs of a dish, as servings and as how many times the recipe. */
function Needed({ feast, served, everyone }: { feast: Feast; served: Served; everyone: readonly string[] }) {
  const needed = servingsNeeded(feast, served, everyone);
  if (served.dish === null) return <span>{formatAmount(needed)} times</span>;
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
