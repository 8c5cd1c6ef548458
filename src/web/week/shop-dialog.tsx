import { useState } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { Food } from '../../core/food/food.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import type { Buying } from '../../core/shopping/buying.ts';
import { readSoldPackage, soldPackageWords } from '../../core/shopping/sold-package.ts';
import type { TripItem } from '../../core/shopping/trip.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { useRows } from '../saving/use-document.ts';

const idOfBuying = (b: Buying): string => b.foodId;
const NOWHERE: readonly (Buying & { readonly revision: number })[] = [];

interface ShopDialogProps {
  readonly item: Pick<TripItem, 'foodId' | 'name'>;
  readonly onClose: () => void;
}

/** Where a food is got, how it is sold there, how much of it should always be in the house, and what it costs. */
export function ShopDialog({ item, onClose }: ShopDialogProps) {
  const { household } = useHousehold();
  const { data } = useAnswer(WEEK_API.buying, { h: household.id });
  const { data: foods } = useFoods(household.id, [item.foodId!]);
  return (
    <Modal title={`Where ${item.name} is got`} onClose={onClose}>
      {data === undefined || foods === undefined ? (
        <p className="text-soft" role="status">
          Looking…
        </p>
      ) : (
        <ShopForm foodId={item.foodId!} food={foods[0] ?? null} listed={data ?? NOWHERE} onClose={onClose} />
      )}
    </Modal>
  );
}

interface ShopFormProps {
  readonly foodId: string;
  readonly food: Food | null;
  readonly listed: readonly (Buying & { readonly revision: number })[];
  readonly onClose: () => void;
}

function ShopForm({ foodId, food, listed, onClose }: ShopFormProps) {
  const { household } = useHousehold();
  const { rows, make, change } = useRows(household.id, 'buying', listed, idOfBuying);
  const seen = rows.find((r) => r.foodId === foodId);
  const [draft, setDraft] = useState<Buying>(
    seen ?? { foodId, shop: '', leastGrams: null, packGrams: null, price: null },
  );
  const shops = [...new Set(rows.map((r) => r.shop).filter(Boolean))];
  const isRight = [draft.leastGrams, draft.packGrams, draft.price].every((n) => n === null || !Number.isNaN(n));
  const save = async () => {
    const after: Buying = { ...draft, shop: draft.shop.trim().slice(0, 60) };
    try {
      if (seen === undefined) await make(foodId, after);
      else {
        const { revision, ...was } = seen;
        await change(foodId, was, after, 'Where it is got');
      }
      onClose();
      sayDone('The next list knows it.');
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (isRight) void save();
      }}
    >
      <label className="block">
        <span className="label">Shop</span>
        <input
          className="field"
          list="shops-known"
          maxLength={60}
          value={draft.shop}
          onChange={(e) => setDraft({ ...draft, shop: e.target.value })}
        />
        <datalist id="shops-known">
          {shops.map((s) => (
            <option key={s} value={s} />
          ))}
        </datalist>
      </label>
      <div className="mt-3 flex flex-wrap gap-3">
        <PackageField
          label="A package holds"
          food={food}
          grams={draft.packGrams}
          onGrams={(packGrams) => setDraft({ ...draft, packGrams })}
        />
        <NumberField
          label="A package costs"
          className="w-40"
          value={draft.price}
          onValue={(price) => setDraft({ ...draft, price })}
        />
        <PackageField
          label="Always in the house"
          food={food}
          grams={draft.leastGrams}
          onGrams={(leastGrams) => setDraft({ ...draft, leastGrams })}
        />
      </div>
      {!isRight && <p className="mt-2 text-mustard">Give an amount, such as 250 g, 1 l or 10, or leave it empty.</p>}
      <button type="submit" className="btn btn-main mt-4" disabled={!isRight}>
        Keep it
      </button>
    </form>
  );
}

interface PackageFieldProps {
  readonly label: string;
  readonly food: Food | null;
  readonly grams: number | null;
  /** Gets null for an emptied field, NaN for what nobody can weigh. */
  readonly onGrams: (grams: number | null) => void;
}

/** An amount of a food as it stands on a package, with what that weighs beside it. */
function PackageField({ label, food, grams, onGrams }: PackageFieldProps) {
  const { system } = useHousehold().household;
  const [text, setText] = useState(grams === null ? '' : soldPackageWords(food, grams, system));
  const isUnread = grams !== null && Number.isNaN(grams);
  return (
    <label className="block w-44">
      <span className="label">{label}</span>
      <input
        className="field"
        autoComplete="off"
        placeholder="250 g, 1 l, 10"
        value={text}
        aria-invalid={isUnread}
        onChange={(e) => {
          const typed = e.target.value;
          setText(typed);
          if (typed.trim() === '') onGrams(null);
          else onGrams((food === null ? null : readSoldPackage(typed, food, system)) ?? Number.NaN);
        }}
      />
      <span className="block min-h-5 text-soft text-sm">
        {grams === null || isUnread || formatGrams(grams) === text.trim() ? '' : formatGrams(grams)}
      </span>
    </label>
  );
}
