/** Citations in the text, by system: author and year, author and page, numbers. */
import { parseRich } from '../text/rich'
import type { Run } from '../text/runs'
import { dateOf, namesOf, type Source } from '../source/model'
import type { Locator } from '../source/locators'
import type { Style } from '../styles/types'
import { setLine, type Atom } from './line'
import { render } from './render'
import { authorInText, contextFor, titleInText, type Extras } from './entry'
import { isDated } from './values'

export interface Item { source: Source, locator?: Locator, prefix?: string, suffix?: string, original?: string, extras: Extras, number?: number, needsTitle?: boolean }
export type Form = 'parenthetical' | 'narrative' | 'suppress-author'

const glue = (text: string, ...rules: string[]): Atom => ({ text, part: 'glue', rules })
/** The writer's own words, with their italics: around a work, or in a note. */
export const own = (text: string, rule: 'words.own' | 'words.note' = 'words.own'): Atom[] => parseRich(text).map(({ kept: _, ...segment }) => ({ ...segment, part: 'glue', rules: [rule] }))

export const before = (style: Style, item: Item): Atom[] => {
  const original = item.original?.trim()
  return [
    ...(item.prefix?.trim() ? own(`${item.prefix.trim()} `) : []),
    ...(original ? [...own(original), { text: style.citation.citedIn, part: 'glue' as const, rules: ['citation.secondary'] }] : []),
  ]
}
/** Words after: their own punctuation if they bring any, else a comma. */
export const after = (item: Item): Atom[] => {
  const text = item.suffix?.trim()
  return text ? own(/^[,;:.)]/u.test(text) ? text : `, ${text}`) : []
}
const contextOf = (style: Style, item: Item) => contextFor(style, item.source, { ...item.extras, ...(item.locator ? { locator: item.locator } : {}) })
const place = (style: Style, item: Item): Atom[] => item.locator ? render('{locator}', contextOf(style, item)) : []
const sayAuthor = (style: Style, item: Item, narrative: boolean): Atom[] => authorInText(style, item.source, { narrative, extras: item.extras })
const plain = (atoms: readonly Atom[]): string => atoms.map(a => a.text).join('')

export function setCitation(style: Style, items: readonly Item[], form: Form): Run[] {
  const { system } = style.citation
  const atoms = system === 'numbers' ? numbered(style, items, form) : system === 'author-page' ? authorPage(style, items, form) : authorDate(style, items, form)
  return setLine(atoms, style)
}

/** Works never listed are cited by their own pattern (personal communications). */
function unlisted(style: Style, item: Item, form: Form): Atom[] | undefined {
  const context = contextOf(style, item)
  const pattern = context.layout.unlisted
  return pattern && render(form === 'narrative' ? pattern.narrative : pattern.parenthetical, context)
}

// Author and year --------------------------------------------------------------------------------------------------

function year(style: Style, item: Item): Atom[] {
  const context = contextOf(style, item)
  const year = render('{year!}', context)
  const first = dateOf(item.source, 'originalDate')
  const pattern = style.citation.firstPublished
  if (!first || !pattern || !isDated(item.source)) return year
  return pattern.split(/(\{first\}|\{year\})/u).filter(Boolean).flatMap(piece => piece === '{first}' ? render('{first}', context) : piece === '{year}' ? year : [glue(piece)])
}

function yearAndPlace(style: Style, item: Item): Atom[] {
  const where = place(style, item)
  return [...year(style, item), ...(where.length ? [glue(style.citation.beforeLocator), ...where] : []), ...after(item)]
}

