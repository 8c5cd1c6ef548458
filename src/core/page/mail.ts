/** What a mail says of itself and not of the recipe. */
export interface MailRead {
  readonly lines: readonly string[];
  readonly subject: string | null;
  readonly aside: readonly string[];
}

const HEADER = /^(?:from|to|cc|bcc|date|sent|reply-to|subject)\s*:\s/i;
/** Headers that no recipe has. */
const ONLY_OF_MAIL = /^(?:to|cc|bcc|sent|subject|reply-to)\s*:\s/i;
const AROUND_MAIL =
  /^(?:on .{6,80}wrote:|-{2,} ?(?:original|forwarded) message ?-{2,}|begin forwarded message:?|sent from my .{2,40}|get \S+ for \S+)$/i;
/** A first line that is a mail's subject and nothing else. */
const FORWARDED = /^\s*(?:fwd?|re|aw|wg)\s*:\s*(?:(?:fwd?|re|aw|wg)\s*:\s*)*(.{2,120})$/i;
const QUOTED = /^[ \t]{0,8}(?:>[ \t]?){1,12}/;

/** Takes the quote marks and headers of a mail away; any other text comes back as it is. */
export function unmailed(lines: readonly string[]): MailRead {
  const plain = lines.map((l) => l.replace(QUOTED, ''));
  const first = plain.findIndex((l) => l.trim() !== '');
  const forwarded = FORWARDED.exec(plain[first] ?? '');
  if (forwarded !== null) {
    const rest = plain.map((l, i) => (i === first ? '' : l));
    return { lines: rest, subject: forwarded[1]!.replace(/[!.\s]+$/, ''), aside: [plain[first]!.trim()] };
  }
  const isMail = plain.filter((l) => ONLY_OF_MAIL.test(l)).length > 0 || plain.some((l) => AROUND_MAIL.test(l.trim()));
  if (!isMail) return { lines: plain, subject: null, aside: [] };
  const kept: string[] = [];
  const aside: string[] = [];
  let subject: string | null = null;
  for (const [i, line] of plain.entries()) {
    const isHeader = HEADER.test(line) && plain.slice(Math.max(0, i - 3), i + 4).some((l) => ONLY_OF_MAIL.test(l));
    if (isHeader || AROUND_MAIL.test(line.trim())) {
      subject ??= /^subject\s*:\s*(?:(?:re|fwd?|aw|wg)\s*:\s*)*(.+)$/i.exec(line)?.[1]?.trim() ?? null;
      aside.push(line.trim());
      kept.push('');
    } else kept.push(line);
  }
  return { lines: kept, subject, aside };
}
