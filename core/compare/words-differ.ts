/** Other words in the same place: an abbreviation, a date or a range in another form, or another detail. */
import { reads } from './align'
import type { Difference } from './difference'
import type { Token } from './tokens'
import { namesDiffer } from './names-differ'
import type { Near, Naming } from './saying'
import { calledIn, carries, fieldOf, keyed, partOf, quoted, say, sentence, trim } from './saying'

export function nameOther(given: readonly Token[], wanted: readonly Token[], near: Near, naming: Naming): Difference[] {
  const shared = { given: reads(given), wanted: reads(wanted) }
  const field = wanted.map(fieldOf).find(Boolean)
  const first = wanted.find(token => token.kind !== 'mark')!
  const [g, w] = [keyed(given), keyed(wanted)]
  if (partOf(first) === 'who' || (partOf(near.before) === 'who' && partOf(near.behind) === 'who'))
    return [namesDiffer(given, wanted, naming, shared)]
  if (field === 'container' || carries(wanted, 'container.abbreviated')) {
    if (shortens(g, w) || shortens(w, g)) {
      const full = g.length < w.length
      const says = full
        ? `The ${calledIn(naming, 'container')} is given in full.`
        : sentence(naming, 'container.abbreviated', `The ${calledIn(naming, 'container')} is shortened.`)
      return [
        say(naming, {
          kind: 'abbreviation',
          says,
          ...shared,
          of: 'house-rule',
          rule: full ? 'container' : 'container.abbreviated',
          field: 'container',
        }),
      ]
    }
  }
  if (field === 'publisher' && (shortens(g, w) || shortens(w, g))) {
    return [
      say(naming, {
        kind: 'abbreviation',
        says: sentence(naming, 'publisher.shortened', 'The publisher is given as the source has it.'),
        ...shared,
        of: 'house-rule',
        rule: 'publisher.shortened',
      }),
    ]
  }
  if (
    partOf(first) === 'when'
    && !/\d/u.test(g.replace(/\b\d{1,2}\b/gu, '')) === !/\d/u.test(w.replace(/\b\d{1,2}\b/gu, ''))
    && sameDate(g, w)
  ) {
    return [say(naming, { kind: 'words', says: sentence(naming, 'date', 'The date is written otherwise.'), ...shared, rule: 'date' })]
  }
  if (field === 'pages' && /^\d+$/u.test(g) && /^\d+$/u.test(w) && (w.endsWith(g) || g.endsWith(w))) {
    return [
      say(naming, {
        kind: 'number',
        says: sentence(naming, 'pages.range', 'The last page is written otherwise.'),
        ...shared,
        rule: 'pages.range',
      }),
    ]
  }
  if (!field) {
    const rule = carries(wanted, 'role', 'date.none', 'edition', 'description', 'names.shortened')
    return [
      say(naming, {
        kind: shortens(g, w) || shortens(w, g) ? 'abbreviation' : 'words',
        says: `${quoted(trim(shared.wanted))} is printed here in ${naming.style.short}, not ${quoted(trim(shared.given))}.`,
        ...shared,
        rule,
      }),
    ]
  }
  const numbers = ['volume', 'issue', 'pages', 'number', 'issued'].includes(field)
  return [
    say(naming, {
      kind: numbers ? 'number' : 'words',
      says: `The ${calledIn(naming, field)} is ${quoted(trim(shared.given))} in that list and ${quoted(trim(shared.wanted))} in your source.`,
      ...shared,
      of: 'detail',
      field,
    }),
  ]
}

/** Whether each word of the one begins as its fellow in the other, some of them cut. */
function shortens(short: string, long: string): boolean {
  const small = new Set(['of', 'the', 'and', 'for', 'in', 'on', '&', 'a', 'an'])
  const [a, b] = [short, long].map(text => text.split(' ').filter(word => word && !small.has(word))) as [string[], string[]]
  if (!a.length || a.length > b.length || short.length >= long.length) return false
  let at = 0
  for (const word of a) {
    while (at < b.length && !(b[at]!.startsWith(word) || isContraction(word, b[at]!))) at++
    if (at >= b.length) return false
    at++
  }
  return true
}

const isContraction = (short: string, long: string): boolean => {
  let at = 0
  for (const letter of long) if (letter === short[at]) at++
  return short.length > 1 && at === short.length && short[0] === long[0]
}

const sameDate = (a: string, b: string): boolean => {
  const months = (text: string) => text.split(' ').map(word => (/^\p{L}/u.test(word) ? word.slice(0, 3) : word)).sort().join(' ')
  return months(a) === months(b)
}
