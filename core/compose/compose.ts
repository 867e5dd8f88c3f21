/**
 * Composition: a pure function of a style, sources and the citations in order, giving every citation, note and list
 * entry, with numbering, same-year letters, names told apart and shortened notes. The way through:
 *
 *   compiled.ts    the style made ready once: layouts resolved, templates made into printers
 *   work.ts        each source read once: who leads, its date, its titles as they are set
 *   order.ts       the order of the list
 *   apart.ts       what tells works apart
 *   citations/     citations and notes, by system      entry.ts    list entries
 *   line.ts        punctuation falling into place
 *
 * `composer.ts` goes that way for a whole paper and, after a change, only where the change leads.
 */
import type { Source } from '../source/model'
import type { Locator } from '../source/locators'
import type { Run } from '../text/runs'
import type { Style } from '../styles/schema'
import type { TitleWords } from '../text/capitals'
import { asTyped, guarded, standIn } from './as-typed'
import { sayAuthor, setCitation, type Form, type Item } from './citations'
import { compiled } from './compiled'
import { Composer } from './composer'
import { noteAlone, setEntry } from './entry'
import { noteNumber } from './in-text'
import { setLine } from './line'
import { fileAll } from './order'
import type { Alone, Composition, Paper } from './paper'
import type { Telling, Work } from './work'

export type { Form } from './citations'
export { Composer } from './composer'
export type { Alone, Citation, CitedItem, Composition, ListEntry, Paper } from './paper'

/** A paper composed anew. A paper that changes is composed again faster by a `Composer` of its own. */
export const compose = (style: Style, sources: readonly Source[], paper: Paper, titles?: TitleWords): Composition =>
  new Composer(titles).compose(style, sources, paper)

/** The ids of sources in the order a list of all of them would file them; those never listed among them. */
export function filingOrder(style: Style, sources: readonly Source[]): string[] {
  const { work } = compiled(style)
  const file = (all: readonly Source[]) => fileAll(all.map(source => ({ id: source.id, work: work(source) }))).map(entry => entry.id)
  return guarded(() => file(sources), () => file(sources.map(source => guarded(() => (file([source]), source), () => standIn(source)))))
}

/** Every form of one source as it stands when nothing else is cited. */
export function composeAlone(style: Style, source: Source, locator?: Locator, titles?: TitleWords): Alone {
  const { work } = compiled(style, titles)
  return guarded(() => alone(work(source), locator), () => ({ ...alone(work(standIn(source)), locator), reference: asTyped(source) }))
}

function alone(work: Work, locator?: Locator): Alone {
  const telling: Telling = locator ? { locator } : {}
  return {
    reference: setEntry(work)?.runs ?? null,
    parenthetical: citeAlone(work, 'parenthetical', locator), narrative: citeAlone(work, 'narrative', locator),
    note: noteAlone(work, telling, false), shortNote: noteAlone(work, telling, true),
  }
}

/** The first and only citation of a work. */
function citeAlone(work: Work, form: Form, locator: Locator | undefined): Run[] {
  const { style } = work.kind
  const item: Item = { work, told: {} }
  if (work.listed) item.number = 1
  if (locator) item.locator = locator
  if (style.citation.groupAbbreviations && work.abbreviated.length) item.introduce = new Set(work.abbreviated)
  if (style.citation.system !== 'notes') return setCitation(style, [item], form)
  return [...(form === 'narrative' ? setLine(sayAuthor(item, true), style) : []), noteNumber(1)]
}
