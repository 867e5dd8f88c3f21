/**
 * Several readings of one reference, judged: each is set again, and the one that gives back most of the letters, italics and
 * marks is right. The first reading comes from the pieces that tell themselves; the others from the styles' own templates,
 * turned round, where the first does not come back as it was.
 */
import { listEntry } from '../../compose/entry'
import type { FieldName } from '../../source/fields'
import { kindOf, type KindId } from '../../source/kinds'
import type { Fields } from '../../source/model'
import type { Name } from '../../source/names'
import { STYLES, type Style } from '../../styles'
import { stripRich } from '../../text/rich'
import type { Run } from '../../text/runs'
import { isGivenName } from '../../text/title-words'
import { even } from './even'
import { inOrder } from './likeness'
import { MONTH } from './peel'
import { capitals } from './reasons'
import { EPISODES, EPISODIC, FIRST_ASKED, KIN, SIGNS, TOLD } from './signs'
import { prints, skeletonOf, type Build } from './skeleton'
import { weigh } from './slots'
import { roman, type Piece } from './text'
import { Laid, layOut, MOST_STEPS } from './turned'

export interface Reading { kind: KindId, fields: Fields }
/** A reading by signs of its own; of some details it is certain. */
export interface First extends Reading { certain: ReadonlySet<FieldName> }
/** A reading, the style in which it comes nearest to the reference, and how near: 1 gives all of it back. */
export interface Judged { reading: Reading, style: Style, gives: number }

/** Words and marks of a line; with its italics where those say something. */
function tokens(text: string, italic: (at: number) => boolean, slanted: boolean): string[] {
  return [...even(text).matchAll(/[\p{L}\p{N}]+|[^\s\p{L}\p{N}]/gu)].map(({ index, 0: one }) =>
    (one === '"' ? '\'' : slanted && /[\p{L}\p{N}]/u.test(one) && italic(index) ? `${one}/` : one))
}
/** Without the stop at its end, which some leave out. */
function withoutEnd(text: string): string {
  const whole = text.trimEnd()
  return whole.endsWith('.') ? whole.slice(0, -1) : whole
}
const ofPiece = (piece: Piece): string[] => tokens(withoutEnd(piece.text), at => piece.italic[at] === true, piece.italic.includes(true))
function ofRuns(runs: readonly Run[], slanted: boolean): string[] {
  const text = runs.map(run => run.text).join('')
  const marks = runs.flatMap(run => Array.from({ length: run.text.length }, () => run.italic === true))
  return tokens(withoutEnd(text), at => marks[at]!, slanted)
}

/** How much of a reference a reading gives back in a style: 0 nothing, 1 all of it. */
function givesBack(wanted: readonly string[], slanted: boolean, style: Style, { kind, fields }: Reading): number {
  const runs = listEntry(style, { id: 'x', kind, fields })
  return runs ? inOrder(wanted, ofRuns(runs, slanted)) : 0
}

/** How likely a detail is by its own words; undefined for one that has none to weigh. */
function weightOf(name: FieldName, fields: Fields): number | undefined {
  const value = fields[name]
  if (Array.isArray(value)) return NAMED
  if (typeof value !== 'string' || UNWEIGHED.has(name)) return undefined
  const piece = roman(stripRich(value))
  return Math.max(-1.5, weigh(name, { piece, even: even(piece.text) }) ?? -1)
}
/** Somebody is named. */
const NAMED = 0.4
/** Numbers, whose words a style adds. */
const UNWEIGHED: ReadonlySet<FieldName> = new Set(['doi', 'url', 'number', 'issue', 'edition', 'status'])

/** How likely the details are by themselves, whatever they give back. */
function likely({ kind, fields }: Reading, first: KindId, text: string): number {
  let sum = kind === first ? 1.2 : 0
  for (const name of Object.keys(fields) as FieldName[]) sum += weightOf(name, fields) ?? 0
  const lacks = kindOf(kind).required.filter(name => fields[name] === undefined && !(name === 'author' && kindOf(kind).lead.some(lead => fields[lead])))
  const { title = '', container } = fields
  // A name's capitals in the title, and a sentence's in the whole it is in: they stand for who made it, and for its title.
  const turned = container !== undefined && title.includes(' ') && capitals(title) === 1 && capitals(container) < 0.5
  return sum - 0.8 * lacks.length - (TOLD[kind]?.test(text) === false ? 1 : 0) - (turned ? 0.6 : 0)
}
/** The kinds to be tried: the first's, and its kin that nothing speaks against. */
function kindsFor(first: KindId, text: string): KindId[] {
  const kin = [...KIN.filter(all => all.includes(first)).flat(), ...(EPISODIC.test(text) ? EPISODES : [])]
  return [...new Set([first, ...kin.filter(kind => TOLD[kind]?.test(text) !== false)])]
}

