import { Check, Ellipsis, Minus, Plus } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { WEEK_API } from '../../contract/week-api.ts';
import { type DayEntry, recipeOfEntry } from '../../core/day/day-entry.ts';
import type { CountedEntry } from '../../core/day/eater-week.ts';
import { pointsOfDay } from '../../core/day/points-of-day.ts';
import { standingEntryId } from '../../core/day/standing-on.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { StandingItem } from '../../core/table/standing-item.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refreshAfter } from '../data/queries.ts';
import { Menu } from '../kit/menu.tsx';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { NotToBeEaten } from './not-to-be-eaten.tsx';
import type { OpenWeek } from './use-week.ts';

/** Portions that people eat, a step less and a step more. */
const PORTION_STEPS = [0.25, 0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6];

interface EntryRowProps {
  readonly counted: CountedEntry;
  readonly week: OpenWeek;
  /** Whether its eater counts. */
  readonly counts: boolean;
}

/** Something on a day: ticked when it is eaten, a step less, a step more, what it comes to. */
export function EntryRow({ counted: { entry, count }, week, counts }: EntryRowProps) {
  const { household } = useHousehold();
  const [typing, setTyping] = useState(false);
  const recipe = recipeOfEntry(entry);
  const isEaten = entry.state === 'eaten';
  const set = (patch: Partial<DayEntry>, label: string) => void week.change(entry, patch, label).catch(sayError);
  const [points, perhaps] = pointsOfDay(count);
  const less = PORTION_STEPS.findLast((s) => s < entry.portion - 1e-9);
  const more = PORTION_STEPS.find((s) => s > entry.portion + 1e-9);
  return (
    <li className="grid grid-cols-[2.75rem_minmax(0,1fr)_auto] items-center gap-x-2 border-rule border-b py-1.5 sm:grid-cols-[2.75rem_minmax(0,1fr)_auto_5rem_auto]">
      <button
        type="button"
        aria-pressed={isEaten}
        aria-label={`${entry.words}: eaten`}
        onClick={() => set({ state: isEaten ? 'planned' : 'eaten' }, isEaten ? 'Not eaten' : 'Eaten')}
        className={`grid size-11 shrink-0 place-items-center rounded-full border-2 ${isEaten ? 'border-beet bg-beet text-on-beet' : 'border-soft border-dashed text-transparent hover:border-beet'}`}
      >
        <Check size={20} strokeWidth={3} aria-hidden="true" />
      </button>
      <span className="min-w-0">
        {recipe === null ? (
          entry.words
        ) : (
          <Link
            to={`/h/${household.id}/recipes/${recipe}`}
            className="underline decoration-rule underline-offset-4 hover:decoration-beet"
          >
            {entry.words}
          </Link>
        )}
        <NotToBeEaten things={week.notFor(entry.id)} />
        {week.notSure(entry.id) !== null && (
          <strong className="block text-mustard text-sm">{week.notSure(entry.id)}</strong>
        )}
        <span className="block text-soft text-sm">{asideOf(entry, count.kcal, week.isStanding(entry.id))}</span>
      </span>
      <span className="inline-flex items-center max-sm:col-start-2 max-sm:row-start-2 max-sm:-ml-3">
        <button
          type="button"
          className="btn btn-plain size-11 min-h-0 p-0"
          aria-label={`Less of ${entry.words}`}
          disabled={less === undefined}
          onClick={() => less !== undefined && set({ portion: less }, 'Less')}
        >
          <Minus size={18} aria-hidden="true" />
        </button>
        <output aria-label={`Portion of ${entry.words}`} className="min-w-9 text-center">
          {formatAmount(entry.portion)}
        </output>
        <button
          type="button"
          className="btn btn-plain size-11 min-h-0 p-0"
          aria-label={`More of ${entry.words}`}
          disabled={more === undefined}
          onClick={() => more !== undefined && set({ portion: more }, 'More')}
        >
          <Plus size={18} aria-hidden="true" />
        </button>
      </span>
      <span className="text-right max-sm:row-start-1 max-sm:col-start-3">
        {counts && (
          <>
            <strong className="font-head text-figure">{points}</strong>
            {perhaps !== '' && <span className="block text-mustard text-sm leading-tight">{perhaps}</span>}
          </>
        )}
      </span>
      <EntryMenu entry={entry} week={week} onAmount={() => setTyping(true)} set={set} />
      {typing && (
        <PortionDialog
          entry={entry}
          onPortion={(p) => set({ portion: p }, 'How much')}
          onClose={() => setTyping(false)}
        />
      )}
    </li>
  );
}

/** What stands under the words: how much, its energy, and how it came to be there. */
function asideOf(entry: DayEntry, kcal: number | null, isStanding: boolean): string {
  const what = {
    version: 'serving',
    pot: 'from the pot',
    cook: 'as cooked',
    box: 'box',
    feast: 'feast',
    food: '',
    known: 'points as known',
  }[entry.what.kind];
  return [
    what,
    entry.spread > 0 ? 'eaten elsewhere, by the nearest of ours' : '',
    isStanding ? 'always there' : '',
    kcal === null ? 'kcal not known' : `${Math.round(kcal)} kcal`,
  ]
    .filter(Boolean)
    .join(', ');
}

