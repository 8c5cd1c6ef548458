import type { Card } from '../card/card.ts';
import {
  countedWords,
  creditWords,
  offerWords,
  servingWords,
  spanWords,
  wasWords,
  whoseWords,
} from '../card/card-words.ts';
import { MEDICAL_CAUTION } from '../caution/cautions.ts';
import { certaintyWords, formatPoints, formatShare } from '../program/format-points.ts';
import { formatDay } from '../quantity/format-day.ts';

/** Recipes bound together. */
export interface Booklet {
  /** Of its own, so that a reader tells one book from another. */
  readonly id: string;
  readonly title: string;
  /** The cook's own, on the page after the cover; null for none. */
  readonly words: string | null;
  /** YYYY-MM-DD, the day of its counts. */
  readonly countedOn: string;
  /** In their order: each has its number by it. */
  readonly cards: readonly Card[];
}

/** Where something stands in an index. */
export interface IndexEntry {
  readonly words: string;
  /** Numbers of recipes, from 1. */
  readonly recipes: readonly number[];
}

/** The recipes by their points under each program, the lightest first. */
export const indexByPoints = ({ cards }: Pick<Booklet, 'cards'>): { program: string; entries: IndexEntry[] }[] => {
  const programs = [...new Set(cards.flatMap((c) => c.programs.map((p) => p.name)))];
  return programs.map((program) => {
    const rows = cards.flatMap((card, i) => {
      const own = card.programs.find((p) => p.name === program);
      return own === undefined ? [] : [{ points: own.points, number: i + 1 }];
    });
    const all = [...new Set(rows.map((r) => r.points))].sort((a, b) => a - b);
    return {
      program,
      entries: all.map((points) => ({
        words: formatPoints(points),
        recipes: rows.filter((r) => r.points === points).map((r) => r.number),
      })),
    };
  });
};

/** The recipes by what is in them, in the order of letters. */
export function indexByIngredient({ cards }: Pick<Booklet, 'cards'>): IndexEntry[] {
  const byName = new Map<string, Set<number>>();
  cards.forEach((card, i) => {
    for (const { name } of card.ingredients) {
      // What stands behind a comma or in brackets says how it is, and not what.
      const bare = name
        .replace(/\s*[,(].*$/, '')
        .trim()
        .toLowerCase();
      if (bare === '') continue;
      const numbers = byName.get(bare) ?? new Set();
      byName.set(bare, numbers.add(i + 1));
    }
  });
  return [...byName]
    .map(([words, numbers]) => ({ words, recipes: [...numbers] }))
    .sort((a, b) => a.words.localeCompare(b.words, 'en'));
}

/** How the points of a booklet were counted, in paragraphs. */
export function howCounted({ cards, countedOn }: Pick<Booklet, 'cards' | 'countedOn'>): string[] {
  const programs = new Map(cards.flatMap((c) => c.programs.map((p) => [p.name, p] as const)));
  const named = [...programs.values()].map((p) => `${p.name} (${p.mark}) by ${p.by}`);
  return [
    `Every dish was counted on ${formatDay(countedOn)} from its own list of ingredients: ${named.join(', ')}.`,
    'Points stand for a serving, beside each ingredient before they are rounded, and rounded once for the whole. Where it says maybe, what is not known exactly (a cup, an egg, a label) may move it so far.',
    'A program that is revised counts otherwise from then on; a booklet stays as it is.',
    MEDICAL_CAUTION,
  ];
}

const inXml = (words: string): string =>
  words
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
    // What XML 1.0 cannot hold.
    // biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is taken out
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '');

const xhtmlPage = (title: string, body: string, type = ''): string => `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE html>
<html xmlns="http://www.w3.org/1999/xhtml" xmlns:epub="http://www.idpf.org/2007/ops" lang="en" xml:lang="en">
<head><meta charset="UTF-8"/><title>${inXml(title)}</title><link rel="stylesheet" type="text/css" href="style.css"/></head>
<body${type === '' ? '' : ` epub:type="${type}"`}>
${body}
</body>
</html>
`;

