import type { LineKinds } from './line-kinds.ts';
import type { PageLine } from './page-line.ts';
import { headingOf, isGroupHeading } from './sections.ts';
import { servingsIn } from './servings-said.ts';
import { timesSaid } from './times-said.ts';

/** How far behind a title its servings or ingredients begin. */
const NEAR_TITLE = 4;

/**
 * The lines of a page, cut where another recipe begins: behind the steps of one, at a line that names a dish and is
 * followed by servings, by a heading for ingredients or by two ingredients. A part of the same dish ("For the sauce:")
 * begins none.
 */
export function cutRecipes(lines: readonly PageLine[], kinds: LineKinds): PageLine[][] {
  const starts = [0];
  let listed = false;
  let steps = false;
  let aside = false;
  for (const [i, line] of lines.entries()) {
    const heading = headingOf(line.text);
    if (heading?.section === 'aside') aside = true;
    if (heading?.section === 'ingredients') {
      // A second list behind steps belongs to the line that names it.
      if (steps && listed) {
        const title = titleBefore(lines, i, starts.at(-1)!);
        if (title !== null) {
          starts.push(title);
          [listed, steps, aside] = [true, false, false];
          continue;
        }
      }
      listed = true;
      aside = false;
    } else if (heading?.section === 'steps') steps = true;
    else if (!listed && kinds.isPlainIngredient(line)) listed = true;
    else if (listed && !steps && kinds.isStep(line)) steps = true;
    else if (listed && steps && !aside && line.gap && beginsRecipe(lines, i, kinds)) {
      starts.push(i);
      [listed, steps] = [false, false];
    }
  }
  return starts.map((from, k) => lines.slice(from, starts[k + 1] ?? lines.length));
}

const isTitleLike = ({ text, mark }: PageLine): boolean =>
  text.length < 80 &&
  mark !== 'bullet' &&
  mark !== 'number' &&
  /^\p{Lu}/u.test(text) &&
  !/[.!?:;,]$/.test(text) &&
  headingOf(text) === null &&
  !isGroupHeading(text) &&
  text.split(' ').length <= 9;

/** The line that names the list at a heading: behind the last gap before it, over servings and times. */
function titleBefore(lines: readonly PageLine[], heading: number, from: number): number | null {
  for (let i = heading - 1; i > from && i >= heading - 2 * NEAR_TITLE; i--) {
    const line = lines[i]!;
    if (!line.gap || servingsIn(line.text, true) !== null || timesSaid(line.text) !== null) continue;
    return isTitleLike(line) ? i : null;
  }
  return null;
}

function beginsRecipe(lines: readonly PageLine[], at: number, kinds: LineKinds): boolean {
  if (!isTitleLike(lines[at]!) || kinds.isStep(lines[at]!) || kinds.isPlainIngredient(lines[at]!)) return false;
  const next = lines.slice(at + 1, at + 1 + NEAR_TITLE);
  const ingredients = next.filter((l) => kinds.isPlainIngredient(l)).length;
  const saysServings = next.some((l) => servingsIn(l.text, true) !== null);
  return ingredients >= 2 || (saysServings && ingredients >= 1);
}
