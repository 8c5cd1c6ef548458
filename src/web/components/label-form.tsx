import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { type Label, LabelSchema } from '../../contract/food.ts';
import type { Allergen, Food, FoodKind } from '../../core/food/food.ts';
import { labelContradictions } from '../../core/food/food-from-label.ts';
import { NUTRIENT_WORDS } from '../../core/food/nutrients.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { learnFoods } from '../data/learnt-foods.ts';
import { refresh } from '../data/queries.ts';
import { AllergenBoxes } from './allergen-boxes.tsx';
import { sayError } from './say-error.ts';

const PRINTED = ['kcal', 'fat', 'satFat', 'carbs', 'sugars', 'addedSugars', 'fibre', 'protein', 'sodium'] as const;
type Printed = (typeof PRINTED)[number];

/** What a packaged food is, as far as uncounted lists ask. */
const SORTS: ReadonlyArray<readonly [string, readonly FoodKind[]]> = [
  ['anything else, it counts', []],
  ['vegetable without additions', ['veg', 'plant']],
  ['starchy vegetable without additions', ['starchy', 'plant']],
  ['whole fruit without additions', ['fruit', 'plant']],
  ['plain fat-free yogurt, quark or the like', ['dairy', 'cultured0']],
  ['lentils or beans without additions', ['legume', 'plant']],
  ['whole grain without additions', ['wholegrain', 'plant']],
  ['fish or shellfish without additions', ['fish']],
  ['skinless poultry breast', ['poultrybreast', 'poultry']],
  ['a drink', ['drink']],
  ['something with added sugar', ['addedsugar']],
];

/** The sort whose kinds these are; what a lookup knows better stays as it is known. */
function sortOf(kinds: readonly FoodKind[]): string {
  const key = (ks: readonly FoodKind[]) => [...ks].sort().join();
  const at = SORTS.findIndex(([, ks]) => key(ks) === key(kinds));
  return at === -1 ? 'as known' : String(at);
}

interface LabelFieldValues {
  name: string;
  basisGrams: string;
  householdQuantity: string;
  householdUnit: string;
  rules: Label['rules'];
  sort: string;
  printed: Record<Printed, string>;
}

const toNumber = (text: string): number | null => {
  const t = text.trim().replace(',', '.');
  return t === '' ? null : Number(t);
};

/** Milligrams of sodium in a gram of salt, as European labels take it. */
const SODIUM_PER_SALT = 400;

/** A printed value as the food has it: a European label prints salt where others print sodium. */
function stated(n: Printed, f: LabelFieldValues): number | null {
  const value = toNumber(f.printed[n]);
  return n === 'sodium' && f.rules === 'eu' && value !== null ? value * SODIUM_PER_SALT : value;
}

/** The other way round: what a field shows of a label that is known. */
function prefilled(n: Printed, label: Label | null): string {
  const value = label?.printed[n] ?? null;
  if (value === null) return '';
  return trimmed(n === 'sodium' && label?.rules === 'eu' ? value / SODIUM_PER_SALT : value, 3);
}

