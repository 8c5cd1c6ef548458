import type { Router } from 'express';
import { WEEK_API } from '../../contract/week-api.ts';
import { serve } from '../http/serve-route.ts';

/** A week has so many days. */
const WEEK = 7;

/** Days, weeks, and what is to be bought for them. */
export function weekRoutes(api: Router): void {
  serve(api, WEEK_API.week, ({ store, query }) => store.week(query.from, query.days ?? WEEK));
  serve(api, WEEK_API.offer, ({ store, query }) => store.offer(query.from, query.to));
  serve(api, WEEK_API.countAnew, ({ store, params }) => store.countAnew(params.id));
  serve(api, WEEK_API.groups, ({ store, query }) => store.groups(query.from, query.days ?? WEEK));
  serve(api, WEEK_API.fits, ({ store, query }) => store.fits(query));
  serve(api, WEEK_API.treat, ({ store, params, query }) => store.treat(params.id, query));
  serve(api, WEEK_API.lookBack, ({ store, params, query }) => store.lookBack(params.id, query.from, query.to));
  serve(api, WEEK_API.toGet, ({ store, query }) => store.toGet(query.from, query.to));
  serve(api, WEEK_API.costs, ({ store, query }) => store.costs(query.from, query.to));
  serve(api, WEEK_API.platesOnDays, ({ store, params }) => store.platesOnDays(params.id));
  serve(api, WEEK_API.keptOf, ({ store, params }) => store.keptOf(params.id));
  serve(api, WEEK_API.forgetDays, ({ store, params }) => store.forgetKept(params.id));
  serve(api, WEEK_API.preps, ({ store }) => store.preps());
  serve(api, WEEK_API.tripHome, ({ store, params }) => store.tripHome(params.id));
  serve(api, WEEK_API.trips, ({ store }) => store.trips());
  serve(api, WEEK_API.buying, ({ store }) => store.buying());
}
