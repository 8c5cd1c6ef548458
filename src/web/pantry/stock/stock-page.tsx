import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { describeGrams } from '../../../core/food/describe-grams.ts';
import type { Food } from '../../../core/food/food.ts';
import { foodsCalled } from '../../../core/food/foods-called.ts';
import { indexFoods } from '../../../core/food/match-food.ts';
import { formatDay } from '../../../core/quantity/format-day.ts';
import { byUse, type StockItem } from '../../../core/stock/stock.ts';
import { readIngredient } from '../../../core/weighing/read-ingredient.ts';
import { AddLine } from '../../components/add-line.tsx';
import { useHousehold } from '../../context/household-context.ts';
import { usePantry, useStock } from '../../data/queries.ts';
import { Check } from '../../kit/check.tsx';
import { Modal } from '../../kit/modal.tsx';
import { sayDone } from '../../kit/say-done.ts';
import { type Row, useRows } from '../../saving/use-document.ts';
import { BarcodeField } from '../barcode-field.tsx';
import { PantryHead } from '../pantry-head.tsx';

const NO_STOCK: readonly Row<StockItem>[] = [];
const stockId = (item: StockItem): string => item.id;

/** What is in the house, what is open, what to use up, and what cannot be had: a list as on the door. */
export function StockPage() {
  const { household } = useHousehold();
  const { data, error } = useStock(household.id);
  const { rows, make, change, remove: off, restore } = useRows(household.id, 'stock', data ?? NO_STOCK, stockId);
  const stock = data === undefined ? undefined : byUse(rows);
  const { data: pantry } = usePantry(household.id);
  const index = useMemo(() => indexFoods(pantry ?? []), [pantry]);
  const put = async (item: StockItem) => {
    const seen = rows.find((r) => r.id === item.id);
    if (seen === undefined) await make(item.id, item);
    else await change(item.id, seen, item, `Change ${item.name}`);
  };
  const remove = async (item: StockItem) => {
    await off(item.id);
    sayDone(`${item.name} is off the list`, () => restore(item.id));
  };
  const [asking, setAsking] = useState<{ text: string; foods: readonly Food[] } | null>(null);
  /** Of what is several foods it is asked which of them cannot be had. */
  const addLacking = (text: string) => {
    const foods = foodsCalled(pantry ?? [], text);
    if (foods.length > 1) setAsking({ text, foods });
    else add(text, true);
  };
  const lack = (foods: readonly Food[]) => {
    setAsking(null);
    for (const f of foods)
      void put({ id: uuid(), foodId: f.id, name: f.name, grams: null, opened: false, useBy: null, lacking: true });
  };
  const add = (text: string, lacking: boolean) => {
    const read = readIngredient(text, null, index, household.system);
    const food = read.food.kind === 'open' ? undefined : read.matches[0]?.food;
    void put({
      id: uuid(),
      foodId: food?.id ?? null,
      name: food?.name ?? (read.reading.item || text),
      grams: lacking || read.weight === null ? null : Math.round(read.weight.grams * 10) / 10,
      opened: false,
      useBy: null,
      lacking,
    });
  };
  const scanned = (foodId: string, packageGrams: number | null) => {
    const food = pantry?.find((f) => f.id === foodId);
    void put({
      id: uuid(),
      foodId,
      name: food?.name ?? 'the scanned food',
      grams: packageGrams,
      opened: false,
      useBy: null,
      lacking: false,
    }).then(() => sayDone(`${food?.name ?? 'It'} is on the list`));
  };
  const here = stock?.filter((i) => !i.lacking) ?? [];
  const lacking = stock?.filter((i) => i.lacking) ?? [];
  const row = (item: StockItem) => (
    <StockRow
      key={item.id}
      item={item}
      amount={
        item.grams === null
          ? null
          : describeGrams(pantry?.find((f) => f.id === item.foodId) ?? null, item.grams, household.system)
      }
      foodPath={item.foodId === null ? null : `/h/${household.id}/pantry/${item.foodId}`}
      onPut={put}
      onRemove={() => remove(item)}
    />
  );
  return (
    <main className="page">
      <PantryHead title="In the house" about="What is there, what is open, what to use up first." />
      {error && !stock && (
        <p className="note mt-4" role="alert">
          {error.message}
        </p>
      )}
      <div className="mt-4 grid gap-x-6 desk:grid-cols-[1fr_auto] desk:items-start">
        <AddLine
          label="Something in the house"
          placeholder="such as 2 cans black beans, or half a bag of flour"
          onAdd={(t) => add(t, false)}
        />
        <BarcodeField onFood={scanned} />
      </div>
      {stock && here.length === 0 && (
        <p className="mt-2 text-soft">Nothing on the list yet. Write what is open, or scan it as you put it away.</p>
      )}
      <ul className="mt-2">{here.map(row)}</ul>
      <section aria-label="Cannot be had" className="mt-8">
        <h2 className="text-xl">Cannot be had here or now</h2>
        <p className="text-soft text-sm">Ways to lighten a dish leave these out.</p>
        <AddLine label="Something that cannot be had" placeholder="such as strained yogurt" onAdd={addLacking} />
        {asking && (
          <WhichLacking text={asking.text} foods={asking.foods} onTake={lack} onClose={() => setAsking(null)} />
        )}
        <ul>{lacking.map(row)}</ul>
      </section>
    </main>
  );
}

