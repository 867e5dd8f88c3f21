/** Words that one entry has and the other has not. */
import { FIELDS, FIELD_NAMES, type FieldName } from '../source/fields'
import { namesOf, textOf } from '../source/model'
import { givenName } from '../source/names'
import { sayRule } from '../styles/rules'
import { foldWords } from '../text/filing'
import { stripRich } from '../text/rich'
import type { RuleId } from '../text/runs'
import { reads } from './align'
import type { Difference } from './difference'
import type { Token } from './tokens'
import type { Near, Naming } from './saying'
import { calledIn, carries, fieldOf, partOf, quoted, say, sentence, trim } from './saying'

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

export function nameExtra(given: readonly Token[], wanted: readonly Token[], near: Near, naming: Naming): Difference[] {
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

export function nameMissing(wanted: readonly Token[], given: readonly Token[], near: Near, naming: Naming): Difference[] {
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
