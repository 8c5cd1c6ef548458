import express, { type Router } from 'express';
import { API } from '../../contract/api.ts';
import { ProblemError } from '../http/problem.ts';
import { serve } from '../http/serve-route.ts';
import { shrinkPicture } from '../pictures/shrink-picture.ts';
import type { HouseholdStore } from '../store/household-store.ts';

/** What a phone's camera makes at most, and a little more. */
const LARGEST = '30mb';

/** Pictures come in as their bytes, and go out in two sizes; what is kept is never changed. */
export function pictureRoutes(api: Router): void {
  api.post(API.addPicture.path, express.raw({ type: 'image/*', limit: LARGEST }));
  serve(api, API.addPicture, async ({ store, params, query, req }) => {
    if (!Buffer.isBuffer(req.body))
      throw new ProblemError('not-a-picture', 415, 'The request is no picture.', 'Send its bytes, with their type.');
    // Whose recipe it is is known before anything is worked out for it.
    await store.recipes.page(params.id);
    return store.pictures.add(params.id, query.kind, query.cook ?? null, await shrinkPicture(req.body));
  });
  serve(api, API.removePicture, ({ store, params }) => store.pictures.mark(params.id, true));
  serve(api, API.restorePicture, ({ store, params }) => store.pictures.mark(params.id, false));
  for (const size of ['small', 'large'] as const)
    api.get(`/households/:h/pictures/:id/${size}`, async (req, res) => {
      const store = res.locals.store as HouseholdStore;
      const bytes = await store.pictures.bytes(req.params.id, size);
      // Another picture has another id.
      res.set({ 'Content-Type': 'image/webp', 'Cache-Control': 'private, max-age=31536000, immutable' });
      res.end(Buffer.from(bytes));
    });
}
