import type { Card } from '../../core/card/card.ts';
import { countedWords, creditWords, offerWords, servingWords, whoseWords } from '../../core/card/card-words.ts';
import { correctedWords } from '../../core/card/correction.ts';
import type { Sheet } from '../../core/card/sheet.ts';
import { portionWords, togetherWords } from '../../core/card/sheet-text.ts';
import { MEDICAL_CAUTION } from '../../core/caution/cautions.ts';
import { invalid } from '../../core/errors.ts';
import { certaintyWords, formatPoints, formatShare } from '../../core/program/format-points.ts';
import { CARD_COLOURS, type Drawing, drawing, MOST_HEIGHT } from './drawing.ts';
import { loadSharp } from './shrink-picture.ts';
import { typeSetter } from './type-setter.ts';

/** A picture, PNG, and the letters that could not be drawn. */
export interface Drawn {
  readonly png: Uint8Array;
  readonly undrawn: readonly string[];
}

/**
 * A card as a picture to post: its points, its ingredients with theirs, its steps where they are wanted.
 *
 * @throws DomainError invalid for what is too long for a picture
 */
export const pictureOfCard = (card: Card, { steps }: { readonly steps: boolean }): Promise<Drawn> =>
  drawn((d) => drawCard(d, card, steps));

/** Several dishes as one picture. @throws DomainError invalid for what is too long for one */
export const pictureOfSheet = (sheet: Sheet): Promise<Drawn> => drawn((d) => drawSheet(d, sheet));

async function drawn(fill: (d: Drawing) => void): Promise<Drawn> {
  const type = await typeSetter();
  const d = drawing(type);
  fill(d);
  if (d.height() > MOST_HEIGHT)
    throw invalid('It is too long for a picture.', 'Leave the steps out, or pass it on as a page.');
  const sharp = await loadSharp();
  const png = await sharp(Buffer.from(d.toSvg())).png({ compressionLevel: 9, palette: true }).toBuffer();
  return { png, undrawn: type.undrawn() };
}

const SOFT = { fill: CARD_COLOURS.soft, size: 24 };

function drawCard(d: Drawing, card: Card, withSteps: boolean): void {
  const each = card.servings === null ? 'the whole' : 'a serving';
  d.words(servingWords(card), SOFT);
  d.words(card.title, { face: 'head', size: 60 });
  const corrected = correctedWords(card);
  if (corrected !== null) d.words(corrected, { size: 26, fill: CARD_COLOURS.beet, above: 8 });
  if (card.words !== null) d.words(card.words, { size: 30, above: 8 });
  d.words(' ', { size: 12 });
  d.cells([
    ...card.programs.map((p) => ({
      above: p.name,
      large: formatPoints(p.points),
      below: certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } }) ?? '',
    })),
    ...(card.kcal === null ? [] : [{ above: `kcal ${each}`, large: String(Math.round(card.kcal)), below: '' }]),
  ]);
  const credit = [whoseWords(card), creditWords(card), card.credit.url].filter((w) => w !== null);
  for (const words of credit) d.words(words, { ...SOFT, above: 10 });
  if (card.ingredients.length > 0) drawIngredients(d, card);
  if (withSteps && card.steps.length > 0) {
    d.words('Steps', { face: 'head', size: 34, above: 26 });
    card.steps.forEach((s, i) => {
      d.rule();
      d.row('', `${i + 1}.  ${s.text}`, []);
    });
  }
  if (card.ingredients.length === 0 && card.changes.length > 0) {
    d.words('What was changed', { face: 'head', size: 34, above: 26 });
    for (const c of card.changes) {
      d.rule();
      d.row('', `${c.from} → ${c.to}`, []);
    }
  }
  foot(d, card, countedWords(card));
}

function drawIngredients(d: Drawing, card: Card): void {
  const withPoints = card.ingredients.some((i) => i.raw.length > 0);
  const marks = card.programs.map((p) => p.mark);
  d.words('Ingredients', { face: 'head', size: 34, above: 26 });
  if (withPoints) d.row('', '', marks, { fill: CARD_COLOURS.soft });
  let group: string | null = null;
  for (const i of card.ingredients) {
    if (i.group !== null && i.group !== group) d.words(i.group, { face: 'bold', size: 26, above: 10 });
    group = i.group;
    d.rule();
    d.row(i.amount || ' ', `${i.name}${i.any === null ? '' : ` (${i.any})`}`, withPoints ? i.raw.map(formatShare) : []);
    for (const o of i.offers) d.words(`or ${offerWords(o, marks)}`, { ...SOFT, x: 250 });
    if (i.asks !== null) d.words(i.asks, { ...SOFT, x: 250 });
  }
}

function drawSheet(d: Drawing, sheet: Sheet): void {
  d.words(sheet.title, { face: 'head', size: 60 });
  if (sheet.words !== null) d.words(sheet.words, { size: 30, above: 8 });
  const marks = sheet.programs.map((p) => p.mark);
  for (const part of sheet.parts) {
    if (part.heading !== null) d.words(part.heading, { face: 'head', size: 34, above: 26 });
    d.row('', '', [...marks, 'kcal'], { fill: CARD_COLOURS.soft });
    for (const t of part.things) {
      const portion = portionWords(t.portion);
      d.rule();
      d.row('', portion === null ? t.words : `${t.words}, ${portion}`, [
        ...t.points.map((p) => (p === null ? '?' : formatPoints(p.points))),
        t.kcal === null ? '?' : String(Math.round(t.kcal)),
      ]);
      if (t.note !== null) d.words(t.note, SOFT);
    }
    const sum = togetherWords(part, sheet);
    if (sum !== null) {
      d.rule(CARD_COLOURS.ink);
      d.words(sum, { face: 'bold', size: 30, above: 8 });
    }
  }
  d.words(sheet.programs.map((p) => `${p.mark} is ${p.name}`).join(', '), { ...SOFT, above: 16 });
  foot(d, { allergens: sheet.allergens, cautions: [] }, countedWords(sheet));
}

function foot(d: Drawing, { allergens, cautions }: Pick<Card, 'allergens' | 'cautions'>, counted: string): void {
  d.rule(CARD_COLOURS.ink, 26);
  if (allergens.length > 0) d.words(`Contains ${allergens.join(', ')}.`, { size: 26, above: 12 });
  for (const c of cautions) d.words(c.words, { ...SOFT, above: 6 });
  d.words(MEDICAL_CAUTION, { ...SOFT, above: 6 });
  d.words(`${counted.slice(0, 1).toUpperCase()}${counted.slice(1)}.`, { ...SOFT, above: 6 });
}
