/**
 * Bundles what runs beside the pages: the browser's own worker for the bench, into public/, and the server's
 * threads, which draw PDFs and work on the kitchen's file, into build/.
 */
import { buildSync } from 'esbuild';

buildSync({
  entryPoints: ['src/workers/bench.sw.ts'],
  outfile: 'public/sw.js',
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: { 'process.env.NODE_ENV': '"production"' },
  legalComments: 'none',
});

buildSync({
  entryPoints: ['src/features/card/pdfThread.ts'],
  outfile: 'build/pdf-thread.mjs',
  bundle: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  // These read files of their own beside them.
  external: ['pdfkit', 'fontkit'],
});

buildSync({
  entryPoints: ['src/server/vault/vaultThread.ts'],
  outfile: 'build/vault-thread.mjs',
  bundle: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  // It loads a library of its own.
  external: ['better-sqlite3'],
});
