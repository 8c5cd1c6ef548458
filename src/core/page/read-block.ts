import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';
import { isAroundRecipe, isPanelRow } from './around-recipe.ts';
import { claimsSaid, saidOnce } from './claims-said.ts';
import { ingredientsInStep } from './from-steps.ts';
import { beginsAsStep, type LineKinds } from './line-kinds.ts';
import { listedInLine } from './listed-in-line.ts';
import type { PageLine } from './page-line.ts';
import { pansSaid } from './pans-said.ts';
import type { Claim, IngredientText, RecipeText, TimesSaid } from './recipe-text.ts';
import { headingOf, isGroupHeading, isPartOfDish, type Section } from './sections.ts';
import { type ServingsSaid, servingsIn } from './servings-said.ts';
import { type SourceSaid, sourceSaid } from './source-said.ts';
import { sentencesOf } from './step-sentences.ts';
import { firstTimes, timesSaid } from './times-said.ts';
import { bareTitle, titleScore } from './title-of.ts';

/** Shorter lines were not broken for want of room. */
const WRAPPED = 50;
/** What a recipe can hold of a heading and of claims. */
const LONGEST_GROUP = 200;
const MOST_CLAIMS = 20;
/** Only this many lines of the beginning may be the title. */
const TITLE_AMONG = 12;

interface BlockDraft {
  readonly tops: { readonly line: PageLine; readonly position: number }[];
  readonly servings: ServingsSaid[];
  readonly sources: SourceSaid[];
  readonly claims: Claim[];
  readonly times: Partial<TimesSaid>[];
  readonly ingredients: IngredientText[];
  readonly steps: string[];
  readonly notes: string[];
  readonly tools: string[];
  readonly aside: string[];
}

/** Reads the lines of one recipe: what each is, by the heading it stands under, else by what it looks like. */
export function readBlock(lines: readonly PageLine[], subject: string | null, kinds: LineKinds): RecipeText {
  const draft: BlockDraft = {
    tops: [],
    servings: [],
    sources: [],
    claims: [],
    times: [],
    ingredients: [],
    steps: [],
    notes: [],
    tools: [],
    aside: [],
  };
  new BlockReader(lines, draft, kinds).read();
  return recipeOfBlock(draft, subject);
}

class BlockReader {
  private section: Section = 'top';
  private group: string | null = null;
  /** Whether a heading for the list, or for the steps, is still to come. */
  private readonly listHeading: number;
  private readonly stepsHeading: number;

  constructor(
    private readonly lines: readonly PageLine[],
    private readonly draft: BlockDraft,
    private readonly kinds: LineKinds,
  ) {
    const last = (section: Section) => lines.findLastIndex((l) => headingOf(l.text)?.section === section);
    this.listHeading = last('ingredients');
    this.stepsHeading = last('steps');
  }

  read(): void {
    for (let i = 0; i < this.lines.length; i++) {
      const line = this.lines[i]!;
      const heading = headingOf(line.text);
      if (heading !== null && this.heeds(heading.section, line, i)) {
        this.section = heading.section;
        this.group = null;
        this.takeServings(line.text.replace(/:$/, ''), false);
        if (heading.rest !== '')
          this.takeLine({ ...line, text: heading.section === 'notes' ? line.text : heading.rest, gap: false }, i);
        continue;
      }
      // An amount on a line of its own belongs to the words below it.
      const next = this.lines[i + 1];
      if (
        this.section === 'ingredients' &&
        next !== undefined &&
        isLoneAmount(line.text) &&
        headingOf(next.text) === null
      ) {
        this.takeLine({ ...next, text: `${line.text} ${next.text}` }, i);
        i++;
        continue;
      }
      this.takeLine(line, i);
    }
  }

  /** Comments may have headings of their own; after them only a list begins something. */
  private heeds(section: Section, line: PageLine, at: number): boolean {
    // "How to make lentil loaf", at the head of a page, is its title.
    if (at === 0 && /^how to (?:make|cook) (?!it\b|this\b)/i.test(line.text)) return false;
    if (this.section === 'aside') return section === 'ingredients' || section === 'steps';
    // Among ingredients "Notes" and the like are headings only where they stand apart or steps were told already.
    return section !== 'aside' || this.draft.steps.length > 0 || this.draft.ingredients.length > 0 || line.gap;
  }

  private takeLine(line: PageLine, at: number): void {
    const { draft } = this;
    const { text } = line;
    if (this.section === 'aside' || isAroundRecipe(text)) {
      draft.aside.push(text);
      return;
    }
    if (this.takeFacts(line, at)) return;
    if (this.section === 'nutrition') {
      this.takeClaims(text);
      draft.aside.push(text);
      return;
    }
    if (this.section === 'tools') {
      draft.tools.push(...text.split(/\s*[;,]\s+(?!with\b)/).filter((t) => t !== ''));
      return;
    }
    this.sectionBy(line, at);
    if (this.section === 'ingredients') this.takeIngredient(line, at);
    else if (this.section === 'steps') this.takeStep(line);
    else if (this.section === 'top') {
      if (this.takeClaims(text)) return;
      draft.tops.push({ line, position: draft.tops.length });
    } else draft.notes.push(text);
  }

