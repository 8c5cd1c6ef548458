import { tiedLines } from './tie-lines.ts';
import type { Line, Version } from './version.ts';

/** Servings that a recipe may have: what a source says beyond that is no number of servings. */
const MOST_SERVINGS_SAID = 500;

/** What a version as written is made of. */
export interface AsWrittenParts {
  readonly id: string;
  readonly recipeId: string;
  /** As the source says; a number that cannot be one of servings is as if nothing was said. */
  readonly servings: number | null;
  readonly lines: readonly Line[];
  readonly steps: readonly string[];
  /** Ids for the steps. */
  readonly stepId: (index: number) => string;
}

/** The first version of a recipe: what its source says, read. */
export function asWritten({ servings: said, steps, stepId, lines, ...rest }: AsWrittenParts): Version {
  const servings = said !== null && said > 0 && said <= MOST_SERVINGS_SAID ? said : null;
  return {
    ...rest,
    parentId: null,
    kind: 'asWritten',
    name: 'as written',
    servings,
    dish: null,
    madeFor: null,
    lines: tiedLines(lines, servings),
    steps: steps.map((text, i) => ({ id: stepId(i), text })),
    revision: 0,
  };
}
