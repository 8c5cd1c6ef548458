import type { RequestHandler } from 'express';

/** A line that says nothing, so that nobody in between takes the stream for dead. */
const STILL_HERE_MS = 20_000;

/** Event streams that are open, to be ended when the server stops. */
export interface EventStreams {
  /** A route that streams what a household is told. @param listen begins to listen, and answers how it is ended */
  route(listen: (householdId: string, send: (event: unknown) => void) => () => void): RequestHandler<{ h: string }>;
  endAll(): void;
}

export function eventStreams(): EventStreams {
  const ends = new Set<() => void>();
  return {
    route: (listen) => (req, res) => {
      res
        .status(200)
        .set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
      res.flushHeaders();
      res.write('retry: 2000\n\n');
      const deaf = listen(req.params.h, (event) => void res.write(`data: ${JSON.stringify(event)}\n\n`));
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
