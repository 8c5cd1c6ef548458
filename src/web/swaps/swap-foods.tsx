import { FoodChooser } from '../components/food-chooser.tsx';
import { FreeNumberField } from './free-number-field.tsx';
import type { SwapFormState } from './use-swap-form.ts';

/** The foods that a swap is for. */
export function FoodsFrom({ form }: { readonly form: SwapFormState }) {
  const { from } = form.fields;
  return (
    <fieldset>
      <legend className="sr-only">It is for</legend>
      <ul className="mb-2 flex flex-wrap gap-1.5">
        {from.map((id) => (
          <li key={id}>
            <button
              type="button"
              className="chip"
              aria-label={`Not for ${form.nameOf(id)}`}
              onClick={() => form.set({ from: from.filter((f) => f !== id) })}
            >
              {form.nameOf(id)} ×
            </button>
          </li>
        ))}
      </ul>
      <FoodChooser
        label={from.length === 0 ? 'A food it is for' : 'Another food it is for'}
        food={null}
        onChoose={(f) => !from.includes(f.id) && form.set({ from: [...from, f.id] })}
      />
    </fieldset>
  );
}

/** The foods that come in, and how much of each. */
export function FoodsInto({ form }: { readonly form: SwapFormState }) {
  const { kind, into } = form.fields;
  const more = kind !== 'bulkUp';
  return (
    <fieldset>
      <legend className="sr-only">{more ? 'What comes in' : 'So much of it'}</legend>
      <ul className="space-y-1.5">
        {into.map((t, i) => {
          const cup = form.byCup(t.foodId);
          return (
            <li key={t.foodId} className="flex flex-wrap items-center gap-2">
              <FreeNumberField
                key={t.ratio === cup ? 'by the cup' : 'by weight'}
                label={`Grams of ${form.nameOf(t.foodId)} for each 100 g`}
                value={t.ratio * 100}
                onValue={(v) => form.setRatio(i, v / 100)}
              />
              <span className="min-w-0 flex-1">g {form.nameOf(t.foodId)} for each 100 g</span>
              {cup !== null && Math.abs(cup - t.ratio) > 1e-9 && (
                <button type="button" className="btn btn-small" onClick={() => form.setRatio(i, cup)}>
                  Cup for cup
                </button>
              )}
              {more && (
                <button
                  type="button"
                  className="btn btn-plain btn-small"
                  aria-label={`Without ${form.nameOf(t.foodId)}`}
                  onClick={() => form.set({ into: into.filter((x) => x !== t) })}
                >
                  ×
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {more && (
        <div className="mt-2">
          <FoodChooser
            label={into.length === 0 ? 'A food that comes in' : 'Another food that comes in'}
            food={null}
            onChoose={(f) =>
              !into.some((t) => t.foodId === f.id) && form.set({ into: [...into, { foodId: f.id, ratio: 1 }] })
            }
          />
        </div>
      )}
    </fieldset>
  );
}
