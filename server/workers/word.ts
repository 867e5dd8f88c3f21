import { writeWord as write } from '../../core/handin/word/word'
import type { PaperToPrint } from '../../core/sheet/print'
import { styleOf } from '../../core/styles'

/** A paper to write, with its style by name: what goes to a thread is data. */
export type WordOrder = Omit<PaperToPrint, 'style'> & { style: string }

/** The paper as a word-processor document's bytes. */
export const writeWord = ({ style, ...paper }: WordOrder): Promise<Uint8Array> => write({ ...paper, style: styleOf(style)! })
