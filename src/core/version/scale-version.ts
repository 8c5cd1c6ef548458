import type { Change } from './entry.ts';
import { lineChange } from './entry.ts';
import { scaledLoss } from './line-loss.ts';
import { scaledStep } from './scale-step.ts';
import { isPerServing } from './tie-lines.ts';
import type { Line, Version } from './version.ts';
import { wordsOfLine } from './words-of-line.ts';

/**
 * The changes that make a version for another number of servings: every amount times the same factor, written as
 * people write it. A count that does not divide (1½ eggs) is told in grams too. Servings stay as nobody said them when
 * there are none; then there is nothing to scale from.
 */
export function scaleChanges(version: Version, servings: number): Change[] {
  if (version.servings === null) return [];
  return scaleChangesBy(version, servings / version.servings);
}

/**
 * The changes that make so many times a version: for another pan (see pan.ts), half a package, a double batch.
 * Servings go along, where there are any.
 */
export function scaleChangesBy(version: Version, factor: number): Change[] {
  if (!(factor > 0) || Math.abs(factor - 1) < 1e-9) return [];
  const lines = version.lines.flatMap((l) => {
    const scaled = scaledLine(l, factor);
    return scaled === l ? [] : [lineChange(version, l.id, scaled)];
  });
  const steps = version.steps.map((s) => ({ ...s, text: scaledStep(s.text, factor) }));
  const changed = steps.some((s, i) => s.text !== version.steps[i]!.text);
  const changes: Change[] = changed ? [...lines, { kind: 'steps', before: version.steps, after: steps }] : lines;
  if (version.servings === null) return changes;
  const after = Math.min(500, Math.round(version.servings * factor * 1e6) / 1e6);
  return [{ kind: 'servings', before: version.servings, after }, ...changes];
}

/** A line of so many times as much, in the words that people would write. */
export function scaledLine(line: Line, factor: number): Line {
  if (line.amount === null && line.weight === null) return line;
  const weight = line.weight && {
    ...line.weight,
    grams: line.weight.grams * factor,
    low: line.weight.low * factor,
    high: line.weight.high * factor,
  };
  const loss = scaledLoss(line.loss, factor);
  // What is for each serving stays as it is written: there are more of them.
  if (line.amount === null || isPerServing(line)) return { ...line, weight, loss };
  const times = (q: number | null): number | null => (q === null ? null : q * factor);
  const scaled: Line = {
    ...line,
    weight,
    loss,
    amount: {
      quantity: line.amount.quantity * factor,
      quantityMax: times(line.amount.quantityMax),
      unit: line.amount.unit,
    },
    read: line.read && {
      ...line.read,
      parts: line.read.parts.map((p) => ({ ...p, quantity: p.quantity * factor, quantityMax: times(p.quantityMax) })),
    },
  };
  return { ...scaled, text: wordsOfLine(scaled, line.amount.quantityMax ?? line.amount.quantity) };
}
