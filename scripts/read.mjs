/**
 * `npm run --silent read -- FILE.txt`: reads a pattern and prints what was found as JSON (`scripts/read.ts`). What it is read with comes only as modules, so it is bundled first.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildSync } from 'esbuild';
import { ROOT } from './lib/ready.mjs';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-read-'));
const outfile = join(folder, 'read.mjs');
try {
  buildSync({
    entryPoints: [join(ROOT, 'scripts', 'read.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    alias: { '@': join(ROOT, 'src') },
    logLevel: 'error',
  });
  await import(pathToFileURL(outfile).href);
} finally {
  rmSync(folder, { recursive: true });
}
