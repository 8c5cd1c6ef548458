import type { Fit } from './fits.ts';
import type { Hypothesis } from './hypothesis.ts';
import { randomOf } from './random-of.ts';
import { HOLDS, type Simplex } from './simplex.ts';

/** One rule of those that fit, as the variables of its hypothesis, and how much it stands for. */
export interface SampledRule {
  readonly hypothesis: Hypothesis;
  readonly point: Float64Array;
  readonly weight: number;
}

/** So many rules stand for all. */
const RULES_SAMPLED = 400;
/** A hypothesis with less of all rules than this has none of its own to speak for it. */
const LEAST_WEIGHT = 1e-4;
const FEWEST_SAMPLES = 6;
/** Steps from one sample to the next, so that they know little of each other. */
const STEPS = 4;
const NEWTON_STEPS = 40;

/** The lower triangle L of `L · Lᵀ = H`, of a matrix that has one. */
function cholesky(h: readonly Float64Array[]): Float64Array[] {
  const k = h.length;
  const l = h.map(() => new Float64Array(k));
  for (let i = 0; i < k; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = h[i]![j]!;
      for (let p = 0; p < j; p++) sum -= l[i]![p]! * l[j]![p]!;
      l[i]![j] = i === j ? Math.sqrt(Math.max(sum, 1e-30)) : sum / l[j]![j]!;
    }
  }
  return l;
}

/** `L · y = v`, then `Lᵀ · x = y`. */
function solveWith(l: readonly Float64Array[], v: ArrayLike<number>): Float64Array {
  const k = l.length;
  const y = new Float64Array(k);
  for (let i = 0; i < k; i++) {
    let sum = v[i]!;
    for (let p = 0; p < i; p++) sum -= l[i]![p]! * y[p]!;
    y[i] = sum / l[i]![i]!;
  }
  return solveTransposed(l, y);
}
function solveTransposed(l: readonly Float64Array[], v: ArrayLike<number>): Float64Array {
  const k = l.length;
  const x = new Float64Array(k);
  for (let i = k - 1; i >= 0; i--) {
    let sum = v[i]!;
    for (let p = i + 1; p < k; p++) sum -= l[p]![i]! * x[p]!;
    x[i] = sum / l[i]![i]!;
  }
  return x;
}

const innerProduct = (a: ArrayLike<number>, b: ArrayLike<number>): number => {
  let sum = 0;
  for (let j = 0; j < a.length; j++) sum += a[j]! * b[j]!;
  return sum;
};

interface Centre {
  readonly point: Float64Array;
  readonly slack: Float64Array;
  /** How the rules lie around it: the triangle of the barrier's second derivative. */
  readonly shape: readonly Float64Array[];
  /** The logarithm of how many rules there are, up to a constant. */
  readonly logVolume: number;
}

/** The point where the product of all slacks is largest, by Newton's method. */
function analyticCentre(rows: readonly Float64Array[], b: Float64Array, from: readonly number[]): Centre {
  const k = from.length;
  let point = Float64Array.from(from);
  let slack = Float64Array.from(b, (v, i) => v - innerProduct(rows[i]!, point));
  const barrier = (s: Float64Array): number => s.reduce((sum, v) => sum - Math.log(v), 0);
  let shape: Float64Array[] = [];
  for (let step = 0; step < NEWTON_STEPS; step++) {
    const slope = new Float64Array(k);
    const h = Array.from({ length: k }, () => new Float64Array(k));
    for (const [i, row] of rows.entries()) {
      const inverse = 1 / slack[i]!;
      for (let p = 0; p < k; p++) {
        const part = row[p]! * inverse;
        if (part === 0) continue;
        slope[p] = slope[p]! + part;
        for (let q = 0; q <= p; q++) h[p]![q] = h[p]![q]! + part * row[q]! * inverse;
      }
    }
    for (let p = 0; p < k; p++) for (let q = p + 1; q < k; q++) h[p]![q] = h[q]![p]!;
    shape = cholesky(h);
    const move = solveWith(shape, slope);
    const decrement = Math.sqrt(Math.max(0, innerProduct(slope, move)));
    if (decrement < 1e-6) break;
    let length = decrement < 0.25 ? 1 : 1 / (1 + decrement);
    const now = barrier(slack);
    for (let halving = 0; halving < 30; halving++) {
      const next = point.map((v, j) => v - length * move[j]!);
      const left = Float64Array.from(b, (v, i) => v - innerProduct(rows[i]!, next));
      if (left.every((v) => v > 0) && barrier(left) <= now + 1e-9) {
        point = next;
        slack = left;
        break;
      }
      length /= 2;
    }
  }
  return { point, slack, shape, logVolume: -shape.reduce((sum, row, i) => sum + Math.log(row[i]!), 0) };
}