function authorDate(style: Style, items: readonly Item[], form: Form): Atom[] {
  const rules = style.citation
  if (form === 'narrative') {
    return items.flatMap((item, i) => {
      const joint = i === 0 ? [] : [glue(i === items.length - 1 ? (items.length > 2 ? ', and ' : ' and ') : ', ')]
      const own = unlisted(style, item, form)
      if (own) return [...joint, ...own]
      // In a sentence a group's abbreviation goes into the parentheses with the year (APA 7, 8.21).
      const shorts = namesOf(item.source, 'author').filter(name => name.short && item.extras.introduce?.has(name.literal ?? '')).map(name => name.short)
      return [...joint, ...before(style, item), ...sayAuthor(style, item, true), glue(' '), glue(rules.open), ...(shorts.length ? [glue(`${shorts.join(', ')}, `)] : []), ...yearAndPlace(style, item), glue(rules.close)]
    })
  }
  const ordered = rules.order === 'list' ? inListOrder(items) : items
  const out: Atom[] = [glue(rules.open)]
  let previous = ''
  ordered.forEach((item, i) => {
    const own = unlisted(style, item, form)
    const who = form === 'suppress-author' || own ? [] : sayAuthor(style, item, false)
    const name = plain(who)
    const last = ordered[i - 1]
    const located = Boolean(item.locator || last?.locator || last?.suffix)
    const shared = i > 0 && name !== '' && name === previous && !item.prefix && !item.original ? (located ? rules.sameAuthorLocated : rules.sameAuthor) : undefined
    previous = name
    if (i > 0) out.push(glue(shared ?? rules.between, ...(shared ? ['author.shared'] : [])))
    if (own) { out.push(...before(style, item), ...own, ...after(item)); return }
    if (shared !== undefined) { out.push(...yearAndPlace(style, item)); return }
    const sep = !isDated(item.source) && rules.beforeNoYear ? rules.beforeNoYear : rules.beforeYear
    out.push(...before(style, item), ...who, ...(who.length ? [glue(sep)] : []), ...yearAndPlace(style, item))
  })
  return [...out, glue(rules.close)]
}

const inListOrder = (items: readonly Item[]): readonly Item[] =>
  items.some(item => (item.prefix || item.original) && items.indexOf(item) > 0) ? items : [...items].sort((a, b) => (a.number ?? 0) - (b.number ?? 0))

// Author and page --------------------------------------------------------------------------------------------------

function pagePart(style: Style, item: Item, alone: boolean): Atom[] {
  const where = place(style, item)
  if (!where.length) return []
  const rules = style.citation
  // A place that brings its own word ("ch. 3") is set off by a comma (MLA 9, 6.21).
  const labelled = /^\p{L}/u.test(plain(where)) && item.locator?.label !== 'page'
  return [...(alone ? [] : [glue(labelled ? rules.beforeLabelled ?? rules.beforeLocator : rules.beforeLocator)]), ...where]
}

function authorPage(style: Style, items: readonly Item[], form: Form): Atom[] {
  const rules = style.citation
  const title = (item: Item) => titleInText(style, item.source, { short: true })
  const titled = (item: Item) => Boolean(item.needsTitle) && plain(sayAuthor(style, item, false)) !== plain(title(item))
  if (form === 'narrative') {
    return items.flatMap((item, i) => {
      const inside = [...(titled(item) ? title(item) : []), ...pagePart(style, item, !titled(item)), ...after(item)]
      return [...(i === 0 ? [] : [glue(i === items.length - 1 ? (items.length > 2 ? ', and ' : ' and ') : ', ')]), ...before(style, item), ...sayAuthor(style, item, true), ...(inside.length ? [glue(' ('), ...inside, glue(')')] : [])]
    })
  }
  const groups: Item[][] = []
  const nameOf = (item: Item) => form === 'suppress-author' ? '' : plain(sayAuthor(style, item, false))
  for (const item of items) {
    const last = groups.at(-1)
    if (last && nameOf(item) && nameOf(last[0]!) === nameOf(item) && !item.prefix && !item.original && titled(item) && last.every(i => !i.locator && !i.suffix) && !item.locator) last.push(item)
    else groups.push([item])
  }
  const parts = groups.map((group) => {
    const [item] = group as [Item]
    const who = form === 'suppress-author' ? [] : sayAuthor(style, item, false)
    if (group.length > 1) {
      const titles = group.flatMap((it, i) => [...(i === 0 ? [] : [glue(group.length === 2 ? ' and ' : i === group.length - 1 ? ', and ' : ', ')]), ...title(it)])
      return [...before(style, item), ...who, glue(', ', 'author.shared'), ...titles]
    }
    const name = titled(item) ? [...who, ...(who.length ? [glue(', ')] : []), ...title(item)] : who
    return [...before(style, item), ...name, ...pagePart(style, item, name.length === 0), ...after(item)]
  }).filter(part => part.length)
  if (!parts.length) return []
  return [glue(rules.open), ...parts.flatMap((part, i) => (i ? [glue(rules.between), ...part] : part)), glue(rules.close)]
}

