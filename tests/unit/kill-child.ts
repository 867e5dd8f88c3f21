/** Saves letter by letter to the database it is given, and says each save that the database has acknowledged. */
import { writeSync } from 'node:fs'
import { openDatabase } from '../../server/db/open'
import { changePaper, createPaper } from '../../server/db/papers'

const [path, id] = process.argv.slice(2) as [string, string?]
const db = openDatabase(path)
const paper = id ?? createPaper(db, { title: 'Killed', style: 'apa-7' }).id
writeSync(1, `paper ${paper}\n`)
const paragraph = (text: string) => ({ type: 'paragraph', content: [{ type: 'text', text }] })
let { revision } = changePaper(db, paper, {
  revision: Number(process.argv[4] ?? 1),
  body: { type: 'doc', content: [paragraph('0'), paragraph('whole')] },
})
for (let n = 1; ; n++) {
  revision = changePaper(
    db,
    paper,
    n % 9
      ? { revision, blocks: { from: 0, to: 1, of: 2, blocks: [paragraph(String(n))] } }
      : { revision, body: { type: 'doc', content: [paragraph(String(n)), paragraph('whole')] } },
  ).revision
  writeSync(1, `saved ${n} ${revision}\n`)
}
