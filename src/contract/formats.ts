import type { Food } from '../core/food/food.ts';
import { withinMost } from '../core/food/nutrients.ts';

/**
 * The formats of what is stored as JSON. A stored document says in `v` which one it has; one without is of the first.
 * Older ones are upgraded when they are read, step by step, by the functions here, and never rewritten.
 */
type Upgrade = (stored: Record<string, unknown>) => Record<string, unknown>;

/** For each kind: what leads from format 1 to 2, from 2 to 3, and so on. */
const UPGRADES = {
  /** 1 → 2: no amount is more than 100 g can hold. */
  food: [(f) => ({ ...f, per100g: withinMost((f as unknown as Food).per100g) })],
  program: [],
  /** 1 → 2: kits beside dishes, wedges beside rows and columns, something beside the dish. */
  cook: [
    (c) => ({
      as: 'cooked',
      beside: {},
      tookStock: false,
      minutes: null,
      verdicts: {},
      ...c,
      out: withCutShape(c.out as StoredOutcome | null),
      frozen: c.frozen === null ? null : { servings: null, raw: null, ...(c.frozen as object) },
    }),
    // 2 → 3: what goes on at the stove.
    (c) => ({ begun: null, table: null, ticks: {}, timers: {}, weighed: {}, otherWay: null, ...c }),
  ],
  /** 1 → 2: kinds of boxes, kits, what is packed apart. */
  box: [(b) => ({ kindId: null, as: 'cooked', apart: [], ...b })],
  'box-kind': [],
  trip: [],
  prep: [],
  outside: [],
  sheet: [],
  entry: [],
  feast: [],
  swap: [],
  verdict: [],
  /** 1 → 2: options for the plate. 2 → 3: raw counts for readers, of which nobody knows any here. */
  card: [
    (c) => ({ options: [], ...c }),
    (c) => ({ reader: null, ...c }),
    // 3 → 4: what its cook chose to pass on.
    (c) => ({
      ...{ revision: null, words: null, picture: null, label: null, corrected: null },
      shows: (c.credit as { whose: string }).whose === 'other' ? 'changes' : 'whole',
      ...c,
      ingredients: (c.ingredients as object[]).map((i) => ({ any: null, offers: [], asks: null, ...i })),
    }),
  ],
  /** 1 → 2: an amount lies between its least and its most, and every line has an id of its own. */
  version: [(v) => ({ ...v, lines: distinctLines(v.lines as StoredLine[]).map(orderedWeight) })],
} satisfies Record<string, readonly Upgrade[]>;

export type StoredKind = keyof typeof UPGRADES;

/** The newest format of a kind. */
export const formatOf = (kind: StoredKind): number => UPGRADES[kind].length + 1;

/** A stored document in the newest format. Pure; what is newest already comes back as it is. */
export function upgraded(kind: StoredKind, stored: Record<string, unknown>, v: number): Record<string, unknown> {
  return (UPGRADES[kind] as readonly Upgrade[]).slice(v - 1).reduce((document, upgrade) => upgrade(document), stored);
}

interface StoredOutcome {
  readonly cut: object | null;
}

const withCutShape = (out: StoredOutcome | null): StoredOutcome | null =>
  out === null || out.cut === null ? out : { ...out, cut: { shape: 'grid', ...out.cut } };

interface StoredLine {
  readonly id: string;
  readonly weight: { readonly grams: number; readonly low: number; readonly high: number } | null;
}

function distinctLines(lines: readonly StoredLine[]): StoredLine[] {
  const seen = new Set<string>();
  return lines.map((line) => {
    let id = line.id;
    for (let n = 2; seen.has(id); n++) id = `${line.id}-${n}`;
    seen.add(id);
    return id === line.id ? line : { ...line, id };
  });
}

function orderedWeight(line: StoredLine): StoredLine {
  const w = line.weight;
  if (w === null || (w.low <= w.grams && w.grams <= w.high)) return line;
  return { ...line, weight: { ...w, low: Math.min(w.low, w.grams), high: Math.max(w.high, w.grams) } };
}
