import { notForEater } from '../../core/cook/not-for-eater.ts';
import { notSureOf } from '../../core/cook/not-sure-of.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import { unreadLines } from '../../core/version/unread-lines.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';

/** Who at the table must not have a dish, told before anything is cut. */
export function NotForTable({ version }: { readonly version: Version }) {
  const { eaters } = useHousehold();
  const { kitchen } = useOpenRecipe();
  const { count } = useCount(version);
  // Also what is in a stock or a dough inside.
  const unread = unreadLines(version, kitchen);
  const harm = eaters.flatMap((e) => [notForEater(e, foodsOf(count)) ?? [], notSureOf(e, unread) ?? []].flat());
  if (harm.length === 0) return null;
  return (
    <ul className="note mt-3" role="alert">
      {harm.map((h) => (
        <li key={h}>{h}</li>
      ))}
    </ul>
  );
}