/** Details that one reading may have and another not; what is plain to see (an address) is had by all. */
const PLAIN: ReadonlySet<FieldName> = new Set(['title', 'doi', 'url', 'accessed'])
/** Taken by their place among what was left: whatever stands there. */
const PLACED: ReadonlySet<FieldName> = new Set(['title', 'publisher', 'place'])
const UNREADABLE: ReadonlySet<FieldName> = new Set(['titleShort', 'language', 'isbn', 'issn', 'containerShort', 'jurisdiction', 'originalTitle', 'titleTranslated'])

/** Sets of details for a kind that differ in so many from what was read first. */
function* builds(style: Style, kind: KindId, fields: Fields, text: string, changes: number): Generator<readonly FieldName[]> {
  const { required, usual } = kindOf(kind)
  const had = (Object.keys(fields) as FieldName[]).filter(name => !UNREADABLE.has(name) && prints(style, kind, name))
  const plain = [...had.filter(name => PLAIN.has(name) && name !== 'title'), 'title' as const]
  const base = had.filter(name => !PLAIN.has(name))
  const offered = [...FIRST_ASKED.filter(name => required.includes(name) || usual.includes(name)), ...required, ...base, ...usual]
  const isLikely = (name: FieldName) =>
    !PLAIN.has(name) && !UNREADABLE.has(name) && (fields[name] !== undefined || (SIGNS[name]?.test(text) ?? true))
  const toggles = [...new Set(offered)].filter(isLikely).slice(0, MOST_TOGGLES)
  const with_ = (changed: readonly FieldName[]) =>
    [...plain, ...base.filter(name => !changed.includes(name)), ...changed.filter(name => !base.includes(name))].sort()
  if (changes === 0) {
    yield with_([])
    // What stands in the place of either was taken for the other.
    if (fields.publisher !== undefined && fields.container === undefined) yield with_(['publisher', 'container'])
    // All that a kind must have, and what there are signs of, where little of it told itself.
    for (const names of [required, [...required, ...toggles]]) {
      const lacking = [...new Set(names)].filter(name => !base.includes(name) && isLikely(name) && prints(style, kind, name))
      if (lacking.length < 3) continue
      yield with_(lacking)
      // The series that leads was taken for who made it.
      if (base.includes('author')) yield with_([...lacking, 'author'])
    }
  }
  else if (changes === 1) for (const one of toggles) yield with_([one])
  else for (const [i, one] of toggles.entries()) for (const other of toggles.slice(i + 1)) yield with_([one, other])
}

/** So many details are tried with and without. */
const MOST_TOGGLES = 10
const ROLES: readonly FieldName[] = ['editor', 'translator', 'director', 'host', 'interviewer', 'compiler', 'producer', 'scriptWriter', 'performer']

/** By initials, or a given name that is known. */
const isSurelyPerson = ({ family, given = '' }: Name): boolean =>
  family !== undefined && (/^\p{Lu}\.?(?:[ -]|$)/u.test(given) || isGivenName(given.split(' ')[0]!.toLowerCase()))
/** One person or several in a role, a person or a body as the author: a style sets them otherwise. */
function variants(names: readonly FieldName[], { fields: { author } }: Reading, text: string): { many: boolean, body: boolean }[] {
  const areSeveral = /\b(?:eds|editors|directors|hosts|translators)\b/iu.test(text)
  const many = !names.some(name => ROLES.includes(name)) ? [false] : areSeveral ? [true] : [false, true]
  const body = !names.includes('author') || author?.every(isSurelyPerson) ? [false] : [true, false]
  return many.flatMap(several => body.map(one => ({ many: several, body: one })))
}

const MONTH_ALONE = new RegExp(`[,.] ${MONTH}(?=[.,]|$)`, 'u')
const DAY_OF_MONTH = new RegExp(`${MONTH} \\d{1,2}\\b|\\b\\d{1,2} ${MONTH}`, 'u')
/**
 * Builds that differ from the first reading in none, one and two details: tried in so many styles, those that it comes nearest
 * to, where the nearest gives back at least such a share.
 */
