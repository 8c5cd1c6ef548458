import { DOCUMENT_NAMES } from '../core/documents/document-names.ts';
import { API } from './api.ts';
import { BOOKLET_API } from './booklet-api.ts';
import { CARD_API } from './card-api.ts';
import { COOK_API } from './cook-api.ts';
import { documentRoutesOf } from './document-api.ts';
import { DRIFT_API } from './drift-api.ts';
import { EXCHANGE_API } from './exchange-api.ts';
import { PROBE_API } from './probe.ts';
import { FORMATS_API } from './recipe-formats-api.ts';
import type { AnyRoute } from './route.ts';
import { SCALE_API } from './scale.ts';
import { SCRIPT_API } from './script-api.ts';
import { SHEET_API } from './sheet.ts';
import { WEEK_API } from './week-api.ts';

/** Every route, by the name that the OpenAPI document gives it. */
export const allRoutes = (): ReadonlyMap<string, AnyRoute> =>
  new Map<string, AnyRoute>([
    ...Object.entries(API),
    ...Object.entries(SCRIPT_API),
    ...Object.entries(BOOKLET_API),
    ...Object.entries(CARD_API),
    ...Object.entries(EXCHANGE_API),
    ...Object.entries(FORMATS_API),
    ...Object.entries(SHEET_API),
    ...Object.entries(DRIFT_API),
    ...Object.entries(COOK_API),
    ...Object.entries(SCALE_API),
    ...Object.entries(PROBE_API),
    ...Object.entries(WEEK_API),
    ...DOCUMENT_NAMES.flatMap((name) =>
      Object.entries(documentRoutesOf(name)).map(([does, r]): [string, AnyRoute] => [`${name}.${does}`, r]),
    ),
  ]);
