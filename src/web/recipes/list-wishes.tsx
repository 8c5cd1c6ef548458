import { SlidersHorizontal } from 'lucide-react';
import { useState } from 'react';
import { RECIPE_ORDERS, type RecipeOrder } from '../../contract/recipe.ts';
import { APPLIANCES } from '../../core/dish/dish-facts.ts';
import type { CountingEater, Eater } from '../../core/table/table.ts';
import { DISH_KINDS } from '../../core/version/dish-words.ts';
import { Check } from '../kit/check.tsx';
import { numberTyped } from '../kit/number-typed.ts';
import { Picker } from '../kit/picker.tsx';
import { isNarrowed, NO_WISH, type RecipeWish } from './recipe-wish.ts';

const ORDER_WORDS: Readonly<Record<RecipeOrder, string>> = {
  changed: 'last changed first',
  title: 'by title',
  points: 'fewest points first',
  mostPoints: 'most points first',
  kcal: 'fewest calories first',
};
const WHOSE_WORDS = { family: "the family's", own: 'my own', other: "another author's" } as const;
const WHOSE_ASKED = ['family', 'own', 'other'] as const;

interface ListWishesProps {
  readonly wish: RecipeWish;
  readonly eaters: readonly CountingEater[];
  /** Everyone at the table, those who do not count among them. */
  readonly people: readonly Eater[];
  readonly onWish: (change: Partial<RecipeWish>) => void;
}

/** Which recipes the list shows, and in which order. */
export default function ListWishes({ wish, eaters, people, onWish }: ListWishesProps) {
  const [open, setOpen] = useState(false);
  const narrowed = isNarrowed(wish);
  /** How often everything was shown again: what was typed goes with it, and stays while it is being typed. */
  const [cleared, setCleared] = useState(0);
  return (
    <search className="mt-5 block">
      <div className="flex flex-wrap items-end gap-3">
        <label className="min-w-0 flex-1 basis-64">
          <span className="sr-only">Search the recipes</span>
          <input
            type="search"
            className="field"
            placeholder="A title, an ingredient, a source"
            value={wish.words}
            onChange={(e) => onWish({ words: e.target.value })}
          />
        </label>
        <Picker
          label="Order"
          labelled="unseen"
          className="w-52"
          value={wish.order}
          choices={RECIPE_ORDERS.map((o) => ({ value: o, words: ORDER_WORDS[o] }))}
          onPick={(order) => onWish({ order })}
        />
        <button type="button" className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
          <SlidersHorizontal size={18} aria-hidden="true" /> {narrowed ? 'Narrowed' : 'Narrow'}
        </button>
        {narrowed && (
          <button
            type="button"
            className="btn btn-plain"
            onClick={() => {
              onWish(NO_WISH);
              setCleared(cleared + 1);
            }}
          >
            Show all
          </button>
        )}
      </div>
      {open && (
        <div className="panel mt-3 grid grid-cols-1 gap-x-5 gap-y-3 p-4 min-[400px]:grid-cols-2 md:grid-cols-3 xl:grid-cols-4">
          <Picker
            label="Points of"
            value={wish.counter ?? eaters[0]?.key ?? ''}
            choices={eaters.map((e) => ({ value: e.key, words: `${e.eater.name}, ${e.program.mark}` }))}
            onPick={(counter) => onWish({ counter })}
          />
          <AtMost
            key={`at most ${cleared}`}
            label="at most"
            most={wish.pointsAtMost}
            onMost={(pointsAtMost) => onWish({ pointsAtMost })}
          />
          <AtMost
            key={`kcal at most ${cleared}`}
            label="kcal at most"
            most={wish.kcalAtMost}
            onMost={(kcalAtMost) => onWish({ kcalAtMost })}
          />
          <AtMost
            key={`minutes ${cleared}`}
            label="Minutes at most"
            most={wish.minutesAtMost}
            onMost={(minutesAtMost) => onWish({ minutesAtMost })}
          />
          <Picker
            label="Who can eat it"
            value={wish.canEat ?? ''}
            choices={[{ value: '', words: 'anybody' }, ...people.map((p) => ({ value: p.id, words: p.name }))]}
            onPick={(id) => onWish({ canEat: id || null })}
          />
          <Picker
            label="Kind of dish"
            value={wish.dish ?? ''}
            choices={[{ value: '', words: 'any' }, ...DISH_KINDS.map((d) => ({ value: d as string, words: d }))]}
            onPick={(d) => onWish({ dish: DISH_KINDS.find((k) => k === d) ?? null })}
          />
          <Picker
            label="Made with"
            value={wish.appliance ?? ''}
            choices={[{ value: '', words: 'anything' }, ...APPLIANCES.map((a) => ({ value: a as string, words: a }))]}
            onPick={(a) => onWish({ appliance: APPLIANCES.find((k) => k === a) ?? null })}
          />
          <Picker
            label="Whose"
            value={wish.whose ?? ''}
            choices={[
              { value: '', words: "anybody's" },
              ...WHOSE_ASKED.map((w) => ({ value: w as string, words: WHOSE_WORDS[w] })),
            ]}
            onPick={(who) => onWish({ whose: WHOSE_ASKED.find((w) => w === who) ?? null })}
          />
          <Check checked={wish.favourite} onCheck={(favourite) => onWish({ favourite })}>
            favourites
          </Check>
          <Check checked={wish.onePot} onCheck={(onePot) => onWish({ onePot })}>
            one pot, pan or dish
          </Check>
          <Check checked={wish.inHouse} onCheck={(inHouse) => onWish({ inHouse })} className="col-span-full">
            in the house, but for two things at most
          </Check>
          <p className="col-span-full text-soft text-sm">
            Times, pots and appliances are as the recipes say them: where one says none, it is not among the narrowed.
          </p>
        </div>
      )}
    </search>
  );
}

interface AtMostProps {
  readonly label: string;
  readonly most: number | null;
  readonly onMost: (most: number | null) => void;
}

/** The most of something that may be; nothing typed is any. */
function AtMost({ label, most, onMost }: AtMostProps) {
  return (
    <label>
      <span className="label">{label}</span>
      <input
        inputMode="decimal"
        className="field"
        placeholder="any"
        defaultValue={most ?? ''}
        onChange={(e) => onMost(numberTyped(e.target.value))}
      />
    </label>
  );
}
