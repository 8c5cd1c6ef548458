import { mentionsOf } from '../steps/mentions.ts';
import type { StepAtStove } from '../stove/steps-at-stove.ts';
import { namesOf } from '../version/step-uses.ts';
import type { Line, Version } from '../version/version.ts';
import { isCutting } from './guess-minutes.ts';
import { stepParts } from './step-parts.ts';

/** What begins something of its own. "Stir in" does not: it needs something that is there. */
const STARTS_APART =
  /^(?:meanwhile|while|in (?:the meantime|another|a separate)|for the|slice|cut|dice|chop|peel|grate|wash|boil|cook|warm|heat|melt|whisk(?! in)|mix(?! in)|beat(?! in)|fry|soften|brown|render|knead(?! in)|cream|toast|soak|combine|sift|pit|core|make|stir(?! in\b| (?:all|every)thing| well| again))\b/i;
/** A tin is greased whenever there are hands for it. */
const READIES_TIN = /^(?:grease|butter|line) [^.,;]*\b(?:tin|dish|pan|tray|mould|sheet)\b[^.,;]*\.?$/i;
/** What points back to what was done before. */
const MEANS_WHAT_WAS = /\b(?:it|them|they|both|same|rest|remaining|other|everything|mixture|batter|dough|return)\b/i;
/** Behind its first clause a step may speak of what it began itself, but joins nothing else. */
const JOINS =
  /\b(?:over|on top|into|to the|add|return|fold|pour|combine|same|rest|remaining|other|everything|mixture|batter|dough)\b/i;
/** What stands behind "the" and is no food. */
const NO_FOOD = /^(?:pot|pan|oven|dish|tin|bowl|boil|heat|hob|table|fridge|refrigerator|freezer|top|side|middle)\b/i;
const WAS_COOKED = /\b(?:warm|hot|cooled|cooked|boiled)\b/i;

/** Whether a step begins something apart: it uses only what no step before it did, and joins nothing. */
export function beginsApart(step: StepAtStove, version: Version, seen: ReadonlySet<string>): boolean {
  const { text } = step.step;
  if (/^(?:meanwhile|in the meantime)\b/i.test(text) || READIES_TIN.test(text)) return true;
  if (step.uses.length === 0 || step.uses.some((u) => seen.has(u.lineId))) return false;
  const end = text.search(/[.,;]\s/);
  const [first, more] = end === -1 ? [text, ''] : [text.slice(0, end), text.slice(end + 1)];
  // What it cuts it can cut any time; what it then cooks goes where the rest is.
  if (isCutting(first) && stepParts(text).some((p) => p.place === 'hob' || p.place === 'oven')) return false;
  return (
    STARTS_APART.test(first) &&
    !MEANS_WHAT_WAS.test(first) &&
    !JOINS.test(more) &&
    namesNothingMade(text, version, seen)
  );
}

/** Whether a piece of a step only cuts what no step used before: it can be done whenever there are hands for it. */
export const cutsApart = (clauses: readonly string[], version: Version, seen: ReadonlySet<string>): boolean =>
  clauses.every(
    (c) => isCutting(c) && !WAS_COOKED.test(c) && !MEANS_WHAT_WAS.test(c) && namesNothingMade(c, version, seen),
  );

/** Whether everything that is spoken of is a line that no step used before. */
function namesNothingMade(text: string, version: Version, seen: ReadonlySet<string>): boolean {
  const all = version.lines.map((l) => namesOf(l.item));
  const mentioned = (t: string): Line[] => version.lines.filter((_, i) => mentionsOf(t, all[i]!, all).length > 0);
  const here = mentioned(text);
  if (here.length === 0 || here.some((l) => seen.has(l.id))) return false;
  // "the leaves", "the broth": something that another step made, unless it is one of the lines.
  return [...text.matchAll(/\bthe ((?:[\p{L}-]+ ?){1,3})/giu)].every(
    (m) => NO_FOOD.test(m[1]!) || mentioned(m[1]!).length > 0,
  );
}
