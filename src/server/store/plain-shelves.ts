import type { PlainKind } from '../../contract/household-file.ts';
import { BARCODES } from './barcode-shelf.ts';
import { BOX_KINDS, BOXES, COOKS, EMPTY_VESSELS } from './cook-shelf.ts';
import { CORRECTIONS } from './correction-shelf.ts';
import { DAY_ENTRIES, EATER_DAYS, POTS } from './day-shelf.ts';
import { EATERS } from './eater-shelf.ts';
import { FEASTS } from './feast-shelf.ts';
import { OBSERVATIONS } from './observation-shelf.ts';
import { OUTSIDE_VERDICTS } from './outside-shelf.ts';
import { OWN_SWAPS } from './own-swap-shelf.ts';
import { PINS } from './pin-shelf.ts';
import { PREPS } from './prep-shelf.ts';
import type { RowShelf } from './row-shelf.ts';
import { STOCK } from './stock-shelf.ts';
import { BUYING, TRIPS } from './trip-shelf.ts';
import { VERDICTS } from './verdict-shelf.ts';

// biome-ignore lint/suspicious/noExplicitAny: each shelf checks its own documents
type AnyRowShelf = RowShelf<any>;

/** Where the documents of a file lie, bare: without what else follows when somebody eats, cooks or buys. */
export const PLAIN_SHELVES: Readonly<Record<PlainKind, { readonly shelf: AnyRowShelf; readonly order?: string }>> = {
  eaters: { shelf: EATERS, order: 'position' },
  corrections: { shelf: CORRECTIONS },
  pins: { shelf: PINS },
  barcodes: { shelf: BARCODES },
  swaps: { shelf: OWN_SWAPS },
  vessels: { shelf: EMPTY_VESSELS },
  'box-kinds': { shelf: BOX_KINDS },
  feasts: { shelf: FEASTS },
  cooks: { shelf: COOKS },
  boxes: { shelf: BOXES },
  stock: { shelf: STOCK },
  verdicts: { shelf: VERDICTS },
  observations: { shelf: OBSERVATIONS },
  pots: { shelf: POTS },
  'day-entries': { shelf: DAY_ENTRIES },
  days: { shelf: EATER_DAYS },
  preps: { shelf: PREPS },
  trips: { shelf: TRIPS },
  buying: { shelf: BUYING },
  'outside-verdicts': { shelf: OUTSIDE_VERDICTS },
};
