/** What a line keeps of the swap that made it: the swap, and how much of the line it took. */
export interface SwapRef {
  readonly swapId: string;
  /** null for the swap's usual share. */
  readonly share: number | null;
  /** Whether the swap is another line's, which took this one along. */
  readonly along: boolean;
}

/** Begins the mark of a line that a swap of another one took along. */
const ALONG = '+';

/** Writes a swap into a line's `swapId`: `cream-half`, or `cream-half@0.75` for another share than the usual. */
export const swapRefOf = (swapId: string, share: number, usual: number): string =>
  Math.abs(share - usual) < 1e-9 ? swapId : `${swapId}@${Math.round(share * 1000) / 1000}`;

/** The mark of a line that went along: `+boxmix-yogurt`. */
export const alongRefOf = (swapId: string): string => `${ALONG}${swapId}`;

/** Reads a line's `swapId`. */
export function readSwapRef(mark: string | null): SwapRef | null {
  if (mark === null) return null;
  const along = mark.startsWith(ALONG);
  const [swapId, share] = (along ? mark.slice(1) : mark).split('@');
  return { swapId: swapId!, share: share === undefined ? null : Number(share), along };
}
