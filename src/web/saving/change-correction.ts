import { CORRECTION_KIND } from '../../core/documents/document-kinds.ts';
import type { FoodCorrection } from '../../core/food/food-correction.ts';
import { documents } from './use-document.ts';

/**
 * Changes what a household calls a food and what its measures weigh, from how it was seen.
 *
 * @param seen the correction and its revision; 0 where there is none yet
 * @returns turns it round
 */
export async function changeCorrection(
  householdId: string,
  seen: { readonly known: FoodCorrection; readonly revision: number },
  after: FoodCorrection,
): Promise<() => Promise<void>> {
  const { known, revision } = seen;
  const key = { householdId, name: 'corrections', id: known.foodId } as const;
  const kept = { document: known, revision, removed: false, entries: [], earlier: false };
  const saved = documents.hold(key, revision === 0 ? null : kept);
  if (saved.getShown() === null) {
    await saved.want({ wants: 'make', document: after });
    return () => saved.do('Undo', CORRECTION_KIND.changes(after, known));
  }
  const changes = CORRECTION_KIND.changes(known, after);
  await saved.do('Change what it is called and weighs', changes);
  return () => saved.do('Undo', [...changes].reverse().map(CORRECTION_KIND.invert));
}
