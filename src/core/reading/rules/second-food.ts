import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

/** The first food counts, the other is pointed out. */
export const secondFood: ReadingRule = {
  name: 'a second food with an amount of its own',
  example: '1 large egg plus 1 egg yolk',
  takes: 'plus 1 egg yolk',
  take: (d) => {
    const m = /^([^,;]+?) (?:plus|and|\+) ((?:\d|one |two |half ).+)$/i.exec(d.text);
    const second = m === null ? null : readAmount(m[2]!);
    if (m === null || d.amount === null || second === null || second.rest === '') return null;
    return {
      ...d,
      text: m[1]!,
      notes: [...d.notes, `plus ${m[2]}`],
      warnings: [...d.warnings, `This line names a second food: "${m[2]}". It is not counted yet; add a line for it.`],
    };
  },
};
