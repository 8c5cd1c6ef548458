import type { PortionPoints, ProposeProblem } from '../../src/core/propose/problem.ts';
import { seeded } from './hard-choices.ts';

/**
 * Weeks with free places from a seed, the same in every run.
 *
 * @param small so small that a general solver proves them
 */
export function proposeWeeks(seed: number, count: number, small: boolean): ProposeProblem[] {
  const random = seeded(seed);
  const between = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
  return Array.from({ length: count }, (): ProposeProblem => {
    const eaters = small ? between(1, 2) : between(1, 5);
    const days = small ? between(2, 4) : 7;
    const recipes = small ? between(2, 4) : between(6, 14);
    const counts = Array.from({ length: eaters }, () => random() < 0.8);
    const pointsOf = (low: number, high: number): PortionPoints =>
      counts.map((c) => (random() < 0.12 ? null : c ? between(low, high) : 0));
    const grid = <T>(of: (eater: number) => T): T[][] =>
      Array.from({ length: eaters }, (_, e) => Array.from({ length: days }, () => of(e)));
    const every = Array.from({ length: eaters }, (_, eater) =>
      Array.from({ length: days }, (_, day) => ({ eater, day })),
    ).flat();
    // Some days have two free places, some none.
    const places = every
      .flatMap((p) => (random() < 0.75 ? (random() < (small ? 0.15 : 0.4) ? [p, p] : [p]) : []))
      .sort((a, b) => a.day - b.day || a.eater - b.eater);
    const cookDays = Array.from({ length: days }, (_, d) => d).filter((d) => d === 0 || random() < 0.7);
    return {
      places,
      room: grid((e) => (counts[e] ? between(4, 18) : null)),
      least: grid((e) => (counts[e] && random() < 0.5 ? between(2, 8) : null)),
      boxes: Array.from({ length: between(0, small ? 2 : 6) }, () => {
        const until = between(0, days + 3);
        return { recipe: between(0, recipes - 1), points: pointsOf(2, 9), until, spoils: until < days };
      }),
      pots: Array.from({ length: between(0, small ? 1 : 2) }, () => {
        const day = between(0, days - 1);
        return {
          recipe: between(0, recipes - 1),
          points: pointsOf(2, 9),
          day,
          until: day + between(1, 3),
          left: between(1, 4),
        };
      }),
      dishes: Array.from({ length: recipes }, (_, recipe) => ({
        recipe,
        points: pointsOf(2, 12),
        servings: between(2, small ? 4 : 8),
        keeps: between(0, 3),
        foods: Array.from({ length: between(0, 5) }, () => between(0, small ? 6 : 30)).filter(
          (f, i, all) => all.indexOf(f) === i,
        ),
      })),
      cookDays,
    };
  });
}
