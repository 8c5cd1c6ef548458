import { readFileSync } from 'node:fs';
import type { Version } from '../../src/core/version/version.ts';
import { readVersion } from './test-version.ts';

/** A dish as it was labelled before the code saw it. */
export interface LabelledDish {
  readonly title: string;
  readonly kind: string;
  /** Each line with the part that it plays, and what the steps do with it: `-` for none of its own. */
  readonly lines: readonly (readonly [text: string, role: string, technique: string])[];
  readonly version: Version;
}

/** The ordinary dishes of `tests/data/dishes.txt`. */
export const labelledDishes = (): LabelledDish[] =>
  readFileSync(new URL('../data/dishes.txt', import.meta.url), 'utf8')
    .split(/^== /m)
    .slice(1)
    .map((block) => {
      const [head, ...rows] = block.trim().split('\n');
      const [title, kind, servings] = head!.split(' ¦ ');
      const lines = rows.filter((r) => !r.startsWith('>')).map((r) => r.split(' ¦ ') as [string, string, string]);
      const steps = rows.filter((r) => r.startsWith('>')).map((r, i) => ({ id: `s${i}`, text: r.slice(2) }));
      const texts = lines.map(([l]) => l);
      return { title: title!, kind: kind!, lines, version: readVersion(texts, { servings: Number(servings), steps }) };
    });
