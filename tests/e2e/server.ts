/** A built server of a test's own: on an empty database, to be killed and begun again. */
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect } from '@playwright/test'

export interface OwnServer { base: string, start: () => Promise<void>, kill: () => void }

export async function ownServer(port: number): Promise<OwnServer> {
  const data = join(mkdtempSync(join(tmpdir(), 'dendle-own-')), 'dendle.sqlite')
  const base = `http://127.0.0.1:${port}`
  let child: ChildProcess | undefined
  const start = async () => {
    const env = {
      ...process.env,
      PORT: String(port),
      NITRO_PORT: String(port),
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      DENDLE_DATA: data,
    }
    child = spawn(process.execPath, ['.output/server/index.mjs'], { stdio: 'ignore', env })
    await expect.poll(() => fetch(`${base}/api/health`).then(r => r.ok, () => false), { timeout: 20_000 }).toBe(true)
  }
  await start()
  return { base, start, kill: () => { child?.kill('SIGKILL') } }
}
