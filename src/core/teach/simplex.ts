/** Steps without getting on, after which the first possible way is taken and not the best: it cannot go in circles. */
const STALLS = 30;
/** Steps after which what was carried along is worked out anew. */
const REFRESH = 64;
const PIVOT_TOLERANCE = 1e-11;
/** Rows that are missed by no more than this hold: doubles hold no more of sums of this size. */
export const HOLDS = 1e-9;

/**
 * Linear programs over a handful of variables and many rows: `row · x ≤ b`, `0 ≤ x ≤ most`. Walks from vertex to vertex
 * in the space of the variables, so that the next question begins where the last one ended: ranges of hundreds of foods
 * cost a few steps each.
 *
 * One more variable `t` lets every row be missed by the same amount. Its least value tells whether the rows can hold
 * together, and is kept at most that from then on.
 */
export class Simplex {
  readonly #k: number;
  readonly #n: number;
  /** Rows of `n` numbers each: first the bounds of x and of t, then what was added. */
  readonly #a: number[] = [];
  readonly #b: number[] = [];
  readonly #names: number[] = [];
  #active: number[] = [];
  #isActive: boolean[] = [];
  /** The inverse of the active rows, row by row. */
  #inverse: Float64Array;
  #z: Float64Array;
  #solved = false;
  #least = 0;
  #centre: number[] = [];

