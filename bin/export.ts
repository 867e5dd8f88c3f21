/** The `export` verb: a paper job, or a packed paper, as a file of one of the ways out. */
import { renameSync, rmSync, writeFileSync } from 'node:fs'
import { WAY_IDS, writeWay, type Way } from '../core/handin/ways'
import { writeSources } from '../core/intake/convert'
import type { Problem } from '../core/intake/job'
import { readPaperJob } from '../core/intake/paper-job'

export const EXPORTED = WAY_IDS.filter((way): way is Exclude<Way, 'texbib'> => way !== 'texbib')

/** Writes the file beside its place and moves it there: a failed one leaves nothing half written. */
export async function exportJob(input: unknown, way: Way, out: string, problems: Problem[]): Promise<boolean> {
  const { paper, problems: found } = readPaperJob(input)
  problems.push(...found)
  if (!paper) return false
  const { style, title, details = {}, doc, sources, alsoList } = paper
  const bytes = await writeWay(way, { style, title, details, body: doc, sources, alsoList }, {
    faces: async twin => (await import('../server/faces')).shippedFaces(twin),
    keyOf: id => id,
    bibtex: () => writeSources(sources, 'bibtex'),
  })
  putFile(out, bytes)
  return true
}

export function putFile(out: string, bytes: Uint8Array) {
  if (out === '-') { process.stdout.write(bytes); return }
  const aside = `${out}.${process.pid}.part`
  try {
    writeFileSync(aside, bytes)
    renameSync(aside, out)
  } catch (error) {
    rmSync(aside, { force: true })
    throw error
  }
}
