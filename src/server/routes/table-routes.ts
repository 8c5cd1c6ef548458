import type { Router } from 'express';
import { API } from '../../contract/api.ts';
import { COOK_API } from '../../contract/cook-api.ts';
import { DRIFT_API } from '../../contract/drift-api.ts';
import { SCRIPT_API } from '../../contract/script-api.ts';
import { pairId } from '../../core/documents/pair-ids.ts';
import { serve } from '../http/serve-route.ts';

/** What a household says and plans at its table: programs, verdicts, swaps of its own, feasts. */
export function tableRoutes(api: Router): void {
  serve(api, API.observations, ({ store }) => store.observations());
  serve(api, API.removedPrograms, ({ store }) => store.programs.removed());
  serve(api, API.programRevisions, ({ store, params }) => store.programs.revisions(params.id));
  serve(api, API.putProgram, ({ store, body, ifMatch }) => store.programs.put(body, ifMatch));
  serve(api, API.removeProgram, ({ store, params }) => store.programs.remove(params.id));
  serve(api, API.restoreProgram, ({ store, params }) => store.programs.restore(params.id));
  serve(api, DRIFT_API.drift, ({ store }) => store.drift.all());
  serve(api, DRIFT_API.putAside, ({ store, params, body }) => store.drift.putAside(params.id, body.aside));
  serve(api, DRIFT_API.outdatedLines, ({ store, params }) => store.drift.outdatedLines(params.id));
  serve(api, COOK_API.cooks, ({ store, query }) => store.cooks(query.recipe));
  serve(api, COOK_API.atStove, ({ store }) => store.atStove());
  serve(api, COOK_API.boxes, ({ store, query }) => store.boxes(query.recipe));
  serve(api, COOK_API.vessels, ({ store }) => store.vessels());
  serve(api, COOK_API.boxKinds, ({ store }) => store.boxKinds());
  serve(api, API.verdicts, ({ store }) => store.verdicts.list());
  serve(api, API.putVerdict, ({ store, body }) => store.verdicts.put(body));
  serve(api, API.removeVerdict, ({ store, params }) =>
    store.documents.remove('verdicts', pairId(params.version, params.eater)),
  );
  serve(api, API.ownSwaps, ({ store }) => store.swaps());
  serve(api, API.feasts, ({ store }) => store.feasts.list());
  serve(api, API.feast, ({ store, params }) => store.feasts.page(params.id));
  serve(api, SCRIPT_API.countFeast, ({ store, params }) => store.feasts.count(params.id));
  serve(api, API.takeForFeast, ({ store, params, body: { base, entry, dishes } }) =>
    store.feasts.take(params.id, { base }, entry, dishes),
  );
}
