import { MEDICAL_CAUTION } from '../caution/cautions.ts';
import { certaintyWords, formatPoints } from '../program/format-points.ts';
import type { Card } from './card.ts';
import { countedWords, creditWords, offerWords, servingWords, spanWords, whoseWords } from './card-words.ts';
import { correctedWords } from './correction.ts';

/** How a card is wanted as text. */
export interface PostWish {
  readonly length: 'short' | 'long';
  readonly steps: boolean;
  /** So many characters at most; null for as many as it takes. */
  readonly most: number | null;
  /** Where the card is; null where it has no link. */
  readonly url: string | null;
}

/** A card as text to paste under a post. */
export interface PostText {
  readonly text: string;
  /** What was given up to stay within the length, in words. */
  readonly left: readonly string[];
  /** By how many characters even the least is too long; 0 where it fits. */
  readonly over: number;
}

/** A piece of the text; pieces that can be given up go in the order of `givenUp`, the highest first. */
interface TextPiece {
  readonly name: string;
  /** null where it always stays: the points, whose recipe it is, and what keeps its readers safe. */
  readonly givenUp: number | null;
  readonly lines: readonly string[];
}

/** As people count them. */
export const lengthOf = (text: string): number => [...text].length;

/** A card as text: the points of all programs first, and within a length whole pieces of it, never half of one. */
export function postText(card: Card, wish: PostWish): PostText {
  const pieces = textPieces(card, wish).filter((p) => p.lines.length > 0);
  const left: string[] = [];
  let kept = pieces;
  const { most } = wish;
  if (most !== null) {
    const order = pieces.filter((p) => p.givenUp !== null).sort((a, b) => b.givenUp! - a.givenUp!);
    for (const piece of order) {
      if (lengthOf(textOfPieces(kept)) <= most) break;
      kept = kept.filter((p) => p !== piece);
      left.push(piece.name);
    }
  }
  const text = textOfPieces(kept);
  return { text, left, over: most === null ? 0 : Math.max(0, lengthOf(text) - most) };
}

const textOfPieces = (pieces: readonly TextPiece[]): string => pieces.map((p) => p.lines.join('\n')).join('\n\n');

function textPieces(card: Card, { length, steps, url }: PostWish): TextPiece[] {
  const long = length === 'long';
  const marks = card.programs.map((p) => p.mark);
  const piece = (name: string, givenUp: number | null, lines: readonly (string | null)[]): TextPiece => ({
    name,
    givenUp,
    lines: lines.filter((l) => l !== null),
  });
  return [
    piece('points', null, [pointsLine(card), servingWords(card)]),
    piece('what was wrong before', null, [correctedWords(card)]),
    piece('own words', 4, card.words === null ? [] : card.words.split('\n')),
    piece('whose it is', null, [whoseWords(card), creditWords(card), card.credit.url]),
    piece('how sure the points are', 6, long ? sureLines(card) : []),
    piece('ingredients', 2, card.ingredients.length === 0 ? [] : ['Ingredients', ...linesOfCard(card, marks)]),
    piece(
      'steps',
      3,
      steps && card.steps.length > 0 ? ['Steps', ...card.steps.map((s, i) => `${i + 1}. ${s.text}`)] : [],
    ),
    piece(
      'what is on the plate',
      5,
      long && card.options.length > 0
        ? [`On the plate, as you like (points with it: ${marks.join(' · ')})`, ...card.options.map(withPoints)]
        : [],
    ),
    piece(
      'what was changed',
      7,
      card.changes.length > 0 && (long || card.shows === 'changes')
        ? ['What was changed', ...card.changes.map((c) => `- ${c.from} → ${c.to}${c.why ? `. ${c.why}` : ''}`)]
        : [],
    ),
    piece(
      'with the regular ingredient',
      8,
      long && card.regular.length > 0
        ? [`With the regular ingredient (points with it: ${marks.join(' · ')})`, ...card.regular.map(withPoints)]
        : [],
    ),
    piece('what keeps its readers safe', null, [
      card.allergens.length > 0 ? `Contains: ${card.allergens.join(', ')}` : null,
      ...card.cautions.map((c) => c.words),
    ]),
    piece('the usual caution', 9, long ? [MEDICAL_CAUTION] : []),
    piece('when it was counted', 1, [capitalised(countedWords(card))]),
    piece('the link', null, [url === null ? null : `${hasMore(card, long, steps)}: ${url}`]),
  ];
}

const capitalised = (words: string): string => words.slice(0, 1).toUpperCase() + words.slice(1);
const withPoints = (o: { readonly words: string; readonly points: readonly number[] }): string =>
  `- ${o.words}: ${o.points.map(formatPoints).join(' · ')}`;
const hasMore = (card: Card, long: boolean, steps: boolean): string =>
  !long || (!steps && card.steps.length > 0) ? 'The whole of it, with its points beside it' : 'As a page';

/** @example 'Gratin: Ledger 12 · Larder 10, at most · 480 kcal, a serving' */
function pointsLine(card: Card): string {
  const points = card.programs.map((p) => {
    const sure = certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } });
    return `${p.name} ${formatPoints(p.points)}${sure ? `, ${sure}` : ''}`;
  });
  const kcal = card.kcal === null ? [] : [`${Math.round(card.kcal)} kcal`];
  if (points.length + kcal.length === 0) return card.title;
  return `${card.title}: ${[...points, ...kcal].join(' · ')} ${card.servings === null ? 'the whole' : 'a serving'}`;
}

function sureLines(card: Card): string[] {
  const was = card.programs.flatMap((p) => (p.was === null ? [] : [`${p.name} ${formatPoints(p.was)}`]));
  if (card.kcalWas !== null) was.push(`${Math.round(card.kcalWas)} kcal`);
  return [
    ...(was.length > 0 ? [`As written: ${was.join(' · ')}`] : []),
    ...card.programs.flatMap((p) => (p.span === null ? [] : [`${p.name}: ${spanWords(p.span)}`])),
  ];
}

function linesOfCard(card: Card, marks: readonly string[]): string[] {
  let group: string | null = null;
  return card.ingredients.flatMap((i) => {
    const heading = i.group !== null && i.group !== group ? [`${i.group}:`] : [];
    group = i.group;
    return [
      ...heading,
      `- ${[i.amount, i.name].filter(Boolean).join(' ')}${i.any === null ? '' : ` (${i.any})`}`,
      ...i.offers.map((o) => `  or ${offerWords(o, marks)}`),
      ...(i.asks === null ? [] : [`  ${i.asks}`]),
    ];
  });
}
