import type { Soiled } from './soiled.ts';
import type { PartPlace } from './step-parts.ts';

/** What tasks of several dishes share. */
export const PREP_TOOLS = ['burner', 'bowl', 'board', 'blender'] as const;
export type PrepTool = (typeof PREP_TOOLS)[number];

/** A tool that a task takes, and the task by which it is free again: its own, or the beginning of a later one. */
export interface ToolUse extends Soiled {
  readonly tool: PrepTool;
  readonly until: string;
}

/** Where minutes come from: the step says them, the cook does, or they are a guess. */
export type MinutesFrom = 'read' | 'told' | 'guessed';

/** A step that is no work of its own: it says how the next is done. */
export interface Hint {
  readonly stepId: string;
  readonly words: string;
}

/** A piece of a prep day. */
export interface PrepTask {
  readonly id: string;
  readonly dishId: string;
  /** The step that it is of; null for what is of the whole dish. */
  readonly stepId: string | null;
  /** By what its minutes are remembered. */
  readonly key: string;
  readonly words: string;
  readonly minutes: number;
  readonly from: MinutesFrom;
  /** Whether it takes a cook's hands all the time. */
  readonly hands: boolean;
  readonly place: PartPlace | null;
  /** In the oven: the degrees that the step allows, °C. */
  readonly heat: { readonly low: number; readonly high: number } | null;
  /** How it is done with what is in the dish now: what a swap says of the step. */
  readonly hints: readonly Hint[];
  /** The ids of what has to be over before. */
  readonly after: readonly string[];
  readonly tools: readonly ToolUse[];
}

/** Something that begins before the day does, or goes on after it. */
export interface PrepAside {
  readonly dishId: string;
  readonly words: string;
  readonly minutes: number;
}

/** A dish as it is done on a prep day. */
export interface DishTasks {
  readonly tasks: readonly PrepTask[];
  /** What has to begin long before. */
  readonly before: readonly PrepAside[];
  /** What goes on by itself when all is packed, and what is done when it is eaten. */
  readonly after: readonly PrepAside[];
  /** What was guessed about it, in words. */
  readonly guesses: readonly string[];
}
