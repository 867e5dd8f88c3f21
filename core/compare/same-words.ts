/** Words that both entries have: their capitals, italics, dashes and spaces. */
import type { FieldName } from '../source/fields'
import { RULE_IDS } from '../text/origin'
import { reads } from './align'
import type { Difference } from './difference'
import { isPair, type Aligned, type Pair } from './tokens'
import { type Naming, calledIn, carries, fieldOf, partOf, quoted, say, sentence } from './saying'

const pairs = (aligned: readonly Aligned[]): Pair[] => aligned.filter(isPair)

export function capitals(aligned: readonly Aligned[], naming: Naming): Difference[] {
  const wrong = pairs(aligned).filter(
    ({ given, wanted }) => wanted.kind === 'word' && given.text !== wanted.text && given.text.toLowerCase() === wanted.text.toLowerCase(),
  )
  const groups = new Map<string, { field: FieldName | undefined, pairs: Pair[] }>()
  for (const pair of wrong) {
    const field = fieldOf(pair.wanted)
    const key = field ?? partOf(pair.wanted)
    const group = groups.get(key) ?? { field, pairs: [] }
    group.pairs.push(pair)
    groups.set(key, group)
  }
  return [...groups.values()].map(({ field, pairs }) => {
    const tokens = pairs.map(pair => pair.wanted)
    const rule = carries(tokens, 'title.sentence', 'title.headline', 'title.asgiven', 'description', 'role')
    const many = (text: string) => text.replace(/[^\p{Lu}]/gu, '').length
    const over = pairs.reduce((sum, { given, wanted }) => sum + Math.max(0, many(given.text) - many(wanted.text)), 0)
    const under = pairs.reduce((sum, { given, wanted }) => sum + Math.max(0, many(wanted.text) - many(given.text)), 0)
    const counted = [over && `${over} capital${over > 1 ? 's' : ''} too many`, under && `${under} capital${under > 1 ? 's' : ''} missing`]
      .filter(Boolean)
      .join(', ')
    const what = field ? calledIn(naming, field) : 'words'
    const behindColon = pairs.length === 1 && under > 0 && isBehindColon(aligned, pairs[0]!)
    const says = behindColon
      ? 'A capital after the colon.'
      : `${sentence(naming, rule, `The ${what} has other capitals.`).split(/[:.]/u)[0]!}: ${counted}.`
    return say(naming, { kind: 'capitals', says, given: reads(pairs.map(pair => pair.given)), wanted: reads(tokens), rule })
  })
}

function isBehindColon(aligned: readonly Aligned[], pair: Pair): boolean {
  const at = aligned.indexOf(pair)
  const before = aligned[at - 1]
  return Boolean(before && isPair(before) && /[:?!]/u.test(before.wanted.text))
}

/** Stretches in a row whose italics, or bold, differ; marks alone are not judged. */
export function italics(aligned: readonly Aligned[], naming: Naming): Difference[] {
  if (!naming.rich) return []
  const out: Difference[] = []
  const all = pairs(aligned)
  for (const mark of ['italic', 'bold'] as const) {
    let from = 0
    while (from < all.length) {
      const first = all[from]!
      if (first.wanted.kind === 'mark' || first.given[mark] === first.wanted[mark]) { from++; continue }
      let to = from + 1
      while (
        to < all.length
        && (all[to]!.wanted.kind === 'mark'
          || (all[to]!.given[mark] !== all[to]!.wanted[mark]
            && all[to]!.wanted[mark] === first.wanted[mark]
            && fieldOf(all[to]!.wanted) === fieldOf(first.wanted)))
      )
        to++
      const stretch = all.slice(from, to).filter(pair => pair.wanted.kind !== 'mark' || pair !== all[to - 1])
      const tokens = stretch.map(pair => pair.wanted)
      const field = fieldOf(first.wanted)
      const word = mark === 'italic' ? 'italic' : 'bold'
      const what = field ? calledIn(naming, field) : quoted(reads(tokens))
      const rule = RULE_IDS.find(id => id === field) ?? carries(tokens, 'container', 'title')
      const says = first.wanted[mark] ? `The ${what} is ${word}.` : `The ${what} is upright, not ${word}.`
      out.push(
        say(naming, {
          kind: 'italics',
          says: says.replace('The “', '“'),
          given: reads(stretch.map((pair) => pair.given)),
          wanted: reads(tokens),
          rule,
        }),
      )
      from = to
    }
  }
  return out
}

/** Dashes and spaces. */
export function signs(aligned: readonly Aligned[], naming: Naming): Difference[] {
  const out: Difference[] = []
  aligned.forEach((one, i) => {
    if (!isPair(one)) return
    const { given, wanted } = one
    if (wanted.kind === 'link' && given.text !== wanted.text && given.key === wanted.key) {
      const doi = wanted.key.startsWith('doi ')
      const rule = doi ? 'link.doi' : 'link.url'
      out.push(
        say(naming, {
          kind: 'words',
          says: doi
            ? `A DOI is printed as ${wanted.text.replace(/10\..*/u, '')}…`
            : sentence(naming, rule, 'The address is printed otherwise.'),
          given: given.text,
          wanted: wanted.text,
          rule,
        }),
      )
    }
    if (wanted.key === '-' && given.text !== wanted.text) {
      const range = wanted.text === '–'
      const rule = carries([wanted], 'pages.range')
      out.push(
        say(naming, {
          kind: 'punctuation',
          says: range
            ? 'An en dash, not a hyphen, between the first and the last.'
            : `${quoted(wanted.text)} stands here, not ${quoted(given.text)}.`,
          given: given.text,
          wanted: wanted.text,
          rule,
        }),
      )
    }
    const before = aligned[i - 1]
    if (before && isPair(before) && given.spaced !== wanted.spaced) {
      const near = `${before.wanted.text}${wanted.spaced ? ' ' : ''}${wanted.text}`
      const initials = partOf(wanted) === 'who' && /^\p{Lu}$/u.test(wanted.text)
      const rule = initials ? carries([wanted], 'names.initials') : fieldOf(wanted) === 'issue' ? 'issue' : undefined
      const says = initials
        ? wanted.spaced ? 'A space stands between initials.' : 'Initials stand without a space between.'
        : wanted.spaced ? `A space stands before ${quoted(wanted.text)}.` : `No space stands before ${quoted(wanted.text)}.`
      out.push(
        say(naming, { kind: 'spacing', says, given: `${before.given.text}${given.spaced ? ' ' : ''}${given.text}`, wanted: near, rule }),
      )
    }
  })
  return out
}
