/**
 * Differences named. Two entries laid beside each other are gone through from the left; what differs is put down to the
 * rule that Dendle's own words there come from. Differences of one sort in one part are one: five capitals of a title are
 * one thing to learn.
 */
import { FIELDS, FIELD_NAMES, type FieldName } from '../source/fields'
import { labelFor } from '../source/kinds'
import { namesOf, textOf, type Source } from '../source/model'
import { givenName, surname } from '../source/names'
import { sayRule } from '../styles/rules'
import type { Style } from '../styles/schema'
import { foldWords } from '../text/filing'
import { stripRich } from '../text/rich'
import { RULE_IDS } from '../text/origin'
import type { RuleId, Run } from '../text/runs'
import { reads } from './align'
import type { Difference, DifferenceKind } from './difference'
import { isPair, type Aligned, type Pair, type Token } from './tokens'

export interface Naming { style: Style, source: Source, /** Whether italics could be seen in the other list. */ rich: boolean }

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

// What they are made of --------------------------------------------------------------------------------------------------

const fieldOf = (token: Token | undefined): FieldName | undefined => {
  const field = token?.run?.field
  return FIELD_NAMES.find(name => name === field)
}
const partOf = (token: Token | undefined): Run['part'] => token?.run?.part ?? 'glue'
const carries = (tokens: readonly Token[], ...ids: RuleId[]): RuleId | undefined =>
  ids.find((id) => tokens.some((token) => token.run?.rules.includes(id)))
const pairBefore = (aligned: readonly Aligned[], at: number): Token | undefined => {
  for (let i = at - 1; i >= 0; i--) { const one = aligned[i]!; if (isPair(one) && one.wanted.kind !== 'mark') return one.wanted }
  return undefined
}
const pairBehind = (aligned: readonly Aligned[], at: number): Token | undefined => {
  for (let i = at + 1; i < aligned.length; i++) {
    const one = aligned[i]!
    if (isPair(one) && one.wanted.kind !== 'mark') return one.wanted
  }
  return undefined
}
/** What a field is called in a sentence. */
const CALLED: Partial<Record<FieldName, string>> = {
  accessed: 'day of reading', originalDate: 'date of first publication', archive: 'archive', url: 'address', genre: 'sort of work',
}
function calledIn({ source }: Naming, field: FieldName): string {
  const own = CALLED[field]
  if (own) return own
  const label = labelFor(source.kind, field)
  return /^(?:DOI|ISBN|ISSN)/u.test(label) ? label : label.toLowerCase()
}
const quoted = (text: string): string => `“${text}”`

interface Said {
  kind: DifferenceKind
  says: string
  given: string
  wanted: string
  of?: Difference['of']
  rule?: RuleId | undefined
  field?: FieldName | undefined
}
function say({ style }: Naming, { rule, field, of = 'mistake', ...said }: Said): Difference {
  const source = rule ? (sayRule(style, rule)?.source ?? '') : ''
  return { ...said, of, source, ...(rule ? { rule } : {}), ...(field ? { field } : {}) }
}
/** A rule's own sentence, or another where the style has none. */
const sentence = ({ style }: Naming, rule: RuleId | undefined, otherwise: string): string =>
  (rule && sayRule(style, rule)?.says) || otherwise

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

// Letters, italics, spaces of what is the same -----------------------------------------------------------------------------

const pairs = (aligned: readonly Aligned[]): Pair[] => aligned.filter(isPair)

