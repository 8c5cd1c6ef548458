import type { Program } from '../program/program.ts';
import { programsInUse, type Table } from '../table/table.ts';

/** What of a card its cook can leave out. Its title, what a serving is, credit, allergens and cautions always go out. */
export const CARD_PARTS = [
  'kcal',
  'span',
  'ingredients',
  'linePoints',
  'steps',
  'stepPoints',
  'changes',
  'options',
  'regular',
] as const;
export type CardPart = (typeof CARD_PARTS)[number];

export const CARD_PART_WORDS: Readonly<Record<CardPart, string>> = {
  kcal: 'calories',
  span: 'what it is with another list of one’s own',
  ingredients: 'ingredients',
  linePoints: 'points beside ingredients',
  steps: 'steps',
  stepPoints: 'what each step adds',
  changes: 'what was changed',
  options: 'what is on the plate as each likes it',
  regular: 'with the regular ingredient',
};

/** What the cook says beside a line of a card. */
export interface LineNote {
  /** The line, through all versions: its `originLineId`. */
  readonly id: string;
  /** Words for any of them, such as "any milk"; empty for none. */
  readonly any: string;
  /** Foods that may stand in its place, by id. */
  readonly foods: readonly string[];
  /** What its readers are asked; empty for nothing. */
  readonly asks: string;
}

/** How a recipe is passed on: what its cook chose, kept with the recipe. */
export interface PassOn {
  readonly hides: readonly CardPart[];
  /** The cook's own, at the top; empty for none. */
  readonly words: string;
  /** A picture of the recipe, at the top. */
  readonly pictureId: string | null;
  /** Programs by id, also of people who are not at the table; null for those of the table. */
  readonly programs: readonly string[] | null;
  /** Whether a European label stands on it. */
  readonly label: boolean;
  /** Of another author's recipe: changes and counts only, or the amounts as cooked and steps in own words. */
  readonly others: 'changes' | 'amounts';
  /** The steps of another author's recipe in own words, a line each. */
  readonly ownSteps: string;
  readonly lines: readonly LineNote[];
}

export const USUAL_PASS_ON: PassOn = {
  hides: [],
  words: '',
  pictureId: null,
  programs: null,
  label: false,
  others: 'changes',
  ownSteps: '',
  lines: [],
};

/** The programs that a card counts with: those that the cook chose, in the table's order, or those in use at the table. */
export function programsOnCard(table: Pick<Table, 'eaters' | 'programs'>, { programs }: PassOn): Program[] {
  if (programs === null) return programsInUse(table);
  const chosen = table.programs.filter((p) => programs.includes(p.id));
  return chosen.length > 0 ? chosen : programsInUse(table);
}
