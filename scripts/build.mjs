// Builds client (Vite) and server and command line (esbuild) into dist/, with compressed copies of what is served.
import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { ensureInstalled, markBuilt, ROOT } from './ensure.mjs';

const DIST = join(ROOT, 'dist');

export async function build() {
  console.error('Building.');
  // Whoever builds, be it a test: what is served is made for production.
  process.env.NODE_ENV = 'production';
  const { build: vite } = await import('vite');
  const { build: esbuild } = await import('esbuild');
  await vite({ configFile: join(ROOT, 'vite.config.ts'), logLevel: 'warn' });
  // Parts of an earlier build are nobody's.
  for (const name of readdirSync(DIST)) if (/\.js(?:\.map)?$/.test(name)) rmSync(join(DIST, name));
  await esbuild({
    entryPoints: {
      main: join(ROOT, 'src/server/main.ts'),
      'renewal-thread': join(ROOT, 'src/server/renewal-thread.ts'),
      cli: join(ROOT, 'src/cli/main.ts'),
    },
    outdir: DIST,
    bundle: true,
    splitting: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    // Packages are packed in: hundreds of small files to find and read were most of a start. What has machine code stays.
    external: ['sharp', '@photostructure/sqlite'],
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
    sourcemap: true,
    logLevel: 'warning',
  });
  const assets = join(DIST, 'card-assets');
  rmSync(assets, { recursive: true, force: true });
  mkdirSync(assets, { recursive: true });
  const css = ['src/server/card-page/card-page.css', 'src/card-view/card-view.css'].map((f) =>
    readFileSync(join(ROOT, f), 'utf8'),
  );
  writeFileSync(join(assets, 'card.css'), css.join('\n'));
  copyFileSync(join(ROOT, 'src/web/public/mark.svg'), join(assets, 'mark.svg'));
  for (const font of ['bricolage-grotesque', 'atkinson-hyperlegible-next']) {
    const file = join(ROOT, 'node_modules/@fontsource-variable', font, 'files', `${font}-latin-wght-normal.woff2`);
    copyFileSync(file, join(assets, `${font}.woff2`));
  }
  await buildOfflineWorker(esbuild);
  compress(join(DIST, 'web'));
  markBuilt();
}

/** What is not needed at the stove is not kept there: charts, readers of pages, photographs and barcodes, the search. */
const NOT_KEPT =
  /(?:\.wasm$|\.gz$|^use-chart-|^(?:paste|ways|csv|barcode|teach|photo)-worker-|^(?:letters|tesseract|worker\.min|read-photo))/;
/** Larger than this, the last per cent is not worth the minutes. */
const LARGE = 2_000_000;

/** Builds what keeps the application where there is no network, with the list of its files. */
async function buildOfflineWorker(esbuild) {
  const web = join(DIST, 'web');
  const assets = readdirSync(join(web, 'assets')).filter((name) => !NOT_KEPT.test(name));
  const shell = createHash('sha256')
    .update(readFileSync(join(web, 'index.html')))
    .digest('hex')
    .slice(0, 16);
  const files = [
    { url: '/index.html', revision: shell },
    { url: '/mark.svg', revision: shell },
    // Their names change with what is in them.
    ...assets.map((name) => ({ url: `/assets/${name}`, revision: null })),
  ];
  await esbuild({
    entryPoints: [join(ROOT, 'src/web/offline/offline-worker.ts')],
    outfile: join(web, 'offline-worker.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { KEPT_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
}

/** Writes .br and .gz beside every text file worth it. */
function compress(dir) {
  for (const name of readdirSync(dir)) {
    const path = join(dir, name);
    if (statSync(path).isDirectory()) compress(path);
    else if (/\.(js|css|html|svg|json|wasm)$/.test(name) && name !== 'index.html') {
      const body = readFileSync(path);
      if (body.length < 1024) continue;
      writeFileSync(`${path}.gz`, gzipSync(body, { level: 9 }));
      writeFileSync(
        `${path}.br`,
        brotliCompressSync(body, { params: { [constants.BROTLI_PARAM_QUALITY]: body.length > LARGE ? 9 : 11 } }),
      );
    }
  }
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  ensureInstalled();
  await build();
}
