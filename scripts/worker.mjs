/** Bundles the browser's own worker for the bench into public/, where the server finds it. */
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
