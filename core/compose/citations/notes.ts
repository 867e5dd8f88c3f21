/** Notes: the first of a work in full, later ones short, the same work again as the style has it. Source: Chicago 18, 13.27–13.37. */
import type { Run } from '../../text/runs'
import type { Style } from '../../styles/schema'
import { noteAtoms } from '../entry'
import { glue, raised, setLine, STOP, type Atom } from '../line'
import { after, before, own, place, tellingOf, type Item } from './item'

/** How a note names one of its works: given by what stood in the notes before it. */
export interface NoteState {
  short: boolean
  /** It is the work of the note before, and nothing else: at the same place, or another. */
  again?: 'same place' | 'other place'
}

export function setNote(
  style: Style,
  items: readonly Item[],
  states: readonly NoteState[],
  words: { before?: string, after?: string } | undefined,
): Run[] {
  const rules = style.citation.notes!
  const body = items.flatMap((item, i) => [
    ...(i ? [glue(rules.between)] : []),
    ...before(style, item),
    ...reference(style, item, states[i]!),
    ...after(item),
  ])
  const ahead = words?.before?.trim()
  const behind = words?.after?.trim()
  const atoms: Atom[] = [...(ahead ? [...own(ahead, 'words.note'), glue(body.length ? ' ' : '')] : []), ...body]
  const set = atoms.length ? setLine(raised([...atoms, STOP]), style) : []
  return behind ? [...set, ...(set.length ? [glue(' ')] : []), ...own(behind, 'words.note')] : set
}

function reference(style: Style, item: Item, { short, again }: NoteState): Atom[] {
  const ibid = style.citation.notes!.ibid
  if (ibid && again) {
    const where = again === 'other place' ? place(item) : []
    return [{ text: ibid, part: 'who', rules: ['note.ibid'] }, ...(where.length ? [glue(style.citation.beforeLocator), ...where] : [])]
  }
  return noteAtoms(item.work, tellingOf(item), short).map(atom => ({ ...atom, rules: [...atom.rules, short ? 'note.short' : 'note.full'] }))
}
