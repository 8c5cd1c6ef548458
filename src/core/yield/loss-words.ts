import { formatGrams, trimmed } from '../quantity/format-amount.ts';
import type { LineLoss, LossReason } from '../version/line-loss.ts';

/** Where what is not eaten stays. */
const STAYS: Readonly<Record<LossReason, string>> = {
  frying: 'stays in the pot',
  marinade: 'stays in the marinade',
  brine: 'stays in the brine',
  coating: 'is left of the coating',
  board: 'stays on the board',
  'poured-off': 'of fat is poured off',
  'cooking-water': 'goes with the water',
  trimmed: 'is trimmed off',
  'not-used': 'was not used',
  'cooked-away': 'of alcohol cooks away',
};

/** A guess is said in tens, a small one in ones. */
const roughly = (grams: number): string => trimmed(grams >= 50 ? Math.round(grams / 10) * 10 : Math.round(grams), 0);

/**
 * What is not eaten of a line, in words.
 *
 * @example lossWords(loss) // 'about 590 to 620 g stays in the pot'
 */
export function lossWords(loss: LineLoss): string {
  if (loss.high <= 0) return 'all of it is eaten';
  const range =
    loss.high - loss.low < 0.5 ? formatGrams(loss.high) : `about ${roughly(loss.low)} to ${roughly(loss.high)} g`;
  return `${range} ${STAYS[loss.why]}`;
}

/** The question that asks the cook for it. */
export const lossQuestion = (why: LossReason): string =>
  ({
    frying: 'How much fat is left in the pot after frying?',
    marinade: 'How much of it is left in the marinade?',
    brine: 'How much of it stays in the brine?',
    coating: 'How much is left over after coating?',
    board: 'How much stays on the board?',
    'poured-off': 'How much fat is poured off?',
    'cooking-water': 'How much goes away with the water?',
    trimmed: 'How much was trimmed off?',
    'not-used': 'How much of it was not used?',
    'cooked-away': 'How much of the alcohol cooked away?',
  })[why];

/** Why something is not eaten, to choose from. */
export const LOSS_CHOICES: Readonly<Record<LossReason, string>> = {
  frying: 'fat that food is fried in, swimming',
  marinade: 'a marinade that is not eaten',
  brine: 'a brine',
  coating: 'a coating of which some is left over',
  board: 'flour or sugar for the board',
  'poured-off': 'fat that is poured off',
  'cooking-water': 'salt or sugar in water that goes away',
  trimmed: 'rind, bones, edges cut off',
  'not-used': 'some was not used',
  'cooked-away': 'alcohol that cooks away',
};
