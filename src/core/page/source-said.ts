import type { Section } from './sections.ts';

/** Whose a recipe is, and where it stands. */
export interface SourceSaid {
  readonly author: string | null;
  readonly url: string | null;
}

const URL_PATTERN = /https?:\/\/[^\s)>\]]{4,490}/i;
/** Lines that name who it is from; only at the head or the end of a recipe, where no ingredient looks like one. */
const SOURCE_NAMED =
  /^(?:source|from|recipe (?:by|from|courtesy of)|adapted from|by|author|credits?|via|original(?: recipe)?(?: by)?|submitted by|contributed by)\s*[:-]?\s+(.{2,120})$/i;
/** Among steps and notes only what is labelled. */
const SOURCE_LABELLED =
  /^(?:(?:source|recipe (?:by|from)|adapted from|credits?|author)\b\s*[:-]?|from\s*:|by\s*:)\s+(.{2,100})$/i;
const LONGEST_SOURCE = 300;

/** The source that a line states; null when it is about something else. */
export function sourceSaid(line: string, section: Section): SourceSaid | null {
  if (line.length > LONGEST_SOURCE) return null;
  const url = URL_PATTERN.exec(line)?.[0] ?? null;
  if (url !== null) {
    // Among the steps only a line that is nothing but a source is one: a step may mention a page.
    const left = line.replace(url, '');
    if (section === 'steps' && (left.length >= 40 || /[.!]\s/.test(line))) return null;
    const author = left
      .replace(/^(?:source|link|url|from|via)\s*[:-]?\s*/i, '')
      .replace(/[()<>[\]]/g, '')
      .trim();
    return { url, author: author === '' ? null : author.slice(0, 120) };
  }
  const m = (section === 'top' ? SOURCE_NAMED : SOURCE_LABELLED).exec(line);
  if (m === null || /^(?:scratch|the (?:oven|heat|pan)|now\b)/i.test(m[1]!)) return null;
  const author = m[1]!.trim();
  return section === 'top' && /^by\b/i.test(line) && author.split(' ').length > 6 ? null : { author, url: null };
}
