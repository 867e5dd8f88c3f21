/**
 * Puts the demo's papers into the database. Can be run any number of times: what is there stays as the visitor left it,
 * and papers that the visitor made are never touched.
 */
import { eq } from 'drizzle-orm'
import { readMarks } from '../../core/intake/marks'
import type { DocNode } from '../../core/sheet/document'
import { dataFile, DatabaseTrouble, openDatabase, type Db } from './open'
import { papers, passages, sources, uses } from './schema'
import { PAPERS, type DemoPaper } from './demo/papers'
import { PASSAGES } from './demo/passages'
import { SOURCES } from './demo/sources'
import { writeText } from './texts'

export function seed(db: Db): number {
  return db.transaction((tx) => {
    const now = new Date()
    let made = 0
    for (const { key, kind, fields } of SOURCES)
      tx.insert(sources)
        .values({ id: `demo-${key}`, kind, fields, createdAt: now, updatedAt: now })
        .onConflictDoNothing()
        .run()
    PASSAGES.forEach(({ source, ...text }, i) =>
      tx
        .insert(passages)
        .values({
          id: `demo-passage-${i + 1}`,
          sourceId: `demo-${source}`,
          ...text,
          createdAt: new Date(now.getTime() + i),
          updatedAt: now,
        })
        .onConflictDoNothing()
        .run(),
    )
    for (const [i, paper] of PAPERS.entries()) {
      if (tx.select({ id: papers.id }).from(papers).where(eq(papers.id, paper.id)).get()) continue
      // The first paper stands first on the Desk.
      const when = new Date(now.getTime() - i * 60_000)
      tx.insert(papers)
        .values({
          id: paper.id,
          title: paper.title,
          style: paper.style,
          details: paper.details,
          madeBy: 'demo',
          createdAt: when,
          updatedAt: when,
        })
        .run()
      writeText(tx as unknown as Db, paper.id, toDocument(paper))
      paper.uses.forEach((key, n) =>
        tx
          .insert(uses)
          .values({ paperId: paper.id, sourceId: `demo-${key}`, key, createdAt: new Date(when.getTime() + n), updatedAt: when })
          .run(),
      )
      made++
    }
    return made
  })
}

/** A demo paper's marked text as the editor's document. */
export function toDocument(paper: Pick<DemoPaper, 'uses' | 'text'>): DocNode {
  const known = new Set(paper.uses)
  let n = 0
  const inline = (text: string): DocNode[] =>
    readMarks(text, (key) => (known.has(key) ? `demo-${key}` : undefined)).flatMap((piece): DocNode[] =>
      typeof piece !== 'string'
        ? [{ type: 'citation', attrs: { id: `c${++n}`, data: piece as unknown } }]
        : piece
            .split(/(\*[^*]+\*)/u)
            .filter(Boolean)
            .map((part) =>
              part.startsWith('*') ? { type: 'text', text: part.slice(1, -1), marks: [{ type: 'italic' }] } : { type: 'text', text: part },
            ),
    )
  return {
    type: 'doc',
    content: paper.text.split('\n').map(line => line.trim()).filter(Boolean).map((line): DocNode => {
      if (line.startsWith('# ')) return { type: 'heading', attrs: { level: 1 }, content: inline(line.slice(2)) }
      if (line.startsWith('> ')) return { type: 'blockquote', content: [{ type: 'paragraph', content: inline(line.slice(2)) }] }
      return { type: 'paragraph', content: inline(line) }
    }),
  }
}

if (process.argv[1]?.endsWith('seed.ts')) {
  try {
    const made = seed(openDatabase(dataFile()))
    console.log(made ? `› ${made} demo papers are on the Desk.` : '› The demo papers are already on the Desk.')
  }
  catch (error) {
    if (!(error instanceof DatabaseTrouble)) throw error
    console.error(`Dendle did not start. ${error.message}`)
    process.exit(3)
  }
}
