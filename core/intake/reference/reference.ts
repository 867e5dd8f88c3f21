/**
 * A formatted reference taken apart: names at its head, the date, the title, then what tells itself (volumes, pages,
 * editors, addresses), and the container and publisher from what is left. Works for the styles' own forms and for muddles.
 */
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import { law } from '../../source/kinds/law'
import { readDate, SEASON } from '../../source/dates'
import type { Fields } from '../../source/model'
import { surname, type Name } from '../../source/names'
import type { Style } from '../../styles'
import { rowOf } from '../../text/lookup'
import { headAndDate, takeLeadingDate } from './head'
import { judge } from './judge'
import { readLaw } from './law'
import { decideKind } from './kind'
import { readHead, readInnerNames } from './names'
import { entryFirst, newspaperFirst } from './orders'
import { DAY, MONTH, NUMBERED_OTHERWISE, Peeler, SERIES_ALONE, SERIES_BEHIND } from './peel'
import { describedBy, KEPT } from './sent'
import { looksLikePublisher, placeRest, type Inside } from './rest'
import { Piece, roman } from './text'
import { descriptions, ofGenre, partAfterWhole, review, takeTitle, VOLUME_INSIDE, volumeTitled } from './title'
import { ENTRY_NUMBER, REPEATED } from './split'

export interface ReadReference {
  kind: KindId
  fields: Fields
  /** Fields taken by a pattern of their own, not by their place among what was left. */
  certain: Set<FieldName>
  /** Words that found no field. */
  left: string
  /** It repeats the names of the entry before by a sign. */
  repeats: boolean
  /** How much of the reference comes back when it is set again: 1 all of it; not asked of one that stands on another. */
  gives?: number
  /** The style in which it does. */
  style?: Style
}

/**
 * Reads one reference; undefined when nothing in it looks like one. Never throws.
 * @param before the names of the entry before, for one that repeats them by a sign; it has none when they are not known
 * @param usual the style that the entries around it are in
 */
export function readReference(input: string, before?: readonly Name[], usual?: Style): ReadReference | undefined {
  const piece = bareEntry(input)
  const first = piece && readEntry(piece.entry, piece.sign, before)
  // Law has readers of its own: its citations are all signs.
  if (!first || piece.sign || LEGAL.has(first.kind)) return first
  const { reading, gives, style } = judge(piece.entry, first, usual)
  if (reading === first) return { ...first, gives, style }
  // A name on a service was told by its sign, and is no part of a template's place for names.
  const username = first.fields.author?.[0]?.username
  const [author, ...others] = reading.fields.author ?? []
  if (username && author) reading.fields.author = [{ ...author, username }, ...others]
  return { kind: reading.kind, fields: ordered(reading.fields), certain: new Set(Object.keys(reading.fields) as FieldName[]), left: '', repeats: false, gives, style }
}

/** What the pieces that tell themselves make of a reference, before it is judged. */
export function firstReading(input: string): ReadReference | undefined {
  const piece = bareEntry(input)
  return piece && readEntry(piece.entry, piece.sign)
}

const LEGAL: ReadonlySet<KindId> = new Set(Object.keys(law) as KindId[])

interface Entry { entry: Piece, sign: boolean }
function bareEntry(input: string): Entry | undefined {
  let piece = entryFirst(Piece.read(input))
  const sign = REPEATED.exec(piece.text)
  if (sign) piece = piece.slice(sign[0].length)
  const numbering = ENTRY_NUMBER.exec(piece.text) ?? /^[•·–—*-]\s+/u.exec(piece.text)
  if (numbering) piece = piece.slice(numbering[0].length)
  if (!/\p{L}{2}/u.test(piece.text) || piece.length < 12) return undefined
  return { entry: piece.slice(0, 4000), sign: sign !== null }
}

