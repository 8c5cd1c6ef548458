import type { Region } from '../region/region.ts';
import { sayIn } from '../region/say-in.ts';
import { SWAPS } from './library.ts';
import type { Swap } from './swap.ts';

/** A shipped swap in a region's words; its id, foods and numbers stay. */
export function swapIn(region: Region, swap: Swap): Swap {
  const say = (text: string | null): string | null => (text === null ? null : sayIn(region, text));
  return {
    ...swap,
    name: sayIn(region, swap.name),
    method: say(swap.method),
    ...(swap.methods && { methods: swap.methods.map((m) => ({ ...m, text: sayIn(region, m.text) })) }),
    watch: say(swap.watch),
    why: sayIn(region, swap.why),
  };
}

const shipped = new Map<Region, readonly Swap[]>();
/** The shipped swaps in a region's words, the same list each time. */
export function shippedSwapsIn(region: Region): readonly Swap[] {
  const had = shipped.get(region);
  if (had !== undefined) return had;
  const said = SWAPS.map((s) => swapIn(region, s));
  shipped.set(region, said);
  return said;
}