interface EntryMenuProps {
  readonly entry: DayEntry;
  readonly week: OpenWeek;
  readonly onAmount: () => void;
  readonly set: (patch: Partial<DayEntry>, label: string) => void;
}

function EntryMenu({ entry, week, onAmount, set }: EntryMenuProps) {
  const { household, eaters, eaterRows } = useHousehold();
  const anew = async () => {
    try {
      await ask(WEEK_API.countAnew, { h: household.id, id: entry.id });
      await refreshAfter(household.id, 'day-entries');
      sayDone(`${entry.words} is counted as it is now.`);
    } catch (e) {
      sayError(e);
    }
  };
  const others = eaters.filter((e) => e.id !== entry.eaterId);
  const eater = eaters.find((e) => e.id === entry.eaterId);
  const item = eater?.standing.find((i) => standingEntryId(i, entry.day) === entry.id);
  const stand = (standing: readonly StandingItem[], label: string, words: string) => {
    if (eater === undefined) return;
    eaterRows.change(eater.id, eater, { ...eater, standing }, label).then((back) => sayDone(words, back), sayError);
  };
  const always = () => {
    const { what, words, meal, day } = entry;
    if (what.kind !== 'food' || eater === undefined) return;
    const { foodId, grams, low, high } = what;
    const times = { grams: grams * entry.portion, low: low * entry.portion, high: high * entry.portion };
    const since = addDays(day, 1);
    const item = { id: uuid(), meal, words, foodId, ...times, weekdays: [1, 2, 3, 4, 5, 6, 7], since };
    stand([...eater.standing, item], 'Always there', `${words} is there every day from tomorrow on.`);
  };
  return (
    <Menu
      button={<Ellipsis size={20} aria-hidden="true" />}
      buttonClass="btn btn-plain size-11 min-h-0 p-0 max-sm:col-start-3 max-sm:row-start-2 justify-self-end"
      label={`What to do with ${entry.words}`}
      align="end"
      className="w-72"
    >
      <DropdownMenu.Item className="menu-item" onSelect={onAmount}>
        Another amount…
      </DropdownMenu.Item>
      {household.meals
        .filter((m) => m.id !== entry.meal)
        .map((m) => (
          <DropdownMenu.Item key={m.id} className="menu-item" onSelect={() => set({ meal: m.id }, 'Another meal')}>
            To {m.name.toLowerCase()}
          </DropdownMenu.Item>
        ))}
      <DropdownMenu.Item className="menu-item" onSelect={() => set({ day: addDays(entry.day, 1) }, 'The day after')}>
        To the day after
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={() => set({ day: addDays(entry.day, -1) }, 'The day before')}>
        To the day before
      </DropdownMenu.Item>
      {others.map((e) => (
        <DropdownMenu.Item
          key={e.id}
          className="menu-item"
          onSelect={() => {
            const { id, position, ...thing } = entry;
            void week.add([{ ...thing, eaterId: e.id, state: 'planned' }]).then((made) => {
              sayDone(`${entry.words} is on ${e.name}’s day, too.`, () => week.takeBack(made));
            }, sayError);
          }}
        >
          Also for {e.name}
        </DropdownMenu.Item>
      ))}
      {week.isFrozen(entry.id) && (
        <DropdownMenu.Item className="menu-item" onSelect={() => void anew()}>
          Count anew, as it is now
        </DropdownMenu.Item>
      )}
      {entry.what.kind === 'food' && item === undefined && (
        <DropdownMenu.Item className="menu-item" onSelect={always}>
          Always there, every day
        </DropdownMenu.Item>
      )}
      {item !== undefined && (
        <DropdownMenu.Item
          className="menu-item"
          onSelect={() =>
            stand(
              eater!.standing.filter((i) => i.id !== item.id),
              'Not always there',
              `${item.words} is not there every day any more.`,
            )
          }
        >
          Not there every day any more
        </DropdownMenu.Item>
      )}
      <DropdownMenu.Item className="menu-item" onSelect={() => void week.remove(entry).catch(sayError)}>
        Off this day
      </DropdownMenu.Item>
    </Menu>
  );
}

interface PortionDialogProps {
  readonly entry: DayEntry;
  readonly onPortion: (portion: number) => void;
  readonly onClose: () => void;
}

function PortionDialog({ entry, onPortion, onClose }: PortionDialogProps) {
  const [portion, setPortion] = useState<number | null>(entry.portion);
  const isRight = portion !== null && portion > 0 && portion <= 100;
  return (
    <Modal title={entry.words} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!isRight) return;
          onPortion(portion);
          onClose();
        }}
      >
        <NumberField label="How many of it, such as 1.5" value={portion} onValue={setPortion} className="max-w-48" />
        {!isRight && <p className="mt-2 text-mustard">Give a number above 0, at most 100.</p>}
        <button type="submit" className="btn btn-main mt-4" disabled={!isRight}>
          Take so much
        </button>
      </form>
    </Modal>
  );
}
