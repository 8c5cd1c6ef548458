import type { Router } from 'express';
import { WEEK_API } from '../../contract/week-api.ts';
import { serve } from '../http/serve-route.ts';

/** A week has so many days. */
const WEEK = 7;

/** Days, weeks, and what is to be bought for them. */
export function weekRoutes(api: Router): void {
  serve(api, WEEK_API.week, ({ store, query }) => store.week(query.from, query.days ?? WEEK));
  serve(api, WEEK_API.countAnew, ({ store, params }) => store.countAnew(params.id));
  serve(api, WEEK_API.trips, ({ store }) => store.trips());
  serve(api, WEEK_API.buying, ({ store }) => store.buying());
}
