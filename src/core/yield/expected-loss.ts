import { dishKindOf } from '../dish/dish-kind.ts';
import { isDeepFryingFat } from '../dish/frying-fat.ts';
import { isFat } from '../dish/is-fat.ts';
import { sentencesNaming, useOfLine } from '../dish/technique.ts';
import type { Food } from '../food/food.ts';
import type { Interval } from '../quantity/interval.ts';
import type { LineLoss, LossReason } from '../version/line-loss.ts';
import type { Line, Version } from '../version/version.ts';

/*
 * Shares that are left behind. All of it is common practice but the fat of browned mince: 100 g of raw 80 % lean beef
 * have 20 g fat, and the 69 g of drained crumbles that it makes 12 g (from memory of the USDA's food tables), so two
 * fifths are poured off. Raw bacon has 40 g, the 30 g that it fries to 12 g.
 */
const LEFT: Readonly<Record<'marinade' | 'brine' | 'coating' | 'board' | 'cooking-water', Interval>> = {
  marinade: { low: 0.65, high: 0.9 },
  brine: { low: 0.85, high: 0.97 },
  coating: { low: 0.2, high: 0.5 },
  board: { low: 0.4, high: 0.8 },
  'cooking-water': { low: 0.85, high: 0.97 },
};
/** What fried food takes up: of the fat, and at least of the food's own weight. */
const TAKEN_UP = { ofFat: { low: 0.1, high: 0.15 }, ofFood: { low: 0.05, high: 0.1 } };
const POURED_OFF = { ground: { low: 0.3, high: 0.45 }, bacon: { low: 0.6, high: 0.75 } };
/** A coating of less than this goes along with the meat, g. */
const COATING_G = 60;
/** Meat with less fat than this gives none to pour off, g in 100 g. */
const FATTY = 8;

const MARINADE = /\bmarinad/i;
const BRINE = /\bbrine\b/i;
const KEEPS_MARINADE =
  /\b(?:pour|add|with|boil|simmer|reduce|baste|brush|reserved?|return)\b[^.]*\bmarinade\b|\bmarinade\b[^.]*\b(?:boil|simmer|sauce|over)\b|\bundrained\b/i;
const SOAKED_MEAT =
  /\b(?:soak|marinate|leave|lay|put|turn|cover)\b[^.]*\b(?:chicken|turkey|pork|beef|lamb|fish|liver|prawns?|shrimps?|drumsticks|thighs|wings|breasts|pieces|meat)\b/i;
const LIFTED_OUT = /\b(?:drain|lift|take|shake|discard|pat|remove)\b/i;
const ON_THE_BOARD = /\bfor (?:dusting|the (?:board|counter|(?:work )?surface|table)|rolling|kneading|flouring)\b/i;
const FOR_WATER = /\bfor (?:the )?(?:(?:pasta|cooking|boiling|noodle|potato|blanching) ?)?water\b/i;
const POURS_FAT =
  /\b(?:drain|pour|spoon|skim)\b[^.]*\b(?:off|away)\b[^.]*\b(?:fat|grease|drippings)\b|\b(?:drain|pour|spoon|skim)(?:ing)? (?:off |away )?(?:the |any |all |excess )*(?:excess )?(?:fat|grease|drippings)\b|\bdrain (?:the )?(?:beef|meat|mince|sausage|bacon|turkey|pork)\b|\bdrain on (?:kitchen |paper )/i;
const KEEPS_FAT = /\b(?:do not|don['’]t|without) (?:drain|pour)/i;

/** What of a line is expected not to be eaten, by its words and what the steps do with it; null where all of it is. */
export function expectedLoss(
  line: Line,
  version: Version,
  food: (id: string) => Food | null,
  title = '',
): LineLoss | null {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const grams = line.weight?.grams ?? 0;
  if (own === null || line.leftOut || !(grams > 0)) return null;
  const words = `${line.group ?? ''} ${line.text} ${line.note ?? ''}`;
  const of = (why: keyof typeof LEFT): LineLoss => expected(why, LEFT[why], grams);
  if (isDeepFryingFat(line, version, isFat, own)) return fryingLoss(line, version, grams);
  if (ON_THE_BOARD.test(words)) return of('board');
  if (FOR_WATER.test(words)) return of('cooking-water');
  const steps = version.steps.map((s) => s.text).join('\n');
  if (BRINE.test(words)) return of('brine');
  const dish = dishKindOf(version, title, food);
  const { technique } = useOfLine(line, version, dish, food);
  const isMeat = own.roles[0] === 'protein' && !own.kinds.includes('egg');
  if (!isMeat && (technique === 'marinate' || MARINADE.test(words)) && !KEEPS_MARINADE.test(steps))
    return of('marinade');
  if (technique === 'soak' && own.roles[0] === 'creaminess' && isForMeat(line, version, own)) return of('marinade');
  if ((technique === 'dredge' || technique === 'bread') && !isMeat && grams >= COATING_G) return of('coating');
  return pouredOff(version, line, own, grams, steps);
}

const expected = (why: LossReason, share: Interval, grams: number): LineLoss => ({
  why,
  low: share.low * grams,
  high: share.high * grams,
  answered: false,
});

/** What is left in the pot of a fat that food swims in. */
function fryingLoss(line: Line, version: Version, grams: number): LineLoss {
  const fried = version.lines
    .filter((l) => l.id !== line.id && !l.leftOut)
    .reduce((g, l) => g + (l.weight?.grams ?? 0), 0);
  const up = (which: 'low' | 'high'): number =>
    Math.min(grams, Math.max(TAKEN_UP.ofFat[which] * grams, TAKEN_UP.ofFood[which] * fried));
  return { why: 'frying', low: grams - up('high'), high: grams - up('low'), answered: false };
}

/** Whether meat or fish lies in a line and is lifted out of it. */
function isForMeat(line: Line, version: Version, own: Food): boolean {
  const at = sentencesNaming(line, version, own);
  return at.some((s) => SOAKED_MEAT.test(s.text)) && version.steps.some((s) => LIFTED_OUT.test(s.text));
}

/** The fat that is poured off browned meat; null where none is. */
function pouredOff(version: Version, line: Line, own: Food, grams: number, steps: string): LineLoss | null {
  const fat = own.per100g.fat.value ?? 0;
  const isBacon = /^bacon(?!-cooked|-back|-turkey)/.test(own.id);
  const gives = isBacon || own.kinds.includes('ground') || own.kinds.includes('sausage');
  if (!gives || fat < FATTY || !POURS_FAT.test(steps) || KEEPS_FAT.test(steps)) return null;
  if (sentencesNaming(line, version, own).length === 0) return null;
  return expected('poured-off', isBacon ? POURED_OFF.bacon : POURED_OFF.ground, (grams * fat) / 100);
}

/** A version whose lines say what of them is expected not to be eaten, where nobody said it yet. */
export function withExpectedLosses(version: Version, food: (id: string) => Food | null, title = ''): Version {
  const lines = version.lines.map((l) => {
    const loss = l.loss ?? expectedLoss(l, version, food, title);
    return loss === l.loss ? l : { ...l, loss };
  });
  return lines.every((l, i) => l === version.lines[i]) ? version : { ...version, lines };
}
