import type { Way } from '../../core/handin/way-rows'
import { writeWay } from '../../core/handin/ways'
import { writeSources } from '../../core/intake/convert'
import type { PaperToPrint } from '../../core/sheet/print'
import { styleOf } from '../../core/styles'
import { shippedFaces } from '../faces'

/** A paper to write, with its style by name: what goes to a thread is data. */
export type Order = Omit<PaperToPrint, 'style'> & {
  way: Way
  style: string
  /** Keys of sources by their ids. */
  keys: ReadonlyMap<string, string>
}

/** The paper as a file's bytes. */
export function writeOrder({ way, style, keys, ...paper }: Order): Promise<Uint8Array> {
  const keyOf = (id: string) => keys.get(id) ?? id
  return writeWay(way, { ...paper, style: styleOf(style)! }, {
    faces: shippedFaces,
    keyOf,
    bibtex: () => writeSources(paper.sources.map(source => ({ ...source, id: keyOf(source.id) })), 'bibtex'),
  })
}
