import type { Credit } from '../card/card.ts';
import type { PassOn } from '../card/pass-on.ts';
import { fieldKind } from '../history/field-change.ts';
import { list, object, set, value } from '../history/shape.ts';
import type { Claim } from '../page/recipe-text.ts';
import { lastStep } from './last-step.ts';

/** What a recipe is called and where it is from: the part that all its versions share. */
export interface RecipeHead {
  readonly title: string;
  readonly credit: Credit;
  /** Doubts about its steps that the cook has put aside, by their words. */
  readonly settled: readonly string[];
  /** The version that is shown of it; null for the newest. */
  readonly shownVersionId: string | null;
  readonly favourite: boolean;
  /** What its source says of itself, and what the cook knows of it from elsewhere. */
  readonly claims: readonly Claim[];
  readonly passOn: PassOn;
}

export const RECIPE_KIND = fieldKind<RecipeHead>(
  'recipe',
  object({
    title: value,
    credit: object({ author: value, url: value, whose: value }),
    settled: set,
    shownVersionId: value,
    favourite: value,
    claims: value,
    passOn: object({
      hides: set,
      words: value,
      pictureId: value,
      programs: value,
      label: value,
      others: value,
      ownSteps: value,
      lines: list('id', object({ any: value, foods: set, asks: value })),
    }),
  }),
  {
    what: (path) =>
      path[0] === 'passOn'
        ? 'what is passed on'
        : ({
            title: 'the title',
            settled: 'what was put aside',
            shownVersionId: 'the version that is shown',
            favourite: 'whether it is a favourite',
            claims: 'what is said of its points',
            author: 'from whom',
            url: 'the link',
            whose: 'whose it is',
          }[lastStep(path)] ?? ''),
    say: (path, v) => (path[0] === 'title' ? `"${String(v)}"` : null),
  },
);
