import { useState } from 'react';
import { toast } from 'sonner';
import { API } from '../../contract/api.ts';
import type { CardLink } from '../../contract/recipe.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';
import { copyToClipboard } from './copy-to-clipboard.ts';

/** Makes and withdraws the links of a version's card. */
export function useCardLinks(h: string, versionId: string) {
  const [busy, setBusy] = useState(false);
  const make = async () => {
    setBusy(true);
    try {
      const link = await ask(API.addCard, { h, id: versionId });
      await refresh.recipe(h);
      await copyToClipboard(link.url, 'The card is made and its link copied.', 'The card is made.');
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  const withdraw = async (card: CardLink) => {
    try {
      await ask(API.withdrawCard, { h, id: card.id });
      await refresh.recipe(h);
      toast('The link is withdrawn and leads nowhere now.');
    } catch (e) {
      sayError(e);
    }
  };
  return { busy, make, withdraw };
}
