/** What the lines under a heading are. `aside` is what a page says around its recipe. */
export type Section = 'top' | 'ingredients' | 'steps' | 'notes' | 'tools' | 'nutrition' | 'aside';

export interface HeadingRead {
  readonly section: Section;
  /** What stands on the same line behind the heading: "Method: Blanch the beans." */
  readonly rest: string;
}

/** Headings by their whole line, in the languages in which a page can be told apart. */
const WHOLE_LINES: ReadonlyArray<readonly [RegExp, Section]> = [
  [
    /^(?:the )?(?:ingredients?(?: list)?|(?:what )?you(?:'ll| will)? need|what goes in(?:to it)?|shopping list|zutaten(?:liste)?|ingrédients|ingredientes|ingredienti|ingrediënten)\b(?! and method)[^.!\d]{0,30}(?:\([^)]{0,40}\)|(?:for|serves|für|per|pour|para|makes)\s+(?:about )?\d.{0,20})?$/i,
    'ingredients',
  ],
  [/^(?:amount|quantity|qty)[\s|/]+(?:ingredients?|item)$/i, 'ingredients'],
  [
    /^(?:the )?(?:directions?|instructions?|methods?|preparation(?: steps)?(?! and| time)|steps?|how to (?:make|do|cook|prepare)(?: \w+){0,3}|procedure|to make|zubereitung|préparation|preparación|elaboración|preparazione|procedimento|bereiding(?:swijze)?|cooking (?:instructions|directions)|what to do|here's how|let's cook|to prepare|putting it together)\b[^.!\d]{0,20}$/i,
    'steps',
  ],
  [/^(?:nutrition(?:al)?(?: facts| information| info| values?)?|nutrients|nährwerte)(?:\b[^.\d]{0,25})$/i, 'nutrition'],
  [/^(?:equipment|tools|utensils|special equipment|kitchen tools|you(?:'ll| will)? also need)$/i, 'tools'],
  [
    /^(?:the )?(?:(?:cook'?s |chef'?s |recipe |expert )?(?:notes?|tips?)|tips (?:and|&) \w+|variations?|substitutions?|storage|storing|to store|make[- ]ahead|faqs?|frequently asked questions)$/i,
    'notes',
  ],
  [
    /^(?:why you(?:'ll| will)\b.{0,50}|how to (?:store|freeze|reheat|serve)\b.{0,40}|what to (?:serve|eat)\b.{0,50}|(?:storage|freezing|serving) (?:tips|suggestions|instructions)|can i\b.{2,60}\?|how (?:long|many|much) .{2,60}\?)$/i,
    'notes',
  ],
  [
    /^(?:comments?(?: ?\(?\d+\)?)?|\d+ (?:comments?|reviews?|responses)|reviews?(?: ?\(\d+\))?|you (?:may|might) also (?:like|enjoy)|related (?:recipes|posts)|more (?:recipes|like this).{0,30}|goes well with|did you make (?:this|it).{0,30}|leave a (?:comment|reply|review).{0,40}|reader interactions|about the author|filed under.{0,60}|(?:love|best|cheers|hugs|yours), .{0,30})$/i,
    'aside',
  ],
];

/** Headings with their content on the same line. */
const LEADING: ReadonlyArray<readonly [RegExp, Section]> = [
  [
    /^(?:ingredients?(?: needed| you need| list)?|zutaten|ingrédients|ingredientes|ingredienti|you(?:'ll| will)? need|what you(?:'ll| will)? need)\s*(?::|[-\u2013\u2014] )\s*(?=\S)/i,
    'ingredients',
  ],
  [/^(?:you(?:'ll| will)? need|what you need is)\s+(?=\d|an? |half |one |two |three )/i, 'ingredients'],
  [
    /^(?:directions?|instructions?|method|preparation|to make|zubereitung|préparation)\s*(?::|[-\u2013\u2014] )\s*(?=\S)/i,
    'steps',
  ],
  [/^(?:cook's |recipe )?(?:notes?|tips?)\s*:\s*(?=\S)/i, 'notes'],
  [/^(?:equipment|tools(?: needed)?)\s*:\s*(?=\S)/i, 'tools'],
];

const LONGEST_HEADING = 70;

/** The heading that a line is, or begins with; null for none. */
export function headingOf(line: string): HeadingRead | null {
  const bare = line.slice(0, LONGEST_HEADING + 30).replace(/[\s:.]{1,4}$/, '');
  if (line.length <= LONGEST_HEADING + 30 && bare.length <= LONGEST_HEADING) {
    const whole = WHOLE_LINES.find(([re]) => re.test(bare));
    if (whole) return { section: whole[1], rest: '' };
  }
  for (const [re, section] of LEADING) {
    const m = re.exec(line.slice(0, 200));
    if (m) return { section, rest: line.slice(m[0].length).trim() };
  }
  return null;
}

/** Parts of a dish that stand as headings without any mark. */
const PARTS =
  /^(?:(?:pie|cookie|graham|bottom|top) )?(?:cake|frosting|icing|glaze|filling|topping|crust|dough|batter|sauce|dressing|marinade|gravy|crumble|streusel|base|garnish|slaw|vinaigrette|syrup|rub|brine|meatballs|dumplings|crumb topping|(?:wet|dry)(?: ingredients)?)$/i;

/** Whether a line is only the name of a part: a heading where ingredients follow. */
export const isPartOfDish = (line: string): boolean => line.length < 40 && PARTS.test(line);

/** "For the glaze:", "FILLING", "Dough:", "To serve" */
export function isGroupHeading(line: string): boolean {
  if (line.length > 60 || /\d/.test(line)) return false;
  return (
    /^[^,]{2,}:$/.test(line) ||
    /^for (?:the )?[a-z' -]+$/i.test(line) ||
    /^to (?:serve|finish|garnish|assemble|decorate|top)$/i.test(line) ||
    (/^[A-Z][A-Z &-]{3,}$/.test(line) && !/^(?:SALT|PEPPER)/.test(line))
  );
}
