import { isCutting } from './guess-minutes.ts';
import type { PrepTool, ToolUse } from './prep-task.ts';
import type { Soiled } from './soiled.ts';
import type { StepPart } from './step-parts.ts';

/** What is stirred in a bowl. */
const IN_BOWL = /\bbowl\b|^(?:whisk|beat|knead|mix|fold|toss|combine|cream|rub|stir)\b/i;
/** It goes on in what it was begun in. */
const GOES_ON_IN_BOWL = /^(?:fold|stir|mix|beat|whisk|rub|knead)\b.*\bin\b|^(?:fold|stir|mix|beat|add|knead)\b/i;
/** What is done to what is in the pot, which stays where it is. */
const STAYS_IN_POT =
  /^(?:stir|add|lay|season|pour|return|dust|fold|put|tip|mix in|deglaze|strew|thicken|taste|loosen|skim|cover|whisk in|turn)\b/i;
const OTHER_PAN = /\b(?:another|second|separate|clean|small|frying|wide) (?:sauce)?(?:pan|pot|skillet)\b/i;

interface OpenUse extends Soiled {
  readonly tool: PrepTool;
  readonly from: string;
  until: string;
}

/**
 * Burners and bowls from step to step: a pot stays on its burner until it is off the hob for good, and a bowl is free
 * again when what is in it goes on into a tin, a pan, a dish.
 */
export class VesselsInUse {
  readonly #uses: OpenUse[] = [];
  #pot: OpenUse | null = null;
  #bowls: OpenUse[] = [];

  /**
   * @param id of the part's task
   * @param isApart whether its step begins something of its own
   * @param stepText what its step says
   */
  add(id: string, part: StepPart, isApart: boolean, isFirst: boolean, stepText: string, soiled: Soiled): void {
    if (isApart && isFirst) this.#pot = null;
    if (part.hands && part.place === null && !part.clauses.every((c) => STAYS_IN_POT.test(c) || isCutting(c)))
      this.#pot = null;
    const waits = !part.hands && part.place !== 'hob' && part.place !== 'oven';
    const stirs = part.hands && part.place === null && part.clauses.some((c) => IN_BOWL.test(c));
    if (part.place === 'hob') {
      this.#empty(id, part, isApart);
      if (this.#pot !== null && !OTHER_PAN.test(stepText)) this.#pot.until = id;
      else this.#pot = this.#open({ tool: 'burner', from: id, until: id, bears: 0, soils: 0 });
    } else if (part.place === 'oven') {
      this.#empty(id, part, isApart);
      this.#pot = null;
    } else if (waits) {
      // What rests does so in its bowl; what cools is off the hob.
      for (const b of this.#bowls.slice(-1)) b.until = id;
      if (/\bcool|chill|freez/i.test(part.words) || part.place !== null) this.#pot = null;
    } else if (stirs && this.#pot === null) {
      const last = this.#bowls.at(-1);
      if (last !== undefined && !isApart && part.clauses.some((c) => GOES_ON_IN_BOWL.test(c))) {
        last.until = id;
        for (const b of this.#bowls.slice(0, -1)) b.until = id;
        this.#bowls = [last];
        Object.assign(last, { soils: Math.max(last.soils, soiled.soils) });
      } else {
        this.#empty(id, part, isApart);
        this.#bowls.push(this.#open({ tool: 'bowl', from: id, until: id, ...soiled }));
      }
    } else if (part.hands && !part.clauses.every(isCutting)) this.#empty(id, part, isApart);
  }

  /** The end of a step that began something apart: what it has on the hob is no pot of the dish. */
  endStep(isApart: boolean): void {
    if (isApart) this.#pot = null;
  }

  /** What each task takes. */
  usesOf(id: string): ToolUse[] {
    return this.#uses
      .filter((u) => u.from === id)
      .map(({ tool, until, bears, soils }) => ({ tool, until, bears, soils }));
  }

  /** What is in bowls goes on with this; by hand until it is done, otherwise before it begins. */
  #empty(id: string, part: StepPart, isApart: boolean): void {
    if (isApart) return;
    if (part.hands) for (const b of this.#bowls) b.until = id;
    this.#bowls = [];
  }

  #open(use: OpenUse): OpenUse {
    this.#uses.push(use);
    return use;
  }
}