function capitals(aligned: readonly Aligned[], naming: Naming): Difference[] {
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
function italics(aligned: readonly Aligned[], naming: Naming): Difference[] {
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
function signs(aligned: readonly Aligned[], naming: Naming): Difference[] {
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

// What one has and the other has not ---------------------------------------------------------------------------------------

const keyed = (tokens: readonly Token[]): string => tokens.filter(token => token.kind !== 'mark').map(token => token.key).join(' ')

/** Stretches that stand elsewhere in the other entry, word for word: which of them belong to which. */
function movedParts(aligned: readonly Aligned[]): Map<number, number> {
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
function nameMoved(aligned: readonly Aligned[], moved: ReadonlyMap<number, number>, naming: Naming): Difference[] {
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
function nameOrder(naming: Naming, tokens: readonly Token[]): string {
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

interface Near { before: Token | undefined, behind: Token | undefined }

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

const MARK_WORDS: ReadonlyMap<string, string> = new Map([
  ['.', 'full stop'],
  [',', 'comma'],
  [':', 'colon'],
  [';', 'semicolon'],
  ['"', 'quotation mark'],
  ['(', 'bracket'],
  [')', 'bracket'],
  ['[', 'square bracket'],
  [']', 'square bracket'],
  ['-', 'dash'],
  ['\'', 'single quotation mark'],
])
const markWord = (tokens: readonly Token[]): string =>
  MARK_WORDS.get(tokens[0]?.key ?? '') ?? quoted(tokens.map((token) => token.text).join(''))
const withArticle = (word: string): string => (word.startsWith('“') ? word : `a ${word}`)

function marksDiffer(given: readonly Token[], wanted: readonly Token[], { before, behind }: Near, naming: Naming): Difference {
  const field = fieldOf(before)
  const link = before?.kind === 'link'
  const initial = partOf(before) === 'who' && /^\p{Lu}$/u.test(before?.text ?? '')
  const stops = initial && [...given, ...wanted].every(token => token.key === '.')
  const rule = stops
    ? ('names.initials' as const)
    : link
      ? before.key.startsWith('doi ')
        ? ('link.doi' as const)
        : ('link.url' as const)
      : partOf(behind) === 'when' || partOf(before) === 'when'
        ? ('date' as const)
        : partOf(before) === 'who' || partOf(behind) === 'who'
          ? ('names.joined' as const)
          : fieldOf(behind) === 'issue'
            ? ('issue' as const)
            : undefined
  const where = before
    ? ` after ${link ? (before.key.startsWith('doi ') ? 'a DOI' : 'an address') : field && !['author', 'title'].includes(field) ? `the ${calledIn(naming, field)}` : quoted(before.text)}`
    : behind
      ? ` before ${quoted(behind.text)}`
      : ''
  const [g, w] = [given, wanted].map(tokens => tokens.map(token => token.text).join('')) as [string, string]
  const title = [...given, ...wanted].some(token => token.key === '"')
  if (stops)
    return say(naming, {
      kind: 'punctuation',
      says: wanted.length ? 'An initial takes a full stop.' : 'Initials stand without full stops.',
      given: g,
      wanted: w,
      rule,
    })
  const says = title
    ? wanted.length
      ? `The ${field === 'title' || fieldOf(behind) === 'title' ? 'title stands' : 'words stand'} in quotation marks.`
      : 'No quotation marks stand around the title.'
    : !w
      ? `No ${markWord(given)}${where}.`
      : !g
        ? `${cap(withArticle(markWord(wanted)))} stands${where}.`
        : `${cap(withArticle(markWord(wanted)))}, not ${withArticle(markWord(given))},${where}.`
  return say(naming, { kind: 'punctuation', says, given: g, wanted: w, rule: title ? 'title' : rule })
}
const cap = (text: string): string => text.replace(/^\p{Ll}/u, first => first.toUpperCase())

/** Words that other editions and other styles print, and this one may not. */
const FORMULAS: readonly (readonly [RegExp, string, RuleId?])[] = [
  [/^(?:retrieved|accessed|available|viewed|cited)\b.*\b(?:from|at)?$/iu, 'is not printed before an address', 'link.url'],
  [/^(?:print|web|online|paper|electronic|pdf|e-?book|kindle)$/iu, 'is not printed: the medium is seen from the rest'],
  [/^(?:vol(?:ume)?|v)$/iu, 'is not printed before the volume', 'volume'],
  [/^(?:no|nr|issue|number|iss)$/iu, 'is not printed before the issue', 'issue'],
  [/^(?:pp?|pages?|pgs?)$/iu, 'is not printed before the pages', 'pages.range'],
  [/^(?:doi|https?)$/iu, 'is not printed by itself', 'link.doi'],
  [/^in$/iu, 'is not printed here', 'container'],
  [/^by$/iu, 'is not printed before the names'],
]

function nameExtra(given: readonly Token[], wanted: readonly Token[], near: Near, naming: Naming): Difference[] {
  const words = trim(reads(given))
  for (const [pattern, what, rule] of FORMULAS) {
    if (!pattern.test(words)) continue
    return [
      say(naming, {
        kind: 'words',
        says: `${quoted(words)} ${what} in ${naming.style.short}.`,
        given: reads(given),
        wanted: reads(wanted),
        rule: rule && sayRule(naming.style, rule) ? rule : undefined,
      }),
    ]
  }
  const day = given.some(token => /^(?:accessed|retrieved|viewed)$/u.test(token.key))
  if (day)
    return [
      say(naming, {
        kind: 'words',
        says: `The day of reading is not printed here in ${naming.style.short}.`,
        given: reads(given),
        wanted: '',
        rule: 'date.accessed',
      }),
    ]
  // A detail that the source has, and this style does not print.
  const folded = foldWords(words)
  const field = FIELD_NAMES.find(
    (name) => FIELDS[name].type === 'text' && folded && foldWords(stripRich(textOf(naming.source, name))) === folded,
  )
  if (field)
    return [
      say(naming, {
        kind: 'words',
        says: `The ${calledIn(naming, field)} is not printed here in ${naming.style.short}.`,
        given: reads(given),
        wanted: reads(wanted),
      }),
    ]
  if (
    fieldOf(near.before) === 'publisher'
    && /^(?:ltd|inc|llc|co|corp|plc|gmbh|limited|company|publishers?|publishing|corporation)(?:\s(?:ltd|inc|co))?\.?$/iu.test(words)
  ) {
    return [
      say(naming, {
        kind: 'words',
        says: `${quoted(words)} is left out: what sort of business a publisher is is not printed.`,
        given: reads(given),
        wanted: reads(wanted),
        rule: 'publisher',
      }),
    ]
  }
  const people = partOf(near.before) === 'who' && partOf(near.behind ?? near.before) === 'who'
  if (people && /\bet al\b/iu.test(words))
    return [
      say(naming, {
        kind: 'names',
        says: sentence(naming, 'names.shortened', 'All of these names are given.'),
        given: reads(given),
        wanted: reads(wanted),
        rule: 'names.shortened',
      }),
    ]
  const whole =
    people
    && namesOf(naming.source, 'author').some((name) =>
      foldWords(givenName(name))
        .split(' ')
        .some((word) => folded.split(' ').includes(word)),
    )
  if (whole)
    return [
      say(naming, {
        kind: 'names',
        says: sentence(naming, 'names.initials', 'Given names are shortened.'),
        given: reads(given),
        wanted: reads(wanted),
        rule: 'names.initials',
      }),
    ]
  return [
    say(naming, {
      kind: 'words',
      says: `That list has ${quoted(words)}, and your source has not.`,
      given: reads(given),
      wanted: reads(wanted),
      of: 'detail',
      field: fieldOf(near.before),
    }),
  ]
}

function nameMissing(wanted: readonly Token[], given: readonly Token[], near: Near, naming: Naming): Difference[] {
  const fields = [...new Set(wanted.map(fieldOf).filter((field): field is FieldName => field !== undefined))]
  const words = trim(reads(wanted))
  const shared = { given: reads(given), wanted: reads(wanted) }
  if (fields.includes('author') || (partOf(wanted.find(token => token.kind !== 'mark')) === 'who' && fields.length)) {
    const rule = carries(wanted, 'names.shortened') ? 'names.shortened' as const : 'names.initials' as const
    const initials = wanted.filter(token => token.kind === 'word').every(token => token.text.length === 1)
    return [
      say(naming, {
        kind: 'names',
        says: initials ? `The initials ${quoted(words)} are missing.` : `${quoted(words)} is missing among the names.`,
        ...shared,
        rule,
        ...(initials ? {} : { of: 'detail' as const }),
      }),
    ]
  }
  if (carries(wanted, 'names.shortened'))
    return [
      say(naming, {
        kind: 'names',
        says: sentence(naming, 'names.shortened', 'The names are shortened.'),
        ...shared,
        rule: 'names.shortened',
      }),
    ]
  if (!fields.length) {
    const rule =
      carries(wanted, 'role', 'date.none', 'names.shortened', 'date.accessed', 'container')
      ?? (partOf(near.before) === 'inside' ? 'container' : undefined)
    return [say(naming, { kind: 'words', says: `${quoted(words)} is printed here in ${naming.style.short}.`, ...shared, rule })]
  }
  const said = fields.map(field => calledIn(naming, field))
  const list = said.length > 1 ? `no ${said.slice(0, -1).join(', no ')} and no ${said.at(-1)}` : `no ${said[0]}`
  const numbers = fields.every(field => ['volume', 'issue', 'pages', 'number', 'issued'].includes(field))
  return [
    say(naming, {
      kind: numbers ? 'number' : 'words',
      says: `That list has ${list}; your source has ${said.length > 2 ? 'them' : said.length > 1 ? 'both' : 'one'}.`,
      ...shared,
      of: 'detail',
      field: fields[0],
    }),
  ]
}

function nameOther(given: readonly Token[], wanted: readonly Token[], near: Near, naming: Naming): Difference[] {
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
const EDGES = ' .,;:()[]'
/** Without the marks and spaces at its edges. */
function trim(text: string): string {
  let [from, to] = [0, text.length]
  while (from < to && EDGES.includes(text[from]!)) from++
  while (to > from && EDGES.includes(text[to - 1]!)) to--
  return text.slice(from, to)
}

function namesDiffer(
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
