/** One work as one citation names it, and what every system does with it alike. */
import { parseRich } from '../../text/rich'
import type { Locator } from '../../source/locators'
import type { Style } from '../../styles/schema'
import type { Told } from '../apart'
import { authorInText } from '../entry'
import { glue, type Atom } from '../line'
import { printed, type Telling, type Work } from '../work'
import type { Form } from './forms'

export interface Item {
  work: Work
  told: Told
  /** Its number in the list; none when it is never listed. */
  number?: number
  /** Cited before in this paper. */
  later?: boolean
  /** Groups known by their abbreviation by now, and those that are given with it here. */
  abbreviate?: ReadonlySet<string>
  introduce?: ReadonlySet<string>
  locator?: Locator
  prefix?: string
  suffix?: string
  original?: string
}

/** What its printers are told. */
export function tellingOf(item: Item): Telling {
  const { yearLetter, atLeast, tellApart, needsTitle } = item.told
  const telling: Telling = {}
  if (yearLetter) telling.yearLetter = yearLetter
  if (atLeast) telling.atLeast = atLeast
  if (tellApart) telling.tellApart = tellApart
  if (needsTitle) telling.needsTitle = needsTitle
  if (item.later) telling.later = true
  if (item.abbreviate) telling.abbreviate = item.abbreviate
  if (item.introduce) telling.introduce = item.introduce
  if (item.locator) telling.locator = item.locator
  return telling
}

/** The writer's own words, with their italics: around a work, or in a note. */
export const own = (text: string, rule: 'words.own' | 'words.note' = 'words.own'): Atom[] =>
  parseRich(text).map(({ kept: _, ...segment }) => ({ ...segment, part: 'glue', rules: [rule] }))

/** What stands before a work: the writer's words, and the work it is quoted in. */
export function before(style: Style, item: Item): Atom[] {
  const prefix = item.prefix?.trim()
  const original = item.original?.trim()
  const out = prefix ? own(`${prefix} `) : []
  if (original) out.push(...own(original), { text: style.citation.citedIn, part: 'glue', rules: ['citation.secondary'] })
  return out
}

/** What is said of the quotation and not of the work. */
const REMARK = /^(?:emphasis|italics) (?:added|mine|in (?:the )?original)$|^(?:my|author’s|author's) (?:translation|trans\.)$|^translation mine$/iu

/** Words after: their own punctuation if they bring any, else a comma. */
export function after(item: Item): Atom[] {
  const text = item.suffix?.trim()
  if (!text) return []
  const { beforeRemark = ', ' } = item.work.kind.style.citation
  return own(/^[,;:.)]/u.test(text) ? text : `${REMARK.test(text) ? beforeRemark : ', '}${text}`)
}

/** The place cited, as the style words it. */
export function place(item: Item): Atom[] {
  const { work, locator } = item
  if (!locator) return []
  const where = printed(work.kind.print('{locator}'), work, tellingOf(item))
  const volume =
    work.kind.style.citation.volumeAndPage && locator.label === 'page' && !locator.place.includes(':') && work.has('numberOfVolumes')
      && !work.has('volumeTitle')
      ? work.text('volume')
      : ''
  return volume ? [glue(`${volume}:`), ...where] : where
}

export const sayAuthor = (item: Item, narrative: boolean): Atom[] => authorInText(item.work, narrative, tellingOf(item))

/** Works never listed are cited by their own pattern (personal communications). */
export function unlisted(item: Item, form: Form): Atom[] | undefined {
  const pattern = item.work.kind.layout.unlisted
  return pattern && !item.work.listed
    ? printed(item.work.kind.print(form === 'narrative' ? pattern.narrative : pattern.parenthetical), item.work, tellingOf(item))
    : undefined
}

/** What stands between the i-th of several works named in a sentence and the one before it. */
export function joint(style: Style, i: number, of: number): Atom[] {
  const { between, pair, last } = style.citation.inSentence
  return i === 0 ? [] : [glue(i < of - 1 ? between : of > 2 ? last : pair)]
}
