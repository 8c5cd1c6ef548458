import type { RequestHandler } from 'express';
import type { ChangeHub } from '../changes/change-hub.ts';

/** A line that says nothing, so that nobody in between takes the stream for dead. */
const STILL_HERE_MS = 20_000;

/** Streams that are open, to be ended when the server stops. */
export interface OpenStreams {
  readonly route: RequestHandler<{ h: string }>;
  endAll(): void;
}

/** The event stream of a household: what has a new state, as server-sent events. */
export function changeStreams(changes: ChangeHub): OpenStreams {
  const ends = new Set<() => void>();
  return {
    route: (req, res) => {
      res
        .status(200)
        .set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
      res.flushHeaders();
      res.write('retry: 2000\n\n');
      const deaf = changes.listen(req.params.h, (notes) => void res.write(`data: ${JSON.stringify(notes)}\n\n`));
      const beat = setInterval(() => res.write(': still here\n\n'), STILL_HERE_MS);
      const end = (): void => {
        clearInterval(beat);
        deaf();
        ends.delete(end);
        res.end();
      };
      ends.add(end);
      req.on('close', end);
    },
    endAll: () => {
      for (const end of [...ends]) end();
    },
  };
}