  /** Where no heading decides, the looks of a line do. */
  private sectionBy(line: PageLine, at: number): void {
    const { kinds, draft } = this;
    if (this.section === 'top' && at > this.listHeading) {
      const titled = draft.tops.length > 0;
      if (kinds.isStep(line) && titled && line.mark === 'number') this.section = 'steps';
      else if (kinds.isIngredient(line) && (titled || !this.mayBeTitle(line, at))) this.section = 'ingredients';
      else if (titled && (isGroupHeading(line.text) || isPartOfDish(line.text)) && this.isListedNext(at))
        this.section = 'ingredients';
      else if (titled && listedInLine(line.text).length >= 3) this.section = 'ingredients';
      else if (titled && kinds.isStep(line) && line.text.length < 400) this.section = 'steps';
    } else if (this.section === 'ingredients' && at > this.stepsHeading && draft.ingredients.length > 0) {
      if (kinds.isStep(line)) this.section = 'steps';
    }
  }

  private isListedNext(at: number): boolean {
    const next = this.lines[at + 1];
    return next !== undefined && this.kinds.isIngredient(next);
  }

  /** A first line that could be an amount but is a name: "Three bean chilli", "7 layer salad". */
  private mayBeTitle(line: PageLine, at: number): boolean {
    if (line.mark === 'bullet' || line.mark === 'number' || this.kinds.read(line.text).unit !== null) return false;
    return !/^[\d½⅓⅔¼¾⅛]/.test(line.text) || (this.lines[at + 1]?.gap ?? true);
  }

  /** Servings, times, source, claims and panels: facts that stand anywhere. */
  private takeFacts(line: PageLine, at: number): boolean {
    const { draft } = this;
    const { text } = line;
    if (this.section !== 'steps' && this.takeHead(line)) return true;
    if (this.section !== 'steps' && this.takeServings(text, true)) return true;
    if (this.section === 'steps' && !beginsAsStep(text) && this.takeServings(text, true)) return true;
    const source = sourceSaid(text, this.section);
    if (source !== null && (this.section !== 'ingredients' || source.url !== null || line.gap)) {
      draft.sources.push(source);
      return true;
    }
    if (this.section !== 'ingredients' && isPanelRow(text) && this.isInPanel(at)) {
      this.takeClaims(text);
      draft.aside.push(text);
      return true;
    }
    const panel = SAYS_CLAIM.test(text);
    const mayClaim = this.section === 'steps' || this.section === 'top';
    if ((panel || (mayClaim && isClaim(text))) && this.takeClaims(text)) return true;
    return false;
  }

  /** "Sugar 150 g" alone at the top is an ingredient; a panel has several rows. */
  private isInPanel(at: number): boolean {
    const beside = [this.lines[at - 1], this.lines[at + 1]];
    return this.section !== 'top' || beside.some((l) => l !== undefined && isPanelRow(l.text));
  }

  /** The line that says it all at a glance: "Zucchini fritters | makes 12 | 20 min". What else it says may be the title. */
  private takeHead(line: PageLine): boolean {
    const parts =
      line.text.length > 200 ? [line.text] : line.text.split(/\s+[|•·]\s*|\s*[|•·]\s+/).filter((p) => p !== '');
    const rest = parts.filter((part) => {
      const times = timesSaid(part);
      if (times !== null) this.draft.times.push(times);
      return times === null && !(parts.length > 1 && (this.takeServings(part, true) || this.takeClaims(part)));
    });
    if (rest.length === parts.length) return false;
    if (this.section === 'top')
      for (const text of rest) this.draft.tops.push({ line: { ...line, text }, position: this.draft.tops.length });
    else this.draft.aside.push(...rest);
    return true;
  }

  private takeServings(text: string, whole: boolean): boolean {
    const said = servingsIn(text, whole);
    if (said === null) return false;
    this.draft.servings.push(said);
    this.takeClaims(text);
    return true;
  }

  private takeClaims(text: string): boolean {
    const claims = claimsSaid(text);
    this.draft.claims.push(...claims);
    return claims.length > 0;
  }

  private takeIngredient(line: PageLine, at: number): void {
    const { draft, group } = this;
    const { text, gap } = line;
    // A table that stands before the title of the recipe.
    const untitled = draft.tops.length === 0 && !/^[\d½⅓⅔¼¾]/.test(text);
    const said = untitled ? servingsIn(text, false) : null;
    if (said !== null && said.before !== '') {
      draft.tops.push({ line, position: 0 });
      return;
    }
    const named = isPartOfDish(text) && this.isListedNext(at);
    if (named || isGroupHeading(text) || (line.mark === 'heading' && !this.kinds.isIngredient(line))) {
      this.group = text.replace(/:$/, '').trim().slice(0, LONGEST_GROUP);
      return;
    }
    // Prose among the ingredients is a note.
    if (gap && text.length > 160 && this.kinds.read(text).quantity === null && listedInLine(text).length === 1) {
      draft.notes.push(text);
      return;
    }
    for (const one of listedInLine(text)) draft.ingredients.push({ text: one, group });
  }

