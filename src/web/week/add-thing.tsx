import { Command } from 'cmdk';
import { type ReactNode, useDeferredValue, useMemo, useState } from 'react';
import { COOK_API } from '../../contract/cook-api.ts';
import { boxFor } from '../../core/day/box-for.ts';
import type { Eaten } from '../../core/day/day-entry.ts';
import { readTyped, type TypedThing } from '../../core/day/read-typed.ts';
import { describeGrams } from '../../core/food/describe-grams.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount, formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { mealOf } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFeasts, useRecipeSearch } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { useFoodSearch } from '../data/use-food-search.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { sayError } from '../kit/say-error.ts';
import type { NewThing, OpenWeek } from './use-week.ts';

/** What is told by the nearest of one's own may be a third less or more of it. */
const ELSEWHERE = 0.33;
/** A food is taken as so much of it, where nobody said how much, g. */
const USUAL_G = 100;

interface AddThingProps {
  readonly week: OpenWeek;
  readonly eaterId: string;
  readonly day: string;
  readonly meal: string;
  readonly onClose: () => void;
}

/** Puts something on a day: a box, from a pot, a recipe, a food, or whatever is typed; it stays open for more. */
export function AddThing({ week, eaterId, day, meal, onClose }: AddThingProps) {
  const { household, eaters } = useHousehold();
  const h = household.id;
  const [typed, setTyped] = useState('');
  const [elsewhere, setElsewhere] = useState(false);
  const [added, setAdded] = useState<readonly string[]>([]);
  const asked = useDeferredValue(typed);
  const index = usePantryIndex(h);
  const { data: recipes } = useRecipeSearch(h, asked, 12);
  const { data: boxes } = useAnswer(COOK_API.boxes, { h, query: {} });
  const { data: feasts } = useFeasts(h);
  const foods = useFoodSearch(h, asked, []);
  const things = useMemo(
    () => (index === null ? [] : readTyped(asked, index, household.system)),
    [asked, index, household.system],
  );
  const fits = (title: string): boolean => title.toLowerCase().includes(asked.trim().toLowerCase());
  const eaten = week.today >= day;
  const put = async (items: readonly Pick<NewThing, 'what' | 'words' | 'portion'>[]) => {
    const spread = elsewhere ? ELSEWHERE : 0;
    try {
      await week.add(
        items.map((i) => ({
          ...i,
          words: elsewhere ? `${i.words}, elsewhere`.slice(0, 200) : i.words,
          eaterId,
          day,
          meal,
          spread,
          // What is put on a day that is not over yet may still be eaten or not.
          state: i.what.kind === 'box' || !eaten || day === week.today ? 'planned' : 'eaten',
        })),
      );
      setAdded([...added, ...items.map((i) => i.words)]);
      setTyped('');
    } catch (e) {
      sayError(e);
    }
  };
  const one = (what: Eaten, words: string, portion = 1) => void put([{ what, words, portion }]);
  const read = things.filter((t): t is Exclude<TypedThing, { kind: 'unread' }> => t.kind !== 'unread');
  const unread = things.filter((t) => t.kind === 'unread');
  const canRead = read.length > 0 && (read.some((t) => t.kind === 'known') || /\d|[½¼¾⅓⅔]|,/.test(asked));
  const here = (boxes ?? []).filter((b) => boxFor(b, eaterId) && fits(b.title));
  const pots = week.pots.filter((p) => p.left > 0 && fits(p.title));
  const name = eaters.find((e) => e.id === eaterId)?.name ?? '';
  return (
    <Modal title={`${mealOf(household.meals, meal).name}, ${name}`} onClose={onClose}>
      {added.length > 0 && (
        <p className="mb-2" role="status">
          On the day: {added.join(', ')}. Anything on top?
        </p>
      )}
      <Command label="What is eaten" shouldFilter={false} loop>
        <Command.Input
          autoFocus
          value={typed}
          onValueChange={setTyped}
          placeholder="2 eggs, 1 tbsp oil; a recipe; 5 points"
          className="field text-lg"
        />
        <Check checked={elsewhere} onCheck={setElsewhere}>
          Eaten elsewhere: by the nearest of ours, from a third less to a third more
        </Check>
        <Command.List className="mt-1 max-h-[48dvh] overflow-auto [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-soft [&_[cmdk-group-heading]]:text-sm [&_[cmdk-item]]:rounded-lg [&_[cmdk-item]]:px-3 [&_[cmdk-item]]:py-2.5 [&_[cmdk-item][data-selected=true]]:bg-beet-wash">
          <Command.Empty className="px-3 py-4 text-soft">
            Nothing of that name. Give an amount of a food, or its points: “5 points cake”.
          </Command.Empty>
          {canRead && (
            <Command.Group heading="As it is typed">
              <Command.Item value="typed" onSelect={() => void put(read.map(thingOfTyped))}>
                {read.map((t) => (
                  <span key={t.words} className="block">
                    {t.words}
                    <span className="text-soft">
                      {t.kind === 'known'
                        ? ', as known'
                        : `: ${nameOf(index?.foods ?? [], t.foodId)}, ${formatGrams(t.grams)}`}
                    </span>
                  </span>
                ))}
                {unread.map((t) => (
                  <span key={t.words} className="block text-mustard">
                    “{t.words}” is not understood and stays here: choose a food, or give its points.
                  </span>
                ))}
              </Command.Item>
            </Command.Group>
          )}
          {here.length > 0 && (
            <Command.Group heading="Boxes that are there">
              {here.map((b) => (
                <Command.Item
                  key={b.id}
                  value={`box ${b.id}`}
                  onSelect={() => one({ kind: 'box', recipeId: b.recipeId, boxId: b.id }, b.title)}
                >
                  {b.title}
                  <Aside>
                    {b.place === 'freezer' ? 'frozen, ' : ''}until {formatDay(b.keepUntil)}
                    {pointsIn(b.counts, eaterId)}
                  </Aside>
                </Command.Item>
              ))}
            </Command.Group>
          )}
          {pots.length > 0 && (
            <Command.Group heading="From the pots of the plan">
              {pots.map((p) => (
                <Command.Item
                  key={p.id}
                  value={`pot ${p.id}`}
                  onSelect={() => one({ kind: 'pot', recipeId: p.recipeId, potId: p.id }, p.title, Math.min(1, p.left))}
                >
                  {p.title}
                  <Aside>
                    {formatAmount(p.left)} of {formatAmount(p.servings)} on nobody’s plate, cooked {formatDay(p.day)}
                  </Aside>
                </Command.Item>
              ))}
            </Command.Group>
          )}
          {(feasts ?? [])
            .filter((f) => f.day === day && fits(f.name))
            .map((f) => (
              <Command.Item
                key={f.id}
                value={`feast ${f.id}`}
                onSelect={() => one({ kind: 'feast', feastId: f.id }, f.name)}
              >
                {f.name}
                <Aside>the own plate at the feast</Aside>
              </Command.Item>
            ))}
          {(recipes?.rows.length ?? 0) > 0 && (
            <Command.Group heading="Recipes">
              {recipes!.rows.map((r) => (
                <Command.Item
                  key={r.id}
                  value={`recipe ${r.id}`}
                  onSelect={() => one({ kind: 'version', recipeId: r.id, versionId: r.versionId }, r.title)}
                >
                  {r.title}
                  <Aside>{r.versionName}</Aside>
                </Command.Item>
              ))}
            </Command.Group>
          )}
          {asked.trim() !== '' && foods && foods.length > 0 && (
            <Command.Group heading="Foods">
              {foods.slice(0, 6).map((f) => (
                <Command.Item key={f.id} value={`food ${f.id}`} onSelect={() => one(...usualAmount(f))}>
                  {f.name}
                  <Aside>{describeGrams(f, usualGrams(f), household.system)}</Aside>
                </Command.Item>
              ))}
            </Command.Group>
          )}
        </Command.List>
      </Command>
      <button type="button" className="btn btn-main mt-3" onClick={onClose}>
        Done
      </button>
    </Modal>
  );
}