function readEntry(piece: Piece, sign: boolean, before?: readonly Name[]): ReadReference | undefined {
  const peeler = new Peeler(piece)
  peeler.outside()
  if (sign) {
    if (before) peeler.set('author', [...before])
    takeLeadingDate(peeler)
  }
  else {
    const law = readLaw(peeler)
    if (law) {
      const certain = new Set(Object.keys(peeler.fields) as FieldName[])
      return { kind: law, fields: ordered(peeler.fields), certain, left: peeler.rest.trim('\\s.,;:()\uE001').text, repeats: false }
    }
    headAndDate(peeler)
  }
  // A review that has no title of its own begins with what it reviews.
  if (/^[\s.,]*review of[\s:]/iu.test(peeler.rest.text)) review(peeler)
  let title = peeler.fields.reviewedTitle && !/^[\s.,\uE001]*[“‘"]/u.test(peeler.rest.text) ? undefined : takeTitle(peeler)
  title = partAfterWhole(peeler, title)
  const quoted = title?.quoted ?? false
  const slanted = title?.piece.isItalic ?? false
  if (title) volumeTitled(peeler, title)
  const described = title && (!quoted || KEPT.test(peeler.rest.text)) ? describedBy(peeler, title.piece) : undefined
  if (described) peeler.set('title', described.title)
  else if (title && !ofGenre(peeler, title.piece)) peeler.set('title', title.piece.trim('\\s,.:;').rich() + (title.asks ?? ''))
  review(peeler)
  descriptions(peeler)
  handsInBrackets(peeler)
  peeler.edition()
  innerPeople(peeler)
  const series = (match: RegExpExecArray) => { peeler.set('series', match[1]!.trim()); peeler.set('seriesNumber', match[2]!) }
  if (slanted) peeler.take(SERIES_BEHIND, series)
  // Any row of words with capitals and a number, a sentence by itself, behind or before an imprint.
  if ((slanted || peeler.fields.editor) && !peeler.fields.series && !NUMBERED_OTHERWISE.test(SERIES_ALONE.exec(peeler.rest.text)?.[1] ?? '')) peeler.take(SERIES_ALONE, series)
  volumeInWhole(peeler)
  peeler.places()
  const inside = takeInside(peeler)
  // "In *Dictionary of Place* 2nd edn, 611 (Garland Gate, 2005)"
  if (inside.container && !peeler.fields.pages) peeler.take(/(?<=\uE001) ?,? ?(\d{1,4}(?: ?[-–] ?\d+)?)(?= ?\()/u, match => peeler.set('pages', match[1]!.replace(/ ?[–-] ?/u, '-')))
  lateDates(peeler)
  newspaperFirst(peeler, quoted)
  const certain = new Set(Object.keys(peeler.fields) as FieldName[])
  certain.delete('title')
  const kind = described?.kind ?? decideKind({ peeler, quoted, slanted, inside })
  // "no. 47" of a periodical is its issue.
  if (['journal-article', 'magazine-article', 'review', 'interview'].includes(kind) && peeler.says.includes('no.') && !peeler.fields.issue) {
    peeler.set('issue', peeler.fields.number)
    delete peeler.fields.number
  }
  const left = placeRest(peeler, kind, quoted, slanted, inside)
  if (peeler.fields.author && peeler.says.some((word) => word.startsWith('@')))
    peeler.fields.author[0] = { ...peeler.fields.author[0]!, username: peeler.says.find((word) => word.startsWith('@'))! }
  return { kind, fields: ordered(peeler.fields), certain, left, repeats: sign }
}

/** In one order, whatever order they were found in. */
const ordered = (fields: Fields): Fields =>
  Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && !value.length)),
  ) as Fields

// Inside ---------------------------------------------------------------------------------------------------------------

