/** Citations in the text, by system. */
import type { Run } from '../../text/runs'
import type { System } from '../../styles/ids'
import type { Style } from '../../styles/schema'
import { setLine, type Atom } from '../line'
import { authorDate } from './author-date'
import { authorPage } from './author-page'
import type { Form, Item } from './item'
import { numbered } from './numbered'

const SYSTEMS: Record<Exclude<System, 'notes'>, (style: Style, items: readonly Item[], form: Form) => Atom[]> = {
  'author-date': authorDate, 'author-page': authorPage, 'numbers': numbered,
}

/** A citation of one or several works; in note styles the citation is the note's number, which `compose` sets. */
export function setCitation(style: Style, items: readonly Item[], form: Form): Run[] {
  const { system } = style.citation
  return system === 'notes' ? [] : setLine(SYSTEMS[system](style, items, form), style)
}

export { own, joint, sayAuthor, type Form, type Item } from './item'