const Aside = ({ children }: { readonly children: ReactNode }) => (
  <span className="block text-soft text-sm">{children}</span>
);

const nameOf = (foods: readonly Food[], id: string): string => foods.find((f) => f.id === id)?.name ?? id;

function pointsIn(counts: readonly { readonly key: string; readonly points: number }[], eaterId: string): string {
  const own = counts.find((c) => c.key === eaterId);
  return own === undefined ? '' : `, ${formatPoints(own.points)}`;
}

const thingOfTyped = (t: Exclude<TypedThing, { kind: 'unread' }>): Pick<NewThing, 'what' | 'words' | 'portion'> => ({
  words: t.words.slice(0, 200),
  portion: 1,
  what:
    t.kind === 'known'
      ? { kind: 'known', points: t.points, kcal: null }
      : { kind: 'food', foodId: t.foodId, grams: t.grams, low: t.low, high: t.high },
});

/** A piece of it, where it comes in pieces. */
const usualGrams = (f: Food): number => f.measures.find((m) => m.unit === 'piece' && m.form === null)?.grams ?? USUAL_G;
function usualAmount(f: Food): [Eaten, string] {
  const grams = usualGrams(f);
  return [{ kind: 'food', foodId: f.id, grams, low: grams, high: grams }, `${f.name}, ${formatGrams(grams)}`];
}
