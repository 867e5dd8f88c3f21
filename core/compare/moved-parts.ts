/** Parts that both entries have in different places. */
import { namesOf } from '../source/model'
import { givenName, surname } from '../source/names'
import { sayRule } from '../styles/rules'
import { foldWords } from '../text/filing'
import { reads } from './align'
import type { Difference } from './difference'
import { isPair, type Aligned, type Token } from './tokens'
import { type Naming, calledIn, carries, fieldOf, keyed, partOf, quoted, say, trim } from './saying'

export const pairBefore = (aligned: readonly Aligned[], at: number): Token | undefined => {
  for (let i = at - 1; i >= 0; i--) { const one = aligned[i]!; if (isPair(one) && one.wanted.kind !== 'mark') return one.wanted }
  return undefined
}

export const pairBehind = (aligned: readonly Aligned[], at: number): Token | undefined => {
  for (let i = at + 1; i < aligned.length; i++) {
    const one = aligned[i]!
    if (isPair(one) && one.wanted.kind !== 'mark') return one.wanted
  }
  return undefined
}

/** Stretches that stand elsewhere in the other entry, word for word: which of them belong to which. */
export function movedParts(aligned: readonly Aligned[]): Map<number, number> {
  const out = new Map<number, number>()
  const wanted = new Map<string, number>()
  aligned.forEach((one, i) => {
    const key = isPair(one) ? '' : keyed(one.onlyWanted)
    if (key && !isPair(one) && !keyed(one.onlyGiven)) wanted.set(key, i)
  })
  aligned.forEach((one, i) => {
    if (isPair(one) || keyed(one.onlyWanted)) return
    const there = wanted.get(keyed(one.onlyGiven))
    const to = there === undefined ? undefined : aligned[there]
    const tokens = to && !isPair(to) ? to.onlyWanted : []
    const part = carries(tokens, 'date.accessed') ? 'when' : partOf(tokens.find(token => token.kind !== 'mark'))
    // A letter or a figure may stand in two places by chance, but not among the names or in the date.
    if (there !== undefined && (keyed(one.onlyGiven).length > 2 || part === 'who' || part === 'when')) {
      out.set(i, there)
      out.set(there, i)
    }
  })
  return out
}

export function nameMoved(aligned: readonly Aligned[], moved: ReadonlyMap<number, number>, naming: Naming): Difference[] {
  return [...moved].flatMap(([given, wanted]) => {
    const [from, to] = [aligned[given]!, aligned[wanted]!]
    if (isPair(from) || isPair(to) || !keyed(from.onlyGiven)) return []
    const tokens = to.onlyWanted
    const field = tokens.map(fieldOf).find(Boolean)
    const what = field ? `The ${calledIn(naming, field)}` : quoted(trim(reads(tokens)))
    const who = partOf(tokens.find(token => token.kind !== 'mark')) === 'who'
    const rule = who ? 'names.inverted' as const : carries(tokens, 'date.accessed', 'date')
    const ahead = pairBefore(aligned, wanted)
    const where = ahead ? ` after ${quoted(ahead.text)}` : ' at the head of the entry'
    const dated = rule && !who && tokens.length < 4 ? sayRule(naming.style, rule)?.says : undefined
    const says = who ? nameOrder(naming, tokens) : (dated ?? `${what} stands${where}.`)
    return [say(naming, { kind: who ? 'names' : 'order', says, given: reads(from.onlyGiven), wanted: reads(tokens), rule })]
  })
}

/** Which author's name is turned the wrong way round, in words. */
export function nameOrder(naming: Naming, tokens: readonly Token[]): string {
  const names = namesOf(naming.source, fieldOf(tokens.find(token => token.run?.part === 'who')) ?? 'author')
  const words = keyed(tokens)
  const n = names.findIndex((name) =>
    foldWords(`${givenName(name)} ${surname(name)}`)
      .split(' ')
      .some((word) => words.split(' ').includes(word)),
  )
  const which = names.length > 1 && n >= 0 ? `The ${['first', 'second', 'third', 'fourth', 'fifth'][n] ?? 'next'} author’s` : 'The author’s'
  const inverted = sayRule(naming.style, 'names.inverted')?.says
  const natural = naming.style.names.lead?.order === 'natural' || (naming.style.names.lead?.order === 'first-inverted' && n > 0)
  return `${which} ${natural ? 'given name comes first' : 'surname comes first'}${inverted ? ` in ${naming.style.short}` : ''}.`
}
