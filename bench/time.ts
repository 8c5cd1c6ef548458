/** Median and slowest milliseconds of a call, after a warm-up. */
export async function time(
  work: (round: number) => unknown,
  rounds: number,
): Promise<{ readonly median: number; readonly slowest: number }> {
  for (let i = 0; i < Math.min(20, rounds); i++) await work(i);
  const times: number[] = [];
  for (let i = 0; i < rounds; i++) {
    const t = performance.now();
    await work(i);
    times.push(performance.now() - t);
  }
  times.sort((a, b) => a - b);
  return { median: times[Math.floor(rounds / 2)]!, slowest: times[rounds - 1]! };
}
