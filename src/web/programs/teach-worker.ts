import { expose } from 'comlink';
import type { Teachable } from '../../core/teach/fits.ts';
import type { KnownFood, TaughtFood } from '../../core/teach/known-food.ts';
import { MODES, type Mode } from '../../core/teach/mode.ts';
import type { AskableAmounts, NextQuestion } from '../../core/teach/next-question.ts';
import { type Taught, type TaughtPoints, teach } from '../../core/teach/teach.ts';

/** What is to be learnt from what, as plain data: it crosses to the worker. */
export interface TeachQuestion {
  readonly known: readonly KnownFood[];
  readonly about: readonly TaughtFood[];
  readonly teachable: Teachable;
  readonly amounts: AskableAmounts;
}

export interface TeachFound {
  readonly taught: Taught;
  readonly points: readonly TaughtPoints[];
  readonly next: NextQuestion | null;
}

/** Modes are told apart by what they are: what crossed to the worker is a copy. */
const own = (mode: Mode): Mode => MODES.find((m) => m.rounding === mode.rounding && m.step === mode.step)!;

/** Learns a rule away from the page, which never waits for it. */
const teacher = {
  learn({ known, about, teachable, amounts }: TeachQuestion): TeachFound {
    const teaching = teach(known, { ...teachable, modes: teachable.modes.map(own) });
    return {
      taught: teaching.taught,
      points: about.flatMap((food) => teaching.points(food) ?? []),
      next: teaching.next(about, amounts),
    };
  },
};
export type TeachWorker = typeof teacher;

expose(teacher);