/** Editors, translators and directors named inside the entry. */
function innerPeople(peeler: Peeler) {
  const names = (target: FieldName) => (match: RegExpExecArray): void => {
    const read = readInnerNames(match[1]!)
    if (read) peeler.set(target, read)
    else peeler.says.push(match[1]!)
  }
  const when = (pattern: RegExp, target: FieldName) => {
    const match = pattern.exec(peeler.rest.text)
    if (match && readInnerNames(match[1]!)) peeler.take(pattern, names(target))
  }
  const ONE = '(?:\\p{Lu}\\.(?:-\\p{L}\\.)?[\\s-]?)*(?:[^,.;()“”\\uE001]|(?<=\\bSt)\\.)+?'
  /** Three and more with a comma before the "and", a pair, several without that comma, one: a publisher's "and" is none of theirs. */
  const LISTS = [`(${ONE}(?:,\\s${ONE})+,\\s(?:and|&)\\s${ONE})`, `(${ONE}(?:\\s(?:and|&)\\s${ONE})?)`, `(${ONE}(?:,\\s${ONE})*\\s(?:and|&)\\s${ONE})`]
    .map(list => `${list}(?=[,;(\\uE001]|(?<!\\bSt)\\.|\\set al|\\sfor\\s|$)`)
  const spoken = (verb: string, target: FieldName) => {
    for (const list of LISTS) {
      const found = new RegExp(`${verb}\\s+${list}`, 'u').exec(peeler.rest.text)
      const names = found && readInnerNames(found[1]!)
      if (!names || names.some(name => looksLikePublisher(name.literal ?? surname(name)))) continue
      peeler.take(new RegExp(`${verb}\\s+${list}`, 'u'), () => peeler.set(target, names))
      return
    }
  }
  for (const word of peeler.says) {
    const asker = /^interview(?:ed)? (?:by|with) (.{3,80})$/iu.exec(word)
    if (asker) peeler.set('interviewer', readInnerNames(asker[1]!))
  }
  when(/\(interviewers?\s+([^()]{4,80})\)/iu, 'interviewer')
  when(/[.,;\uE001]\s+([^.;()“”\uE001]{2,40}?(?:\.(?=,))?),\s*[Ii]nterviewers?\b[.,;]?/u, 'interviewer')
  when(/[,;\uE001]\s+((?:\p{Lu}\.[\s-]?)+[^“”();,]{2,60}?),\s*[Ii]nterviewers?\b[.,;]?/u, 'interviewer')
  when(/\(eds?\.?\s+([^()]{4,200})\)/iu, 'editor')
  when(/\(transl?\.?\s+([^()]{4,200})\)/iu, 'translator')
  when(/\(([^()]{4,160}?),?\s*Trans(?:s|lators?)?\.?\)/u, 'translator')
  when(/\(([^()]{4,160}?),?\s*(?:Eds?|Editors?)\.?\)/u, 'editor')
  // "Penn H, trans.", "Penn, H., Translator;"
  const behind = /[.,;\uE001]\s+([^.;()“”\uE001]{2,40}?(?:\.(?=,))?),\s*(?:trans(?:lators?)?)\b[.;]?/iu
  when(behind, 'translator')
  when(/;\s+([^;“”()]{4,160}?),\s*Translators?\b[;,]?/u, 'translator')
  // "J. Bellerby and J.-W. Roos, Transl."
  when(/[,;\uE001]\s+((?:\p{Lu}\.[\s-]?)+[^“”();]{2,120}?),\s*(?:Transl?|Translators?)\b\.?[;,]?/u, 'translator')
  // "In F. Drummond & A. Petit (Eds.), …", "In: Drummond F, Petit A, editors. …", "F. Drummond and A. Petit, Eds.",
  // "Drummond, F., Petit, A., Eds.;"
  for (const pattern of [
    /(?:^|[\s.,;\uE001])[Ii]n:?\s+([^“”()]{4,200}?)\s*\((?:eds?|editors?|hrsg)\.?\)[.,]?/iu,
    /(?:^|[\s.,;\uE001])[Ii]n:?\s+([^“”()]{4,200}?),\s*(?:eds?|editors?)\b\.?(?! by\b)/iu,
    /[,;]\s+([^“”();]{4,160}?),?\s*\b(?:Eds?)\.[;,]?/u,
  ]) {
    const match = pattern.exec(peeler.rest.text)
    if (match && !peeler.fields.editor) {
      const from = peeler.rest.text.indexOf(match[1]!, match.index)
      // A journal or book before the names belongs to the container, not to them.
      const start = peeler.rest.italic.slice(from, from + match[1]!.length).lastIndexOf(true)
      const text = match[1]!.slice(start + 1).replace(/^[\s,;.]+/u, '')
      // "in Landscapes of Tidal Power, F. Drummond and A. Petit, Eds.": the container stays before its editors.
      const behind = text.replace(/^[^,]*,\s+/u, '')
      const whole = readInnerNames(text)
      const read = whole ?? readInnerNames(behind)
      if (!read) continue
      peeler.set('editor', read)
      const at = peeler.rest.text.indexOf(whole ? text : behind, from)
      const end = match.index + match[0].length
      peeler.rest = peeler.rest.without(at, end)
      if (/^\W?[Ii]n:?\s/u.test(match[0]) && !/\b[Ii]n:?[\s\uE001]/u.test(peeler.rest.text)) peeler.says.push('in')
    }
  }
  spoken('\\b[Tt]rans(?:lated by|\\.)', 'translator')
  spoken('(?:\\b[Ee]dited by|(?<=[,.;(\\uE001]\\s?)\\b[Ee]ds?\\.)', 'editor')
  spoken('\\b(?:[Dd]irected|[Dd]ir\\.) by', 'director')
  spoken('\\b[Hh]osted by', 'host')
  spoken('\\b[Ww]ritten by', 'scriptWriter')
  spoken('\\b[Cc]omposed by', 'composer')
  spoken('\\b[Pp]erform(?:ed|ance) by', 'performer')
  spoken('\\b(?:[Ee]xecutive )?[Pp]roduce(?:r|d by)', 'producer')
  spoken('\\b[Ii]nterview(?:ed)? by:?', 'interviewer')
  if (peeler.says.includes('foreword')) spoken('[,\\uE001]\\s*\\bby', 'containerAuthor')
}

