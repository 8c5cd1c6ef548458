// Loaded into a server that is measured: tells, on a port of its own, how late its event loop ran and what memory it has.
import { createServer } from 'node:http';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

if (isMainThread && process.env.PROBE_PORT) {
  const delay = monitorEventLoopDelay({ resolution: 1 });
  delay.enable();
  const ms = (ns) => Math.round(ns / 1e4) / 100;
  createServer((req, res) => {
    if (req.url === '/reset') delay.reset();
    const { rss } = process.memoryUsage();
    if (process.env.PROBE_LOG) console.error(JSON.stringify(process.memoryUsage()));
    // The monitor sleeps 1 ms between two looks, which is no delay.
    const late = (p) => Math.max(0, ms(delay.percentile(p)) - 1);
    res.end(
      JSON.stringify({
        p50: late(50),
        p99: late(99),
        p999: late(99.9),
        max: Math.max(0, ms(delay.max) - 1),
        rssMb: Math.round(rss / 1e6),
      }),
    );
  })
    .listen(Number(process.env.PROBE_PORT), '127.0.0.1')
    .unref();
}
