import { Check, Minus, Plus } from 'lucide-react';
import { WEEK_API } from '../../contract/week-api.ts';
import { aimsStand, type DailyGroups } from '../../core/day/daily-groups.ts';
import type { ToldDay } from '../../core/day/eater-week.ts';
import type { DailyAim } from '../../core/table/daily-aim.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayError } from '../kit/say-error.ts';
import type { OpenWeek } from './use-week.ts';

interface AimsOfDayProps {
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly eaterId: string;
}

const NO_GROUPS: DailyGroups = { oil: 0, dairy: 0, vegetables: 0, fruit: 0, fish: 0, colours: [] };
const unitOfAim = (aim: DailyAim): string => (aim.kind === 'ticked' ? '' : aim.kind === 'colours' ? ' colours' : ' g');

/** The household's own aims of a day, as they stand: shown, and never scolded for. */
export function AimsOfDay({ week, told, eaterId }: AimsOfDayProps) {
  const { household } = useHousehold();
  const aims = household.aims.filter((a) => a.per === 'day');
  const { data } = useAnswer(
    WEEK_API.groups,
    aims.length === 0 ? null : { h: household.id, query: { from: told.day, days: 1 } },
  );
  if (aims.length === 0) return null;
  const groups = data?.find((g) => g.eaterId === eaterId) ?? NO_GROUPS;
  return (
    <section aria-label="Aims of the day" className="mt-4 border-rule border-t pt-2">
      <h2 className="text-lg">Aims of the day</h2>
      <ul className="mt-1">
        {aimsStand(aims, groups, told.said.ticked).map(({ aim, has, isMet }) => (
          <li key={aim.id} className="flex items-center gap-2 py-1">
            <span className="grid size-6 place-items-center" aria-hidden="true">
              {isMet && <Check size={20} className="text-beet" strokeWidth={3} />}
            </span>
            <span className="flex-1">
              {aim.name}
              {isMet && <span className="sr-only">, there</span>}
            </span>
            {aim.kind === 'ticked' && (
              <AimStepper
                aim={aim}
                has={has}
                onHas={(n) =>
                  void week
                    .say(eaterId, told.day, { ticked: { ...told.said.ticked, [aim.id]: n } }, aim.name)
                    .catch(sayError)
                }
              />
            )}
            <span className="whitespace-nowrap text-soft">
              {has} of {aim.least}
              {unitOfAim(aim)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function AimStepper({
  aim,
  has,
  onHas,
}: {
  readonly aim: DailyAim;
  readonly has: number;
  readonly onHas: (n: number) => void;
}) {
  return (
    <span className="inline-flex">
      <button
        type="button"
        className="btn btn-plain size-11 min-h-0 p-0"
        aria-label={`One less: ${aim.name}`}
        disabled={has <= 0}
        onClick={() => onHas(has - 1)}
      >
        <Minus size={18} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-plain size-11 min-h-0 p-0"
        aria-label={`One more: ${aim.name}`}
        onClick={() => onHas(has + 1)}
      >
        <Plus size={18} aria-hidden="true" />
      </button>
    </span>
  );
}
