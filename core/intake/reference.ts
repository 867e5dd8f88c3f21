/**
 * A formatted reference taken apart: names at its head, the date, the title, then what tells itself (volumes, pages,
 * editors, addresses), and the container and publisher from what is left. Works for the styles' own forms and for muddles.
 */
import type { FieldName } from '../source/fields'
import type { KindId } from '../source/kinds'
import { readDate } from '../source/dates'
import type { Fields } from '../source/model'
import { looksLikeGroup } from '../source/names'
import { decideKind } from './reference-kind'
import { readHead, readInnerNames, type Head } from './reference-names'
import { DAY, MONTH, Peeler } from './reference-peel'
import { GAP, Piece } from './reference-text'

export interface ReadReference {
  kind: KindId
  fields: Fields
  /** Fields taken by a pattern of their own, not by their place among what was left. */
  certain: Set<FieldName>
  /** Words that found no field. */
  left: string
}

const YEARISH = '(?:ca?\\.\\s*)?\\d{4}[a-z]?(?:\\s*[-–/]\\s*\\d{2,4})?|\\d{1,3}\\s*BCE|n\\.?\\s?d\\.?|no date|in press|forthcoming'
const MONTH_WORD = '\\p{L}{3,9}\\.?'
const PAREN_DATE = new RegExp(`^[\\s.,${GAP}]*\\(((?:${YEARISH})(?:,\\s*${MONTH_WORD}(?:\\s+\\d{1,2})?(?:\\s*[-–]\\s*(?:${MONTH_WORD}\\s+)?\\d{1,2})?)?|\\d{1,2}\\s+${MONTH_WORD}\\s+\\d{4}|${MONTH_WORD}\\s+\\d{4})\\)[.,:]?\\s*`, 'iu')
const BARE_YEAR = new RegExp(`^[.,]?\\s+(\\d{4}[a-z]?|n\\.d\\.|Forthcoming)\\.\\s+`, 'u')
const ROLES: readonly [RegExp, FieldName][] = [
  [/^[,\s]*\(?\b(?:eds?|editors?)\b\.?\)?[.,]?/iu, 'editor'], [/^[,\s]*\(?\b(?:hosts?)\b\.?\)?[.,]?/iu, 'host'], [/^[,\s]*\(?\b(?:directors?|dirs?)\b\.?\)?[.,]?/iu, 'director'],
  [/^[,\s]*\binventors?\b\.?/iu, 'author'], [/^[,\s]*\(?\b(?:translators?|trans)\b\.?\)?[.,]?/iu, 'translator'], [/^[,\s]*\(?\b(?:executive )?producers?\b\)?[.,]?/iu, 'producer'], [/^[,\s]*\(?\bwriters?\b(?:\s*&\s*director)?\)?[.,]?/iu, 'scriptWriter'],
]

/** Reads one reference; undefined when nothing in it looks like one. Never throws. */
export function readReference(input: string): ReadReference | undefined {
  let piece = Piece.read(input)
  const numbering = /^(?:\[\d{1,3}\]|\(?\d{1,3}[.)](?=\s)|[•·–—*-]\s)\s*/u.exec(piece.text)
  if (numbering) piece = piece.slice(numbering[0].length)
  if (!/\p{L}{2}/u.test(piece.text) || piece.length < 12) return undefined
  piece = piece.slice(0, 4000)
  const peeler = new Peeler(piece)
  peeler.outside()
  headAndDate(peeler)
  let title = takeTitle(peeler)
  title = partAfterWhole(peeler, title)
  const quoted = title?.quoted ?? false
  const slanted = title?.piece.isItalic ?? false
  if (title) peeler.set('title', title.piece.trim('\\s,.:;').rich() + (title.asks ?? ''))
  review(peeler)
  descriptions(peeler)
  peeler.edition()
  innerPeople(peeler)
  peeler.places()
  const inside = takeInside(peeler)
  lateDates(peeler)
  const certain = new Set(Object.keys(peeler.fields) as FieldName[])
  certain.delete('title')
  const kind = decideKind({ peeler, quoted, slanted, inside })
  const left = placeRest(peeler, kind, quoted, slanted, inside)
  if (peeler.fields.author && peeler.says.some(word => word.startsWith('@'))) peeler.fields.author[0] = { ...peeler.fields.author[0]!, username: peeler.says.find(word => word.startsWith('@'))! }
  return { kind, fields: ordered(peeler.fields), certain, left }
}

