import { decodeEntities } from '../reading/decode-entities.ts';

/** A page of HTML: what its scripts hold as JSON, and its words line by line. */
export interface HtmlRead {
  /** The text of every `application/ld+json` script. */
  readonly data: readonly string[];
  readonly text: string;
}

/** Elements whose content is no part of the page's own text. */
const NOT_READ = new Set([
  'style',
  'script',
  'nav',
  'footer',
  'aside',
  'noscript',
  'template',
  'svg',
  'button',
  'title',
]);
/** Elements that begin a line of their own. */
const OWN_LINE =
  /^(?:p|div|li|ul|ol|br|h[1-6]|tr|table|section|article|main|header|body|blockquote|dl|dt|dd|figure|figcaption|form|hr|label)$/;
const LOOKS_LIKE_HTML = /<(?:!doctype|html|body|div|p|ul|ol|li|script|h[1-6]|table|br|span)\b[^<>]{0,500}>/i;

/** Whether a text is HTML, and not words with a `<` among them. */
export const isHtml = (text: string): boolean => LOOKS_LIKE_HTML.test(text.slice(0, 200_000));

/**
 * The words of an HTML page, a block a line: headings marked with `#`, list items with `-`, cells with a tab. Reads
 * once from front to back, so that a page without an end takes no longer than one with.
 *
 * @example htmlText('<h1>Soup</h1><ul><li>1 leek</li></ul>').text // '# Soup\n- 1 leek'
 */
export function htmlText(html: string): HtmlRead {
  const data: string[] = [];
  const out: string[] = [];
  const endOf = endFinder(html);
  let at = 0;
  while (at < html.length) {
    const open = html.indexOf('<', at);
    if (open < 0) break;
    out.push(html.slice(at, open).replace(/\s+/g, ' '));
    if (html.startsWith('<!--', open)) {
      const end = html.indexOf('-->', open);
      at = end < 0 ? html.length : end + 3;
      continue;
    }
    const close = html.indexOf('>', open);
    if (close < 0) {
      at = html.length;
      break;
    }
    const tag = html.slice(open + 1, Math.min(close, open + 2000));
    const name = /^\/?([a-z][a-z0-9]{0,20})/i.exec(tag)?.[1]?.toLowerCase() ?? '';
    at = close + 1;
    if (name === '') {
      out.push(html.slice(open, at));
      continue;
    }
    if (NOT_READ.has(name) && !tag.startsWith('/') && !tag.endsWith('/')) {
      const found = endOf(name, at);
      // A button that nobody closed does not swallow the page; a script that was cut off does end with it.
      const end = found === html.length && name !== 'script' && name !== 'style' ? at : found;
      if (name === 'script' && /type\s*=\s*["']?application\/ld\+json/i.test(tag)) data.push(html.slice(at, end));
      at = end;
      continue;
    }
    out.push(markOf(name, tag.startsWith('/')));
  }
  out.push(html.slice(at).replace(/\s+/g, ' '));
  const text = decodeEntities(out.join(''))
    .split('\n')
    .map((l) => l.trim())
    .join('\n')
    // The words of a list item may stand in an element of their own: "<li><p>1 leek</p></li>".
    .replace(/^-\n+(?=[^\n#-])/gm, '- ')
    .replace(/\n{3,}/g, '\n\n');
  return { data, text };
}

/** Finds where an element that is not read ends: at its end tag, or with the page. Looks through the page once a name. */
function endFinder(html: string): (name: string, from: number) => number {
  const known = new Map<string, readonly number[]>();
  return (name, from) => {
    const all = known.get(name) ?? [...html.matchAll(new RegExp(`</${name}`, 'gi'))].map((m) => m.index);
    known.set(name, all);
    let low = 0;
    let high = all.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (all[middle]! < from) low = middle + 1;
      else high = middle;
    }
    return all[low] ?? html.length;
  };
}

function markOf(name: string, ends: boolean): string {
  if (/^h[1-6]$/.test(name)) return ends ? '\n' : '\n# ';
  if (name === 'li') return ends ? '\n' : '\n- ';
  if (name === 'td' || name === 'th') return ends ? '\t' : '';
  return OWN_LINE.test(name) ? '\n' : '';
}
