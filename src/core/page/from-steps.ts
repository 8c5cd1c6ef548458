import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';

/** Where one thing ends and the next begins in an instruction. */
const CLAUSE = /[,;:]\s+(?:and\s+)?|\.\s+|\s+(?:and|with|plus|into|over|then)\s+|\s+in\s+(?=\d|[½⅓⅔¼¾⅛])/i;
/** The first amount of a clause. */
const AMOUNT_AT = /(?:^|\s)(?=\d|[½⅓⅔¼¾⅛]|half an? |(?:an?|one|two|three|four|five|six|eight|ten) [a-z])/gi;
/** What behind an amount is no food: times, heats, vessels, shapes, shares. */
const NO_FOOD_IN_STEP =
  /^(?:each|more|extra|chopped|diced|sliced|minced|grated|shredded|divided|drained|packed|total|or|to|for|at|in|on|of|by|until|till?|minutes?|mins?|hours?|hrs?|seconds?|secs?|days?|degrees?|°|º|%|f\b|c\b|times?|sides?|speed|sided|x|inch|inches|cm|mm|parts?|portions?|pieces?|equal|balls?|layers?|slices?|servings?|bowls?|pans?|skillets?|pots?|oven|sheets?|tins?|ramekins?|muffin|cupcake|loaf|medium|small|large|big|deep|clean|separate|second|third|hot|wide|heavy|jars?|few minutes|bit|while|time|little (?:more|while|longer)|lid|spoon|fork|whisk|boil|simmer|baking (?:dish|sheet|pan|tray|tin)s?|casserole|dish|saucepan|food processor|blender|mixer|gas|golden|way|third|half|quarter|thirds|fourths)\b/i;
const NO_UNIT: ReadonlySet<string> = new Set(['second', 'inch', 'centimeter']);
/** Where the name of a food ends. */
const NAME_ENDS =
  /\s(?:on|in|at|into|onto|over|until|for|together|through|from|to|so|while|if|when|as|by|around|per|each|across|evenly|well|again|off|out|up|down|all|is|are|it|them|well|just|before|after)\b.*$/i;

/**
 * The ingredients that an instruction names with their amounts: "Whisk 2 cups flour with 1 tbsp sugar in a bowl". A
 * lone article is no amount ("in a bowl"), but before a measure.
 *
 * @example ingredientsInStep('Beat 2 eggs with 1 cup milk until foamy.') // ['2 eggs', '1 cup milk']
 */
export function ingredientsInStep(step: string): string[] {
  if (step.length > 2000) return [];
  return normalizeText(step)
    .replace(/\([^()]{0,80}\)/g, (b) => (/\d\s?(?:oz|g|ml|lb)/i.test(b) ? b : ''))
    .split(CLAUSE)
    .flatMap((clause) => amountNamed(clause) ?? []);
}

function amountNamed(clause: string): string | null {
  for (const m of clause.matchAll(AMOUNT_AT)) {
    const words = clause.slice(m.index).trim();
    const amount = readAmount(words);
    if (amount === null || NO_UNIT.has(amount.unit ?? '')) continue;
    const article = /^an? /i.test(words) && amount.unit === null;
    const named =
      /^(?:of )?[a-z(]/i.test(amount.rest) && !NO_FOOD_IN_STEP.test(amount.rest.replace(/^of (?:the )?/i, ''));
    if (article || !named) continue;
    return words
      .replace(NAME_ENDS, '')
      .replace(/[.!,]+$/, '')
      .trim();
  }
  return null;
}
