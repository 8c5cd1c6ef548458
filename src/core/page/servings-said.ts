import { normalizeText } from '../reading/normalize-text.ts';
import { readNumber } from '../reading/read-number.ts';

/** What a text says it makes. */
export interface ServingsSaid {
  /** The middle of a range; null where it makes cups, loaves or pans and nobody says how many eat of it. */
  readonly servings: number | null;
  /** The words that say so. */
  readonly words: string;
  /** What is left of the text before them. */
  readonly before: string;
}

const VERB = `(?:serves|servings|makes|yields?|feeds|enough for|portions|sufficient for|ergibt|reicht für|personen|portionen)`;
const ABOUT = String.raw`(?:about |abt\.? |approximately |approx\.? |around |roughly |ca\.? |at least |up to )?`;
/** A number of any spelling at the start. */
const NUMBER_AHEAD = String.raw`(?=\d|an? |one\b|two\b|three\b|four\b|five\b|six\b|seven\b|eight\b|nine\b|ten\b|eleven\b|twelve\b|half\b)`;
/** What is counted at a table. */
const COUNTED_AT_TABLE = `(?:servings?|portions?|people|persons?|guests|helpings?|eaters|Portionen|Personen|Stück|personnes|parts|personas|raciones|porciones|persone|porzioni|personen|porties)`;
const PIECES = `(?:slices?|pieces?|squares?|bars?|cookies?|biscuits?|muffins?|cupcakes?|rolls?|buns?|wedges?|patties|burgers?|pancakes?|waffles?|dumplings?|meatballs?|wraps?|bowls?|jars?|glasses|cups)`;

const SAYS_MAKES = new RegExp(
  String.raw`^(?:recipe )?${VERB}(?: of servings)?\s*[:=\u2013-]?\s*${ABOUT}${NUMBER_AHEAD}`,
  'i',
);
const DOUBLE_LED = new RegExp(String.raw`^(?:yields?|servings?|makes)\s*:\s*(?=${VERB}\b)`, 'i');
const COUNTED = new RegExp(
  String.raw`^(?:for |für |pour |para |per |voor )?${ABOUT}${NUMBER_AHEAD}.{1,24}\b${COUNTED_AT_TABLE}\b\s*(?:[,(.;|!].*)?$`,
  'i',
);
/** In brackets also pieces: "(9 pieces)", "(12 Stück)". */
const BRACKETED = new RegExp(String.raw`^${NUMBER_AHEAD}.{1,16}\b(?:${COUNTED_AT_TABLE}|${PIECES})$`, 'i');
/** In the middle of a line or at its end. */
const INSIDE = new RegExp(
  String.raw`[\s,;(|.\u2010-\u2015-]((?:(?:serves|servings|feeds|makes|yields?|für|pour|para|per|for)[: ]+)${ABOUT}${NUMBER_AHEAD}(?:[^()|.!?]|\.(?=\d)){1,60})\)?[.!]?$`,
  'i',
);

/** Things a recipe makes one of, or measures: they say nothing of servings. */
const NO_SERVINGS =
  /^(?:cups?|c\.|pints?|quarts?|qts?|ml|l|lit(?:er|re)s?|g|kg|oz|ounces?|lbs?|pounds?|loaf|loaves|cakes?|pies?|pans?|pots?|batch(?:es)?|tarts?|(?:large|small|big|medium|double|single) (?:loaf|cake|pie|pan|batch|tart|pot)\w*|recipe|(?:\d+|nine|eight)[ -]?(?:x|by|inch|"|cm))\b/i;
/** What is no number of servings although it stands where one would: times and heats. */
const NO_COUNT =
  /^(?:minutes?|mins?|hours?|hrs?|days?|weeks?|°|degrees?|%|points?|pts|kcal|calories|cals?|in a |reasons?|years?|things?|times?)\b/i;

const LONGEST_SERVINGS = 200;

/**
 * Servings where they stand: "Serves 8 to 10", "Yield: 6 servings (about 1½ cups each)", "makes one loaf, 12 slices",
 * "feeds six". Null when the text says none.
 *
 * @param whole whether the line has to be about servings alone; else they may stand at its end.
 */
export function servingsIn(line: string, whole: boolean): ServingsSaid | null {
  if (line.length > LONGEST_SERVINGS) return null;
  const text = line.trim().replace(/^\((.*)\)$/, '$1');
  const bracketed = text !== line.trim();
  const bare = text.replace(DOUBLE_LED, '');
  const counted = bracketed ? BRACKETED : COUNTED;
  if (SAYS_MAKES.test(bare) || (counted.test(bare) && bare.length < 60)) {
    const said = countOf(
      bare.replace(new RegExp(String.raw`^(?:recipe )?${VERB}(?: of servings)?\s*[:=\u2013-]?\s*`, 'i'), ''),
    );
    if (said !== undefined && bare.length < 90) return { servings: said, words: text, before: '' };
  }
  if (whole) return null;
  const brackets = /^(.{2,120}?)\s*\(([^()]{2,40})\)$/.exec(line);
  if (brackets !== null && BRACKETED.test(brackets[2]!)) {
    const said = countOf(brackets[2]!);
    if (said !== undefined) return { servings: said, words: brackets[2]!, before: brackets[1]! };
  }
  const inside = INSIDE.exec(line);
  if (inside === null || inside.index === 0) return null;
  const words = inside[1]!.trim();
  const said = countOf(words.replace(/^[^\s:]+[: ]+/, ''));
  const before = line.slice(0, inside.index + (line[inside.index] === '.' ? 1 : 0)).trim();
  // "Bake for 30 minutes" speaks of no servings; "cake for 8" does.
  if (said === undefined || (/^(?:for|per)\b/i.test(words) && !/^(?:for|per) \d{1,2}(?: \w+)?$/i.test(words)))
    return null;
  return { servings: said, words, before };
}

/** How many a text that begins with a number says; null for a measure, undefined when it says no number of anything. */
function countOf(text: string): number | null | undefined {
  const plain = normalizeText(text)
    .replace(new RegExp(`^(?:for |für |pour |para |per |voor )?${ABOUT}`, 'i'), '')
    .replace(/\bdoz\b\.?/i, 'dozen');
  const first = readNumber(plain);
  if (first === null || NO_COUNT.test(first.rest)) return undefined;
  const range = /^(?:-|to|or|bis)\s?/i.exec(first.rest);
  const second = range ? readNumber(first.rest.slice(range[0].length)) : null;
  const rest = second?.rest ?? first.rest;
  if (NO_COUNT.test(rest)) return undefined;
  if (NO_SERVINGS.test(rest)) {
    // "one loaf, 12 slices": the pieces say how many.
    const pieces = new RegExp(
      String.raw`[,(;]\s*(?:about )?(\d{1,3}) (?:thick |thin )?(?:${PIECES}|${COUNTED_AT_TABLE})\b`,
      'i',
    ).exec(rest);
    return pieces ? Number(pieces[1]) : null;
  }
  if (first.article && second === null) return undefined;
  return second ? (first.value + second.value) / 2 : first.value;
}
