/** The words at the head and foot of pages. */
import type { HeadLine } from '../styles/page-schema'
import { fillPattern } from '../styles/pattern'
import type { PrintedPaper } from './printed'

/** A running head has fifty letters at most, spaces among them (APA 7, 2.8; APA 6, 8.03). */
const LONGEST = 50

/** The title as running heads have it: in capitals, cut at a word. */
export function runningTitle(title: string): string {
  const capitals = title.trim().replace(/\s+/gu, ' ').toUpperCase()
  if (capitals.length <= LONGEST) return capitals
  // A main title that fits stands for the whole.
  const main = capitals.split(/[:?!—]\s/u)[0]!
  if (main.length <= LONGEST && main.length >= LONGEST / 3) return main
  const cut = capitals.slice(0, LONGEST + 1)
  let end = cut.includes(' ') ? cut.lastIndexOf(' ') : LONGEST
  while (end > 1 && /[\p{P}\s]/u.test(cut[end - 1]!)) end--
  return cut.slice(0, end)
}

/** @param n the page's number, or what stands for it */
export function headWords({ says }: HeadLine, { title, surname }: Pick<PrintedPaper, 'title' | 'surname'>, n: string): string {
  return fillPattern(says, { n, surname, TITLE: runningTitle(title) }).trim()
}

/** Which lines stand on a page: the paper's first, or one behind it. */
export const headsOn = (heads: readonly HeadLine[], first: boolean): HeadLine[] =>
  heads.filter(({ on }) => on === 'every' || (on === 'first') === first)
