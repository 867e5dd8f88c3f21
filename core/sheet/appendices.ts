/**
 * Appendices: what stands behind the text under headings of their own. One begins at a heading that is marked as an
 * appendix's and goes on to the next such heading, or to the document's end (APA 7, 2.14; Chicago 18, 1.4).
 */
import type { Style } from '../styles/schema'
import { fillPattern } from '../styles/pattern'
import { letters, roman } from '../text/numbers'
import type { DocNode } from './document'

export const isAppendix = ({ type, attrs }: DocNode): boolean => type === 'heading' && attrs?.appendix === true

/** The first block of the first appendix, or how many blocks the document has. */
export function textEnds({ content = [] }: DocNode): number {
  const at = content.findIndex(isAppendix)
  return at < 0 ? content.length : at
}

export const appendicesIn = ({ content = [] }: DocNode): number => content.filter(isAppendix).length

/** The document without its appendices: what is counted and what is read for its evidence. */
export const withoutAppendices = (doc: DocNode): DocNode => {
  const end = textEnds(doc)
  return end === (doc.content ?? []).length ? doc : { ...doc, content: doc.content!.slice(0, end) }
}

/** "A" of the first. */
export const appendixLetter = (n: number): string => letters(n).toUpperCase()

/**
 * What stands before an appendix's title; one that is alone has no letter (APA 7, 2.14).
 * @param n from 1 @param of how many there are
 */
export const appendixLabel = ({ page: { appendix } }: Style, n: number, of: number): string =>
  of < 2 ? appendix.alone : fillPattern(appendix.label, { A: appendixLetter(n), I: roman(n), n: String(n) })

/** "Appendix A: The questions", "APPENDIX 2", "Appendix. What was asked": a label that was typed by hand, before its title. */
const TYPED = /^(?:Appendix|APPENDIX|appendix)(?:\s+(?:[A-Z]|\d{1,2}|[IVX]{1,5})(?=[\s.:–—-]|$))?(?:\s*[.:–—-]\s*|\s*\n\s*|(?<=\s\S+)\s+|\s*$)/u

/** How many letters of a heading are the typed label of an appendix; 0 where there is none. */
export const typedLabel = (words: string): number => TYPED.exec(words)?.[0].length ?? 0
