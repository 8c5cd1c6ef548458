import { useCombobox } from 'downshift';
import { Fragment, type ReactNode, useDeferredValue, useMemo, useState } from 'react';
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
    // What is typed next is typed while this is on its way.
    setTyped('');
    setAdded((before) => [...before, ...items.map((i) => i.words)]);
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
  const choices: DayChoice[] = [
    ...(canRead
      ? [
          {
            key: 'typed',
            group: 'As it is typed',
            title: read.map((t) => t.words).join(', '),
            said: <TypedThings read={read} unread={unread} foods={index?.foods ?? []} />,
            take: () => void put(read.map(thingOfTyped)),
          },
        ]
      : []),
    ...here.map((b) => ({
      key: `box ${b.id}`,
      group: 'Boxes that are there',
      title: b.title,
      aside: `${b.place === 'freezer' ? 'frozen, ' : ''}until ${formatDay(b.keepUntil)}${pointsIn(b.counts, eaterId)}`,
      take: () => one({ kind: 'box', recipeId: b.recipeId, boxId: b.id }, b.title),
    })),
    ...pots.map((p) => ({
      key: `pot ${p.id}`,
      group: 'From the pots of the plan',
      title: p.title,
      aside: `${formatAmount(p.left)} of ${formatAmount(p.servings)} on nobody’s plate, cooked ${formatDay(p.day)}`,
      take: () => one({ kind: 'pot', recipeId: p.recipeId, potId: p.id }, p.title, Math.min(1, p.left)),
    })),
    ...(feasts ?? [])
      .filter((f) => f.day === day && fits(f.name))
      .map((f) => ({
        key: `feast ${f.id}`,
        group: 'Feasts of this day',
        title: f.name,
        aside: 'the own plate at the feast',
        take: () => one({ kind: 'feast', feastId: f.id }, f.name),
      })),
    ...(recipes?.rows ?? []).map((r) => ({
      key: `recipe ${r.id}`,
      group: 'Recipes',
      title: r.title,
      aside: r.notFor.includes(eaterId)
        ? `Not for ${name}: there is in it what they must not or will not eat`
        : r.versionName,
      take: () => one({ kind: 'version', recipeId: r.id, versionId: r.versionId }, r.title),
    })),
    ...(asked.trim() === '' ? [] : (foods ?? []).slice(0, 6)).map((f) => ({
      key: `food ${f.id}`,
      group: 'Foods',
      title: f.name,
      aside: describeGrams(f, usualGrams(f), household.system),
      take: () => one(...usualAmount(f)),
    })),
  ];
  return (
    <Modal title={`${mealOf(household.meals, meal).name}, ${name}`} onClose={onClose}>
      {added.length > 0 && (
        <p className="mb-2" role="status">
          On the day: {added.join(', ')}. Anything on top?
        </p>
      )}
      <ChoiceList typed={typed} onTyped={setTyped} choices={choices}>
        <Check checked={elsewhere} onCheck={setElsewhere}>
          Eaten elsewhere: by the nearest of ours, from a third less to a third more
        </Check>
      </ChoiceList>
      <button type="button" className="btn btn-main mt-3" onClick={onClose}>
        Done
      </button>
    </Modal>
  );
}

/** Something that can be put on the day. */
interface DayChoice {
  readonly key: string;
  readonly group: string;
  readonly title: string;
  readonly aside?: string;
  /** What it is, where its title does not say it. */
  readonly said?: ReactNode;
  readonly take: () => void;
}

interface ChoiceListProps {
  readonly typed: string;
  readonly onTyped: (text: string) => void;
  readonly choices: readonly DayChoice[];
  /** What stands between the field and the list. */
  readonly children: ReactNode;
}

/** A field, and what fits what is typed, in groups: the arrows go through it, Enter takes. */
function ChoiceList({ typed, onTyped, choices, children }: ChoiceListProps) {
  const box = useCombobox<DayChoice>({
    items: [...choices],
    isOpen: true,
    inputValue: typed,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (c) => c?.title ?? '',
    itemToKey: (c) => c?.key,
    onInputValueChange: ({ inputValue, type }) => {
      if (type === useCombobox.stateChangeTypes.InputChange) onTyped(inputValue);
    },
    stateReducer: (state, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputBlur ? { ...state, highlightedIndex: -1 } : changes,
    onSelectedItemChange: ({ selectedItem }) => selectedItem?.take(),
  });
  const { htmlFor, ...labelProps } = box.getLabelProps();
  return (
    <>
      <label htmlFor={htmlFor} {...labelProps} className="sr-only">
        What is eaten
      </label>
      <input
        className="field text-lg"
        placeholder="2 eggs, 1 tbsp oil; a recipe; 5 points"
        {...box.getInputProps({
          // Enter before anything is highlighted takes the first.
          onFocus: () => box.highlightedIndex < 0 && box.setHighlightedIndex(0),
        })}
      />
      {children}
      <ul {...box.getMenuProps({ className: 'mt-1 max-h-[48dvh] overflow-auto', 'aria-label': 'What is eaten' })}>
        {choices.map((c, at) => (
          <Fragment key={c.key}>
            {c.group !== choices[at - 1]?.group && (
              <li role="presentation" className="px-3 pt-2 text-soft text-sm">
                {c.group}
              </li>
            )}
            <li
              {...box.getItemProps({
                item: c,
                index: at,
                className: `cursor-pointer rounded-lg px-3 py-2.5 ${at === box.highlightedIndex ? 'bg-beet-wash' : ''}`,
              })}
            >
              {c.said ?? c.title}
              {c.aside !== undefined && <span className="block text-soft text-sm">{c.aside}</span>}
            </li>
          </Fragment>
        ))}
      </ul>
      {choices.length === 0 && (
        <p className="px-3 py-4 text-soft">
          Nothing of that name. Give an amount of a food, or its points: “5 points cake”.
        </p>
      )}
    </>
  );
}

interface TypedThingsProps {
  readonly read: readonly Exclude<TypedThing, { kind: 'unread' }>[];
  readonly unread: readonly TypedThing[];
  readonly foods: readonly Food[];
}

/** What was typed as it was read, and what of it was not. */
function TypedThings({ read, unread, foods }: TypedThingsProps) {
  return (
    <>
      {read.map((t) => (
        <span key={t.words} className="block">
          {t.words}
          <span className="text-soft">
            {t.kind === 'known' ? ', as known' : `: ${pantryName(foods, t.foodId)}, ${formatGrams(t.grams)}`}
          </span>
        </span>
      ))}
      {unread.map((t) => (
        <span key={t.words} className="block text-mustard">
          “{t.words}” is not understood and stays here: choose a food, or give its points.
        </span>
      ))}
    </>
  );
}

const pantryName = (foods: readonly Food[], id: string): string => foods.find((f) => f.id === id)?.name ?? id;

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
