/**
 * Several readings of one reference, judged: each is set again, and the one that gives back most of the letters, italics and
 * marks is right. The first reading comes from the pieces that tell themselves; the others from the styles' own templates,
 * turned round, where the first does not come back as it was.
 */
import { listEntry } from '../../compose/entry'
import type { FieldName } from '../../source/fields'
import { kindOf, type KindId } from '../../source/kinds'
import type { Fields } from '../../source/model'
import { STYLES, type Style } from '../../styles'
import type { Run } from '../../text/runs'
import { even } from './even'
import { inOrder } from './likeness'
import { skeletonOf, type Build } from './skeleton'
import { weigh } from './slots'
import { roman, type Piece } from './text'
import { Laid, layOut } from './turned'

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
const ofPiece = (piece: Piece): string[] => tokens(piece.text.replace(/[\s.]+$/u, ''), at => piece.italic[at] === true, piece.italic.includes(true))
function ofRuns(runs: readonly Run[], slanted: boolean): string[] {
  const text = runs.map(run => run.text).join('')
  const marks = runs.flatMap(run => Array.from({ length: run.text.length }, () => run.italic === true))
  return tokens(text.replace(/[\s.]+$/u, ''), at => marks[at]!, slanted)
}

/** How much of a reference a reading gives back in a style: 0 nothing, 1 all of it. */
function givesBack(wanted: readonly string[], slanted: boolean, style: Style, { kind, fields }: Reading): number {
  const runs = listEntry(style, { id: 'x', kind, fields })
  return runs ? inOrder(wanted, ofRuns(runs, slanted)) : 0
}

/** How likely a detail is by its own words; undefined for one that has none to weigh. */
function weightOf(name: FieldName, fields: Fields): number | undefined {
  const value = fields[name]
  if (typeof value !== 'string' || UNWEIGHED.has(name)) return undefined
  const piece = roman(value.replace(/<[^>]+>/gu, ''))
  return Math.max(-1.5, weigh(name, { piece, even: even(piece.text) }) ?? -1)
}
/** Numbers, whose words a style adds. */
const UNWEIGHED: ReadonlySet<FieldName> = new Set(['doi', 'url', 'number', 'issue', 'edition', 'status'])

/** How likely the details are by themselves, whatever they give back. */
function likely({ kind, fields }: Reading, first: KindId): number {
  let sum = kind === first ? 1.2 : 0
  for (const name of Object.keys(fields) as FieldName[]) sum += weightOf(name, fields) ?? 0
  const lacks = kindOf(kind).required.filter(name => fields[name] === undefined && !(name === 'author' && kindOf(kind).lead.some(lead => fields[lead])))
  return sum - 0.8 * lacks.length
}

/** Kinds that are often taken for each other. */
const KIN: readonly (readonly KindId[])[] = [
  ['journal-article', 'magazine-article', 'newspaper-article', 'review', 'web-page', 'blog-post'],
  ['book', 'report', 'working-paper', 'thesis', 'film', 'dataset', 'software', 'web-page'],
  ['film', 'tv-episode', 'tv-series', 'online-video', 'podcast-episode', 'talk'],
  ['chapter', 'conference-paper', 'encyclopedia-entry', 'journal-article', 'song', 'tv-episode', 'podcast-episode', 'book'],
]
/** The kinds to be tried: the first's, and its kin. */
const kindsFor = (first: KindId): KindId[] => [...new Set([first, ...KIN.filter(all => all.includes(first)).flat()])]

/** Details that one reading may have and another not; what is plain to see (an address) is had by all. */
const PLAIN: ReadonlySet<FieldName> = new Set(['title', 'doi', 'url', 'accessed'])
/** Taken by their place among what was left: whatever stands there. */
const PLACED: ReadonlySet<FieldName> = new Set(['title', 'publisher'])
const UNREADABLE: ReadonlySet<FieldName> = new Set(['titleShort', 'language', 'isbn', 'issn', 'containerShort', 'jurisdiction', 'originalTitle', 'titleTranslated'])

