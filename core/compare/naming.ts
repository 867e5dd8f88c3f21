/**
 * Differences named. Two entries laid beside each other are gone through from the left; what differs is put down to the
 * rule that Dendle's own words there come from. Differences of one sort in one part are one: five capitals of a title are
 * one thing to learn.
 */
import { reads } from './align'
import type { Difference } from './difference'
import { isPair, type Aligned, type Token } from './tokens'
import { marksDiffer } from './marks-differ'
import { movedParts, nameMoved, pairBefore, pairBehind } from './moved-parts'
import { nameExtra, nameMissing } from './one-sided'
import { capitals, italics, signs } from './same-words'
import { type Naming, type Near, carries, fieldOf, quoted, say, trim } from './saying'
import { nameOther } from './words-differ'

export function nameDifferences(aligned: readonly Aligned[], naming: Naming): Difference[] {
  const moved = movedParts(aligned)
  const stretches = aligned.flatMap((one, i) => {
    if (isPair(one) || moved.has(i)) return []
    return nameStretch(one, { before: pairBefore(aligned, i), behind: pairBehind(aligned, i) }, naming)
  })
  return once([
    ...nameMoved(aligned, moved, naming),
    ...stretches,
    ...capitals(aligned, naming),
    ...italics(aligned, naming),
    ...signs(aligned, naming),
  ])
}

/** One of each sentence: the same said twice of one entry is one thing. */
function once(all: readonly Difference[]): Difference[] {
  const seen = new Map<string, Difference>()
  for (const one of all) {
    const key = `${one.kind}:${one.says}`
    const before = seen.get(key)
    if (before) seen.set(key, { ...before, given: `${before.given} … ${one.given}`, wanted: `${before.wanted} … ${one.wanted}` })
    else seen.set(key, one)
  }
  return [...seen.values()]
}

function nameStretch({ onlyGiven, onlyWanted }: { onlyGiven: Token[], onlyWanted: Token[] }, near: Near, naming: Naming): Difference[] {
  const [given, wanted] = [reads(onlyGiven), reads(onlyWanted)]
  const words = (tokens: readonly Token[]) => tokens.filter(token => token.kind !== 'mark' || token.text === '&')
  const [gw, ww] = [words(onlyGiven), words(onlyWanted)]
  if (!gw.length && !ww.length) return [marksDiffer(onlyGiven, onlyWanted, near, naming)]
  const signs = new Set(['and', '&', 'und', 'et'])
  // “and” for “&”, and the other way round, with the comma before it.
  if (gw.every(token => signs.has(token.key)) && ww.every(token => signs.has(token.key)) && gw.length <= 1 && ww.length <= 1) {
    const sign = ww[0]?.text
    const says =
      sign === '&'
        ? 'An ampersand stands before the last author.'
        : sign
          ? `${quoted(sign)} stands before the last author.`
          : 'No word stands between these names.'
    return [say(naming, { kind: 'names', says, given, wanted, rule: 'names.joined' })]
  }
  const form = carries(ww, 'role', 'date.none', 'edition')
  if (
    form
    && gw.length
    && ww.length
    && !ww.some((token) => token.run?.part === 'who' && fieldOf(token) && !token.run.rules.includes('role'))
  ) {
    const sameValue = form !== 'edition' || !ww.some((token) => /\d/u.test(token.text))
    if (sameValue)
      return [
        say(naming, {
          kind: 'words',
          says: `${quoted(trim(wanted))} is printed here in ${naming.style.short}, not ${quoted(trim(given))}.`,
          given,
          wanted,
          rule: form,
        }),
      ]
  }
  if (!ww.length) return nameExtra(onlyGiven, onlyWanted, near, naming)
  if (!gw.length) return nameMissing(onlyWanted, onlyGiven, near, naming)
  return nameOther(onlyGiven, onlyWanted, near, naming)
}
