import { gzipSync } from 'node:zlib';
import type { RequestHandler } from 'express';

/** Answers smaller than this go out as they are. */
const WORTH_IT = 2048;

/** Compresses larger JSON answers: the pantry is a few hundred foods. */
export const compressJson: RequestHandler = (req, res, next) => {
  const json = res.json.bind(res);
  res.json = (body: unknown) => {
    const text = JSON.stringify(body);
    if (text === undefined || text.length < WORTH_IT || !req.acceptsEncodings('gzip')) return json(body);
    res.vary('Accept-Encoding');
    res.set('Content-Encoding', 'gzip').type('application/json');
    return res.send(gzipSync(text, { level: 5 }));
  };
  next();
};
