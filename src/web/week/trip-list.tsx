import { Check, Copy, House, Printer, Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { WEEK_API } from '../../contract/week-api.ts';
import { formatPrice } from '../../core/shopping/format-price.ts';
import { movedItems, planMoved } from '../../core/shopping/one-more-one-less.ts';
import { isGot, type Trip, type TripItem } from '../../core/shopping/trip.ts';
import { amountToGet, byShop, costOfTrip, tripText } from '../../core/shopping/trip-text.ts';
import { BARE_ITEM } from '../../core/shopping/what-to-get.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refreshAfter } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { copyToClipboard } from '../pass-on/copy-to-clipboard.ts';
import { documents } from '../saving/use-document.ts';
import { serverNow, setServerClock } from '../stove/server-clock.ts';
import { ShopDialog } from './shop-dialog.tsx';
import { useKeptTrip } from './use-kept-trip.ts';

interface TripListProps {
  readonly trip: Trip;
  readonly revision: number;
  readonly change: (after: Trip, label: string) => Promise<() => Promise<void>>;
  readonly onRemove: () => Promise<void>;
  readonly onRestore: () => Promise<void>;
}

/** A shopping list in the hand: by shop, big enough for a thumb; of two ticks the later holds. */
export function TripList({ trip, revision, change, onRemove, onRestore }: TripListProps) {
  const { household } = useHousehold();
  const h = household.id;
  const [shopOf, setShopOf] = useState<TripItem | null>(null);
  const { data: now } = useAnswer(
    WEEK_API.toGet,
    trip.done === null ? { h, query: { from: trip.from, to: trip.to } } : null,
  );
  useKeptTrip(trip.id, revision);
  useEffect(() => void setServerClock(), []);
  const set = (after: Trip, label: string) => change(after, label).catch(sayError);
  const tick = (item: TripItem) => {
    const on = !isGot(trip, item.id);
    const at = new Date(serverNow()).toISOString();
    void set(
      { ...trip, ticks: { ...trip.ticks, [item.id]: { on, at } } },
      on ? `Got ${item.name}` : `Not got ${item.name}`,
    );
  };
  const moved = now === undefined ? [] : planMoved(trip, now);
  const takeMoved = () => {
    void set({ ...trip, items: movedItems(trip.items, moved) }, 'As the plan is now');
  };
  const home = async () => {
    try {
      // What is ticked here and is still on its way comes along.
      await documents.peek({ householdId: h, name: 'trips', id: trip.id })?.flush();
      await ask(WEEK_API.tripHome, { h, id: trip.id });
      await Promise.all([refreshAfter(h, 'trips'), refreshAfter(h, 'stock')]);
      sayDone('What was bought is in the house.');
    } catch (e) {
      sayError(e);
    }
  };
  const { data: costs } = useAnswer(
    WEEK_API.costs,
    trip.done === null ? { h, query: { from: trip.from, to: trip.to } } : null,
  );
  const left = trip.items.filter((i) => !isGot(trip, i.id)).length;
  const cost = costOfTrip(trip.items);
  return (
    <>
      <div className="mt-3 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2">
        <p role="status" className="text-lg">
          {trip.items.length === 0
            ? 'Nothing is to get: everything is in the house.'
            : left === 0
              ? 'Everything is in the basket.'
              : `${left} of ${trip.items.length} still to get`}
          {cost !== null && (
            <span className="text-soft">
              , about {formatPrice(cost.sum)} for the {cost.of} with a price
            </span>
          )}
        </p>
        <span className="no-print flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-small"
            onClick={() => void copyToClipboard(tripText(trip), 'The list is copied.', null)}
          >
            <Copy size={16} aria-hidden="true" /> Copy as text
          </button>
          <button type="button" className="btn btn-small" onClick={() => window.print()}>
            <Printer size={16} aria-hidden="true" /> Print
          </button>
        </span>
      </div>
      {moved.length > 0 && (
        <div className="note no-print mt-3 flex flex-wrap items-center justify-between gap-3">
          <p className="min-w-0 flex-1 basis-60">
            The plan has moved: {moved.map((m) => `${MOVED_WORDS[m.is]} ${m.item.name}`).join(', ')}.
          </p>
          <button type="button" className="btn btn-small" onClick={takeMoved}>
            As the plan is now
          </button>
        </div>
      )}
      {byShop(trip.items).map(({ shop, items }) => (
        <section key={shop} aria-label={shop || 'Anywhere'} className="mt-5">
          <h2 className="border-ink border-b text-xl">{shop || 'Anywhere'}</h2>
          <ul>
            {items.map((item) => (
              <ItemRow
                key={item.id}
                item={item}
                got={isGot(trip, item.id)}
                onTick={() => tick(item)}
                onShop={() => setShopOf(item)}
              />
            ))}
          </ul>
        </section>
      ))}
      {costs?.some((c) => c.aServing !== null) && (
        <p className="mt-4 text-soft">
          A serving costs:{' '}
          {costs
            .flatMap((c) =>
              c.aServing === null
                ? []
                : [
                    c.priced < c.of
                      ? `${c.title} at least ${formatPrice(c.aServing)} (${c.priced} of ${c.of} foods have a price)`
                      : `${c.title} ${formatPrice(c.aServing)}`,
                  ],
            )
            .join(', ')}
          .
        </p>
      )}
      {trip.done === null && (
        <AddItem
          onAdd={(name) =>
            void set({ ...trip, items: [...trip.items, { ...BARE_ITEM, id: uuid(), name }] }, `Add ${name}`)
          }
        />
      )}
      <div className="no-print mt-6 flex flex-wrap gap-3">
        {trip.done === null ? (
          <button
            type="button"
            className="btn btn-main"
            disabled={left === trip.items.length}
            onClick={() => void home()}
          >
            <House size={20} aria-hidden="true" /> Home: put it into the house
          </button>
        ) : (
          <p className="text-soft">What was bought is in the house.</p>
        )}
        <button
          type="button"
          className="btn"
          onClick={() => void onRemove().then(() => sayDone('The list is gone.', onRestore), sayError)}
        >
          <Trash2 size={18} aria-hidden="true" /> Remove this list
        </button>
      </div>
      {shopOf !== null && <ShopDialog item={shopOf} onClose={() => setShopOf(null)} />}
    </>
  );
}

const MOVED_WORDS = { new: 'one more:', more: 'more', less: 'less', gone: 'no more' } as const;

interface ItemRowProps {
  readonly item: TripItem;
  readonly got: boolean;
  readonly onTick: () => void;
  readonly onShop: () => void;
}

function ItemRow({ item, got, onTick, onShop }: ItemRowProps) {
  const amount = amountToGet(item);
  return (
    <li className="flex items-start gap-3 border-rule border-b py-1.5">
      <button
        type="button"
        aria-pressed={got}
        aria-label={`${item.name}: in the basket`}
        onClick={onTick}
        className={`mt-0.5 grid size-12 shrink-0 place-items-center rounded-lg border-2 ${got ? 'border-beet bg-beet text-on-beet' : 'border-ink text-transparent'}`}
      >
        <Check size={26} strokeWidth={3} aria-hidden="true" />
      </button>
      <span className={`min-w-0 flex-1 ${got ? 'text-soft' : ''}`}>
        <span className={`text-lg ${got ? 'line-through' : ''}`}>
          {item.name}
          {amount !== '' && <strong className="ml-2">{amount}</strong>}
        </span>
        <span className="block text-soft text-sm">
          {[item.sold !== null ? `needed: ${item.needed}` : '', item.uses.join(', '), item.inHouse]
            .filter(Boolean)
            .join('; ')}
        </span>
        {item.notThat !== '' && <span className="block text-mustard text-sm">{item.notThat}</span>}
      </span>
      {item.price !== null && <span className="pt-1 text-soft">{formatPrice(item.price)}</span>}
      {item.foodId !== null && (
        <button
          type="button"
          className="btn btn-plain btn-small no-print"
          aria-label={`Where ${item.name} is got`}
          onClick={onShop}
        >
          Where?
        </button>
      )}
    </li>
  );
}

function AddItem({ onAdd }: { readonly onAdd: (name: string) => void }) {
  const [name, setName] = useState('');
  return (
    <form
      className="no-print mt-4 flex max-w-lg gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim() === '') return;
        onAdd(name.trim().slice(0, 200));
        setName('');
      }}
    >
      <label className="min-w-0 flex-1">
        <span className="sr-only">Something else to get</span>
        <input
          className="field"
          value={name}
          placeholder="Something else to get"
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <button type="submit" className="btn">
        Add
      </button>
    </form>
  );
}
