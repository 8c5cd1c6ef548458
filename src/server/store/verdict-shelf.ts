import { VerdictSchema } from '../../contract/verdict.ts';
import { VERDICT_KIND } from '../../core/documents/document-kinds.ts';
import { verdictId } from '../../core/documents/pair-ids.ts';
import { notFound } from '../../core/errors.ts';
import type { Verdict } from '../../core/swap/verdict.ts';
import { EATERS } from './eater-shelf.ts';
import { rowShelf } from './row-shelf.ts';
import { nowOf } from './scope.ts';
import { requireSame } from './shelf.ts';
import { fromStored, toStored } from './stored.ts';
import { getVersion } from './versions.ts';

/** What each eater says of a version, with the swaps that it had then. */
export const VERDICTS = rowShelf<Verdict, 'verdict'>({
  name: 'verdicts',
  what: 'verdict',
  kind: VERDICT_KIND,
  schema: VerdictSchema,
  first: 1,
  isPair: true,
  table: 'verdict',
  keys: (id) => {
    const [version_id = '', eater_id = ''] = id.split('~');
    return { version_id, eater_id };
  },
  read: (r) => fromStored('verdict', VerdictSchema, r.body),
  columns: (v, s) => ({ body: toStored('verdict', VerdictSchema, v), changed_at: nowOf(s) }),
  check: async (s, id, verdict) => {
    requireSame(id, verdictId(verdict));
    await getVersion(s, verdict.versionId);
    const eater = await EATERS.find(s, verdict.eaterId);
    if (eater === null || eater.removed) throw notFound('eater');
  },
});