const recipeFile = (number: number): string => `recipe-${number}.xhtml`;
const numberLinks = (numbers: readonly number[]): string =>
  numbers.map((n) => `<a href="${recipeFile(n)}">${n}</a>`).join(', ');

const STYLE = `body { font-family: serif; line-height: 1.45; margin: 1em; }
h1, h2, h3 { font-family: sans-serif; line-height: 1.2; }
table { border-collapse: collapse; width: 100%; }
td, th { border-top: 1px solid #bbb; padding: 0.2em 0.4em; text-align: left; vertical-align: top; }
.n { text-align: right; }
.soft { color: #555; }
.cover { text-align: center; margin-top: 30%; }
`;

/** The files of a booklet as EPUB 3 (W3C, EPUB 3.3), by their names, the one that has to be first first. */
export function asEpub(booklet: Booklet): ReadonlyMap<string, string> {
  const { title, cards } = booklet;
  const parts: [file: string, title: string, body: string][] = [
    ['cover.xhtml', title, `<div class="cover"><h1>${inXml(title)}</h1><p>${cards.length} recipes</p></div>`],
    ...(booklet.words === null
      ? []
      : [['words.xhtml', 'In the cook’s words', paragraphs(booklet.words)] as [string, string, string]]),
    ...cards.map((card, i): [string, string, string] => [
      recipeFile(i + 1),
      `${i + 1} ${card.title}`,
      recipeBody(card, i + 1),
    ]),
    ['by-points.xhtml', 'By points', byPointsBody(booklet)],
    ['by-ingredient.xhtml', 'By ingredient', byIngredientBody(booklet)],
    [
      'how.xhtml',
      'How points were counted',
      `<h1>How points were counted</h1>${howCounted(booklet)
        .map((p) => `<p>${inXml(p)}</p>`)
        .join('')}`,
    ],
  ];
  const nav = `<nav epub:type="toc" id="toc"><h1>Contents</h1><ol>${parts
    .map(([file, name]) => `<li><a href="${file}">${inXml(name)}</a></li>`)
    .join('')}</ol></nav>`;
  return new Map([
    ['mimetype', 'application/epub+zip'],
    [
      'META-INF/container.xml',
      '<?xml version="1.0" encoding="UTF-8"?>\n<container version="1.0" xmlns="urn:oasis:names:tc:opendocument:xmlns:container"><rootfiles><rootfile full-path="OEBPS/content.opf" media-type="application/oebps-package+xml"/></rootfiles></container>\n',
    ],
    [
      'OEBPS/content.opf',
      packageOf(
        booklet,
        parts.map(([file]) => file),
      ),
    ],
    ['OEBPS/nav.xhtml', xhtmlPage('Contents', nav)],
    ['OEBPS/style.css', STYLE],
    ...parts.map(([file, name, body]) => [`OEBPS/${file}`, xhtmlPage(name, body)] as const),
  ]);
}

function packageOf({ id, title, countedOn }: Booklet, files: readonly string[]): string {
  const idOf = (file: string): string => file.replace(/\W/g, '-');
  const items = files.map((f) => `<item id="${idOf(f)}" href="${f}" media-type="application/xhtml+xml"/>`).join('');
  const spine = files.map((f) => `<itemref idref="${idOf(f)}"/>`);
  return `<?xml version="1.0" encoding="UTF-8"?>
<package xmlns="http://www.idpf.org/2007/opf" version="3.0" unique-identifier="book" xml:lang="en">
<metadata xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:identifier id="book">urn:uuid:${inXml(id)}</dc:identifier><dc:title>${inXml(title)}</dc:title><dc:language>en</dc:language><meta property="dcterms:modified">${countedOn}T00:00:00Z</meta></metadata>
<manifest><item id="nav" href="nav.xhtml" media-type="application/xhtml+xml" properties="nav"/><item id="style" href="style.css" media-type="text/css"/>${items}</manifest>
<spine>${spine[0] ?? ''}<itemref idref="nav"/>${spine.slice(1).join('')}</spine>
</package>
`;
}

const paragraphs = (words: string): string =>
  words
    .split(/\n+/)
    .map((p) => `<p>${inXml(p)}</p>`)
    .join('');

