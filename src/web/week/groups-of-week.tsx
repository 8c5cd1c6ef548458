import { WEEK_API } from '../../contract/week-api.ts';
import { aimsStand } from '../../core/day/daily-groups.ts';
import { groupsOfDays, tickedOfDays } from '../../core/day/groups-of-days.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import type { OpenWeek } from './use-week.ts';

/** What of the groups is in everybody's week, and how the aims of the week stand: shown, and never scolded for. */
export function GroupsOfWeek({ from, week }: { readonly from: string; readonly week: OpenWeek }) {
  const { household, eaters } = useHousehold();
  const { data } = useAnswer(WEEK_API.groups, { h: household.id, query: { from, days: 7 } });
  if (data === undefined || eaters.every((e) => week.told(e.id).every((d) => d.entries.length === 0))) return null;
  const aims = household.aims.filter((a) => a.per === 'week');
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by the keyboard, too
    <section aria-label="What is in the week" className="relative mt-6 overflow-x-auto" tabIndex={0}>
      <h2 className="text-xl">What is in the week</h2>
      <table className="mt-1 whitespace-nowrap text-left">
        <thead>
          <tr className="border-ink border-b">
            <th scope="col" className="py-1 pr-4">
              g in all
            </th>
            {['Vegetables', 'Colours', 'Fruit', 'Dairy', 'Fish', 'Oil', ...aims.map((a) => `Aim: ${a.name}`)].map(
              (name) => (
                <th key={name} scope="col" className="px-3 text-right">
                  {name}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {eaters.map((e) => {
            const groups = groupsOfDays(data.filter((g) => g.eaterId === e.id));
            const ticked = tickedOfDays(week.told(e.id).map((d) => d.said));
            return (
              <tr key={e.id} className="border-rule border-b">
                <th scope="row" className="py-1 pr-4 font-normal">
                  {e.name}
                </th>
                <td className="px-3 text-right">{Math.round(groups.vegetables)}</td>
                <td className="px-3 text-right">
                  {groups.colours.length}
                  <span className="text-soft text-sm max-desk:sr-only"> {groups.colours.join(', ')}</span>
                </td>
                <td className="px-3 text-right">{Math.round(groups.fruit)}</td>
                <td className="px-3 text-right">{Math.round(groups.dairy)}</td>
                <td className="px-3 text-right">{Math.round(groups.fish)}</td>
                <td className="px-3 text-right">{Math.round(groups.oil)}</td>
                {aimsStand(aims, groups, ticked).map((a) => (
                  <td key={a.aim.id} className="px-3 text-right">
                    {a.has} of {a.aim.least}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