/** Adds a food from its label: what is left empty is unknown, not zero. */
export function LabelForm({
  name,
  printed = null,
  onDone,
  onCancel,
}: {
  name: string;
  /** What a lookup already knows of the label; null to begin empty. */
  printed?: Label | null;
  onDone: (food: Food) => void;
  onCancel: () => void;
}) {
  const { household } = useHousehold();
  const [allergens, setAllergens] = useState<Allergen[]>(printed?.allergens ?? []);
  const [problems, setProblems] = useState<string[]>([]);
  const [confirmed, setConfirmed] = useState(false);
  const form = useForm<LabelFieldValues>({
    defaultValues: {
      name: printed?.name ?? name,
      basisGrams: String(printed?.basisGrams ?? 100),
      householdQuantity: printed?.household ? String(printed.household.quantity) : '',
      householdUnit: printed?.household?.unit ?? '',
      rules: printed?.rules ?? (household.system === 'metric' ? 'eu' : 'us'),
      sort: sortOf(printed?.kinds ?? []),
      printed: Object.fromEntries(PRINTED.map((n) => [n, prefilled(n, printed)])) as Record<Printed, string>,
    },
  });
  const submit = form.handleSubmit(async (f) => {
    const basisGrams = toNumber(f.basisGrams) ?? Number.NaN;
    const quantity = toNumber(f.householdQuantity);
    const label = {
      id: uuid(),
      name: f.name,
      basisGrams,
      household:
        quantity !== null && f.householdUnit.trim() !== ''
          ? { quantity, unit: f.householdUnit.trim(), grams: basisGrams }
          : null,
      printed: Object.fromEntries(PRINTED.map((n) => [n, stated(n, f)])),
      rules: f.rules,
      kinds: f.sort === 'as known' ? [...(printed?.kinds ?? [])] : [...SORTS[Number(f.sort)]![1]],
      roles: [],
      allergens,
    };
    const parsed = LabelSchema.safeParse(label);
    if (!parsed.success) {
      for (const issue of parsed.error.issues) {
        const [head, tail] = issue.path;
        const field =
          head === 'printed' ? `printed.${String(tail)}` : head === 'household' ? 'householdQuantity' : String(head);
        const message =
          issue.message.startsWith('is') || issue.message.startsWith('must') || issue.message.startsWith('cannot')
            ? `This ${issue.message}.`
            : 'Write a number, such as 12.5.';
        form.setError(field as keyof LabelFieldValues, { message }, { shouldFocus: true });
      }
      return;
    }
    const doubts = labelContradictions({ ...parsed.data, revision: 1 });
    setProblems(doubts);
    if (doubts.length > 0 && !confirmed) {
      setConfirmed(true);
      return;
    }
    try {
      const food = await ask(API.addFood, { h: household.id, body: parsed.data });
      learnFoods([food]);
      await refresh.pantry(household.id);
      onDone(food);
    } catch (e) {
      sayError(e);
    }
  });
  const european = form.watch('rules') === 'eu';
  const { errors } = form.formState;
  const errorOf = (field: Printed): string | undefined => errors.printed?.[field]?.message;
  return (
    <form onSubmit={submit} noValidate>
      <label className="label" htmlFor="label-name">
        Name
      </label>
      <input id="label-name" className="field" {...form.register('name')} aria-invalid={!!errors.name} />
      <FieldError message={errors.name?.message} />
      <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
        <div>
          <label className="label" htmlFor="label-basis">
            Values are for, g
          </label>
          <input
            id="label-basis"
            inputMode="decimal"
            className="field"
            {...form.register('basisGrams')}
            aria-invalid={!!errors.basisGrams}
          />
          <FieldError message={errors.basisGrams?.message} />
        </div>
        <div>
          <label className="label" htmlFor="label-quantity">
            that is, if it says so
          </label>
          <div className="flex gap-1">
            <input
              id="label-quantity"
              inputMode="decimal"
              className="field w-16"
              placeholder="2"
              {...form.register('householdQuantity')}
              aria-invalid={!!errors.householdQuantity}
            />
            <input
              aria-label="Household measure"
              className="field"
              placeholder="tablespoon"
              {...form.register('householdUnit')}
            />
          </div>
          <FieldError message={errors.householdQuantity?.message} />
        </div>
        <div>
          <label className="label" htmlFor="label-rules">
            Rounded as in
          </label>
          <select id="label-rules" className="field" {...form.register('rules')}>
            <option value="us">the United States</option>
            <option value="eu">the European Union</option>
            <option value="exact">not rounded</option>
          </select>
        </div>
      </div>
      <fieldset className="mt-4">
        <legend className="label">As printed; leave empty what it does not say</legend>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
          {PRINTED.map((n) => (
            <div key={n}>
              <label htmlFor={`label-${n}`} className="text-sm text-soft">
                {n === 'sodium' && european ? 'salt, g' : `${NUTRIENT_WORDS[n].name}, ${NUTRIENT_WORDS[n].unit}`}
              </label>
              <input
                id={`label-${n}`}
                inputMode="decimal"
                className="field"
                {...form.register(`printed.${n}`)}
                aria-invalid={!!errorOf(n)}
              />
              <FieldError message={errorOf(n)} />
            </div>
          ))}
        </div>
      </fieldset>
      <label className="label mt-4" htmlFor="label-sort">
        It is
      </label>
      <select id="label-sort" className="field" {...form.register('sort')}>
        {printed && sortOf(printed.kinds) === 'as known' && <option value="as known">as the lookup knows it</option>}
        {SORTS.map(([words], i) => (
          <option key={words} value={i}>
            {words}
          </option>
        ))}
      </select>
      <AllergenBoxes legend="Contains" chosen={allergens} onChange={setAllergens} />
      {problems.length > 0 && (
        <div className="note mt-4" role="alert">
          {problems.map((p) => (
            <p key={p}>{p}</p>
          ))}
          <p className="font-semibold">Check the label, or save it as it is.</p>
        </div>
      )}
      <div className="mt-5 flex gap-2">
        <button type="submit" className="btn btn-main">
          {confirmed && problems.length > 0 ? 'Save it as it is' : 'Save the food'}
        </button>
        <button type="button" className="btn" onClick={onCancel}>
          Back
        </button>
      </div>
    </form>
  );
}

function FieldError({ message }: { message?: string | undefined }) {
  return message ? (
    <p role="alert" className="mt-1 text-beet text-sm">
      {message}
    </p>
  ) : null;
}
