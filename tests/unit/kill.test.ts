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
/** After how many saves each is killed: some while a text is folded whole, at each ninth, some between. */
const SAVES = [1, 3, 8, 9, 10, 17, 27, 40]

/** One life of a process that saves as fast as it can, until it is killed after so many saves: the last it had been told of. */
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
      said += chunk.toString()
      if (said.split('saved').length > after) child.kill('SIGKILL')
    })
    child.on('error', reject)
    child.on('exit', () => {
      const [, saved, at] = [...said.matchAll(/saved (\d+) (\d+)\n/gu)].at(-1) ?? []
      resolve({ paper: /paper (\S+)/u.exec(said)![1]!, saved: Number(saved), revision: Number(at) })
    })
  })
}

it(`${SAVES.length} times killed in the middle of saving: nothing that was acknowledged is lost, and nothing is torn`, async () => {
  const database = join(mkdtempSync(join(tmpdir(), 'dendle-kill-')), 'dendle.sqlite')
  let [paper, revision]: [string | undefined, number] = [undefined, 1]
  for (let round = 0; round < SAVES.length; round++) {
    const last = await live(database, paper, revision, SAVES[round]!)
    const db = openDatabase(database)
    const now = getWorkspace(db, last.paper).paper
    ;(db as typeof db & { $client: { close: () => void } }).$client.close()
    const [counted, whole] = now.body.content!.map(block => plainText(block).trim())
    expect(last.saved).toBeGreaterThanOrEqual(SAVES[round]!)
    // The one in hand when it was killed may have gone in as well; no more than that one.
    expect([last.saved, last.saved + 1]).toContain(Number(counted))
    expect(now.revision - last.revision).toBe(Number(counted) - last.saved)
    expect(whole).toBe('whole');
    [paper, revision] = [last.paper, now.revision]
  }
}, 120_000)
