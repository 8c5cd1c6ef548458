import type { Router } from 'express';
import { SCALE_API } from '../../contract/scale.ts';
import { serve } from '../http/serve-route.ts';
import type { ScaleHub } from '../scale/scale-hub.ts';
import type { EventStreams } from './event-streams.ts';

/** The routes of a household's scale. */
export function scaleRoutes(api: Router, scales: ScaleHub, streams: EventStreams): void {
  api.get(
    SCALE_API.scale.path,
    streams.route((h, send) => scales.listen(h, send)),
  );
  serve(api, SCALE_API.scaleNow, ({ params }) => scales.now(params.h));
  serve(api, SCALE_API.actOnScale, ({ params, body }) => {
    const stands = scales.act(params.h, body);
    return { reading: scales.now(params.h), stands };
  });
  serve(api, SCALE_API.sayScale, ({ params, body }) => scales.say(params.h, body));
}