interface WhichLackingProps {
  readonly text: string;
  readonly foods: readonly Food[];
  readonly onTake: (foods: readonly Food[]) => void;
  readonly onClose: () => void;
}

/** Asks which of several foods of one name cannot be had; all of them, unless somebody says otherwise. */
function WhichLacking({ text, foods, onTake, onClose }: WhichLackingProps) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(foods.map((f) => f.id)));
  return (
    <Modal title={`Which ${text} cannot be had?`} onClose={onClose}>
      <ul>
        {foods.map((f) => (
          <li key={f.id}>
            <Check
              checked={chosen.has(f.id)}
              onCheck={(is) => {
                const next = new Set(chosen);
                if (is) next.add(f.id);
                else next.delete(f.id);
                setChosen(next);
              }}
            >
              {f.name}
            </Check>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-main mt-3"
        disabled={chosen.size === 0}
        onClick={() => onTake(foods.filter((f) => chosen.has(f.id)))}
      >
        {chosen.size === foods.length ? 'None of them' : 'These cannot be had'}
      </button>
    </Modal>
  );
}

interface StockRowProps {
  readonly item: StockItem;
  readonly amount: string | null;
  readonly foodPath: string | null;
  readonly onPut: (item: StockItem) => Promise<void>;
  readonly onRemove: () => void;
}

function StockRow({ item, amount, foodPath, onPut, onRemove }: StockRowProps) {
  const [grams, setGrams] = useState<string | null>(null);
  const setAmount = () => {
    const value = grams === null || grams.trim() === '' ? null : Number(grams.replace(',', '.'));
    setGrams(null);
    if (value === null || (value >= 0 && value <= 100_000)) void onPut({ ...item, grams: value });
  };
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 border-rule border-t py-2 sm:grid-cols-[minmax(0,1fr)_auto_auto_auto]">
      <span className="min-w-0">
        {foodPath ? (
          <Link to={foodPath} className="hover:text-beet">
            {item.name}
          </Link>
        ) : (
          item.name
        )}
        {!item.lacking &&
          (grams === null ? (
            <button
              type="button"
              className="ml-2 rounded-md text-soft underline decoration-rule underline-offset-4"
              onClick={() => setGrams(item.grams === null ? '' : String(item.grams))}
            >
              {amount ?? 'how much?'}
            </button>
          ) : (
            <input
              aria-label={`Grams of ${item.name}`}
              // biome-ignore lint/a11y/noAutofocus: the field opens because the cook asked for it
              autoFocus
              inputMode="decimal"
              className="field ml-2 w-24"
              value={grams}
              onChange={(e) => setGrams(e.target.value)}
              onBlur={setAmount}
              onKeyDown={(e) => {
                if (e.key === 'Enter') setAmount();
                if (e.key === 'Escape') setGrams(null);
              }}
            />
          ))}
      </span>
      {!item.lacking && (
        <>
          <Check checked={item.opened} onCheck={(opened) => onPut({ ...item, opened })} className="text-sm">
            open
          </Check>
          <label className="flex items-center gap-1.5 text-sm">
            use by
            <input
              type="date"
              className="field w-auto"
              value={item.useBy ?? ''}
              onChange={(e) => onPut({ ...item, useBy: e.target.value === '' ? null : e.target.value })}
            />
            {item.useBy && <span className="sr-only">{formatDay(item.useBy)}</span>}
          </label>
        </>
      )}
      <button type="button" className="btn btn-plain btn-small" onClick={onRemove}>
        {item.lacking ? 'Can be had again' : 'Used up'}
      </button>
    </li>
  );
}
