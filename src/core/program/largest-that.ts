/** Halvings: from any amount of a kitchen down to what a double can tell apart. */
const HALVINGS = 60;

/**
 * The largest amount from 0 to `most` for which something holds, given that it holds at 0 and fails from some amount on.
 *
 * @returns `most` itself where it holds there, too
 * @example largestThat((g) => g * g <= 2, 10) // 1.414213562373095
 */
export function largestThat(holds: (amount: number) => boolean, most: number): number {
  if (holds(most)) return most;
  let good = 0;
  let bad = most;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (good + bad) / 2;
    if (holds(middle)) good = middle;
    else bad = middle;
  }
  return good;
}
