import { ROLES, type Role } from '../food/food.ts';
import { SWAP_TABLE } from './library.data.ts';
import { SWAP_KINDS, type Swap, type SwapKind } from './swap.ts';

function readRow(row: string): Swap {
  const cells = row.split('|').map((c) => c.trim());
  const [id, name, kind, role, from, into, share, departure, method, watch, why] = cells as string[];
  const ok = cells.length === 11 && SWAP_KINDS.includes(kind as SwapKind) && ROLES.includes(role as Role);
  if (!ok) throw new Error(`Swap row "${id}" has the wrong form`);
  const targets = into!
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean)
    .map((t) => {
      const [foodId, ratio] = t.split(' ');
      return { foodId: foodId!, ratio: Number(ratio) };
    });
  return {
    id: id!,
    name: name!,
    kind: kind as SwapKind,
    role: role as Role,
    from: from!.split(' '),
    // A ratio of 0 says that nothing comes in for what goes: "half of the bacon".
    into: targets.filter((t) => t.ratio > 0),
    ...shareOf(share!),
    departure: Number(departure),
    method: method || null,
    watch: watch || null,
    why: why!,
  };
}

/** `0.5`, `0.5..0.75` up to three quarters, `0.5 stays 5` with 5 g left in any case. */
function shareOf(cell: string): Pick<Swap, 'share' | 'mostShare' | 'stays'> {
  const m = /^([\d.]+?)(?:\.\.([\d.]+))?(?: stays ([\d.]+))?$/.exec(cell);
  if (m === null) throw new Error(`Swap share "${cell}" has the wrong form`);
  const share = Number(m[1]);
  return { share, mostShare: Number(m[2] ?? share), stays: Number(m[3] ?? 0) };
}

/** The swaps that come with Imbiss. */
export const SWAPS: readonly Swap[] = SWAP_TABLE.trim().split('\n').map(readRow);

/** The swaps that fit a food, nearest to the family's dish first. */
export function swapsFor(foodId: string, swaps: readonly Swap[] = SWAPS): Swap[] {
  return swaps.filter((s) => s.from.includes(foodId)).sort((a, b) => a.departure - b.departure);
}
