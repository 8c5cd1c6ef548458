import { fitsOf, hypothesesOf, type Teachable } from './fits.ts';
import { type Hypothesis, polytopeOf } from './hypothesis.ts';
import type { KnownFood } from './known-food.ts';

/** Known foods by their places. */
type Places = readonly number[];

/** What keeps known points from holding together. */
export interface Contradictions {
  /** Foods of no points that any rule would count: on the program's uncounted list, in all likelihood. */
  readonly uncounted: Places;
  /**
   * The fewest foods without which the rest holds together, every such set, the one first that leaves most room to the
   * rules. None where nothing contradicts.
   */
  readonly sets: readonly Places[];
}

/** More that contradict are no slips any more: another kind of rule, or another table. */
const MOST_ODD = 4;
/** More that nobody counts are looked for among those of no points. */
const MOST_UNCOUNTED = 14;
/** So many sets are looked at on the way; then it is said that nothing was found. */
const MOST_TRIED = 4000;

/**
 * Finds what keeps a table of known points from fitting any rule. Foods of no points are tried first: that a program
 * does not count them is far likelier than that they were typed wrong.
 */
export function contradictionsOf(known: readonly KnownFood[], teachable: Teachable): Contradictions {
  if (fitsOf(known, teachable).length > 0) return { uncounted: [], sets: [] };
  const zeros = fewestWithout(known, teachable, MOST_UNCOUNTED, (i) => known[i]!.points === 0);
  // One slip that explains as much as several uncounted foods is the likelier.
  const most = zeros.length === 0 ? MOST_ODD : Math.min(1, zeros[0]!.length - 1);
  const odd = most === 0 ? [] : fewestWithout(known, teachable, most, () => true);
  if (zeros.length > 0 && odd.length === 0) return { uncounted: roomiest(zeros, known, teachable)[0]!, sets: [] };
  return { uncounted: [], sets: roomiest(odd, known, teachable) };
}

/**
 * The smallest sets without which the rest holds together, level by level: from rows that cannot hold together one has
 * to go (a hitting-set tree over Farkas certificates), so that every smallest set is found.
 */
function fewestWithout(
  known: readonly KnownFood[],
  teachable: Teachable,
  most: number,
  may: (at: number) => boolean,
): Places[] {
  const hypotheses = hypothesesOf(teachable).filter((h) => known.every((k, i) => may(i) || canBe(h, k)));
  let level = hypotheses.map((hypothesis) => ({ hypothesis, sets: new Map<string, Places>([['', []]]) }));
  let tried = 0;
  for (let size = 0; size <= most; size++) {
    const found = new Map<string, Places>();
    const next: typeof level = [];
    for (const { hypothesis, sets } of level) {
      const further = new Map<string, Places>();
      for (const [key, set] of sets) {
        if (++tried > MOST_TRIED) return [...found.values()];
        const guilty = guiltyOf(hypothesis, known, teachable, new Set(set));
        if (guilty === null) found.set(key, set);
        else
          for (const i of guilty) {
            if (!may(i)) continue;
            const larger = [...set, i].sort((a, b) => a - b);
            further.set(larger.join(' '), larger);
          }
      }
      if (further.size > 0) next.push({ hypothesis, sets: further });
    }
    if (found.size > 0) return [...found.values()];
    level = next;
  }
  return [];
}

const canBe = (h: Hypothesis, food: KnownFood): boolean => polytopeOf(h, [food], []) !== null;

/** Foods of which one has to go; null where the rest holds together. */
function guiltyOf(
  hypothesis: Hypothesis,
  known: readonly KnownFood[],
  { nutrients }: Teachable,
  without: ReadonlySet<number>,
): Places | null {
  const impossible = known.findIndex((k, i) => !without.has(i) && !canBe(hypothesis, k));
  if (impossible !== -1) return [impossible];
  const rules = polytopeOf(hypothesis, known, nutrients, without)!;
  return rules.solve() ? null : rules.guilty();
}

/** Sets by the room that they leave to the rules: the more, the likelier it is them. */
function roomiest(sets: readonly Places[], known: readonly KnownFood[], teachable: Teachable): Places[] {
  const roomOf = (set: Places): number =>
    Math.max(...fitsOf(known, teachable, new Set(set)).map((f) => f.rules.room), Number.NEGATIVE_INFINITY);
  return sets
    .map((set) => ({ set, room: roomOf(set) }))
    .sort((a, b) => b.room - a.room)
    .map(({ set }) => set);
}
