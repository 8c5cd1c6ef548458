import type { ProposedPlace, SaidProposal } from '../../core/propose/say-proposal.ts';
import type { NewThing, OpenWeek } from '../week/use-week.ts';

/**
 * Puts what is wanted of a proposal onto the plan: the pots first, then what is on plates.
 *
 * @returns the way back
 */
export async function takeProposal(
  week: OpenWeek,
  said: SaidProposal,
  wanted: readonly ProposedPlace[],
): Promise<() => Promise<void>> {
  const pots = new Map<string, string>();
  for (const cook of said.cooks) {
    if (!wanted.some((w) => w.what.kind === 'cook' && w.what.key === cook.key)) continue;
    const { recipeId, versionId, day, meal, servings } = cook;
    pots.set(cook.key, await week.makePot({ recipeId, versionId, day, meal, servings }));
  }
  const recipeOf = new Map(said.cooks.map((c) => [c.key, c.recipeId]));
  const things = wanted.map(({ place, title, what }): NewThing => {
    const eaten =
      what.kind === 'there'
        ? what.eaten
        : ({ kind: 'pot', recipeId: recipeOf.get(what.key)!, potId: pots.get(what.key)! } as const);
    return { ...place, what: eaten, words: title, portion: 1, spread: 0, state: 'planned' };
  });
  const made = await week.add(things);
  return async () => {
    await week.takeBack(made);
    await week.takePotsBack([...pots.values()]);
  };
}