/** What must stand in a reference for it to have a detail that most have not. */
const SIGNS: Partial<Record<FieldName, RegExp>> = {
  editor: /\bed(?:s|ited|itors?)?\b/iu, translator: /\btrans/iu, director: /\bdir/iu, host: /\bhost/iu, interviewer: /\binterview/iu, compiler: /\bcomp/iu,
  producer: /\bprod/iu, scriptWriter: /\bwrit/iu, performer: /\bperf/iu, composer: /\bcompos/iu, illustrator: /\billus/iu, narrator: /\bnarr/iu, recipient: /\bto\b/u,
  edition: /\bedn?\b|\bedition\b/iu, numberOfVolumes: /\bvols?\b/iu, status: /\bpress\b|forthcoming/iu, originalDate: /\b\d{4}\b.*\b\d{4}\b/u,
  volume: /\d/u, issue: /\d/u, pages: /\d|\b[ivxl]+[-–]/u, number: /\d/u, season: /\bseason\b|\bseries\b/iu, version: /\d/u, series: /\p{Lu}.*\d|\(/u, seriesNumber: /\d/u, volumeTitle: /\bvol/iu,
  place: /[:,]/u, eventPlace: /,/u, scale: /1 ?:/u, section: /\bsect?\b|\bpara|,/iu, genre: /[[(]|\b(?:paper|report|thesis|dissertation|lecture|present|letter|slides)/iu, medium: /\[/u,
  archive: /\d|\bat\b|\b(?:archive|library|museum|collection|repository|online)/iu, reviewedTitle: /\breview\b/iu, reviewedAuthor: /\breview\b/iu, containerAuthor: /\bin\b/iu,
}

/** Sets of details for a kind that differ in so many from what was read first. */
function* builds(kind: KindId, fields: Fields, text: string, changes: number): Generator<readonly FieldName[]> {
  const { required, usual } = kindOf(kind)
  const had = (Object.keys(fields) as FieldName[]).filter(name => !UNREADABLE.has(name))
  const plain = [...had.filter(name => PLAIN.has(name) && name !== 'title'), 'title' as const]
  const base = had.filter(name => !PLAIN.has(name))
  const toggles = [...new Set([...required, ...base, ...usual])].filter(name => !PLAIN.has(name) && !UNREADABLE.has(name) && (fields[name] !== undefined || (SIGNS[name]?.test(text) ?? true))).slice(0, 10)
  const with_ = (changed: readonly FieldName[]) =>
    [...plain, ...base.filter(name => !changed.includes(name)), ...changed.filter(name => !base.includes(name))].sort()
  if (changes === 0) yield with_([])
  else if (changes === 1) for (const one of toggles) yield with_([one])
  else for (const [i, one] of toggles.entries()) for (const other of toggles.slice(i + 1)) yield with_([one, other])
}

const ROLES: readonly FieldName[] = ['editor', 'translator', 'director', 'host', 'interviewer', 'compiler', 'producer', 'scriptWriter', 'performer']

/** One person or several in a role, a person or a body as the author: a style sets them otherwise. */
function variants(names: readonly FieldName[], { fields: { author } }: Reading, text: string): { many: boolean, body: boolean }[] {
  const many = !names.some(name => ROLES.includes(name)) ? [false] : /\b(?:eds|editors|directors|hosts|translators)\b/iu.test(text) ? [true] : [false, true]
  const body = !names.includes('author') ? [false] : author?.every(name => name.family !== undefined && /^\p{Lu}\./u.test(name.given ?? '')) ? [false] : [true, false]
  return many.flatMap(several => body.map(one => ({ many: several, body: one })))
}

/** In so many styles, those that the first reading comes nearest to, builds are tried that differ from it in none, one and two details. */
const TRIED = [3, 3, 3]
/** As good as given back: a shortened word, a capital. */
const GIVEN_BACK = 0.995
/** A reading by a template counts only where next to all comes back: a note, or a muddle, is not laid on a list's bed. */
const PROVEN = 0.97
/** What giving back all is worth against what is likely. */
const WORTH = 30

/** Given back whole, with nothing in it that is unlikely. */
const isSettled = ({ gives, reading: { kind, fields } }: Judged): boolean =>
  gives >= GIVEN_BACK && fields.title !== undefined && kindOf(kind).lead.some(name => fields[name]) && (Object.keys(fields) as FieldName[]).every(name => (weightOf(name, fields) ?? 0) > -0.5)

/**
 * The best reading.
 * @param piece the reference without its number
 * @param first what the pieces that tell themselves make of it
 */
export function judge(piece: Piece, first: First): Judged {
  const wanted = ofPiece(piece)
  const slanted = piece.italic.includes(true)
  const near = STYLES.map(style => ({ style, gives: givesBack(wanted, slanted, style, first) })).sort((a, b) => b.gives - a.gives)
  let best: Judged = { reading: first, ...near[0]! }
  if (isSettled(best)) return best
  const had = (Object.keys(first.fields) as FieldName[]).filter(name => !PLACED.has(name))
  // What was told by a sign of its own is not lost among another's words without good reason.
  const lost = ({ fields }: Reading): number => had.reduce((sum, name) => sum + (fields[name] !== undefined ? 0 : first.certain.has(name) ? 4 : 1.5), 0)
  const worth = ({ reading, gives }: Judged) => WORTH * gives + likely(reading, first.kind) - lost(reading)
  let bestWorth = worth(best)
  const laid = new Laid(piece)
  const day = first.fields.issued?.start
  const date: Build['date'] = day?.day ? 'day' : day?.month ? 'month' : 'year'
  const kinds = kindsFor(first.kind)
  for (const [changes, styles] of TRIED.entries()) {
    for (const { style } of near.slice(0, styles)) for (const kind of kinds) for (const names of builds(kind, first.fields, piece.text, changes)) {
      for (const variant of variants(names, first, piece.text)) {
        const skeleton = skeletonOf(style, kind, { names, date, ...variant })
        const read = skeleton && layOut(laid, skeleton)
        if (!read) continue
        const reading = { kind, fields: read.fields }
        const judged = { reading, style, gives: givesBack(wanted, slanted, style, reading) }
        if (judged.gives < PROVEN || Object.keys(read.fields).length < 3) continue
        const worthIt = worth(judged)
        if (worthIt > bestWorth + 0.3) { best = judged; bestWorth = worthIt }
      }
    }
    // What gives back all, and is likely, needs nothing that is further from what was read first.
    if (isSettled(best)) break
  }
  return best
}