const TRIED = [{ many: 6, share: 0.4 }, { many: 4, share: 0.4 }, { many: 3, share: 0.5 }]
/** As good as given back: a shortened word, a capital. */
const GIVEN_BACK = 0.995
/** A reading by a template counts only where next to all comes back: no note, and no muddle, is laid on a list's bed. */
const PROVEN = 0.97
/** What setting stand-ins for a skeleton costs, in steps. */
const TO_SET = 80
/** A whole entry says more than its title. */
const FEWEST = 3
/** By so much a reading must be better than the one before it. */
const CLEARLY = 0.3
/** What giving back all is worth against what is likely. */
const WORTH = 30

/** In a book, whose title many styles set with small letters. */
const IN_BOOKS: ReadonlySet<KindId> = new Set(['chapter', 'foreword', 'encyclopedia-entry', 'dictionary-entry', 'song'])
/** Given back whole, with nothing in it that is unlikely. */
const isSettled = ({ gives, reading: { kind, fields } }: Judged): boolean =>
  gives >= GIVEN_BACK && fields.title !== undefined && !(fields.place && !fields.publisher) && kindOf(kind).lead.some(name => fields[name])
  && (Object.keys(fields) as FieldName[]).every(name => (name === 'container' && IN_BOOKS.has(kind)) || (weightOf(name, fields) ?? 0) > -0.25)

/**
 * The best reading.
 * @param piece the reference without its number
 * @param first what the pieces that tell themselves make of it
 * @param usual the style that the list it stands in seems to be in
 */
export function judge(piece: Piece, first: First, usual?: Style, laid = new Laid(piece)): Judged {
  const wanted = ofPiece(piece)
  const slanted = piece.italic.includes(true)
  if (usual) {
    const judged = { reading: first, style: usual, gives: givesBack(wanted, slanted, usual, first) }
    if (isSettled(judged)) return judged
  }
  const styles = usual && !STYLES.includes(usual) ? [usual, ...STYLES] : STYLES
  const near = styles.map(style => ({ style, gives: givesBack(wanted, slanted, style, first) })).sort((a, b) => b.gives - a.gives)
  let best: Judged = { reading: first, ...near[0]! }
  if (isSettled(best)) return best
  const had = (Object.keys(first.fields) as FieldName[]).filter(name => !PLACED.has(name))
  // What was told by a sign of its own is not lost among another's words without good reason.
  const lost = ({ fields }: Reading): number =>
    had.reduce((sum, name) => sum + (fields[name] !== undefined ? 0 : first.certain.has(name) ? 6 : 0.8), 0)
  const worth = ({ reading, gives }: Judged) => WORTH * gives + likely(reading, first.kind, piece.text) - lost(reading)
  let bestWorth = worth(best)
  const day = first.fields.issued?.start
  const exact: Build['date'] = day?.day ? 'day' : day?.month ? 'month' : 'year'
  // A day or a month may stand behind, apart from its year.
  const apart: Build['date'] = DAY_OF_MONTH.test(piece.text) ? 'day' : MONTH_ALONE.test(piece.text) ? 'month' : exact
  const dates = exact === 'day' || apart === exact ? [exact] : [exact, apart]
  const kinds = kindsFor(first.kind, piece.text)
  const attempts = function* (changes: number, many: number): Generator<{ style: Style, kind: KindId, build: Build }> {
    for (const { style } of near.slice(0, many))
      for (const kind of kinds)
        for (const names of builds(style, kind, first.fields, piece.text, changes))
          for (const variant of variants(names, first, piece.text))
            for (const date of dates) yield { style, kind, build: { names, date, ...variant } }
  }
  for (const [changes, { many, share }] of TRIED.entries()) {
    if (best.gives < share) break
    for (const { style, kind, build } of attempts(changes, many)) {
      if (build.names.length < FEWEST) continue
      laid.spent += TO_SET
      if (laid.spent > MOST_STEPS) return best
      const skeleton = skeletonOf(style, kind, build)
      const read = skeleton && layOut(laid, skeleton)
      if (!read) continue
      const reading = { kind, fields: read.fields }
      const judged = { reading, style, gives: givesBack(wanted, slanted, style, reading) }
      if (judged.gives < PROVEN) continue
      const worthIt = worth(judged)
      if (worthIt > bestWorth + CLEARLY) { best = judged; bestWorth = worthIt }
    }
    // What gives back all, and is likely, needs nothing that is further from what was read first.
    if (isSettled(best)) break
  }
  return best
}
