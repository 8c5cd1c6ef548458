import { useDeferredValue, useMemo, useState } from 'react';
import { exampleOf } from '../../core/program/food-example.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { type Program, plainCounter } from '../../core/program/program.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';

/** A food or a line of a recipe, typed: whether the program counts it, which entry says so, and how much. */
export function ListTester({ program }: { readonly program: Program }) {
  const { household, pins } = useHousehold();
  const index = usePantryIndex(household.id);
  const [text, setText] = useState('');
  const asked = useDeferredValue(text);
  const found = useMemo(() => {
    if (index === null || asked.trim() === '') return null;
    const read = readIngredient(asked, null, index, household.system);
    const food = read.matches[0]?.food;
    if (food === undefined || read.food.kind === 'open') return { food: null } as const;
    const grams = read.weight?.grams ?? null;
    return { food, grams, example: exampleOf(food, grams ?? 100, plainCounter(program, pins)) } as const;
  }, [asked, index, household.system, program, pins]);
  return (
    <section aria-label="Try a food">
      <label>
        <span className="label">Does it count? Try a food, or a line of a recipe</span>
        <input
          type="search"
          className="field max-w-md"
          placeholder="200 g carrots"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      <p className="mt-1 min-h-6" role="status">
        {found !== null &&
          (found.food === null ? (
            'No food of the pantry is called so.'
          ) : found.example.listing.uncounted ? (
            <>
              <strong>{found.food.name}</strong> does not count: {found.example.listing.words}.
            </>
          ) : (
            <>
              <strong>{found.food.name}</strong>{' '}
              {found.grams === null ? 'counts, 100 g of it' : `counts, ${Math.round(found.grams)} g of it`}{' '}
              <strong className="font-head text-lg">{formatPoints(found.example.points)}</strong>
              {found.example.listing.words && `. It ${found.example.listing.words}`}.
            </>
          ))}
      </p>
    </section>
  );
}
