// The built server on a fresh copy of the demo's data, for the browser tests.
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, run, serve } from './env.mjs'

build()
const data = join(mkdtempSync(join(tmpdir(), 'dendle-e2e-')), 'dendle.sqlite')
run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
// A catalogue that does not answer is given up sooner than for a writer.
process.env.NUXT_PUBLIC_PARTS = '1'
process.env.DENDLE_CATALOGUE_LIMIT = '1500'
const { child, ended, ready } = await serve({ port: 4397, data, quiet: true })
if (!ready) process.exit(1)
process.on('SIGTERM', () => child.kill('SIGTERM'))
process.on('SIGINT', () => child.kill('SIGTERM'))
process.exit(await ended)
