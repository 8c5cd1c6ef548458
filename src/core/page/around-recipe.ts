/** Lines of a page that are no part of its recipe: what a site, a shop of ratings or a mail puts around it. */
const AROUND: readonly RegExp[] = [
  /^(?:skip|jump) to\b.{0,40}$/i,
  /^(?:print|pin|save|share|rate|email|tweet|bookmark|follow|subscribe|search|menu|home|log ?in|sign (?:in|up)|download|copy link|close|next|previous|reply|read more|show more|view all|cook mode|add to (?:shopping list|cart|favou?rites|collection|meal plan)|scale|(?:de)?select all)(?: (?:this|the|it|us|to|on|for|our|your)){0,2}(?: ?(?:recipes?|post|page|article|now|later|more|mode|link|newsletter|friends?|email|comments?))?[\s!.…]*$/i,
  /^(?:-+ ?)?(?:advertise?ment|sponsored(?: content)?|ads?|affiliate links?.{0,60}|this post (?:may )?contains? .{0,60})(?: ?-+)?$/i,
  /^[★☆⭐✩✭\s]{2,}.{0,30}$/u,
  /^(?:a star rating of )?\d(?:[.,]\d{1,2})? (?:from|out of|\/|stars?)\b.{0,60}$/i,
  /^(?:rating|rated)\b.{0,40}$/i,
  /^\(?\d+ (?:ratings?|votes?|reviews?|shares?|likes?|comments?)\)?$/i,
  /^(?:\d+(?:[./]\d)?x\s*){2,}$/i,
  /^(?:us customary|us|imperial|metric)\s*[-\u2013\u2014|/·]?\s*(?:metric|us customary|imperial|us)?$/i,
  /^home\s*[»>/|›].{0,120}$/i,
  /^.{1,40}[»›].{1,80}[»›].{1,80}$/,
  /^(?:published|posted|updated|last updated|modified)\b.{0,60}$/i,
  /^(?:course|cuisine|keywords?|diet|category|categories|tags?|difficulty|skill level|season)\s*:\s*.{0,80}$/i,
  /^\d+[ -]ingredients?\b.{0,20}$/i,
  /^(?:easy|medium|hard|simple|beginner)$/i,
  /^(?:#\w{2,40}\s*){1,30}$/,
  /^(?:enjoy|bon app[ée]tit|guten appetit|happy cooking|yum+y?)[\s!.]*$/i,
  /^(?:all rights reserved|copyright|©).{0,80}$/i,
  /^(?:preparation and cooking time|cooking time|times?|serving size.{0,30})$/i,
  /^\w+ says:$/i,
  /^(?:(?:instagram|photo|image|picture|video)s?(?: (?:by|credit|of|:).{0,40})?|watch (?:the |this |our )?video.{0,30})[\s!.]*$/i,
  /^here(?:'s| is) (?:a|the|my|your|our) recipe\b.{0,80}:$/i,
];

const LONGEST_AROUND = 160;

/** Whether a line belongs to what stands around a recipe on a page. */
export const isAroundRecipe = (line: string): boolean =>
  line.length <= LONGEST_AROUND && AROUND.some((re) => re.test(line));

/** A row of a nutrition panel: "Total Fat 9g 12%", "fat 34g", "% Daily Value". */
const PANEL_ROW =
  /^(?:(?:total|dietary|of which|saturated|trans|polyunsaturated|monounsaturated|added|net|incl\.?) ){0,2}(?:fat|saturates|carb(?:s|ohydrates?)?|sugars?|fib(?:re|er)|protein|salt|sodium|cholesterol|potassium|calcium|iron|vitamin \w{1,2}|energy|eiweiß|fett|kohlenhydrate)\b ?[:=]? ?(?:<|less than )?\d[\d.,]{0,6} ?(?:g|mg|mcg|µg|kj|%)(?:[ ,;|].{0,80})?$/i;
const PANEL_WORDS =
  /^(?:amount per serving.{0,30}|\*?.{0,4}% daily value.{0,160}|per (?:serving|portion|slice|100 ?g).{0,30}|percent daily values.{0,120}|\*the % daily value.{0,200})$/i;

/** Whether a line is a row of a nutrition panel, or words of its frame. */
export const isPanelRow = (line: string): boolean =>
  line.length <= 220 && (PANEL_ROW.test(line) || PANEL_WORDS.test(line));
