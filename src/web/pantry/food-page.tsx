import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { ALLERGEN_WORDS, type Food, type Measure } from '../../core/food/food.ts';
import { amountWords } from '../../core/food/nutrient-words.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient, scaleProfile } from '../../core/food/nutrients.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { StockItem } from '../../core/stock/stock.ts';
import { PinForm } from '../components/pin-form.tsx';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, useOwnFoods, usePantry } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { documents } from '../saving/use-document.ts';
import { FoodEdit } from './food-edit.tsx';
import { FoodWords } from './food-words.tsx';
import { Ladders } from './ladders.tsx';

/** A food: its label, its measures, its ladder under every program, and where it is used. */
export function FoodPage() {
  const { food: id = '' } = useParams();
  const { household } = useHousehold();
  const { data: pantry, error } = usePantry(household.id);
  const food = pantry?.find((f) => f.id === id);
  if (error && !pantry) throw error;
  if (!pantry) {
    return (
      <p className="p-10 text-soft" role="status">
        Opening the cupboards…
      </p>
    );
  }
  return (
    <main className="page">
      <p>
        <Link to={`/h/${household.id}/pantry`} className="press underline">
          Pantry
        </Link>
      </p>
      {food ? (
        <TheFood food={food} household={household.id} />
      ) : (
        <>
          <h1 className="text-3xl">There is no such food</h1>
          <p className="text-soft">
            It may have been taken off the shelf, or belong to another household. Search the pantry for it.
          </p>
        </>
      )}
    </main>
  );
}

function TheFood({ food, household }: { food: Food; household: string }) {
  const { data: own } = useOwnFoods(household);
  const toStock = async () => {
    const id = uuid();
    const item: StockItem = {
      id,
      foodId: food.id,
      name: food.name,
      grams: null,
      opened: false,
      useBy: null,
      lacking: false,
    };
    const saved = documents.hold({ householdId: household, name: 'stock', id }, null);
    await saved.want({ wants: 'make', document: item });
    sayDone(`${food.name} is on the list of what is in the house`, () => saved.want({ wants: 'remove' }));
  };
  const navigate = useNavigate();
  const one = { h: household, id: food.id };
  const takeOff = async () => {
    try {
      await ask(API.removeFood, one);
      navigate(`/h/${household}/pantry`);
      await refresh.pantry(household);
      sayDone(`${food.name} is off the shelf; recipes that name it keep it`, async () => {
        await ask(API.restoreFood, one);
        await refresh.pantry(household);
      });
    } catch (e) {
      sayError(e);
    }
  };
  const { data: uses } = useAnswer(API.foodUses, one);
  return (
    <>
      <PageTitle of={[food.name, 'Pantry']} />
      <h1 className="text-3xl">{food.name}</h1>
      <p className="text-soft">
        {[food.group, food.state === 'as is' ? null : food.state, `values: ${food.source}`].filter(Boolean).join(' · ')}
      </p>
      {food.synonyms.length > 0 && <p className="mt-1 text-sm">Also called {food.synonyms.join(', ')}.</p>}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-small" onClick={toStock}>
          It is in the house
        </button>
        <Link className="btn btn-small" to={`/h/${household}/pantry/compare?a=${food.id}`}>
          Beside another
        </Link>
        {own && <FoodEdit food={food} own={own.includes(food.id)} />}
        {own?.includes(food.id) && (
          <button type="button" className="btn btn-plain btn-small" onClick={takeOff}>
            Take it off the shelf
          </button>
        )}
      </div>
      <div className="mt-5 grid gap-6 lg:grid-cols-[20rem_1fr]">
        <LabelTable food={food} />
        <div>
          <Ladders food={food} />
          <PinForm food={food} />
          <FoodWords key={food.id} food={food} />
          <section aria-label="Where it is used" className="mt-6">
            <h2 className="text-xl">Where it is used</h2>
            {uses?.length === 0 && <p className="text-soft">In no recipe yet.</p>}
            <ul className="list-disc pl-5">
              {uses?.map((r) => (
                <li key={r.id}>
                  <Link className="press underline" to={`/h/${household}/recipes/${r.id}`}>
                    {r.title}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </>
  );
}

const oneOf = (m: Measure): string => `1 ${m.unit}${m.form ? `, ${m.form}` : ''}`;

/** The nutrition of 100 g or of a household measure, with what is unknown and what rounding may hide. */
function LabelTable({ food }: { food: Food }) {
  const [of, setOf] = useState('100');
  const grams = of === '100' ? 100 : (food.measures[Number(of.slice(1))]?.grams ?? 100);
  const profile = useMemo(() => scaleProfile(food.per100g, grams / 100), [food, grams]);
  const shown = NUTRIENTS.filter((n) => n !== 'transFat' && (n !== 'alcohol' || profile.alcohol.value !== 0));
  return (
    <section aria-label="Nutrition" className="panel self-start p-4">
      <Picker
        label="Nutrition of"
        value={of}
        choices={[
          { value: '100', words: '100 g' },
          ...food.measures.map((m, i) => ({ value: `m${i}`, words: `${oneOf(m)} (${trimmed(m.grams, 1)} g)` })),
        ]}
        onPick={setOf}
      />
      <dl className="mt-3">
        {shown.map((n) => (
          <div
            key={n}
            className={`flex items-baseline justify-between gap-3 border-rule border-t py-1 ${CHILDREN.has(n) ? 'pl-4 text-sm' : 'font-semibold'}`}
          >
            <dt>{NUTRIENT_WORDS[n].name}</dt>
            <dd className="text-right">
              {amountWords(profile[n].value, n)}
              {profile[n].high - profile[n].low > 1e-9 && (
                <span className="block font-normal text-soft text-xs">
                  {amountWords(profile[n].low, n)} to {amountWords(profile[n].high, n)}
                </span>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {food.allergens.length > 0 && (
        <p className="mt-2 border-rule border-t pt-2 text-sm">
          Contains {food.allergens.map((a) => ALLERGEN_WORDS[a]).join(', ')}. The package has the last word.
        </p>
      )}
      {food.energyNote && <p className="mt-2 text-soft text-sm">On its energy: {food.energyNote}.</p>}
    </section>
  );
}

const CHILDREN: ReadonlySet<Nutrient> = new Set(['satFat', 'sugars', 'addedSugars', 'fibre']);
