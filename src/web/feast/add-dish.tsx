import { v7 as uuid } from 'uuid';
import { plateLines } from '../../core/counting/plate-lines.ts';
import type { BoughtFood } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { AddLine } from '../components/add-line.tsx';
import { FindDish } from '../components/find-dish.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useReadingIndex } from '../data/use-pantry-index.ts';
import { Modal } from '../kit/modal.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import { pointsInList } from '../recipes/points-in-list.ts';

const NOTHING_AT_HAND: readonly Food[] = [];

interface AddDishProps {
  /** What it takes the place of, in words; null where it is one more. */
  readonly instead: string | null;
  /** The recipes that are on the menu already. */
  readonly onMenu: readonly string[];
  readonly onAdd: (recipeId: string) => void;
  readonly onBought: (food: BoughtFood) => void;
  readonly onClose: () => void;
}

/** Chooses what comes on the menu: a recipe by some of its words, or something bought as it is written. */
export function AddDish({ instead, onMenu, onAdd, onBought, onClose }: AddDishProps) {
  const { household } = useHousehold();
  const readingIndex = useReadingIndex(household.id, NOTHING_AT_HAND);
  const bought = async (text: string) => {
    const [read] = plateLines([text], await readingIndex(), household.system);
    if (!read?.food || read.grams === null || read.grams <= 0)
      throw new Error(`"${text}" is not read. Write how much and of what, such as 2 slices rye bread or 100 g ham.`);
    const { food, grams } = read;
    onBought({ id: uuid(), text, foodId: food.id, revision: food.revision, grams, portions: {} });
  };
  return (
    <Modal title={instead === null ? 'One more on the menu' : `In the place of ${instead}`} onClose={onClose}>
      <FindDish label="A dish of yours" without={onMenu}>
        {(dish) => (
          <button
            type="button"
            className="flex min-h-touch w-full items-center justify-between gap-3 px-1 py-1.5 text-left hover:bg-beet-wash"
            onClick={() => onAdd(dish.id)}
          >
            <span className="min-w-0">{dish.title}</span>
            <span className="flex shrink-0 gap-3">
              {dish.points.map((p) => (
                <span key={p.counter} className="flex items-baseline gap-1">
                  <span className="text-mark text-soft">{p.mark}</span>
                  <PointsShown count={pointsInList(p)} />
                </span>
              ))}
            </span>
          </button>
        )}
      </FindDish>
      <p className="label mt-4">Or something bought, as much as one eats of it</p>
      <AddLine label="Something bought" placeholder="2 slices rye bread" onAdd={bought} />
    </Modal>
  );
}
