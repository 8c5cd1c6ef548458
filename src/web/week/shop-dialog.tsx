import { useState } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { Buying } from '../../core/shopping/buying.ts';
import type { TripItem } from '../../core/shopping/trip.ts';
import { useHousehold } from '../context/household-context.ts';
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
  return (
    <Modal title={`Where ${item.name} is got`} onClose={onClose}>
      {data === undefined ? (
        <p className="text-soft" role="status">
          Looking…
        </p>
      ) : (
        <ShopForm foodId={item.foodId!} listed={data ?? NOWHERE} onClose={onClose} />
      )}
    </Modal>
  );
}

interface ShopFormProps {
  readonly foodId: string;
  readonly listed: readonly (Buying & { readonly revision: number })[];
  readonly onClose: () => void;
}

function ShopForm({ foodId, listed, onClose }: ShopFormProps) {
  const { household } = useHousehold();
  const { rows, make, change } = useRows(household.id, 'buying', listed, idOfBuying);
  const seen = rows.find((r) => r.foodId === foodId);
  const [draft, setDraft] = useState<Buying>(
    seen ?? { foodId, shop: '', leastGrams: null, packGrams: null, price: null },
  );
  const shops = [...new Set(rows.map((r) => r.shop).filter(Boolean))];
  const isRight =
    [draft.leastGrams, draft.packGrams].every((n) => n === null || n > 0) && !Number.isNaN(draft.price ?? 0);
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
        <NumberField
          label="A package holds, g"
          className="w-44"
          value={draft.packGrams}
          onValue={(packGrams) => setDraft({ ...draft, packGrams })}
        />
        <NumberField
          label="A package costs"
          className="w-40"
          value={draft.price}
          onValue={(price) => setDraft({ ...draft, price })}
        />
        <NumberField
          label="Always in the house, g"
          className="w-48"
          value={draft.leastGrams}
          onValue={(leastGrams) => setDraft({ ...draft, leastGrams })}
        />
      </div>
      {!isRight && <p className="mt-2 text-mustard">Give numbers above 0, or leave them empty.</p>}
      <button type="submit" className="btn btn-main mt-4" disabled={!isRight}>
        Keep it
      </button>
    </form>
  );
}
