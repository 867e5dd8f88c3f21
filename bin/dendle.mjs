/**
 * Starts the `dendle` command. The TypeScript of bin/ and core/ is bundled into .cache at the first call and whenever it
 * changed, so that every other call starts in a few tenths of a second.
 */
import { cpSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..')
const bundle = join(root, '.cache/dendle/dendle.js')

const modified = (path) => {
  const stat = statSync(path, { throwIfNoEntry: false })
  if (!stat) return 0
  if (!stat.isDirectory()) return /\.test\.ts$/.test(path) ? 0 : stat.mtimeMs
  return Math.max(stat.mtimeMs, ...readdirSync(path).map(name => modified(join(path, name))))
}

const MADE_OF = ['core', 'bin', 'server/faces.ts', 'server/packed', 'package.json'].map(name => join(root, name))
if (modified(bundle) < Math.max(...MADE_OF.map(modified))) {
  const { buildSync } = await import('esbuild')
  const { outputFiles } = buildSync({
    entryPoints: { dendle: join(root, 'bin/main.ts') },
    outdir: dirname(bundle),
    write: false,
    bundle: true,
    // What one verb alone needs is a file of its own, read when it is called.
    splitting: true,
    chunkNames: 'parts/[name]-[hash]',
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    logLevel: 'error',
    // Packages that are no modules ask for Node's own by `require`.
    banner: { js: 'import{createRequire}from"node:module";const require=createRequire(import.meta.url);' },
  })
  // What the PDF's colours are measured by is read beside the script that its package is bundled into.
  const colours = 'sRGB_IEC61966_2_1.icc'
  cpSync(join(root, 'node_modules/pdfkit/js/data', colours), join(dirname(bundle), 'parts/data', colours))
  // Written aside and moved into place, the command last: calls at the same time never see half a file.
  for (const { path, contents } of outputFiles.sort((a, b) => Number(a.path === bundle) - Number(b.path === bundle))) {
    mkdirSync(dirname(path), { recursive: true })
    const aside = `${path}.${process.pid}`
    writeFileSync(aside, contents)
    renameSync(aside, path)
  }
  // Parts of builds before that nobody can be running any more.
  const current = new Set(outputFiles.map(({ path }) => path))
  const parts = join(dirname(bundle), 'parts')
  for (const name of readdirSync(parts)) {
    const path = join(parts, name)
    if (name.endsWith('.js') && !current.has(path) && modified(path) < Date.now() - 86_400_000) rmSync(path)
  }
}
await import(pathToFileURL(bundle).href)
