import { roundPoints } from '../program/rule.ts';
import type { Aim } from './aim.ts';
import { search } from './search.ts';
import type { SearchModel } from './search-model.ts';
import type { Obstacle, Way } from './way.ts';

/** What stands in the way of an aim, and the closest way to it. */
export function obstacleOf(bench: SearchModel, aim: Aim, stop: (() => boolean) | undefined): Obstacle {
  const words = obstacleWords(bench, aim, stop);
  return { words, closest: bench.choices.some((l) => l.choices.length === 0) ? null : closestTo(bench, aim, stop) };
}

/** What stands in the way of an aim, in words. */
export function obstacleWords(bench: SearchModel, aim: Aim, stop: (() => boolean) | undefined): string[] {
  const words: string[] = [];
  const blocked = bench.choices.find((l) => l.choices.length === 0);
  if (blocked) {
    words.push(
      `${blocked.item} must go (${blocked.mustGo.join('; ')}), and ${blocked.kept ? 'it is kept' : 'nothing known stands in for it'}.`,
    );
    return words;
  }
  bench.counters.forEach((counter, i) => {
    const most = aim.points[i] ?? null;
    if (most === null) return;
    const least =
      bench.base.raw[i]! + bench.choices.reduce((s, l) => s + Math.min(...l.choices.map((c) => c.raw[i]!)), 0);
    const points = counter.program.by === 'items' ? least : roundPoints(least, counter.program.rule);
    if (points <= most) return;
    const heavy = bench.choices
      .map((l) => ({ l, raw: Math.min(...l.choices.map((c) => c.raw[i]!)) }))
      .filter((x) => x.raw > 0.05)
      .sort((a, b) => b.raw - a.raw)
      .slice(0, 3)
      .map(({ l }) => (l.kept ? `${l.item} (kept)` : l.item));
    words.push(
      `Under ${counter.program.mark} it comes to ${points} at the least: ${heavy.length > 0 ? `${heavy.join(', ')} still count` : 'what cannot be changed counts'}.`,
    );
  });
  const loosened: [keyof Aim, string][] = [
    ['changes', 'More lines have to change than you allow.'],
    ['grams', 'A serving would weigh less than you want.'],
    ['protein', 'There would be less protein than you want.'],
    ['kcal', 'The calories do not come down that far.'],
    ['sodium', 'There would be more sodium than you want.'],
  ];
  if (words.length === 0) {
    for (const [key, why] of loosened) {
      if (aim[key] === null) continue;
      if (search(bench, { ...aim, [key]: null }, bench.choices, stop).way !== null) words.push(why);
    }
    for (const limit of bench.limits) {
      const freer = { ...bench, limits: bench.limits.filter((l) => l !== limit) };
      if (search(freer, aim, bench.choices, stop).way !== null && !words.includes(limit.why)) words.push(limit.why);
    }
    if (words.length === 0) words.push('Each limit can be met, but not all of them together.');
  }
  return words;
}

/** The way nearest to the aim: every counter a step looser at a time, until one is found. */
function closestTo(bench: SearchModel, aim: Aim, stop: (() => boolean) | undefined): Way | null {
  for (let more = 1; more <= 40; more++) {
    if (stop?.()) return null;
    const looser: Aim = {
      points: aim.points.map((p, i) => (p === null ? null : p + more * bench.counters[i]!.program.rule.step)),
      kcal: aim.kcal === null ? null : aim.kcal * (1 + more * 0.05),
      sodium: aim.sodium === null ? null : aim.sodium * (1 + more * 0.05),
      protein: aim.protein === null ? null : aim.protein * Math.max(0, 1 - more * 0.05),
      grams: aim.grams === null ? null : aim.grams * Math.max(0, 1 - more * 0.05),
      changes: aim.changes === null ? null : aim.changes + more,
    };
    const { way } = search(bench, looser, bench.choices, stop);
    if (way !== null) return way;
  }
  return null;
}