  private takeStep({ text, mark, gap }: PageLine): void {
    const { draft } = this;
    if (/^(?:step )?\d{1,2}[.)]?$/i.test(text)) return;
    const bare = text.replace(/^\d{1,2}(?:[.)]|(?= [A-Z])) /, '');
    if (/^(?:tip|note|hint)s?\s*:/i.test(text)) {
      draft.notes.push(text);
      return;
    }
    const said = servingsIn(bare, false);
    const kept = said !== null && said.before !== '' ? said.before : bare;
    if (said !== null && kept !== bare) draft.servings.push(said);
    const last = draft.steps.at(-1);
    // A line that goes on where the one before broke off.
    if (
      last !== undefined &&
      last.length > WRAPPED &&
      mark === null &&
      !gap &&
      /^\p{Ll}/u.test(kept) &&
      !/[.!?:]$/.test(last) &&
      !beginsAsStep(kept)
    )
      draft.steps[draft.steps.length - 1] = `${last} ${kept}`;
    else draft.steps.push(kept);
  }
}

/** "350 g", "2 tbsp", "1": an amount and nothing else. */
const isLoneAmount = (text: string): boolean =>
  text.length <= 16 && readAmount(normalizeText(text))?.rest === '' && /^[\d½⅓⅔¼¾⅛]/.test(text);

/** Words with which a line about points or calories begins. */
const SAYS_CLAIM =
  /^(?:nutrition|per \w+(?: \w+)?(?: \([^)]{0,30}\))?:|(?:per (?:serving|portion|slice|piece)|macros per serving|each serving|points?|calories|kcal)\b)/i;

/** Whether a line among the steps is about what it counts: short, with a number before the unit. */
const isClaim = (text: string): boolean =>
  text.length < 80 && !beginsAsStep(text) && FIRST_IS_CLAIM.test(text) && claimsSaid(text).length > 0;
const FIRST_IS_CLAIM = /^[^\d]{0,40}\d[\d.,]* ?(?:points?|pts|kcal|cals?|calories)\b/i;

function recipeOfBlock(draft: BlockDraft, subject: string | null): RecipeText {
  const { title, servings: inTitle, rest } = titleAmong(draft.tops, subject);
  const said = [...draft.servings, ...(inTitle === null ? [] : [inTitle])];
  const counted = said.find((s) => s.servings !== null) ?? said[0] ?? null;
  const source = (of: 'author' | 'url') => draft.sources.find((s) => s[of] !== null)?.[of] ?? null;
  const notes = [...rest, ...draft.notes];
  const steps = draft.steps.length === 1 ? sentencesOf(draft.steps[0]!) : draft.steps;
  const found = draft.ingredients.length <= 1 ? fromSteps(draft.ingredients, steps, notes) : null;
  return {
    title: title ?? subject,
    servings: counted?.servings ?? null,
    makes: counted?.words ?? null,
    ingredients: found?.ingredients ?? draft.ingredients,
    fromSteps: found !== null,
    steps: found?.steps ?? steps,
    author: source('author'),
    url: source('url'),
    claims: saidOnce(draft.claims).slice(0, MOST_CLAIMS),
    notes: found?.notes ?? notes,
    times: firstTimes(draft.times),
    pans: pansSaid(found?.steps ?? steps),
    tools: draft.tools,
    aside: draft.aside,
  };
}

/** The title among the lines of the beginning, and the others as notes. */
function titleAmong(
  tops: BlockDraft['tops'],
  subject: string | null,
): { title: string | null; servings: ServingsSaid | null; rest: string[] } {
  const candidates = tops.slice(0, TITLE_AMONG).map((t) => ({ ...t, score: titleScore(t.line, t.position, subject) }));
  const best = candidates.reduce<(typeof candidates)[number] | null>(
    (a, b) => (b.score > 0 && (a === null || b.score > a.score) ? b : a),
    null,
  );
  const rest = tops.filter((t) => t.line !== best?.line).map((t) => t.line.text);
  if (best === null) return { title: null, servings: null, rest };
  const title = bareTitle(best.line.text);
  const said = servingsIn(title, false);
  const before = said?.before.replace(/[\s,;(|\u2010-\u2015-]+$/, '') ?? '';
  return before === '' ? { title, servings: null, rest } : { title: before, servings: said, rest };
}

/** A page without a list: what its sentences name with an amount. Null when they name less than two things. */
function fromSteps(
  listed: readonly IngredientText[],
  steps: readonly string[],
  notes: readonly string[],
): { ingredients: IngredientText[]; steps: string[]; notes: string[] } | null {
  const told = notes.filter((n) => n.length < 2000 && ingredientsInStep(n).length >= 2);
  const all = [...told, ...steps];
  const named = all.flatMap(ingredientsInStep);
  if (named.length < 2) return null;
  return {
    ingredients: [...listed, ...named.map((text) => ({ text, group: null }))],
    steps: all,
    notes: notes.filter((n) => !told.includes(n)),
  };
}
