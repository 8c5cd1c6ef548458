/** Longer than a line of a recipe is: then headings are looked for in it. */
const LONG_LINE = 120;
/** Headings that stand in the middle of a line when a page was copied without its line breaks. */
const INNER_HEADING =
  /\s(?=(?:Ingredients|INGREDIENTS|Directions|DIRECTIONS|Instructions|INSTRUCTIONS|Method|METHOD|Preparation|PREPARATION|Notes|NOTES|Nutrition(?: Facts| Information)?|NUTRITION(?: FACTS)?|Zutaten|Zubereitung):)/g;
/** The number of a step or of a line of a list, in the middle of a line. */
const INNER_NUMBER = /\s(?=(?:Step )?(\d{1,2})(?:[.)]\s+\S|(?<=[.!] \d{1,2})\s[A-Z]))/g;

/** A line in which a page's line breaks were lost, taken apart at its headings and at the numbers of its steps. */
export function brokenUp(line: string): string[] {
  const parts = line.length > LONG_LINE ? line.split(INNER_HEADING) : [line];
  return parts.flatMap(atBullets).flatMap(atNumbers);
}

/** "2 carrots • 1 onion • 1 can beans": a line each. */
function atBullets(line: string): string[] {
  const parts = line.split(/\s+[•●▪]\s+/);
  return parts.length >= 3 ? parts : [line];
}

/** "1. Mix. 2. Bake.": taken apart where the numbers count on from one. */
function atNumbers(line: string): string[] {
  const first = /^(?:[^:]{0,40}: )?(?:Step )?1(?:[.)]|(?= [A-Z]))\s/.test(line);
  if (!first) return [line];
  const out: string[] = [];
  let from = 0;
  let next = 2;
  for (const m of line.matchAll(INNER_NUMBER)) {
    if (Number(m[1]) !== next) continue;
    out.push(line.slice(from, m.index));
    from = m.index + m[0].length;
    next++;
  }
  out.push(line.slice(from));
  return out;
}
