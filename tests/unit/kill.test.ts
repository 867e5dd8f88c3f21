import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'
import { plainText } from '../../core/sheet/walking'
import { openDatabase } from '../../server/db/open'
import { getWorkspace } from '../../server/db/workspace'

const CHILD = fileURLToPath(new URL('./kill-child.ts', import.meta.url))
const ROUNDS = 8

/** One life of a process that saves as fast as it can, until it is killed without a word: what it had been told was saved. */
function live(
  database: string,
  paper: string | undefined,
  revision: number,
  after: number,
): Promise<{ paper: string, saved: number, revision: number }> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', CHILD, database, ...(paper ? [paper, String(revision)] : [])], {
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    let said = ''
    child.stdout.on('data', (chunk: Buffer) => {
      const begun = said.includes('saved')
      said += chunk.toString()
      if (!begun && said.includes('saved')) setTimeout(() => child.kill('SIGKILL'), after)
    })
    child.on('error', reject)
    child.on('exit', () => {
      const [, saved, at] = [...said.matchAll(/saved (\d+) (\d+)\n/gu)].at(-1) ?? []
      resolve({ paper: /paper (\S+)/u.exec(said)![1]!, saved: Number(saved), revision: Number(at) })
    })
  })
}

it(`${ROUNDS} times killed in the middle of saving: nothing that was acknowledged is lost, and nothing is torn`, async () => {
  const database = join(mkdtempSync(join(tmpdir(), 'dendle-kill-')), 'dendle.sqlite')
  let [paper, revision]: [string | undefined, number] = [undefined, 1]
  for (let round = 0; round < ROUNDS; round++) {
    const last = await live(database, paper, revision, 15 + round * 17)
    const db = openDatabase(database)
    const now = getWorkspace(db, last.paper).paper
    db.$client.close()
    const [counted, whole] = now.body.content!.map(block => plainText(block).trim())
    // The one in hand when it was killed may have gone in as well; no more than that one.
    expect([last.saved, last.saved + 1]).toContain(Number(counted))
    expect(now.revision - last.revision).toBe(Number(counted) - last.saved)
    expect(whole).toBe('whole');
    [paper, revision] = [last.paper, now.revision]
  }
  expect(revision).toBeGreaterThan(ROUNDS * 2)
}, 120_000)