function recipeBody(card: Card, number: number): string {
  const marks = card.programs.map((p) => p.mark);
  const points = card.programs.map((p) => {
    const sure = certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } });
    return `${inXml(p.name)} <strong>${formatPoints(p.points)}</strong>${sure ? ` ${inXml(sure)}` : ''}`;
  });
  const kcal = card.kcal === null ? [] : [`${Math.round(card.kcal)} kcal`];
  const head = marks.map((m) => `<th class="n">${inXml(m)}</th>`).join('');
  const numbers = (values: readonly number[], say: (n: number) => string) =>
    values.map((v) => `<td class="n">${say(v)}</td>`).join('');
  const about = [whoseWords(card), creditWords(card), wasWords(card)].filter((w) => w !== null);
  const withPoints = card.ingredients.some((i) => i.raw.length > 0);
  const table = (heading: string, rows: Card['options']) =>
    rows.length === 0
      ? ''
      : `<h2>${heading}</h2><table><tr><th>points with it</th>${head}</tr>${rows.map((r) => `<tr><td>${inXml(r.words)}</td>${numbers(r.points, formatPoints)}</tr>`).join('')}</table>`;
  return [
    `<h1>${number} ${inXml(card.title)}</h1>`,
    `<p class="soft">${inXml(servingWords(card))}, ${inXml(countedWords(card))}</p>`,
    card.words === null ? '' : paragraphs(card.words),
    `<p>${[...points, ...kcal].join(' · ')} ${card.servings === null ? 'the whole' : 'a serving'}</p>`,
    ...card.programs.flatMap((p) =>
      p.span === null ? [] : [`<p class="soft">${inXml(p.mark)}: ${inXml(spanWords(p.span))}</p>`],
    ),
    ...about.map((w) => `<p>${inXml(w)}</p>`),
    card.credit.url === null ? '' : `<p><a href="${inXml(card.credit.url)}">${inXml(card.credit.url)}</a></p>`,
    card.ingredients.length === 0
      ? ''
      : `<h2>Ingredients</h2><table><tr><th></th><th></th>${withPoints ? head : ''}</tr>${card.ingredients
          .map(
            (i) =>
              `<tr><td><strong>${inXml(i.amount)}</strong></td><td>${inXml(i.name)}${i.any === null ? '' : ` (${inXml(i.any)})`}${i.offers.map((o) => `<br/>or ${inXml(offerWords(o, marks))}`).join('')}</td>${withPoints ? numbers(i.raw, formatShare) : ''}</tr>`,
          )
          .join('')}</table>`,
    card.steps.length === 0
      ? ''
      : `<h2>Steps</h2><ol>${card.steps.map((s) => `<li>${inXml(s.text)}</li>`).join('')}</ol>`,
    table('On the plate, as you like', card.options),
    card.changes.length === 0
      ? ''
      : `<h2>What was changed</h2><ul>${card.changes.map((c) => `<li>${inXml(c.from)} → ${inXml(c.to)}${c.why ? `. ${inXml(c.why)}` : ''}</li>`).join('')}</ul>`,
    table('With the regular ingredient', card.regular),
    card.allergens.length === 0 ? '' : `<p>Contains ${inXml(card.allergens.join(', '))}.</p>`,
    ...card.cautions.map((c) => `<p class="soft">${inXml(c.words)}</p>`),
  ]
    .filter((part) => part !== '')
    .join('\n');
}

const byPointsBody = (booklet: Booklet): string =>
  `<h1>By points</h1>${indexByPoints(booklet)
    .map(
      ({ program, entries }) =>
        `<h2>${inXml(program)}</h2><ul>${entries.map((e) => `<li>${e.words}: ${numberLinks(e.recipes)}</li>`).join('')}</ul>`,
    )
    .join('')}`;

const byIngredientBody = (booklet: Booklet): string => {
  const entries = indexByIngredient(booklet);
  if (entries.length === 0) return '<h1>By ingredient</h1><p>No list of ingredients goes out with these recipes.</p>';
  return `<h1>By ingredient</h1><ul>${entries.map((e) => `<li>${inXml(e.words)}: ${numberLinks(e.recipes)}</li>`).join('')}</ul>`;
};
