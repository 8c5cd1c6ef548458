/** How many letters may be wrong in a word of this length: none in short ones, for those are other words. */
const mayDiffer = (length: number): number => (length >= 8 ? 2 : length >= 5 ? 1 : 0);

/**
 * The known word that a mistyped one means: one letter off from five letters on, two from eight. Null when none is
 * that near, or when the word is short.
 *
 * @example nearestWord('zuchini', ['zucchini', 'zest']) // 'zucchini'
 */
export function nearestWord(word: string, known: Iterable<string>): string | null {
  const most = mayDiffer(word.length);
  if (most === 0 || !/^[a-z]+$/.test(word)) return null;
  let best: string | null = null;
  let bestOff = most + 1;
  for (const k of known) {
    if (Math.abs(k.length - word.length) > most || k[0] !== word[0]) continue;
    const off = distance(word, k, bestOff);
    if (off < bestOff) {
      best = k;
      bestOff = off;
    }
  }
  return best;
}

/** Letters to change, add, drop or swap with their neighbour, up to `limit` (optimal string alignment). */
function distance(a: string, b: string, limit: number): number {
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    let least = i;
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let d = Math.min(row[j - 1]! + 1, last[j]! + 1, last[j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) d = Math.min(d, before[j - 2]! + 1);
      row.push(d);
      least = Math.min(least, d);
    }
    if (least >= limit) return limit;
    before = last;
    last = row;
  }
  return last[b.length]!;
}
