/** Numbers: [1], [2]–[4], ¹⁻³. Sources: IEEE Reference Guide; ICMJE Recommendations; AMA 11, 3.6; ACS Guide, 4.2. */
import { parsePattern, SLOTS } from '../../styles/pattern'
import type { Style } from '../../styles/schema'
import { glue, type Atom } from '../line'
import type { Form } from './forms'
import { after, before, joint, place, sayAuthor, unlisted, type Item } from './item'

export function numbered(style: Style, items: readonly Item[], form: Form): Atom[] {
  const rules = style.citation.numbers!
  const named =
    form === 'narrative'
      ? items.flatMap((item, i) => [
          ...(i === items.length - 1 && i > 0 ? [glue(style.citation.inSentence.pair)] : joint(style, i, items.length)),
          ...sayAuthor(item, true),
        ])
      : []
  const known = items.filter(item => item.number !== undefined)
  const own = items
    .filter((item) => item.number === undefined)
    .flatMap((item) => [...before(style, item), ...(unlisted(item, form) ?? []), ...after(item)])
  if (!known.length) return own.length ? (form === 'narrative' ? own : [glue('('), ...own, glue(')')]) : []
  const worded = known.some(item => item.prefix || item.suffix || item.original)
  const parts = worded ? inWords(style, known) : inRows(style, known)
  const closed = rules.each || rules.superscript ? parts : [glue(rules.open), ...parts, glue(rules.close)]
  return [...named, ...(named.length ? [glue(rules.narrative)] : []), ...closed, ...(own.length ? [glue(' ('), ...own, glue(')')] : [])]
}

/** A number, with its place where the style prints one. */
function numberOf(style: Style, item: Item): Atom[] {
  const rules = style.citation.numbers!
  const text: Atom = { text: String(item.number), part: 'glue', rules: ['citation.number'], field: 'number' }
  const where = rules.locator
    ? place(item).map((atom) => (rules.closedUp ? { ...atom, text: atom.text.replace(/(?<=\d), (?=\d)/gu, ',') } : atom))
    : []
  const set = where.length
    ? parsePattern(rules.locator!, SLOTS.numberAndPlace).flatMap((piece) =>
        'text' in piece ? [glue(piece.text)] : piece.slot === 'n' ? [text] : where,
      )
    : [text]
  return onLine(style, rules.each ? [glue(rules.open), ...set, glue(rules.close)] : set)
}

const onLine = (style: Style, atoms: Atom[]): Atom[] =>
  style.citation.numbers!.superscript ? atoms.map((atom) => ({ ...atom, superscript: true })) : atoms

/** In the order given, with the writer's words, which stand on the line; only numbers are raised. */
function inWords(style: Style, items: readonly Item[]): Atom[] {
  const { superscript } = style.citation.numbers!
  return items.flatMap((item, i) => {
    const lead = before(style, item)
    const last = lead.at(-1)
    if (last && superscript) lead[lead.length - 1] = { ...last, text: last.text.trimEnd() }
    return [...(i ? [glue(', ')] : []), ...lead, ...numberOf(style, item), ...after(item)]
  })
}

/** Ascending; three and more in a row without places are given by the first and the last. */
function inRows(style: Style, items: readonly Item[]): Atom[] {
  const rules = style.citation.numbers!
  const ordered = [...items].sort((a, b) => a.number! - b.number!)
  const parts: Atom[] = []
  for (let i = 0; i < ordered.length; i++) {
    let end = i
    while (
      !ordered[i]!.locator
      && end + 1 < ordered.length
      && ordered[end + 1]!.number === ordered[end]!.number! + 1
      && !ordered[end + 1]!.locator
    )
      end++
    if (i) parts.push(...onLine(style, [glue(rules.between)]))
    parts.push(...numberOf(style, ordered[i]!))
    if (end - i >= 2) {
      parts.push(...onLine(style, [{ ...glue(rules.range), rules: ['citation.range'] }]), ...numberOf(style, ordered[end]!))
      i = end
    }
  }
  return parts
}
