// Bundles the benchmarks as the product is bundled and runs them: what is measured is what ships.
import { mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { buildSync } from 'esbuild'

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..')
const outfile = join(root, '.cache/bench.mjs')
mkdirSync(dirname(outfile), { recursive: true })
buildSync({
  entryPoints: [join(root, 'bench/index.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  minify: true,
  logLevel: 'error',
})
await import(pathToFileURL(outfile).href)
