/** Author and year: (Okonjo, 2021, p. 104), Okonjo (2021). Sources: APA 7, 8.10–8.15; Chicago 18, 13.102–13.128. */
import { parsePattern, SLOTS } from '../../styles/pattern'
import type { Style } from '../../styles/schema'
import { glue, textOfAtoms, type Atom } from '../line'
import { printed } from '../work'
import type { Form } from './forms'
import { after, before, joint, place, sayAuthor, tellingOf, unlisted, type Item } from './item'

function year(style: Style, item: Item): Atom[] {
  const { work } = item
  const set = (template: string) => printed(work.kind.print(template), work, tellingOf(item))
  const pattern = style.citation.firstPublished
  if (!pattern || !work.date('originalDate') || !work.dated) return set('{year!}')
  return parsePattern(pattern, SLOTS.firstPublished).flatMap((piece) =>
    'text' in piece ? [glue(piece.text)] : set(piece.slot === 'first' ? '{first}' : '{year!}'),
  )
}

function yearAndPlace(style: Style, item: Item, out: Atom[]): void {
  const from = out.length
  if (!item.work.datedByTitle) out.push(...year(style, item))
  const where = place(item)
  if (where.length) out.push(...(out.length > from ? [glue(style.citation.beforeLocator)] : []), ...where)
  if (item.suffix) out.push(...after(item))
}

export const authorDate = (style: Style, items: readonly Item[], form: Form): Atom[] =>
  form === 'narrative' ? inSentence(style, items) : inParentheses(style, items, form === 'suppress-author')

function inSentence(style: Style, items: readonly Item[]): Atom[] {
  const { open, close } = style.citation
  const out: Atom[] = []
  items.forEach((item, i) => {
    out.push(...joint(style, i, items.length))
    const own = unlisted(item, 'narrative')
    if (own) { out.push(...own); return }
    // In a sentence a group's abbreviation goes into the parentheses with the year (APA 7, 8.21).
    const shorts = item.introduce
      ? item.work
          .names('author')
          .filter((name) => name.short && item.introduce!.has(name.literal ?? ''))
          .map((name) => name.short)
      : []
    const dated: Atom[] = []
    yearAndPlace(style, item, dated)
    out.push(...before(style, item), ...sayAuthor(item, true))
    if (!dated.length) return
    out.push(glue(' '), glue(open))
    if (shorts.length) out.push(glue(`${shorts.join(', ')}, `))
    out.push(...dated, glue(close))
  })
  return out
}

function inParentheses(style: Style, items: readonly Item[], withoutAuthor: boolean): Atom[] {
  const rules = style.citation
  const ordered = rules.order === 'list' ? inListOrder(items) : items
  const out: Atom[] = [glue(rules.open)]
  let previous = ''
  ordered.forEach((item, i) => {
    const own = unlisted(item, 'parenthetical')
    const who = withoutAuthor || own ? [] : sayAuthor(item, false)
    const name = textOfAtoms(who)
    const last = ordered[i - 1]
    const located = Boolean(item.locator || last?.locator || last?.suffix)
    const alike = i > 0 && name !== '' && name === previous && !item.prefix && !item.original
    const shared = alike ? (located ? rules.sameAuthorLocated : rules.sameAuthor) : undefined
    previous = name
    if (i > 0) out.push(shared === undefined ? glue(rules.between) : { ...glue(shared), rules: ['author.shared'] })
    if (own) { out.push(...before(style, item), ...own, ...after(item)); return }
    if (shared !== undefined) { yearAndPlace(style, item, out); return }
    const separator = !item.work.dated && rules.beforeNoYear ? rules.beforeNoYear : rules.beforeYear
    out.push(...before(style, item), ...who)
    const dated: Atom[] = []
    yearAndPlace(style, item, dated)
    if (who.length && dated.length) out.push(glue(separator))
    out.push(...dated)
  })
  out.push(glue(rules.close))
  return out
}

/** Works in the order of the list, unless words before one of them hold it in its place. */
const inListOrder = (items: readonly Item[]): readonly Item[] =>
  items.some((item, i) => i > 0 && (item.prefix || item.original)) ? items : [...items].sort((a, b) => (a.number ?? 0) - (b.number ?? 0))
