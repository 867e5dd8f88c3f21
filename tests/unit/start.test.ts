import { spawnSync } from 'node:child_process'
import { createServer, type AddressInfo } from 'node:net'
import { afterAll, beforeAll, expect, it } from 'vitest'

/** Somebody who listens already. */
const other = createServer()
beforeAll(() => new Promise<void>(resolve => other.listen(0, '127.0.0.1', resolve)))
afterAll(() => other.close())

it.each<[string, () => string, RegExp]>([
  ['taken', () => String((other.address() as AddressInfo).port), /^✗ Port \d+ is taken, so Dendle did not start\. .*PORT=\d+ npm run start$/u],
  ['no port', () => 'seven', /^✗ PORT is seven, which is no port/u],
])('a port that is %s is one sentence, exit 1, and never “ready”', (_, port, says) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/start.mjs'], { encoding: 'utf8', timeout: 20_000, env: { ...process.env, PORT: port() } })
  expect([status, stdout]).toEqual([1, ''])
  expect(stderr.trim()).toMatch(says)
})