const HAND = /^(.{3,160}?),?\s*\b(Eds?|Trans|Comps?|Illus)\.?$/u
const HANDS: Readonly<Record<string, FieldName>> = { Ed: 'editor', Eds: 'editor', Trans: 'translator', Comp: 'compiler', Comps: 'compiler', Illus: 'illustrator' }
/** "(K. Low, Ed.; H. Penn, Trans.; 3rd ed.; Vol. 2)": several hands, an edition and a volume in one pair of brackets (APA 7, 10.2). */
function handsInBrackets(peeler: Peeler) {
  for (const match of peeler.rest.text.matchAll(/\(([^()]{6,300})\)/gu)) {
    // An edition among them has been taken already, and leaves nothing.
    const parts = match[1]!.split(/;\s*\uE001?\s*/u).map(part => part.trim()).filter(Boolean)
    if (parts.length < 2) continue
    const read = parts.map((part) => {
      const hand = HAND.exec(part)
      const names = hand && readInnerNames(hand[1]!)
      const role = hand ? rowOf(HANDS, hand[2]!) : undefined
      if (names && role) return () => peeler.set(role, names)
      const edition = /^(\d+)(?:st|nd|rd|th) ed\.?$|^(Rev|Revised)\.? ed\.?$/u.exec(part)
      if (edition) return () => peeler.set('edition', edition[1] ?? 'Rev.')
      const volume = /^Vols?\. (\d+)$/u.exec(part)
      return volume ? () => peeler.set('volume', volume[1]!) : undefined
    })
    if (read.some(one => !one) || !parts.some(part => HAND.test(part))) continue
    for (const one of read) one!()
    peeler.rest = peeler.rest.without(match.index, match.index + match[0].length)
    return
  }
}

