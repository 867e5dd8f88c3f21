import { Packer } from 'docx'
import { buildWordDocument, type PaperToPrint } from '../../core/handin/word'
import { styleOf } from '../../core/styles'

/** A paper to write, with its style by name: what goes to a thread is data. */
export type WordOrder = Omit<PaperToPrint, 'style'> & { style: string }

/** The paper as a word-processor document's bytes. */
export async function writeWord({ style, ...paper }: WordOrder): Promise<Uint8Array> {
  return new Uint8Array(await Packer.toBuffer(buildWordDocument({ ...paper, style: styleOf(style)! })))
}