// Numbers ----------------------------------------------------------------------------------------------------------

function numbered(style: Style, items: readonly Item[], form: Form): Atom[] {
  const rules = style.citation.numbers!
  const named = form === 'narrative' ? items.flatMap((item, i) => [...(i === 0 ? [] : [glue(i === items.length - 1 ? ' and ' : ', ')]), ...sayAuthor(style, item, true)]) : []
  const known = items.filter(item => item.number !== undefined)
  const own = items.filter(item => item.number === undefined).flatMap(item => [...before(style, item), ...(unlisted(style, item, form) ?? []), ...after(item)])
  if (!known.length) return own.length ? (form === 'narrative' ? own : [glue('('), ...own, glue(')')]) : []
  const worded = known.some(item => item.prefix || item.suffix || item.original)
  const ordered = worded ? known : [...known].sort((a, b) => a.number! - b.number!)
  const numberOf = (item: Item): Atom[] => {
    const where = rules.locator ? place(style, item) : []
    const text: Atom = { text: String(item.number), part: 'glue', rules: ['citation.number'], field: 'number' }
    return where.length ? rules.locator!.split(/(\{n\}|\{place\})/u).filter(Boolean).flatMap(p => p === '{n}' ? [text] : p === '{place}' ? where : [glue(p)]) : [text]
  }
  const raise = (atoms: Atom[]): Atom[] => rules.superscript ? atoms.map(a => ({ ...a, superscript: true })) : atoms
  const wrap = (atoms: Atom[]): Atom[] => raise(rules.each ? [glue(rules.open), ...atoms, glue(rules.close)] : atoms)
  const parts: Atom[] = []
  if (worded) {
    // Words of the writer's own stand on the line; only numbers are raised.
    ordered.forEach((item, i) => {
      if (i) parts.push(glue(rules.superscript || rules.each ? ', ' : ', '))
      const lead = before(style, item)
      if (lead.length && rules.superscript) lead[lead.length - 1]!.text = lead.at(-1)!.text.trimEnd()
      parts.push(...lead)
      parts.push(...wrap(numberOf(item)), ...after(item))
    })
  }
  else {
    for (let i = 0; i < ordered.length; i++) {
      let j = i
      while (j + 1 < ordered.length && ordered[j + 1]!.number === ordered[j]!.number! + 1 && !ordered[j + 1]!.locator && !ordered[i]!.locator) j++
      if (i) parts.push(...raise([glue(rules.between)]))
      parts.push(...wrap(numberOf(ordered[i]!)))
      if (j - i >= 2) {
        parts.push(...raise([glue(rules.range, 'citation.range')]), ...wrap(numberOf(ordered[j]!)))
        i = j
      }
    }
  }
  const closed = rules.each ? parts : rules.superscript ? parts : [glue(rules.open), ...parts, glue(rules.close)]
  return [...named, ...(named.length ? [glue(rules.narrative)] : []), ...closed, ...(own.length ? [glue(' ('), ...own, glue(')')] : [])]
}
