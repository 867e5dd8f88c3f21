/** The list of works as it prints: its heading, headings that divide it, entries with their numbers, annotations. */
import type { ListEntry } from '../compose/paper'
import type { Style } from '../styles/schema'
import { printedRuns, type Printing } from './printing'
import type { PrintedParagraph } from './printed'

export function printList({ style, choices, composition, annotations = new Map() }: Printing): PrintedParagraph[] {
  const { list } = composition
  if (!list.length) return []
  return [
    { is: 'paragraph', role: 'list-heading', runs: [{ text: style.list.heading }], anchor: 'list' },
    ...list.flatMap((entry, i) => [
      ...divisionOf(entry, list[i - 1]),
      entryOf(style, entry),
      // A list of works handed in by itself is without them; with them it is an annotated bibliography.
      ...(choices.sort === 'bibliography' || choices.sort === 'slides' ? [] : annotationOf(annotations.get(entry.id), entry.id)),
    ]),
  ]
}

/** The heading of a part of a divided list, where it begins. */
const divisionOf = ({ division }: ListEntry, before: ListEntry | undefined): PrintedParagraph[] =>
  division && division !== before?.division ? [{ is: 'paragraph', role: 'division', runs: [{ text: division }] }] : []

const entryOf = (style: Style, { id, number, runs }: ListEntry): PrintedParagraph => ({
  is: 'paragraph', role: 'entry', runs: printedRuns(runs), anchor: `work-${id}`, from: { source: id },
  ...(number !== undefined && style.list.number ? { lead: [{ text: style.list.number.replace('{n}', String(number)) }] } : {}),
})

const annotationOf = (text: string | undefined, source: string): PrintedParagraph[] =>
  (text ?? '')
    .split(/\n+/u)
    .filter(line => line.trim())
    .map(line => ({ is: 'paragraph', role: 'annotation', runs: [{ text: line.trim() }], from: { source } }))
