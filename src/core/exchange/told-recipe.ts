import type { Card } from '../card/card.ts';
import type { LabelValues } from '../card/card-label.ts';
import type { TimesSaid } from '../page/recipe-text.ts';

/** A recipe as it is told in another format: its own words, and what it was counted as. */
export interface ToldRecipe {
  readonly title: string;
  readonly author: string | null;
  readonly url: string | null;
  readonly servings: number | null;
  readonly times: TimesSaid;
  readonly lines: readonly { readonly group: string | null; readonly text: string }[];
  readonly steps: readonly string[];
  /** Of a serving, for each program. */
  readonly points: readonly {
    readonly mark: string;
    readonly name: string;
    readonly points: number;
    readonly low: number;
    readonly high: number;
  }[];
  /** Of a serving; null where nobody counted it. */
  readonly label: LabelValues | null;
  readonly allergens: readonly string[];
  readonly cautions: readonly string[];
  /** YYYY-MM-DD. */
  readonly countedOn: string;
}

/** A card as it is told in another format: what it shows, and nothing else. */
export const toldOfCard = (card: Card): ToldRecipe => ({
  title: card.title,
  author: card.credit.author,
  url: card.credit.url,
  servings: card.servings,
  times: { prep: null, cook: null, total: null },
  lines: card.ingredients.map((i) => ({ group: i.group, text: [i.amount, i.name].filter(Boolean).join(' ') })),
  steps: card.steps.map((s) => s.text),
  points: card.programs.map(({ mark, name, points, low, high }) => ({ mark, name, points, low, high })),
  label: card.label?.serving ?? (card.kcal === null ? null : { ...NO_LABEL, kcal: card.kcal }),
  allergens: card.allergens,
  cautions: card.cautions.map((c) => c.words),
  countedOn: card.countedOn,
});

const NO_LABEL: LabelValues = {
  kcal: null,
  fat: null,
  satFat: null,
  carbs: null,
  sugars: null,
  fibre: null,
  protein: null,
  salt: null,
};
