import type { PrepTool } from './prep-task.ts';

/** A dish of a prep day. */
export interface PrepDish {
  readonly id: string;
  readonly recipeId: string;
  readonly versionId: string;
  /** For how many servings; null where the version says none. */
  readonly servings: number | null;
  /** The cook that it became; null before it is begun. */
  readonly cookId: string | null;
}

/** What a kitchen has, as far as dishes have to share it. */
export interface PrepKitchen {
  readonly burners: number;
  /** That go into the oven at a time. */
  readonly trays: number;
  readonly bowls: number;
  readonly boards: number;
  readonly blenders: number;
}

/** When a prep day begins, until somebody says otherwise. */
export const USUAL_PREP_START = '14:00';
/** More dishes are no day's work. */
export const MOST_PREP_DISHES = 8;
/** So long a shorter order is looked for, ms. */
export const ORDER_WITHIN_MS = 10_000;

export const USUAL_KITCHEN: PrepKitchen = { burners: 4, trays: 2, bowls: 3, boards: 1, blenders: 1 };

/** Several dishes that are cooked in one go. */
export interface Prep {
  readonly id: string;
  /** YYYY-MM-DD in the household's zone. */
  readonly day: string;
  /** When it begins by the household's clock, HH:MM. */
  readonly start: string;
  readonly cooks: 1 | 2;
  readonly kitchen: PrepKitchen;
  readonly dishes: readonly PrepDish[];
  /** What the cook says that a part of a step takes, min, by `partKey`. */
  readonly minutes: Readonly<Record<string, number>>;
  /** The order that was kept, moved by hand or begun; null while it is worked out anew. */
  readonly kept: KeptOrder | null;
  /** When it was begun, ISO 8601; null before. */
  readonly begun: string | null;
  /** What is begun of what goes on by itself, and what is done, by the id of its task. */
  readonly ticks: Readonly<Record<string, PrepTick>>;
}

/** When everything begins, min from the start of the day. */
export interface KeptOrder {
  /** By the id of a task; tasks that are not in it follow. */
  readonly starts: Readonly<Record<string, number>>;
  readonly washes: readonly { readonly tool: PrepTool; readonly start: number }[];
}

/** What the cook says of a task. */
export interface PrepTick {
  readonly state: 'begun' | 'done';
  /** ISO 8601. */
  readonly at: string;
}

/** A part of a step of a version, and of its copies as cooked: what it takes once is what it takes again. */
export const partKey = (stepId: string, part: string): string => `${stepId}~${part}`;

/** What earlier prep days were told that parts of steps take; the latest has it. */
export const learntMinutes = (preps: readonly Pick<Prep, 'day' | 'minutes'>[]): Readonly<Record<string, number>> =>
  Object.assign({}, ...[...preps].sort((a, b) => a.day.localeCompare(b.day)).map((p) => p.minutes));