function takeInside(peeler: Peeler, begun = false): Inside {
  const said = begun ? [''] : /^[\s.,;\uE001]*(In|in|On):?[\s\uE001]+/u.exec(peeler.rest.text)
  const later = said ? null : /[.;\uE001]\s*(In):\s+/u.exec(peeler.rest.text)
  if (later) {
    // "2019 Dec 1. In: Tideline Notes": the date stands between; it goes behind.
    peeler.rest = roman('In ').plus(peeler.rest.slice(later.index + later[0].length)).gap(peeler.rest.slice(0, later.index))
    return takeInside(peeler)
  }
  if (said?.[1] === 'On') peeler.says.push('song')
  const marked = peeler.says.includes('in')
  if (said) peeler.rest = peeler.rest.slice(said[0]!.length)
  const run = peeler.rest.italicRun()
  // "In E. MacBride & I. de la Cueva, *The Hive*": names before the whole, without a role, are its authors'.
  // "In I. Hart, Mills of the west (pp. ix–xiv)", with its italics lost.
  const led = said && !run && !peeler.fields.editor ? /^((?:\p{Lu}\.[\s-]?){1,4}[^,.()“”]{2,40}(?:,? (?:and|&) (?:\p{Lu}\.[\s-]?){1,4}[^,.()“”]{2,40})?),\s+(?=\p{Lu}\p{Ll}+\s|\p{Lu}\s)/u.exec(peeler.rest.text) : null
  const theirs = led ? readInnerNames(led[1]!) : undefined
  if (theirs) {
    peeler.set('containerAuthor', theirs)
    peeler.rest = peeler.rest.slice(led![0].length)
    return takeInside(peeler, true)
  }
  const before = said && run && run.from > 4 ? readInnerNames(peeler.rest.slice(0, run.from).trim('\\s,').text) : undefined
  if (before) {
    peeler.set('containerAuthor', before)
    peeler.rest = peeler.rest.slice(run!.from)
    return takeInside(peeler, true)
  }
  // "In: MacBride E, de la Cueva I. The hive in the hotel …"
  const plain = said && !run && !peeler.fields.editor ? readHead(peeler.rest.text).find(({ grammar }) => grammar === 'compressed') : undefined
  if (plain && /^\.\s+\p{Lu}/u.test(peeler.rest.text.slice(plain.end))) {
    peeler.set('containerAuthor', plain.names)
    peeler.rest = peeler.rest.slice(plain.end + 2)
    return takeInside(peeler, true)
  }
  if (run) {
    let { to } = run
    for (
      let next = peeler.rest.italicRun(to);
      next && next.from - to < 3 && !/[,.\uE001]/u.test(peeler.rest.text.slice(to, next.from));
      next = peeler.rest.italicRun(to)
    )
      to = next.to
    const container = peeler.rest.slice(run.from, to)
    if (/\p{L}{2}/u.test(container.text)) {
      peeler.rest = peeler.rest.without(run.from, to)
      return { said: Boolean(said) || marked, container: container.trim('\\s') }
    }
  }
  if (said || marked) {
    const start = /^[\s.,;\uE001]*/u.exec(peeler.rest.text)![0].length
    const inside = peeler.rest.text.slice(start)
    // "Proc. 4th Int. Conf. River Eng., Turin": the stops of a shortened name end nothing.
    const end = (/^(?:\d{4} )?(?:Proc|Trans|Int|Annu|Symp|Conf|Rec|Dig)\./u.test(inside) ? /[,;\uE001]|\((?!\p{Lu}[\p{Lu}\d’'-]{1,11}\))/u : /[.,;\uE001]|\((?!\p{Lu}[\p{Lu}\d’'-]{1,11}\))|(?<=\P{N})\s\d+(?!\d|st\b|nd\b|rd\b|th\b)/u).exec(inside)
    const container = peeler.rest.slice(start, end ? start + end.index : peeler.rest.length)
    peeler.rest = peeler.rest.slice(start + container.length)
    return { said: true, container: container.trim() }
  }
  return { said: false }
}

