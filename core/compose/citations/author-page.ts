/** Author and page: (Okonjo 104), Okonjo (104). Source: MLA Handbook 9, 6.3–6.30. */
import type { Style } from '../../styles/schema'
import { glue, textOfAtoms, type Atom } from '../line'
import { titleInText } from '../entry'
import type { Form } from './forms'
import { after, before, joint, place, sayAuthor, type Item } from './item'

function pagePart(style: Style, item: Item, alone: boolean): Atom[] {
  const where = place(item)
  if (!where.length) return []
  const rules = style.citation
  // A place that brings its own word ("ch. 3") is set off by a comma (MLA 9, 6.21).
  const label = item.locator!.label
  const labelled =
    (/^\p{L}/u.test(textOfAtoms(where)) && rules.locators[label][0] !== '') || (label === 'act' && rules.actWords !== undefined)
  return [...(alone ? [] : [glue(labelled ? rules.beforeLabelled ?? rules.beforeLocator : rules.beforeLocator)]), ...where]
}

const title = (item: Item): Atom[] => titleInText(item.work, true)
/** Whether its title stands behind the name: another work of the same name is listed, and the name is not that title. */
const titled = (item: Item): boolean => Boolean(item.told.needsTitle) && textOfAtoms(sayAuthor(item, false)) !== textOfAtoms(title(item))

export const authorPage = (style: Style, items: readonly Item[], form: Form): Atom[] =>
  form === 'narrative' ? inSentence(style, items) : inParentheses(style, items, form === 'suppress-author')

function inSentence(style: Style, items: readonly Item[]): Atom[] {
  return items.flatMap((item, i) => {
    const inside = [...(titled(item) ? title(item) : []), ...pagePart(style, item, !titled(item)), ...after(item)]
    return [
      ...joint(style, i, items.length),
      ...before(style, item),
      ...sayAuthor(item, true),
      ...(inside.length ? [glue(' ('), ...inside, glue(')')] : []),
    ]
  })
}

function inParentheses(style: Style, items: readonly Item[], withoutAuthor: boolean): Atom[] {
  const rules = style.citation
  const who = (item: Item): Atom[] => (withoutAuthor ? [] : sayAuthor(item, false))
  const { sameAuthor } = rules
  const groups = sameAuthor === undefined ? items.map(item => [item]) : sharingNames(items, item => textOfAtoms(who(item)))
  const parts = groups.map((group) => {
    const item = group[0]!
    if (group.length > 1) {
      const titles = group.flatMap((one, i) => [...joint(style, i, group.length), ...title(one)])
      return [...before(style, item), ...who(item), { ...glue(sameAuthor ?? ''), rules: ['author.shared' as const] }, ...titles]
    }
    const named = who(item)
    const name = titled(item) ? [...named, ...(named.length ? [glue(', ')] : []), ...title(item)] : named
    return [...before(style, item), ...name, ...pagePart(style, item, name.length === 0), ...after(item)]
  }).filter(part => part.length)
  if (!parts.length) return []
  return [glue(rules.open), ...parts.flatMap((part, i) => (i ? [glue(rules.between), ...part] : part)), glue(rules.close)]
}

const isShortened = (item: Item): boolean => sayAuthor(item, false).some(atom => atom.rules.includes('names.shortened'))

/** Neighbours of one name, told apart by their titles and without places, stand together. */
function sharingNames(items: readonly Item[], nameOf: (item: Item) => string): Item[][] {
  const groups: Item[][] = []
  for (const item of items) {
    const last = groups.at(-1)
    // Names that end in "et al." are given again: what they stand for may differ.
    const joins =
      last
      && !isShortened(item)
      && nameOf(item)
      && nameOf(last[0]!) === nameOf(item)
      && !item.prefix
      && !item.original
      && titled(item)
      && !item.locator
      && last.every((one) => !one.locator && !one.suffix)
    if (joins) last.push(item)
    else groups.push([item])
  }
  return groups
}
