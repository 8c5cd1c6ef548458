import type { ChangeHub } from '../changes/change-hub.ts';

/** Of one household: what its cards showed last, by their ids, each with the text that it was read from. */
type ShownOfHousehold = Map<string, { readonly body: string; readonly shown: unknown }>;

/** More cards than this are not kept at once. */
const MOST_KEPT_CARDS = 500;

const keptCards = new WeakMap<ChangeHub, Map<string, ShownOfHousehold>>();

/**
 * What a card shows, from the last time that it was asked for: a card that many read is counted anew only after
 * something of its household has changed. Whether it may be shown at all is asked every time, elsewhere.
 */
export async function shownOnce<T>(
  changes: ChangeHub,
  householdId: string,
  card: { readonly id: string; readonly body: string },
  count: () => Promise<T>,
): Promise<T> {
  const own = shownOf(changes, householdId);
  const had = own.get(card.id);
  if (had !== undefined && had.body === card.body) return had.shown as T;
  const shown = await count();
  // Something may have changed while it was counted: then nobody keeps it.
  if (shownOf(changes, householdId) === own) {
    if (own.size >= MOST_KEPT_CARDS) own.clear();
    own.set(card.id, { body: card.body, shown });
  }
  return shown;
}

/** What is kept of a household, until it changes. */
function shownOf(changes: ChangeHub, householdId: string): ShownOfHousehold {
  let households = keptCards.get(changes);
  if (households === undefined) keptCards.set(changes, (households = new Map()));
  const had = households.get(householdId);
  if (had !== undefined) return had;
  const fresh: ShownOfHousehold = new Map();
  households.set(householdId, fresh);
  const end = changes.listen(householdId, () => {
    households.delete(householdId);
    end();
  });
  return fresh;
}
