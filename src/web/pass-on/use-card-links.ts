import { useState } from 'react';
import { toast } from 'sonner';
import { CARD_API, type PublishAgain } from '../../contract/card-api.ts';
import { DRIFT_API } from '../../contract/drift-api.ts';
import type { CardLink } from '../../contract/recipe.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { focusSoon } from '../kit/focus.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** Makes and withdraws the links of a version's card. */
export function useCardLinks(h: string, versionId: string) {
  const [busy, setBusy] = useState(false);
  /** The link that was just made, and whether the browser let it be copied. */
  const [made, setMade] = useState<{ readonly link: CardLink; readonly copied: boolean } | null>(null);
  const make = async (until: string | null) => {
    setBusy(true);
    try {
      const link = await ask(CARD_API.addCard, { h, id: versionId, body: { until } });
      const copied = await navigator.clipboard.writeText(link.url).then(
        () => true,
        () => false,
      );
      setMade({ link, copied });
      focusSoon('#made-link');
      await refresh.recipe(h);
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  const withdraw = async (card: CardLink) => {
    try {
      await ask(CARD_API.withdrawCard, { h, id: card.id });
      await refresh.recipe(h);
      setMade((m) => (m?.link.id === card.id ? null : m));
      toast('The link is withdrawn and leads nowhere now.');
    } catch (e) {
      sayError(e);
    }
  };
  /** Shows the newer count under the link that is out, with a way back. */
  const publishAgain = async (card: CardLink, wrong: PublishAgain) => {
    try {
      await ask(DRIFT_API.publishAgain, { h, id: card.id, body: wrong });
      await refresh.recipe(h);
      sayDone('The link shows the newer count.', async () => {
        await ask(DRIFT_API.publishBefore, { h, id: card.id });
        await refresh.recipe(h);
      });
    } catch (e) {
      sayError(e);
    }
  };
  return {
    publishAgain,
    busy,
    made: made?.link.versionId === versionId ? made : null,
    make,
    withdraw,
    forget: () => setMade(null),
  };
}
export type CardLinkActions = ReturnType<typeof useCardLinks>;
