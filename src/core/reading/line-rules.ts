import type { ReadingRule } from './rule.ts';
import { amountBehind, timesBehind } from './rules/amount-behind.ts';
import { amountInFront, oneIsMeant } from './rules/amount-in-front.ts';
import { each, ofTheFood, packedOrHeaping, sizeWords } from './rules/around-the-food.ts';
import { articleBeforeJuice, articleBeforeMeasure } from './rules/articles.ts';
import { behindComma } from './rules/behind-comma.ts';
import { bracketBehindCount, bracketBehindUnit, bracketsAnywhere } from './rules/brackets.ts';
import { aLittle, divided, optional, toTaste } from './rules/conditions.ts';
import { enough } from './rules/enough.ts';
import { furtherAmounts } from './rules/further-amounts.ts';
import { belowZero, tooLong } from './rules/kept-whole.ts';
import { emphasis, listMarks, numbering } from './rules/list-marks.ts';
import {
  countJoinedToSize,
  numberedCan,
  onePackage,
  packagesBehindCount,
  packagesOfSize,
  shareOfPackage,
  sizeOfPiece,
  sizeSaidTwice,
} from './rules/packages.ts';
import { partOfFruit } from './rules/part-of-fruit.ts';
import { perServing } from './rules/per-serving.ts';
import { preparationInFront } from './rules/preparation-in-front.ts';
import { theRest } from './rules/rest-of.ts';
import { secondFood } from './rules/second-food.ts';
import { sizeInNote } from './rules/size-in-note.ts';
import { statedEnergy } from './rules/stated-energy.ts';
import { thisOrThat } from './rules/this-or-that.ts';
import { unitBehind } from './rules/unit-behind.ts';
import { whatFor } from './rules/what-for.ts';
import { withShells } from './rules/with-shells.ts';
import { amountOfZero, noteIsTheFood, unitIsTheFood } from './rules/without-a-food.ts';

/**
 * All that the reader knows, in the order in which it is asked: first what may stand anywhere, then the amount from the
 * front inwards, then what is wrapped around the food. What no rule takes is the food.
 */
export const LINE_RULES: readonly ReadingRule[] = [
  tooLong,
  listMarks,
  emphasis,
  numbering,
  belowZero,
  toTaste,
  optional,
  divided,
  statedEnergy,
  perServing,
  theRest,
  enough,
  aLittle,
  articleBeforeJuice,
  partOfFruit,
  oneIsMeant,
  articleBeforeMeasure,
  // An amount that knows its package comes before one that does not: "14 oz can" is one can, not fourteen ounces.
  sizeSaidTwice,
  onePackage,
  shareOfPackage,
  countJoinedToSize,
  amountInFront,
  packagesBehindCount,
  numberedCan,
  packagesOfSize,
  sizeOfPiece,
  bracketBehindCount,
  bracketBehindUnit,
  furtherAmounts,
  // Only where nothing stood in front.
  amountBehind,
  timesBehind,
  bracketsAnywhere,
  each,
  ofTheFood,
  sizeWords,
  packedOrHeaping,
  secondFood,
  unitBehind,
  behindComma,
  withShells,
  whatFor,
  preparationInFront,
  thisOrThat,
  sizeInNote,
  unitIsTheFood,
  noteIsTheFood,
  amountOfZero,
];