/** In one order, whatever order they were found in. */
const ordered = (fields: Fields): Fields => Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && !value.length))) as Fields

// Names and date -------------------------------------------------------------------------------------------------------

function headAndDate(peeler: Peeler) {
  const { rest } = peeler
  const { text } = rest
  const opensQuoted = /^[“"‘']/u.test(text)
  const opensItalic = rest.slice(0, Math.min(12, rest.length)).isItalic
  if (!opensQuoted && !opensItalic) {
    // Names are never italic and never in quotation marks: what is begins the title.
    const slantedAt = rest.italicRun(/^.{0,400}?\bet al\b/u.test(text) ? text.indexOf('et al') + 6 : 0)?.from ?? text.length
    const quotedAt = /[“"]|(?<=[\s(])[‘']/u.exec(text)?.index ?? text.length
    for (const head of readHead(text.slice(0, Math.min(slantedAt, quotedAt)))) {
      const after = afterHead(rest, head)
      if (!after) continue
      peeler.set(after.role, head.names)
      if (head.others) peeler.says.push('et al.')
      peeler.rest = after.rest
      takeLeadingDate(peeler)
      return
    }
  }
  // No person: a group or a title before the date.
  const dated = new RegExp(`^(.{3,240}?)[.,]?\\s+\\(((?:${YEARISH})(?:,\\s*${MONTH_WORD}(?:\\s+\\d{1,2})?)?)\\)(?=[.,:]?\\s|$)`, 'iu').exec(text)
    ?? /^([^.“"]{3,160})\.\s+(\d{4}[a-z]?|n\.d\.)\.\s/u.exec(text)
  if (dated && !/[“”"]|:\s.*\bno\.|\s\d+\s*$/u.test(dated[1]!) && !/^[,\s]*\bvol/iu.test(text.slice(dated[0].length))) {
    const lead = rest.slice(0, dated[1]!.length)
    const before = lead.text.replace(/\s*\((?:eds?|hosts?|directors?)\.?\)$/iu, '')
    if (!lead.isItalic && isGroup(before, rest.slice(dated[0].length))) {
      peeler.set('author', before.split(/\s*;\s*|,\s+&\s+/u).map(one => ({ literal: one.trim().replace(/\.$/u, '') })))
      peeler.rest = rest.slice(dated[1]!.length)
      takeLeadingDate(peeler)
      return
    }
    // The title stands where the author would: "Visiting the old mill pond. (n.d.). Carewick Heritage Trail."
    peeler.rest = rest.slice(dated[1]!.length)
    takeLeadingDate(peeler)
    const tail = peeler.rest
    peeler.rest = new Piece(`${lead.text.replace(/\.$/u, '')}. ${tail.text}`, [...lead.italic.slice(0, lead.text.replace(/\.$/u, '').length), false, false, ...tail.italic])
    return
  }
  if (opensQuoted || opensItalic) return
  // "Marine Planning Agency. *Small tidal schemes* …", "Marine Planning Agency, “Small tidal schemes,” …"
  const group = /^([^“"‘'.,:()]{4,90}(?:\[[^\]]+\])?)[.,]\s+/u.exec(text)
  if (group) {
    const next = rest.slice(group[0].length)
    const run = next.italicRun()
    // Nothing but an address behind the italics: they are the container, and what stands first is the title.
    const lone = run && run.from <= 1 && !looksLikeGroup(group[1]!) && !/\p{L}{3}/u.test(next.text.slice(run.to).replace(new RegExp(DAY, 'giu'), ''))
    const titled = !lone && (/^[“"‘']/u.test(next.text) || next.slice(0, 8).isItalic)
    if ((titled || looksLikeGroup(group[1]!)) && isGroup(group[1]!, next) && (titled || /[.,]\s/u.test(next.text))) {
      peeler.set('author', [{ literal: group[1]!.trim() }])
      peeler.rest = next
      takeLeadingDate(peeler)
    }
  }
}

/** Every word of weight has a capital, or a word says that it is an organisation; a title in sentence case has neither. */
function isGroup(text: string, after: Piece): boolean {
  const words = text.trim().split(/\s+/u)
  if (words.length > 12 || /^[\s.,]*[Ii]n:?\s/u.test(after.text)) return false
  if (/^@/u.test(text)) return true
  if (/[?!:]/u.test(text)) return false
  const capital = words.every((word, i) => /^[\p{Lu}\d&(]/u.test(word) || (i > 0 && /^(?:of|for|the|and|in|on|to|de|des|für|&)$/u.test(word)))
  if (!capital) return false
  // What follows a lone title is its container: italic, or nothing but an address.
  const next = after.trim('\\s.,:;()\uE001')
  return words.length > 1 || next.length > 20 || looksLikeGroup(text) ? next.length > 3 : false
}

function afterHead(rest: Piece, head: Head): { rest: Piece, role: FieldName } | undefined {
  let after = rest.slice(head.end)
  let role: FieldName = 'author'
  for (const [pattern, name] of ROLES) {
    const match = pattern.exec(after.text)
    if (match && !/^\s*$/u.test(match[0])) { role = name; after = after.slice(match[0].length); break }
  }
  const next = after.text
  if (/^[\s.,]*In:?\s/u.test(next) || head.names.some(name => /^(?:The|A|An|How|Why|What|Who|When|Where|On|In|From|Toward|Towards)(?![.\p{L}])/u.test(name.given ?? name.literal ?? ''))) return undefined
  if (PAREN_DATE.test(next) || BARE_YEAR.test(next) || /^[.,]?\s*\(\d{4}\)\s+\d{4}/u.test(next)) return { rest: after, role }
  if (role !== 'author' && /^[\s.,]*\S/u.test(next)) return { rest: after.trim('\\s,.:'), role }
  const opened = /^\s*[.,:]?\s*(?:(?:19|20)\d{2}[,.]\s+)?[“"‘]/u.test(next)
  if (opened) return { rest: after, role }
  const bare = after.trim('\\s,.:')
  if (/^[,.:]?\s/u.test(next) && bare.slice(0, 6).isItalic) return { rest: bare, role }
  // Plain: a stop ends the names; a comma only behind initials (IEEE, notes).
  const ended = /^(?:\.\s|(?<=\.)\s)/u.test(next) || (/[.]$/u.test(rest.text.slice(0, head.end)) && /^\s/u.test(next))
  if (ended && head.grammar !== 'natural-full') return { rest: bare, role }
  if (head.grammar === 'natural-initials' && /^,\s/u.test(next)) return { rest: bare, role }
  if (ended && head.names.length > 1) return { rest: bare, role }
  return undefined
}

function takeLeadingDate(peeler: Peeler) {
  const { text } = peeler.rest
  const both = /^[.,]?\s*\((\d{4})\)\s+(\d{4}[a-z]?)\.\s+/u.exec(text)
  if (both) {
    peeler.set('originalDate', readDate(both[1]!))
    setDate(peeler, both[2]!)
    peeler.rest = peeler.rest.slice(both[0].length)
    return
  }
  const paren = PAREN_DATE.exec(text)
  if (paren) { setDate(peeler, paren[1]!); peeler.rest = peeler.rest.slice(paren[0].length); return }
  const comma = /^[,.]?\s*((?:19|20)\d{2})[,.]\s+(?=[“"‘])/u.exec(text)
  if (comma) { setDate(peeler, comma[1]!); peeler.rest = peeler.rest.slice(comma[0].length); return }
  const bare = BARE_YEAR.exec(text)
  if (bare) {
    setDate(peeler, bare[1]!)
    peeler.rest = peeler.rest.slice(bare[0].length)
  }
  peeler.rest = peeler.rest.trim('\\s,.')
}

function setDate(peeler: Peeler, typed: string) {
  const said = typed.trim()
  if (/^(?:n\.?\s?d\.?|no date)$/iu.test(said)) { peeler.says.push('no date'); return }
  if (/in press|forthcoming/iu.test(said)) { peeler.set('status', said.toLowerCase()); return }
  const order = /^(\d{4})[a-z]?,\s*(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(said)
  const season = order && /^(?:spring|summer|autumn|fall|winter)$/iu.test(order[2]!)
  peeler.set('issued', readDate(order ? season ? `${order[2]} ${order[1]}` : `${order[3] ? `${order[3]} ` : ''}${order[2]} ${order[1]}` : said.replace(/^(\d{4})[a-z]$/u, '$1')))
}

// Title ----------------------------------------------------------------------------------------------------------------

interface Title { piece: Piece, quoted: boolean, asks?: string }

function takeTitle(peeler: Peeler): Title | undefined {
  // A description in brackets stands for a title: "[Letter to the harbour commissioners]".
  if (/^[\s,.]*\uE001/u.test(peeler.rest.text) && /^(?:letter|untitled|photograph of|interview|diary|postcard|memo)/iu.test(peeler.says[0] ?? '')) {
    peeler.rest = peeler.rest.trim()
    return { piece: Piece.read(peeler.says[0]!), quoted: false }
  }
  const rest = peeler.rest.trim('\\s,.')
  const quote = closing(rest.text)
  if (quote) {
    const inside = rest.slice(1, quote)
    peeler.rest = rest.slice(quote + 1)
    return { piece: inside, quoted: true }
  }
  const run = rest.italicRun()
  if (run && run.from <= 1) {
    let { to } = run
    // Roman stretches inside an italic title, where something in it is itself italic or quoted.
    for (let next = rest.italicRun(to); next && next.from - to < 50 && !/[.,;(“”)]|\s[\divxlc]+\s*$|\d/u.test(rest.text.slice(to, next.from)); next = rest.italicRun(to)) to = next.to
    const asks = /^[?!]/u.exec(rest.text.slice(to))?.[0]
    peeler.rest = rest.slice(to + (asks ? 1 : 0))
    return { piece: rest.slice(run.from, to), quoted: false, ...(asks ? { asks } : {}) }
  }
  const end = sentenceEnd(rest)
  if (end <= 0) return undefined
  // What stands in brackets behind it and says what it is goes back to the rest.
  const behind = /\s*\((?:[^()]*\b(?:version|vol\.|no\.|report|patent|trans\.|eds?\.|\d+\w*\s+ed\b|rev\.)[^()]*)\)[\s\uE001]*$/iu.exec(rest.text.slice(0, end))
    ?? /,\s+(?:vol\.\s|\d+\w*\s+ed\b|version\s|edited by\s|translated by\s|(?:\p{Lu}\.\s?)+[\p{L}-]+,\s+(?:Eds?|Transl?)\b).*$/u.exec(rest.text.slice(0, end))
    ?? /;\s+(?=\p{Lu}).*$/u.exec(rest.text.slice(0, end))
  const cut = behind && behind.index > 2 ? behind.index : end
  peeler.rest = rest.slice(cut)
  return { piece: rest.slice(0, cut), quoted: false }
}

/** Where a quotation that opens the text closes. */
function closing(text: string): number | undefined {
  const open = text[0]
  if (open === '“') {
    let depth = 0
    for (let i = 0; i < text.length; i++) {
      if (text[i] === '“') depth++
      else if (text[i] === '”' && --depth === 0) {
        // “Neither land nor sea”: Mudflats …: a title that begins with a quotation, unquoted itself.
        if (/[.,?!]$/u.test(text.slice(0, i))) return i
        return /^:\s|^\s+\p{Ll}/u.test(text.slice(i + 1)) ? undefined : i
      }
    }
    return undefined
  }
  if (open === '"') {
    const at = text.indexOf('"', 1)
    return at > 0 ? at : undefined
  }
  if (open === '‘' || open === '\'') {
    const close = open === '‘' ? '’' : '\''
    // An apostrophe is followed by a letter, or by a space in a plural; the closing mark by a stop, a comma or a bracket.
    for (let i = 1; i < text.length; i++) if (text[i] === close && /^(?:[,.;:)\uE001]|\s*$|\s(?=[\p{Lu}([\uE001]))/u.test(text.slice(i + 1))) return i
  }
  return undefined
}

const NOT_END = /(?:^|[\s(])(?:\p{Lu}|vs|St|Dr|Mr|Mrs|Ms|Prof|[Nn]o|[Vv]ol|Art|ed|eds|p|pp|cf|ca|c|al|approx|dept|U\.S|U\.K|[a-z]\.[a-z])\.$/u
/** The end of the first sentence: a stop before a capital, a digit, a quotation, italics or a gap. */
function sentenceEnd(piece: Piece): number {
  const { text } = piece
  const hasItalics = piece.italic.some(Boolean)
  for (const match of text.matchAll(/[.?!]["”’)]?(?=\s|\uE001|$)/gu)) {
    const end = match.index + match[0].length
    const before = text.slice(0, end)
    const after = text.slice(end).replace(/^[\s\uE001]+/u, '')
    if (match[0].startsWith('.') && NOT_END.test(before)) continue
    if (after && !/^[\p{Lu}\d“"‘(<\uE001]|^(?:in|on|edited|at|https?)\b/u.test(after)) continue
    const italicNext = piece.italic[text.length - after.length] === true
    // A question inside a title goes on unless what follows is set as a container.
    if (/^[?!]/u.test(match[0]) && after && !italicNext && hasItalics) continue
    if (/^[?!]/u.test(match[0]) && after && !hasItalics && !/^[^.]{3,70}[.,]?\s*(?:\d|vol)/iu.test(after)) continue
    return /^[?!]/u.test(match[0]) ? end : end - 1
  }
  const run = piece.italicRun()
  if (run && run.from > 8) return run.from
  const comma = text.indexOf(', ')
  return comma > 0 && text.length > 60 ? comma : text.replace(/[.\s\uE001]+$/u, '').length
}

/** "*Northmere Courier*. “The river that turned around.”": a whole first, then the part of it that is meant. */
function partAfterWhole(peeler: Peeler, title: Title | undefined): Title | undefined {
  if (!title || title.quoted || !title.piece.isItalic) return title
  const quote = /^[\s.,\uE001]*(?:(\d{4})\.\s+)?((?:Podcast|Radio|TV|Season|Series|Blog|Video)?[^“”]{0,40}?)“/u.exec(peeler.rest.text)
  if (!quote) return title
  const from = quote[0].length - 1
  const end = closing(peeler.rest.text.slice(from))
  if (end === undefined) return title
  const part = peeler.rest.slice(from + 1, from + end)
  if (quote[1]) peeler.set('issued', readDate(quote[1]))
  peeler.set('container', title.piece.trim('\\s,.').text)
  const between = peeler.rest.slice(quote[0].length - 1 - quote[2]!.length, from)
  const tail = peeler.rest.slice(from + end + 1)
  peeler.rest = new Piece(between.text + GAP + tail.text, [...between.italic, false, ...tail.italic])
  return { piece: part, quoted: true }
}

/** "Review of *Working the Tide*, by Loveday Tremayne". */
function review(peeler: Peeler) {
  peeler.take(/[,.]?\s*\breview of\s+(?:the \w+\s+)?(.{3,200}?),?\s+by\s+((?:\p{Lu}\.[\s-]?)*[^.,\uE001]{2,60})[.,]?(?=\s|\uE001|$)/iu, (match) => {
    peeler.set('reviewedTitle', match[1]!.trim())
    peeler.set('reviewedAuthor', readInnerNames(match[2]!) ?? [{ literal: match[2]!.trim() }])
    peeler.says.push('Review of')
  })
}

/** Words that stand alone among the rest and say what the source is. */
function descriptions(peeler: Peeler) {
  const WORDS = 'video|lecture|preprint|data ?set|podcast|CD|LP|vinyl|MP3|film|motion picture|poster|slides|e-?mail to (?:the )?author|oil on canvas|watercolou?r|photograph|computer software|software|audio|TV series|working paper'
  for (let guard = 0; guard < 4 && peeler.take(new RegExp(`(?:^|[.,;\\uE001]\\s*)(${WORDS})(?=[.,;\\uE001]|$|\\s*\\[)`, 'iu'), match => peeler.says.push(match[1]!)); guard++);
  peeler.take(/\b(lecture|paper|poster|talk|keynote)\s+(?:presented|given|delivered)\s+at:?\s+(?:the\s+)?/iu, match => peeler.says.push(match[1]!.replace(/^./u, c => c.toUpperCase())))
  peeler.take(/\s+(podcast|blog)(?=[,.]\s)/u, match => peeler.says.push(match[1]!))
  peeler.take(/\blocated at:?\s+/iu, () => peeler.says.push('letter'))
  peeler.take(/\bretrieved from\s+(?=[^.]+\bwebsite\b)/iu)
  peeler.take(/\s+website:?(?=\s|\uE001|$)/iu)
}

// Inside ---------------------------------------------------------------------------------------------------------------

export interface Inside { said: boolean, container?: Piece }

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
  const LIST = '([^.;()“”\\uE001]*?\\s(?:and|&)\\s(?:\\p{Lu}\\.\\s?)*[^,.;()\\uE001]+|(?:\\p{Lu}\\.[\\s-]?)*[^,.;()\\uE001]+)'
  when(/\(eds?\.?\s+([^()]{4,200})\)/iu, 'editor')
  when(/\(transl?\.?\s+([^()]{4,200})\)/iu, 'translator')
  when(/\(([^()]{4,160}?),?\s*Trans(?:s|lators?)?\.?\)/u, 'translator')
  when(/\(([^()]{4,160}?),?\s*(?:Eds?|Editors?)\.?\)/u, 'editor')
  // "Penn H, trans.", "Penn, H., Translator;"
  const behind = /[.,;\uE001]\s+([^.;()“”\uE001]{2,40}?(?:\.(?=,))?),\s*(?:trans(?:lators?)?)\b[.;]?/iu
  when(behind, 'translator')
  // "In F. Drummond & A. Petit (Eds.), …", "In: Drummond F, Petit A, editors. …", "F. Drummond and A. Petit, Eds.", "Drummond, F., Petit, A., Eds.;"
  for (const pattern of [/(?:^|[\s.,;\uE001])[Ii]n:?\s+([^“”()]{4,200}?)\s*\((?:eds?|editors?|hrsg)\.?\)[.,]?/iu, /(?:^|[\s.,;\uE001])[Ii]n:?\s+([^“”()]{4,200}?),\s*(?:eds?|editors?)\b\.?/iu, /[,;]\s+([^“”();]{4,160}?),?\s*\b(?:Eds?)\.[;,]?/u]) {
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
      const head = peeler.rest.slice(0, at)
      const tail = peeler.rest.slice(end)
      peeler.rest = new Piece(head.text + GAP + tail.text, [...head.italic, false, ...tail.italic])
      if (/^\W?[Ii]n:?\s/u.test(match[0]) && !/\b[Ii]n:?[\s\uE001]/u.test(peeler.rest.text)) peeler.says.push('in')
    }
  }
  when(new RegExp(`\\b[Tt]rans(?:lated by|\\.)\\s+${LIST}`, 'u'), 'translator')
  when(new RegExp(`(?:\\b[Ee]dited by|(?<=[,.;(\\uE001]\\s?)\\b[Ee]ds?\\.)\\s+${LIST}`, 'u'), 'editor')
  when(new RegExp(`\\b[Dd]irected by\\s+${LIST}`, 'u'), 'director')
  when(new RegExp(`\\b[Hh]osted by\\s+${LIST}`, 'u'), 'host')
}

function takeInside(peeler: Peeler): Inside {
  const said = /^[\s.,;\uE001]*(In|in|On):?[\s\uE001]+/u.exec(peeler.rest.text)
  const later = said ? null : /[.;\uE001]\s*(In):\s+/u.exec(peeler.rest.text)
  if (later) {
    // "2019 Dec 1. In: Tideline Notes": the date stands between; it goes behind.
    const before = peeler.rest.slice(0, later.index)
    const behind = peeler.rest.slice(later.index + later[0].length)
    peeler.rest = new Piece(`In ${behind.text}${GAP}${before.text}`, [false, false, false, ...behind.italic, false, ...before.italic])
    return takeInside(peeler)
  }
  if (said?.[1] === 'On') peeler.says.push('song')
  const marked = peeler.says.includes('in')
  if (said) peeler.rest = peeler.rest.slice(said[0].length)
  const run = peeler.rest.italicRun()
  if (run) {
    let { to } = run
    for (let next = peeler.rest.italicRun(to); next && next.from - to < 3 && !/[,.\uE001]/u.test(peeler.rest.text.slice(to, next.from)); next = peeler.rest.italicRun(to)) to = next.to
    const container = peeler.rest.slice(run.from, to)
    if (/\p{L}{2}/u.test(container.text)) {
      const head = peeler.rest.slice(0, run.from)
      const tail = peeler.rest.slice(to)
      peeler.rest = new Piece(head.text + GAP + tail.text, [...head.italic, false, ...tail.italic])
      return { said: Boolean(said) || marked, container: container.trim() }
    }
  }
  if (said || marked) {
    const start = /^[\s.,;\uE001]*/u.exec(peeler.rest.text)![0].length
    const end = /[.,;(\uE001]|\s\d+(?!\d|st\b|nd\b|rd\b|th\b)/u.exec(peeler.rest.text.slice(start))
    const container = peeler.rest.slice(start, end ? start + end.index : peeler.rest.length)
    peeler.rest = peeler.rest.slice(start + container.length)
    return { said: true, container: container.trim() }
  }
  return { said: false }
}

/** Dates that stand behind the title: in brackets with the publisher, or among the rest. */
function lateDates(peeler: Peeler) {
  // A year by itself before the facts of a later edition is that of the first: "1911. Translated by …, 1998."
  if (!peeler.fields.issued && /\b(?:1[4-9]|20)\d{2}\b[\s\S]*\b(?:1[4-9]|20)\d{2}\b/u.test(peeler.rest.text)) peeler.take(/^[\s.,\uE001]*\b((?:1[4-9]|20)\d{2})\.(?=\s|\uE001)/u, match => peeler.set('originalDate', readDate(match[1]!)))
  if (!peeler.fields.issued && !peeler.fields.status && !peeler.says.includes('no date')) {
    const day = new RegExp(`\\(?(${DAY})\\)?`, 'iu')
    // The first that is there: a day, a month or season, a year, a state.
    void (peeler.take(day, match => peeler.set('issued', readDate(match[1]!.replace(/(\d{4}\s+\p{L}{3,})\.?/u, '$1'))))
      || peeler.take(new RegExp(`\\(?\\b((?:${MONTH}(?:[-–/]${MONTH})?|spring|summer|autumn|fall|winter),?\\s+\\d{4})\\b\\)?`, 'iu'), match => peeler.set('issued', readDate(match[1]!.replace(',', ''))))
      || peeler.take(/(?<![\d-])(?:c(?:opyright|\.)?\s?)?\b((?:1[4-9]|20)\d{2}(?:[-–](?:1[4-9]|20)?\d{2})?)[a-z]?(?![\d-])(?=[\s.,;:)\uE001]|$)/u, match => peeler.set('issued', readDate(match[1]!)))
      || peeler.take(/\b(in press|forthcoming)\b/iu, match => peeler.set('status', match[1]!.toLowerCase())))
    peeler.take(/\(?\b(?:n\.d\.|no date)\)?/iu)
  }
  else {
    // The year again with its day, as Chicago's author-date prints newspapers: "January 9".
    const year = peeler.fields.issued?.start?.year
    if (year && !peeler.fields.issued?.start?.month) {
      peeler.take(new RegExp(`(?:^|[\\s,.(\\uE001])(${MONTH}(?:\\s+\\d{1,2})?|\\d{1,2}\\s+${MONTH})(?:,?\\s+(?:19|20)\\d{2})?(?=[\\s.,;:)\\uE001]|$)`, 'u'), (match) => {
        const finer = readDate(/^\d/u.test(match[1]!) ? `${match[1]} ${year}` : `${match[1]!.replace(/\.$/u, '')} ${year}`) ?? undefined
        if (finer?.start) peeler.fields.issued = finer
      })
    }
    if (year) peeler.take(new RegExp(`[;,(\\s]\\s*${year}[a-z]?\\b\\)?`, 'u'))
  }
}

/** Container, publisher and place from what no pattern took. */
function placeRest(peeler: Peeler, kind: KindId, quoted: boolean, slanted: boolean, inside: Inside): string {
  const inPart = !['book', 'report', 'thesis', 'film', 'dataset', 'software', 'artwork', 'patent', 'talk', 'preprint', 'working-paper', 'album'].includes(kind)
  if (inside.container && (inPart || inside.said)) peeler.set('container', inside.container.trim('\\s.,;:()\uE001').rich())
  else if (inside.container && !slanted) peeler.set('container', inside.container.trim('\\s.,;:()\uE001').rich())
  else if (inside.container && ['tv-series', 'book', 'talk'].includes(kind)) peeler.says.push(inside.container.text)
  // "Coast. Eng. Lett.": the stops of an abbreviated journal end no sentence.
  if (kind === 'journal-article' && !peeler.fields.container) {
    const short = /^[\s.,;:\uE001]*((?:\p{Lu}\p{L}{0,9}\.\s+){1,6}(?:\p{Lu}\p{L}{0,12}\.?)?)(?=\s*[,;\uE001]|\s*$)/u.exec(peeler.rest.text)?.[1]?.trim()
    if (short && short.split(' ').length > 1) {
      peeler.set('container', short)
      peeler.rest = peeler.rest.slice(peeler.rest.text.indexOf(short) + short.length)
    }
  }
  const text = peeler.rest.text.replace(/\(\s*\uE001*\s*\)/gu, GAP)
  let segments = text.split(/\uE001|(?<!\b(?:\p{Lu}|Univ|Inst|Dept|St|Co|Soc|Assoc))\.\s+|;\s+|[.;]?\s*$|\s*[()]\s*/u).flatMap(part => part.split(/,\s+/u)).map(part => part.replace(/^[\s.,;:&"“”]+|[\s.,;:"“”]+$/gu, '').replace(/^(?:in|on|at|by|and|available|from|pp?|article|no|vol|eds?)$/iu, '').trim()).filter(part => /\p{L}{2}/u.test(part))
  const withPlace = segments.findIndex(part => /^\p{Lu}[^:]{1,40}:\s*\p{Lu}/u.test(part))
  if (withPlace >= 0) {
    const [place, ...publisher] = segments[withPlace]!.split(/:\s*/u)
    const before = withPlace > 0 && /^(?:\p{Lu}{2}|U\.?K\.?|U\.?S\.?A?\.?)$/u.test(place!) ? segments[withPlace - 1] : undefined
    // ACS turns them round: "Saltmarsh Press: Bristol".
    const turned = looksLikePublisher(place!) && !looksLikePublisher(publisher.join(': '))
    peeler.set('place', before ?? (turned ? publisher.join(': ') : place!))
    peeler.set('publisher', turned ? place! : publisher.join(': '))
    segments = segments.filter((_, i) => i !== withPlace && !(before && i === withPlace - 1))
  }
  const part = ['chapter', 'foreword', 'conference-paper', 'encyclopedia-entry', 'dictionary-entry', 'song', 'podcast-episode', 'tv-episode', 'preprint'].includes(kind)
  const periodical = part || ['journal-article', 'magazine-article', 'newspaper-article', 'review', 'web-page', 'blog-post', 'social-post', 'online-video'].includes(kind)
  if (periodical && !peeler.fields.container && segments.length) peeler.set('container', segments.shift()!)
  if ((!periodical || part) && segments.length && !peeler.fields.publisher) peeler.set('publisher', segments.shift()!)
  if ((!periodical || part) && segments.length && !peeler.fields.place && peeler.fields.publisher && /^\p{Lu}[\p{L}\s.'’-]{2,30}$/u.test(segments[0]!)) {
    // "Lowwater Books, Edinburgh" and "Edinburgh, Lowwater Books".
    const [next] = segments
    if (looksLikePublisher(next!) && !looksLikePublisher(peeler.fields.publisher)) { peeler.fields.place = peeler.fields.publisher; peeler.fields.publisher = next! }
    else if (!looksLikePublisher(next!)) peeler.fields.place = next!
    segments.shift()
  }
  if (quoted && kind === 'web-page' && segments.length && !peeler.fields.publisher && segments[0] !== peeler.fields.container) peeler.set('publisher', segments.shift()!)
  return segments.filter(part => part !== peeler.fields.container && part !== peeler.fields.publisher).join(', ')
}

const looksLikePublisher = (text: string): boolean => looksLikeGroup(text) || /\b(?:books|publish\w*|house|records|pictures|editions|verlag|sons|u p|up)\b/iu.test(text)
