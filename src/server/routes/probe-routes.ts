import type { Router } from 'express';
import { PROBE_API } from '../../contract/probe.ts';
import { serve } from '../http/serve-route.ts';
import type { ProbeHub } from '../scale/probe-hub.ts';

/** The routes of a household's food probe. */
export function probeRoutes(api: Router, probes: ProbeHub): void {
  serve(api, PROBE_API.probe, ({ params }) => probes.now(params.h));
  serve(api, PROBE_API.actOnProbe, ({ params, body }) => {
    if (body.do === 'put in') probes.putIn(params.h, body.celsius, body.around);
    else probes.takeOut(params.h);
    return probes.now(params.h);
  });
  serve(api, PROBE_API.sayProbe, ({ params, body }) => probes.say(params.h, body));
}