  /** @param most the most that each variable may be */
  constructor(most: readonly number[]) {
    this.#k = most.length;
    this.#n = this.#k + 1;
    this.#inverse = new Float64Array(this.#n * this.#n);
    this.#z = new Float64Array(this.#n);
    const t = this.#k;
    for (let j = 0; j < this.#k; j++) this.#push([[j, -1]], 0, -1);
    for (let j = 0; j < this.#k; j++) this.#push([[j, 1]], most[j]!, -1);
    // What is missed by less than nothing is room; more than this much of it tells nothing.
    this.#push([[t, -1]], 1, -1);
    // Closed when it is known how little has to be missed.
    this.#push([[t, 1]], Number.MAX_VALUE, -1);
  }

  /** Adds a row. @param name what `guilty` calls it */
  add(row: ArrayLike<number>, b: number, name: number): void {
    const entries: [number, number][] = [];
    for (let j = 0; j < this.#k; j++) if (row[j] !== 0) entries.push([j, row[j]!]);
    entries.push([this.#k, -1]);
    this.#push(entries, b, name);
    this.#solved = false;
  }

  #push(entries: readonly (readonly [number, number])[], b: number, name: number): void {
    const at = this.#a.length;
    for (let j = 0; j < this.#n; j++) this.#a.push(0);
    for (const [j, v] of entries) this.#a[at + j] = v;
    this.#b.push(b);
    this.#names.push(name);
    this.#isActive.push(false);
  }

  /** How many rows there are, with the bounds. */
  get rows(): number {
    return this.#b.length;
  }

  /** The room that every row has at the point that has most of it; below 0 where they cannot hold together. */
  get room(): number {
    return -this.#least;
  }

  /** After `solve`: the point from which every row has at least `room`. */
  get centre(): readonly number[] {
    return this.#centre;
  }

  /** Every row and bound of the variables, as `row · x ≤ b`, without what may be missed. */
  inequalities(): { readonly rows: Float64Array[]; readonly b: Float64Array } {
    const kept = [...this.#b.keys()].filter((i) => i < 2 * this.#k || i > 2 * this.#k + 1);
    return {
      rows: kept.map((i) => Float64Array.from(this.#a.slice(i * this.#n, i * this.#n + this.#k))),
      b: Float64Array.from(kept.map((i) => this.#b[i]!)),
    };
  }

  /** Whether all rows can hold together. From then on `maximise` may be asked. */
  solve(): boolean {
    const t = this.#k;
    const closing = 2 * this.#k + 1;
    this.#b[closing] = Number.MAX_VALUE;
    // Begins at nothing of anything, with the row that is missed most there.
    let worst = 2 * this.#k;
    for (let i = closing + 1; i < this.rows; i++) if (-this.#b[i]! > -this.#b[worst]!) worst = i;
    this.#active = [...Array.from({ length: this.#k }, (_, j) => j), worst];
    this.#isActive.fill(false);
    for (const i of this.#active) this.#isActive[i] = true;
    this.#refresh();
    const goal = new Float64Array(this.#n);
    goal[t] = -1;
    this.#climb(goal);
    this.#least = this.#z[t]!;
    this.#centre = this.point;
    if (this.#least > HOLDS) return false;
    this.#b[closing] = Math.max(0, this.#least);
    this.#solved = true;
    return true;
  }

  /** The most of `goal · x`. @throws Error when the rows were not solved, or cannot hold */
  maximise(goal: ArrayLike<number>): number {
    if (!this.#solved) throw new Error('What cannot hold together has no most.');
    const whole = new Float64Array(this.#n);
    for (let j = 0; j < this.#k; j++) whole[j] = goal[j]!;
    this.#climb(whole);
    let sum = 0;
    for (let j = 0; j < this.#k; j++) sum += goal[j]! * this.#z[j]!;
    return sum;
  }

  /** Where the last question ended. */
  get point(): number[] {
    return [...this.#z.subarray(0, this.#k)];
  }

  /** The rows that hold the last answer, by their names. */
  standsOn(): number[] {
    return this.#active.map((i) => this.#names[i]!).filter((name) => name >= 0);
  }

  /**
   * Rows that cannot hold together, by their names, after `solve` said so: some of these have to go. They are those that
   * hold the least miss up (Farkas).
   */
  guilty(): number[] {
    const names = new Set<number>();
    for (let i = 0; i < this.#n; i++) {
      const name = this.#names[this.#active[i]!]!;
      // The goal is -t: a row's part in it is what the inverse has for t, turned round.
      if (name >= 0 && -this.#inverse[this.#k * this.#n + i]! > PIVOT_TOLERANCE) names.add(name);
    }
    return [...names];
  }

  #climb(goal: Float64Array): void {
    const n = this.#n;
    const inverse = this.#inverse;
    let stalled = 0;
    let scale = 1e-12;
    for (let j = 0; j < n; j++) scale = Math.max(scale, Math.abs(goal[j]!));
    for (let step = 1; step < 50_000; step++) {
      if (step % REFRESH === 0) this.#refresh();
      // What each active row holds back; one that holds nothing back is left.
      let leaving = -1;
      let worst = -PIVOT_TOLERANCE * scale;
      for (let i = 0; i < n; i++) {
        let held = 0;
        for (let j = 0; j < n; j++) held += goal[j]! * inverse[j * n + i]!;
        if (held >= worst) continue;
        leaving = i;
        if (stalled > STALLS) break;
        worst = held;
      }
      if (leaving === -1) return;
      if (stalled > STALLS) leaving = this.#firstThatHoldsBack(goal, PIVOT_TOLERANCE * scale);
      const direction = this.#direction;
      for (let j = 0; j < n; j++) direction[j] = -inverse[j * n + leaving]!;
      const entering = this.#firstMet(direction);
      if (entering === -1) throw new Error('A linear program without bounds.');
      const length = this.#lengthTo(entering, direction);
      stalled = length > 1e-13 ? 0 : stalled + 1;
      for (let j = 0; j < n; j++) this.#z[j] = this.#z[j]! + length * direction[j]!;
      this.#replace(leaving, entering);
    }
    throw new Error('A linear program that does not end.');
  }

  /** By Bland's rule: of the rows that hold nothing back, the one that was there first. */
  #firstThatHoldsBack(goal: Float64Array, tolerance: number): number {
    let found = -1;
    for (let i = 0; i < this.#n; i++) {
      let held = 0;
      for (let j = 0; j < this.#n; j++) held += goal[j]! * this.#inverse[j * this.#n + i]!;
      if (held < -tolerance && (found === -1 || this.#active[i]! < this.#active[found]!)) found = i;
    }
    return found;
  }

  readonly #direction = new Float64Array(16);

  #dot(row: number, v: ArrayLike<number>): number {
    const at = row * this.#n;
    let sum = 0;
    for (let j = 0; j < this.#n; j++) sum += this.#a[at + j]! * v[j]!;
    return sum;
  }

  #lengthTo(row: number, direction: ArrayLike<number>): number {
    return Math.max(0, (this.#b[row]! - this.#dot(row, this.#z)) / this.#dot(row, direction));
  }

  /** The row that is met first on the way; of several at once the one that was there first. */
  #firstMet(direction: ArrayLike<number>): number {
    let first = -1;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < this.rows; i++) {
      if (this.#isActive[i]) continue;
      const speed = this.#dot(i, direction);
      if (speed <= PIVOT_TOLERANCE) continue;
      const length = Math.max(0, (this.#b[i]! - this.#dot(i, this.#z)) / speed);
      if (length < least - 1e-15) {
        least = length;
        first = i;
      }
    }
    return first;
  }

  #replace(leaving: number, entering: number): void {
    const n = this.#n;
    const inverse = this.#inverse;
    const parts = this.#parts;
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let j = 0; j < n; j++) sum += this.#a[entering * n + j]! * inverse[j * n + i]!;
      parts[i] = sum;
    }
    const pivot = parts[leaving]!;
    for (let j = 0; j < n; j++) {
      const at = j * n;
      const turned = inverse[at + leaving]! / pivot;
      for (let i = 0; i < n; i++) if (i !== leaving) inverse[at + i] = inverse[at + i]! - turned * parts[i]!;
      inverse[at + leaving] = turned;
    }
    this.#isActive[this.#active[leaving]!] = false;
    this.#isActive[entering] = true;
    this.#active[leaving] = entering;
  }
  readonly #parts = new Float64Array(16);

  /** Works the inverse and the point out anew from the active rows (Gauss and Jordan). */
  #refresh(): void {
    const n = this.#n;
    const m = Array.from({ length: n }, (_, i) => {
      const row = new Float64Array(2 * n);
      for (let j = 0; j < n; j++) row[j] = this.#a[this.#active[i]! * n + j]!;
      row[n + i] = 1;
      return row;
    });
    for (let c = 0; c < n; c++) {
      let best = c;
      for (let i = c + 1; i < n; i++) if (Math.abs(m[i]![c]!) > Math.abs(m[best]![c]!)) best = i;
      [m[c], m[best]] = [m[best]!, m[c]!];
      const pivot = m[c]![c]!;
      for (let j = 0; j < 2 * n; j++) m[c]![j] = m[c]![j]! / pivot;
      for (let i = 0; i < n; i++) {
        const times = m[i]![c]!;
        if (i === c || times === 0) continue;
        for (let j = 0; j < 2 * n; j++) m[i]![j] = m[i]![j]! - times * m[c]![j]!;
      }
    }
    for (let j = 0; j < n; j++) {
      for (let i = 0; i < n; i++) this.#inverse[j * n + i] = m[j]![n + i]!;
      let sum = 0;
      for (let i = 0; i < n; i++) sum += this.#inverse[j * n + i]! * this.#b[this.#active[i]!]!;
      this.#z[j] = sum;
    }
  }
}
