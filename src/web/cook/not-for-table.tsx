import { notForEater } from '../../core/cook/not-for-eater.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount } from '../context/recipe-context.ts';

/** Who at the table must not have a dish, told before anything is cut. */
export function NotForTable({ version }: { readonly version: Version }) {
  const { eaters } = useHousehold();
  const { count } = useCount(version);
  // Also what is in a stock or a dough inside.
  const foods = count.lines.flatMap((l) => l.parts.map((p) => p.food));
  const harm = eaters.flatMap((e) => notForEater(e, foods) ?? []);
  if (harm.length === 0) return null;
  return (
    <ul className="note mt-3" role="alert">
      {harm.map((h) => (
        <li key={h}>{h}</li>
      ))}
    </ul>
  );
}
