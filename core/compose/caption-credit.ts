/** The credit under a figure, map or picture reproduced in the paper, as each style words it. */
import type { Source } from '../source/model'
import { fillPattern } from '../styles/pattern'
import type { Style } from '../styles/schema'
import type { Run } from '../text/runs'
import { composeAlone } from './compose'
import { compiled } from './compiled'
import { glue, setLine, STOP, type Atom } from './line'
import { printed } from './work'

const credit = (text: string): Atom => ({ ...glue(text), rules: ['caption'] })

/**
 * The caption's credit. Styles with a pattern of their own (APA 7, 7.14–7.15; MLA 9, 1.7) use it; note styles name the
 * source as a note does (Chicago 18, 3.30); numbered styles point to the number; the rest cite author and year.
 */
export function captionCredit(style: Style, source: Source, number?: number): Run[] {
  const { template, before, numbered, unnumbered } = style.credit
  const work = compiled(style).work(source)
  const own = template === undefined ? [] : printed(work.kind.print(template), work)
  if (own.length) return setLine([...own, STOP], style)
  const { note, narrative } = composeAlone(style, source)
  if (note) return setLine([credit(before), ...note as Atom[]], style)
  if (style.citation.system === 'numbers')
    return setLine([credit(number ? fillPattern(numbered, { n: String(number) }) : unnumbered), STOP], style)
  return setLine([credit(before), ...narrative as Atom[], STOP], style)
}
