/** Names that differ: shortened, turned round, initials for given names, or other people. */
import type { Difference } from './difference'
import type { Token } from './tokens'
import { nameOrder } from './moved-parts'
import { type Naming, carries, keyed, quoted, say, sentence, trim } from './saying'

export function namesDiffer(
  given: readonly Token[],
  wanted: readonly Token[],
  naming: Naming,
  shared: { given: string, wanted: string },
): Difference {
  const [g, w] = [keyed(given).split(' '), keyed(wanted).split(' ')]
  if (/\bet al\b|\bothers\b/u.test(g.join(' ')) || carries(wanted, 'names.shortened')) {
    return say(naming, {
      kind: 'names',
      says: sentence(naming, 'names.shortened', 'The names are shortened otherwise.'),
      ...shared,
      rule: 'names.shortened',
    })
  }
  const sorted = (words: readonly string[]) =>
    words
      .filter((word) => word !== '&' && word !== 'and')
      .sort()
      .join(' ')
  if (sorted(g) === sorted(w)) return say(naming, { kind: 'names', says: nameOrder(naming, wanted), ...shared, rule: 'names.inverted' })
  if (g.join('') === w.join(''))
    return say(naming, {
      kind: 'names',
      says: sentence(naming, 'names.initials', 'Initials are set otherwise.'),
      ...shared,
      rule: 'names.initials',
    })
  const initials = (full: readonly string[], short: readonly string[]) =>
    short.filter((word) => word.length > 0 && word !== '&' && word !== 'and').every((word) => full.some((other) => other.startsWith(word)))
  if (initials(g, w) && g.join('').length > w.join('').length)
    return say(naming, {
      kind: 'names',
      says: sentence(naming, 'names.initials', 'Given names are shortened to initials.'),
      ...shared,
      rule: 'names.initials',
    })
  if (initials(w, g) && w.join('').length > g.join('').length)
    return say(naming, { kind: 'names', says: 'Given names are printed as the source has them.', ...shared, rule: 'names.inverted' })
  const turned = [...g, ...w].every((word) =>
    [...g, ...w].some((other) => other !== word && (other.startsWith(word) || word.startsWith(other))),
  )
  if (turned) return say(naming, { kind: 'names', says: nameOrder(naming, wanted), ...shared, rule: 'names.inverted' })
  return say(naming, {
    kind: 'names',
    says: `The name is ${quoted(trim(shared.given))} in that list and ${quoted(trim(shared.wanted))} in your source.`,
    ...shared,
    of: 'detail',
    field: 'author',
  })
}
