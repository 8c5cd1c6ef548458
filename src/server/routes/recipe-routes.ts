import type { Router } from 'express';
import { API } from '../../contract/api.ts';
import { CARD_API } from '../../contract/card-api.ts';
import { DRIFT_API } from '../../contract/drift-api.ts';
import { SCRIPT_API } from '../../contract/script-api.ts';
import { SHEET_API } from '../../contract/sheet.ts';
import { postText } from '../../core/card/post-text.ts';
import { sheetText } from '../../core/card/sheet-text.ts';
import { blind } from '../http/if-match.ts';
import { type SentBytes, serve, serveBytes } from '../http/serve-route.ts';
import { type Drawn, pictureOfCard, pictureOfSheet } from '../pictures/card-picture.ts';

/** Recipes, their versions, and the cards that are made of them. */
export function recipeRoutes(api: Router): void {
  serve(api, API.recipes, ({ store, query }) => store.recipes.list(query));
  serve(api, API.addRecipe, async ({ store, body }) => {
    await store.recipes.add(body);
    return store.recipes.page(body.id);
  });
  serve(api, API.recipe, ({ store, params }) => store.recipes.page(params.id));
  serve(api, API.changeRecipe, async ({ store: { documents, recipes }, params: { id }, body, ifMatch }) => {
    const { document } = await documents.kept('recipes', id);
    await documents.put('recipes', id, { ...(document as object), ...body }, ifMatch, blind);
    return (await recipes.page(id)).recipe;
  });

  serve(api, API.addVersion, ({ store, body }) => store.documents.make('versions', body.id, body));
  serve(api, API.version, ({ store, params }) => store.documents.kept('versions', params.id));
  serve(api, SCRIPT_API.countVersion, ({ store, params }) => store.versions.count(params.id));
  serve(api, CARD_API.previewCard, async ({ store, params, query: { length, steps, most } }) => {
    const card = await store.cards.preview(params.id);
    return { card, ...postText(card, { length, steps: steps === 'yes', most, url: null }) };
  });
  serveBytes(api, CARD_API.cardPicture, async ({ store, params, query }) => {
    const card = await store.cards.preview(params.id);
    return sentPicture(await pictureOfCard(card, { steps: query.steps === 'yes' }));
  });
  serveBytes(api, SHEET_API.sheetPicture, async ({ store, body }) =>
    sentPicture(await pictureOfSheet(await store.sheets.preview(body))),
  );
  serve(api, CARD_API.addCard, ({ store, params, body }) => store.cards.add(params.id, body));
  serve(api, DRIFT_API.publishAgain, ({ store, params, body }) => store.cards.again(params.id, body));
  serve(api, DRIFT_API.publishBefore, ({ store, params }) => store.cards.before(params.id));
  serve(api, SHEET_API.draftSheet, ({ store, query }) => store.sheets.draft(query));
  serve(api, SHEET_API.previewSheet, async ({ store, body }) => {
    const sheet = await store.sheets.preview(body);
    return { sheet, text: sheetText(sheet) };
  });
  serve(api, SHEET_API.sheets, ({ store }) => store.sheets.all());
  serve(api, SHEET_API.addSheet, ({ store, body: { wish, until } }) => store.sheets.add(wish, until));
  serve(api, SHEET_API.withdrawSheet, ({ store, params }) => store.sheets.withdraw(params.id));
  serve(api, CARD_API.outsideVerdicts, ({ store }) => store.outside());
  serve(api, CARD_API.withdrawCard, ({ store, params }) => store.cards.withdraw(params.id));
}

/** A picture, and in a header the letters that no face of it has, as they stand in an address. */
const sentPicture = ({ png, undrawn }: Drawn): SentBytes => ({
  bytes: png,
  headers: undrawn.length === 0 ? {} : { 'Imbiss-Undrawn': encodeURIComponent(undrawn.join('')) },
});
