/** The credit under a figure, map or picture reproduced in the paper, as each style words it. */
import type { Source } from '../source/model'
import type { Style } from '../styles/types'
import type { Run } from '../text/runs'
import { compose } from './compose'
import { contextFor, note } from './entry'
import { setLine, stop, type Atom } from './line'
import { render } from './render'

const glue = (text: string): Atom => ({ text, part: 'glue', rules: ['caption'] })

/**
 * The caption's credit. Styles with a pattern of their own (APA 7, 7.14–7.15; MLA 9, 1.7) use it; note styles name the
 * source as a note does (Chicago 18, 3.30); numbered styles point to the number; the rest cite author and year.
 */
export function captionCredit(style: Style, source: Source, number?: number): Run[] {
  if (style.caption) {
    const atoms = render(style.caption, contextFor(style, source))
    if (atoms.length) return setLine([...atoms, stop()], style)
  }
  const full = note(style, source, {}, false)
  if (full) return setLine([glue('Source: '), ...full], style)
  if (style.citation.system === 'numbers') return setLine([glue(number ? `Reproduced from ref. ${number}` : 'Reproduced from the work cited'), stop()], style)
  const cited = compose(style, [source], { citations: [{ items: [{ id: source.id }], form: 'narrative' }] }).citations[0]!
  return setLine([glue('Source: '), ...cited, stop()], style)
}
