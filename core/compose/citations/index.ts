/** Citations in the text, by system. */
import type { Run } from '../../text/runs'
import type { System } from '../../styles/ids'
import type { Style } from '../../styles/schema'
import { glue, setLine, type Atom } from '../line'
import { authorDate } from './author-date'
import { authorPage } from './author-page'
import type { Form } from './forms'
import { after, place, type Item } from './item'
import { numbered } from './numbered'

const SYSTEMS: Record<Exclude<System, 'notes'>, (style: Style, items: readonly Item[], form: Form) => Atom[]> = {
  'author-date': authorDate, 'author-page': authorPage, 'numbers': numbered,
}

/** A citation of one or several works; in note styles the citation is the note's number, which `compose` sets. */
export function setCitation(style: Style, items: readonly Item[], form: Form): Run[] {
  const { system, placeAlone, open, close } = style.citation
  if (system === 'notes') return []
  if (form === 'place-alone' && placeAlone && items.length === 1) {
    const where = place(items[0]!)
    if (where.length) return setLine([glue(open), ...where, ...after(items[0]!), glue(close)], style)
  }
  return setLine(SYSTEMS[system](style, items, form), style)
}

export { FORMS, type Form } from './forms'
export { own, joint, sayAuthor, type Item } from './item'
