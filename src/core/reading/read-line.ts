import { type Draft, freshDraft } from './draft.ts';
import { LINE_RULES } from './line-rules.ts';
import { normalizeText } from './normalize-text.ts';
import type { Reading } from './reading.ts';
import type { ReadingRule } from './rule.ts';

/** Told of every rule that had something to say, with the draft before and after it. */
export type RuleWatcher = (rule: ReadingRule, before: Draft, after: Draft) => void;

/**
 * Reads one ingredient line. Never throws and loses no text.
 *
 * @param group the heading it stands under, null for none.
 * @param rules what the reader knows; all of it unless a test leaves one out.
 * @example readLine('1 (14.5 oz) can diced tomatoes, drained').packageQuantity // 14.5
 */
export function readLine(
  line: string,
  group: string | null = null,
  watch: RuleWatcher | null = null,
  rules: readonly ReadingRule[] = LINE_RULES,
): Reading {
  let draft = freshDraft(normalizeText(line));
  for (const rule of rules) {
    if (draft.whole) break;
    const after = rule.take(draft);
    if (after === null) continue;
    watch?.(rule, draft, after);
    draft = after;
  }
  return readingOf(draft, line, group);
}

function readingOf(draft: Draft, line: string, group: string | null): Reading {
  const named = (food: string) => [food, draft.drawn].filter(Boolean).join(' ');
  const item = named(draft.text.trim());
  const modifiers = [...new Set(draft.modifiers)];
  const notes = draft.notes.map((n) => n.trim()).filter((n) => n !== '' && n !== item);
  return {
    line,
    quantity: draft.amount?.quantity ?? null,
    quantityMax: draft.amount?.quantityMax ?? null,
    unit: draft.amount?.unit ?? null,
    item,
    note: notes.length > 0 ? notes.join('; ') : null,
    packageQuantity: draft.packageSize?.quantity ?? null,
    packageUnit: draft.packageSize?.unit ?? null,
    parts: draft.parts,
    modifiers,
    alternatives: draft.alternatives.map(named),
    energy: draft.energy,
    group,
    confidence: draft.whole ? WHOLE_LINE : confidenceOf(draft, item),
    warnings: draft.warnings,
  };
}

/** How sure the reader is of a line that it kept whole. */
const WHOLE_LINE = 0.1;
/** What each sign of a misread line takes off: an ingredient has an amount, few words, and no figures left in its name. */
const SIGN_OF_DOUBT = 0.3;

/** 0 to 1: certain, less what looks odd; 0 for a line without a letter. */
function confidenceOf(draft: Draft, item: string): number {
  if (!/[a-z]/i.test(item)) return 0;
  const signs = [
    draft.amount === null && !draft.modifiers.includes('to taste'),
    item.split(' ').length > 7,
    /\d/.test(item) && !/\d+ ?%|\d+\/\d+/.test(item),
  ];
  const sure = 1 - SIGN_OF_DOUBT * signs.filter(Boolean).length;
  return Math.max(WHOLE_LINE, Math.round(sure * 100) / 100);
}
