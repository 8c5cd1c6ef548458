import type { DailyGroups } from './daily-groups.ts';
import type { EaterDay } from './eater-day.ts';

/** The groups of several days together: grams added, and every colour that there was. */
export function groupsOfDays(days: readonly DailyGroups[]): DailyGroups {
  const sum = (of: (d: DailyGroups) => number): number => days.reduce((s, d) => s + of(d), 0);
  return {
    oil: sum((d) => d.oil),
    dairy: sum((d) => d.dairy),
    vegetables: sum((d) => d.vegetables),
    fruit: sum((d) => d.fruit),
    fish: sum((d) => d.fish),
    colours: [...new Set(days.flatMap((d) => d.colours))],
  };
}

/** What was ticked on several days together, by the aim. */
export function tickedOfDays(days: readonly Pick<EaterDay, 'ticked'>[]): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const { ticked } of days) for (const [id, n] of Object.entries(ticked)) sum[id] = (sum[id] ?? 0) + n;
  return sum;
}