/** A walk through the rules of one hypothesis: along a random line to a random place of it (hit and run). */
function walk(rows: readonly Float64Array[], centre: Centre, count: number, random: () => number): Float64Array[] {
  const point = centre.point.slice();
  const slack = centre.slack.slice();
  const k = point.length;
  const out: Float64Array[] = [];
  const speed = new Float64Array(rows.length);
  const gauss = (): number => Math.sqrt(-2 * Math.log(random() + 1e-300)) * Math.cos(2 * Math.PI * random());
  for (let n = 0; n < count * STEPS; n++) {
    const direction = solveTransposed(
      centre.shape,
      Array.from({ length: k }, () => gauss()),
    );
    let back = Number.NEGATIVE_INFINITY;
    let ahead = Number.POSITIVE_INFINITY;
    for (let i = 0; i < rows.length; i++) {
      const v = innerProduct(rows[i]!, direction);
      speed[i] = v;
      if (v > 1e-14) ahead = Math.min(ahead, slack[i]! / v);
      else if (v < -1e-14) back = Math.max(back, slack[i]! / v);
    }
    if (!(ahead > back) || !Number.isFinite(ahead) || !Number.isFinite(back)) continue;
    const length = back + (ahead - back) * (0.0005 + 0.999 * random());
    for (let j = 0; j < k; j++) point[j] = point[j]! + length * direction[j]!;
    for (let i = 0; i < rows.length; i++) slack[i] = Math.max(1e-13, slack[i]! - length * speed[i]!);
    if (n % STEPS === STEPS - 1) out.push(point.slice());
  }
  return out.length === 0 ? [point] : out;
}

/**
 * A point with room on all sides: the middle of the corners that are furthest in every direction. Null where there is
 * no room in some direction, as where the rules are one.
 */
function innerPoint(rules: Simplex, k: number): number[] | null {
  const sum = [...rules.centre];
  let count = 1;
  for (let j = 0; j < k; j++) {
    for (const sign of [1, -1]) {
      rules.maximise(Array.from({ length: k }, (_, i) => (i === j ? sign : 0)));
      for (const [i, v] of rules.point.entries()) sum[i] = sum[i]! + v;
      count++;
    }
  }
  const point = sum.map((v) => v / count);
  const { rows, b } = rules.inequalities();
  return rows.every((row, i) => b[i]! - innerProduct(row, point) > HOLDS) ? point : null;
}

/**
 * Rules that stand for all that fit, from every hypothesis as many as it has of them. The same table has the same.
 */
export function sampledRules(fits: readonly Fit[]): SampledRule[] {
  const random = randomOf(20_261_127);
  const centred = fits.map((fit) => {
    const { rows, b } = fit.rules.inequalities();
    const from = innerPoint(fit.rules, rows[0]!.length);
    const centre = from === null ? null : analyticCentre(rows, b, from);
    return { fit, rows, centre };
  });
  const most = Math.max(...centred.map((c) => c.centre?.logVolume ?? Number.NEGATIVE_INFINITY));
  const shares = centred.map((c) =>
    c.centre === null || !Number.isFinite(most) ? LEAST_WEIGHT : Math.exp(c.centre.logVolume - most),
  );
  const sum = shares.reduce((a, b) => a + b, 0);
  return centred.flatMap(({ fit, rows, centre }, i): SampledRule[] => {
    const share = shares[i]! / sum;
    const { hypothesis } = fit;
    if (centre === null) return [{ hypothesis, point: Float64Array.from(fit.rules.centre), weight: share }];
    const count = share < LEAST_WEIGHT ? 1 : Math.max(FEWEST_SAMPLES, Math.ceil(RULES_SAMPLED * share));
    const points = count === 1 ? [centre.point] : walk(rows, centre, count, random);
    return points.map((point) => ({ hypothesis, point, weight: share / points.length }));
  });
}
