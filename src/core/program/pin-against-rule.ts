import type { Food } from '../food/food.ts';
import { exampleOf } from './food-example.ts';
import { formatPoints } from './format-points.ts';
import { type Pin, type Program, plainCounter } from './program.ts';

/** What a program's rule and list would say of a pinned amount, and how far the pin is from that. */
export interface PinBesideRule {
  readonly bySelf: number;
  /** Points that the pin is above the rule; below 0 under it. */
  readonly apart: number;
}

/** A pin checked against the rule that it overrides. It never changes the rule. */
export function pinAgainstRule(pin: Pin, food: Food, program: Program): PinBesideRule {
  const bySelf = exampleOf(food, pin.grams, plainCounter(program)).points;
  return { bySelf, apart: pin.points - bySelf };
}

/** The same in words. @example 'The rule says 3: yours is 1 less.' */
export function pinAgainstRuleWords(pin: Pin, food: Food, program: Program): string {
  const { bySelf, apart } = pinAgainstRule(pin, food, program);
  const { listing } = exampleOf(food, pin.grams, plainCounter(program));
  if (Math.abs(apart) < 1e-9) return 'The rule says the same.';
  const says = listing.uncounted
    ? `The list says that it does not count (${listing.words})`
    : `The rule says ${formatPoints(bySelf)}`;
  return `${says}: yours is ${formatPoints(Math.abs(apart))} ${apart > 0 ? 'more' : 'less'}.`;
}