/** "In *A History of the River Mills: Vol. 2. The Age of Steam*": the whole, its volume, and the volume's own title. */
function volumeInWhole(peeler: Peeler) {
  const run = peeler.rest.italicRun()
  const whole = run && peeler.rest.slice(run.from, run.to)
  const inside = whole && VOLUME_INSIDE.exec(whole.text)
  if (!inside || inside.index < 4) return
  peeler.set('volume', inside[1]!)
  peeler.set('volumeTitle', whole.slice(inside.index + inside[0].length).trim('\\s,.:;').text)
  peeler.rest = peeler.rest.without(run.from + inside.index, run.to)
}

/** Dates that stand behind the title: in brackets with the publisher, or among the rest. */
function lateDates(peeler: Peeler) {
  // A year by itself before the facts of a later edition is that of the first: "1911. Translated by …, 1998."
  peeler.take(/(?<=^|[.,\uE001])\s*((?:ca?\. ?|circa )?\d{1,4} BCE)[.,](?=\s|\uE001)/iu, match => peeler.set('originalDate', readDate(match[1]!)))
  if (!peeler.fields.issued && /\b(?:1[4-9]|20)\d{2}\b[\s\S]*\b(?:1[4-9]|20)\d{2}\b/u.test(peeler.rest.text))
    peeler.take(/^[\s.,\uE001]*\b((?:1[4-9]|20)\d{2})\.(?=\s|\uE001)/u, (match) => peeler.set('originalDate', readDate(match[1]!)))
  if (!peeler.fields.issued && !peeler.fields.status && !peeler.says.includes('no date')) {
    const day = new RegExp(`\\(?(${DAY})\\)?`, 'iu')
    // The first that is there: a day, a month or season, a year, a state.
    void (
      peeler.take(day, (match) => peeler.set('issued', readDate(match[1]!.replace(/(\d{4}\s+\p{L}{3,})\.?/u, '$1'))))
      || peeler.take(
        new RegExp(`\\(?\\b((?:${MONTH}(?:[-–/]${MONTH})?|${SEASON}),?\\s+\\d{4})\\b\\)?`, 'iu'),
        (match) => peeler.set('issued', readDate(match[1]!.replace(',', ''))),
      )
      || peeler.take(
        /(?<![\d-])(?:c(?:opyright|\.)?\s?)?\b((?:1[4-9]|20)\d{2}(?:[-–](?:1[4-9]|20)?\d{2})?)[a-z]?(?![\d-])(?=[\s.,;:)\uE001]|$)/u,
        (match) => peeler.set('issued', readDate(match[1]!)),
      )
      || peeler.take(/\b(in press|forthcoming)\b/iu, (match) => peeler.set('status', match[1]!.toLowerCase()))
    )
    peeler.take(/\(?\b(?:n\.d\.|no date)\)?/iu)
  }
  else {
    // The year again with its day, as Chicago's author-date prints newspapers: "January 9".
    const year = peeler.fields.issued?.start?.year
    if (year && !peeler.fields.issued?.start?.month) {
      peeler.take(
        new RegExp(
          `(?:^|[\\s,.(\\uE001])(${MONTH}(?:\\s+\\d{1,2})?|\\d{1,2}\\s+${MONTH})(?:,?\\s+(?:19|20)\\d{2})?(?=[\\s.,;:)\\uE001]|$)`,
          'u',
        ),
        (match) => {
          const finer = readDate(/^\d/u.test(match[1]!) ? `${match[1]} ${year}` : `${match[1]!.replace(/\.$/u, '')} ${year}`) ?? undefined
          if (finer?.start) peeler.fields.issued = finer
        },
      )
    }
    if (year) peeler.take(new RegExp(`[;,(\\s]\\s*${year}[a-z]?\\b\\)?`, 'u'))
  }
}
