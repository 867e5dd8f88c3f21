/** The title of a formatted reference: where it ends, what is described behind it, and the part named before its whole. */
import { ENDS_ABBREVIATED_IN_REFERENCE } from '../../text/lists/abbreviations'
import { FRONT_MATTER } from '../../text/lists/front-matter'
import { readDate } from '../../source/dates'
import { readInnerNames } from './names'
import { DAY, type Peeler } from './peel'
import { Piece, roman } from './text'

const DAY_BEHIND = new RegExp(`,\\s+${DAY}$`, 'u')

export interface Title { piece: Piece, quoted: boolean, asks?: string }

export function takeTitle(peeler: Peeler): Title | undefined {
  // A description in brackets stands for a title: "[Letter to the harbour commissioners]".
  if (
    /^[\s,.]*\uE001/u.test(peeler.rest.text)
    && /^(?:letter|untitled|photograph of|interview|diary|postcard|memo)/iu.test(peeler.says[0] ?? '')
  ) {
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
  if (run && run.from <= 1 && !goesOn(rest, run.to)) {
    let { to } = run
    // Roman stretches inside an italic title, where something in it is itself italic or quoted.
    for (
      let next = rest.italicRun(to);
      next && next.from - to < 50 && !/[.,;(“”)]|\s[\divxlc]+\s*$|\d/u.test(rest.text.slice(to, next.from));
      next = rest.italicRun(to)
    )
      to = next.to
    const asks = /^[?!]/u.exec(rest.text.slice(to))?.[0]
    peeler.rest = rest.slice(to + (asks ? 1 : 0))
    return { piece: rest.slice(run.from, to), quoted: false, ...(asks ? { asks } : {}) }
  }
  // "Working the Tide 2nd edn (Saltmarsh Press, 2018)": without italics the title ends at what tells itself.
  const imprint = run ? undefined : imprintBehind(rest.text)
  if (imprint) {
    peeler.rest = rest.slice(imprint)
    return { piece: rest.slice(0, imprint), quoted: false }
  }
  const end = sentenceEnd(rest)
  if (end <= 0) return undefined
  // What stands in brackets behind it and says what it is goes back to the rest.
  const behind =
    /\s*\((?:[^()]*\b(?:interviewers?|version|season|episode|vols?\.?|no\.|report|patent|transl?\.|eds?\.|\d\w*\s+ed\b|rev\.)[^()]*)\)[\s\uE001]*$/iu.exec(
      rest.text.slice(0, end),
    )
    ?? /,\s+(?:vol\.\s|\d\w*\s+ed\b|version\s|edited by\s|translated by\s|(?:\p{Lu}\.\s?)+[\p{L}-]+,\s+(?:Eds?|Transl?)\b).*$/u.exec(
      rest.text.slice(0, end),
    )
    ?? /;\s+(?=\p{Lu}).*$/u.exec(rest.text.slice(0, end))
    // The day of a letter or a conversation is of its description.
    ?? (/^(?:letters?|e-?mail|memo\w*|interview|postcard|telegram|note|diary)\b/iu.test(rest.text) ? null : DAY_BEHIND.exec(rest.text.slice(0, end)))
    ?? /,\s+(?=\p{Lu}[\p{L} ]{2,30}:\s\p{Lu}[^:]*(?:\d{4}|Press|Books|Publish|House|Verlag|Editions))[^:]+:\s.*$/u.exec(rest.text.slice(0, end))
  const cut = behind && behind.index > 2 ? behind.index : end
  peeler.rest = rest.slice(cut)
  return { piece: rest.slice(0, cut), quoted: false }
}

const IN_BRACKETS = /\s\((?:(?:eds?|transl?)\.\s[^()]{3,120}\)\s\()?(?=[^()]{2,90},\s(?:1[4-9]|20)\d{2}\))/u
const BEFORE_IMPRINT = /,?\s(?:(?:trans|ed|dir|comp)\.\sby\s|(?:software|dataset|map|version)\b|\d{1,2}(?:st|nd|rd|th)\sedn?\b|[Vv]ol\.\s\d|(?:[Tt]echnical\s)?[Rr]eport\s(?:No\.|[A-Z]{0,6}\s?\d)|[A-Z]{2,8}\s\d{2,6}(?:-\d{1,3})?:\d{4}|\((?:eds?|transl?)\.\s)/u
/** Where an imprint in brackets, "(Saltmarsh Press, 2018)", or an edition, volume or number before it begins; none where a sentence ends */
function imprintBehind(text: string): number | undefined {
  const found = IN_BRACKETS.exec(text)
  if (!found || found.index < 4) return undefined
  const title = text.slice(0, found.index)
  const cut = BEFORE_IMPRINT.exec(title)?.index ?? found.index
  return cut > 3 && !/[.?!]\s+\p{Lu}/u.test(title.slice(0, cut).replace(/\b\p{Lu}\.\s/gu, '')) ? cut : undefined
}

/**
 * Whether a title that begins in italics goes on in roman: "*Apis mellifera* on the tram: Commuting foragers …". What tells
 * of an edition, a maker or a whole begins with one of few words.
 */
function goesOn(piece: Piece, to: number): boolean {
  const behind = piece.text.slice(to)
  const begins = /^(?::\s+|\s*[–—]\s*|\s+)(\p{L}+)/u.exec(behind)
  if (!begins || !/^(?:[:–—]|\s[–—]|\s+\p{Ll}{1,12}\s+\p{L})/u.test(behind) || !/^[^.]{8,}\./u.test(behind)) return false
  if (BEHIND_TITLES.has(begins[1]!.toLowerCase())) return false
  // "On *Flour on the floor*": the whole it is in.
  return !/^(?:in|on|at)$/u.test(begins[1]!) || !piece.italic[to + begins[0].length + 1]
}
const BEHIND_TITLES = new Set(
  'ed eds edited trans translated transl by dir directed comp compiled vol no p pp podcast blog app website version season series episode performed written'.split(' '),
)

/** "Vol. 2, The age of steam ovens. Leeds: …": where a place and its publisher follow. */
const VOLUME_AND_TITLE =
  /^[\s.,]*vol(?:ume|\.)?\s+(\d{1,3}|[IVX]{1,6})[,:]\s+(\p{Lu}[^.;:\uE001]{3,120})\.\s+(?=\p{Lu}[^.;]{1,60}:\s)/iu
/** "A history of bakeries: Vol. 2. The age of steam ovens"; "*The Age of Steam Ovens*. Vol. 2 of *A History of Bakeries*". */
/** ": Vol. 2. The Age of Steam" behind the title of a work in volumes. */
export const VOLUME_INSIDE = /[:,.]\s+vol(?:ume|\.)?\s+(\d{1,3}|[IVX]{1,6})[.:,]\s+(?=\p{L})/iu

export function volumeTitled(peeler: Peeler, title: Title): void {
  const { text } = title.piece
  const inside = VOLUME_INSIDE.exec(text)
  if (inside && inside.index > 3) {
    peeler.set('volume', inside[1]!)
    peeler.set('volumeTitle', title.piece.slice(inside.index + inside[0].length).trim('\\s,.:;').text)
    title.piece = title.piece.slice(0, inside.index)
    return
  }
  // The same with its italics lost: the title ended at the stop behind the number.
  const last = /[:,.]\s+vol(?:ume|\.)?\s+(\d{1,3}|[IVX]{1,6})$/iu.exec(text)
  const own = last && last.index > 3 ? /^\.?\s+(\p{Lu}[^.:;()\uE001]{3,120})\.\s+(?=\p{Lu})/u.exec(peeler.rest.text) : null
  if (last && own) {
    peeler.set('volume', last[1]!)
    peeler.set('volumeTitle', own[1]!)
    title.piece = title.piece.slice(0, last.index)
    peeler.rest = peeler.rest.slice(own[0].length)
    return
  }
  const next = VOLUME_AND_TITLE.exec(peeler.rest.text)
  if (next) {
    peeler.set('volume', next[1]!)
    peeler.set('volumeTitle', next[2]!)
    peeler.rest = peeler.rest.slice(next[0].length)
    return
  }
  const slanted = /^[\s.,]*vol(?:ume|\.)?\s+(\d{1,3}|[IVX]{1,6})[,:]\s+/iu.exec(peeler.rest.text)
  const inItalics = slanted ? peeler.rest.italicRun(slanted[0].length) : undefined
  if (slanted && inItalics?.from === slanted[0].length) {
    peeler.set('volume', slanted[1]!)
    peeler.set('volumeTitle', peeler.rest.slice(inItalics.from, inItalics.to).trim('\\s,.:;').text)
    peeler.rest = peeler.rest.slice(inItalics.to)
    return
  }
  const of = /(?:^|[.,\uE001])\s*vol(?:ume|\.)?\s+(\d{1,3}|[IVX]{1,6})\s+of\s+/iu.exec(peeler.rest.text)
  const from = of ? of.index + of[0].length : 0
  const run = of ? peeler.rest.italicRun(from) : undefined
  if (!of || !run || run.from - from > 1) return
  peeler.set('volume', of[1]!)
  peeler.set('volumeTitle', title.piece.trim('\\s,.:;').text)
  title.piece = peeler.rest.slice(run.from, run.to)
  peeler.rest = peeler.rest.without(of.index, run.to)
}

const GENERIC = new RegExp(`^(${FRONT_MATTER})(?:\\s+to)?$`, 'iu')
const GENERIC_TO = new RegExp(`^(${FRONT_MATTER})\\s+to\\s+`, 'iu')
/** A title that says no more than what it is: "Foreword. In …". */
export function ofGenre(peeler: Peeler, title: Piece): boolean {
  // "Foreword to *The Hive*, by Ewan MacBride and Inés de la Cueva."
  const to = GENERIC_TO.exec(title.text)
  const run = to ? title.italicRun(to[0].length) : undefined
  if (to && run && run.from === to[0].length) {
    peeler.rest = roman('In ').plus(title.slice(to[0].length)).gap(peeler.rest)
    return ofGenre(peeler, title.slice(0, to[1]!.length))
  }
  const said = GENERIC.exec(title.trim('\\s.,:;').text)
  if (!said) return false
  const word = `${said[1]![0]!.toUpperCase()}${said[1]!.slice(1).toLowerCase()}`
  peeler.set('genre', word)
  peeler.set('title', word)
  peeler.says.push('foreword')
  return true
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
    for (let i = 1; i < text.length; i++)
      if (text[i] === close && /^(?:[,.;:)\uE001]|\s*$|\s(?=[\p{Lu}([\uE001]))/u.test(text.slice(i + 1))) return i
  }
  return undefined
}

/** The end of the first sentence: a stop before a capital, a digit, a quotation, italics or a gap. */
function sentenceEnd(piece: Piece): number {
  const { text } = piece
  const hasItalics = piece.italic.some(Boolean)
  for (const match of text.matchAll(/[.?!]["”’)]?(?=\s|\uE001|$)/gu)) {
    const end = match.index + match[0].length
    const before = text.slice(0, end)
    const after = text.slice(end).replace(/^[\s\uE001]+/u, '')
    if (match[0].startsWith('.') && ENDS_ABBREVIATED_IN_REFERENCE.test(before.slice(0, -1))) continue
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
export function partAfterWhole(peeler: Peeler, title: Title | undefined): Title | undefined {
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
  peeler.rest = between.gap(peeler.rest.slice(from + end + 1))
  return { piece: part, quoted: true }
}

/** What is reviewed, where it is said what that is: "review of the film". */
export const REVIEW_OF = 'review of\\s+(?:the (?:book|film|play|album|novel|game|exhibition|performance|series|podcast)\\s+)?'
const BY = '((?:(?<=[\\s-])\\p{Lu}\\.[\\s-]?|[^.,\\uE001]){2,80})'
const REVIEW = new RegExp(`[,.]?\\s*\\b${REVIEW_OF}(.{3,200}?),?\\s+by\\s+${BY}[.,]?(?=\\s|\\uE001|$)`, 'iu')
/** "Review of *Working the Tide*, by Loveday Tremayne". */
export function review(peeler: Peeler) {
  // "Review of: Zünd É, MacArdle F. *Roots Under Asphalt*. …"
  const colon = /[,.]? ?\breview of: ([^.:]{3,160})\. /iu.exec(peeler.rest.text)
  const run = colon ? peeler.rest.italicRun(colon.index + colon[0].length) : undefined
  if (colon && run && run.from === colon.index + colon[0].length) {
    peeler.set('reviewedAuthor', readInnerNames(colon[1]!) ?? [{ literal: colon[1]!.trim() }])
    peeler.set('reviewedTitle', peeler.rest.slice(run.from, run.to).trim('\\s,.').text)
    peeler.rest = peeler.rest.without(colon.index, run.to)
    peeler.says.push('Review of')
    return
  }
  peeler.take(REVIEW, (match) => {
    peeler.set('reviewedTitle', match[1]!.trim())
    peeler.set('reviewedAuthor', readInnerNames(match[2]!) ?? [{ literal: match[2]!.trim() }])
    peeler.says.push('Review of')
  })
}

const SPOKEN = '(?:keynote|plenary|invited|opening|closing|inaugural|guest) (?:address|lecture|talk|speech|presentation)'
const PAINTED = '(?:oil|acrylic|ink|pencil) on [a-z]+|watercolou?r|photograph|etching|engraving'
const WORDS = [
  'video|lecture|preprint|data ?set|podcast|CD|LP|vinyl|MP3|film|motion picture|poster|slides|e-?mail to (?:the )?author',
  'computer software|software|audio|TV series|working paper|editorial|letter to the editor|press release|brochure|obituary|map|mobile app',
  'large language model|audio podcast|album|fact sheet|infographic|leaflet|pamphlet|opinion',
  '(?:conference|poster|paper|oral) presentation|(?:lecture|PowerPoint) slides|DVD|Blu-ray|VHS', SPOKEN, PAINTED,
].join('|')
/** "(oil on linen, c. 1891)" */
const PAINTED_WHEN = new RegExp(`\\((${PAINTED}), ((?:ca?\\. )?(?:\\d{1,2} \\p{L}+ )?\\d{4})\\)`, 'iu')

/** Words that stand alone among the rest and say what the source is. */
export function descriptions(peeler: Peeler) {
  for (
    let guard = 0;
    guard < 4
    && peeler.take(new RegExp(`(?:^\\s*|[.,;\\uE001]\\s*)(${WORDS})(?=[.,;\\uE001]|$|\\s*\\[)`, 'iu'), (match) => peeler.says.push(match[1]!));
    guard++
  );
  peeler.take(new RegExp(`\\b(?:(${SPOKEN}|lecture|paper|poster|talk|keynote|slides|speech)(?: session)?\\s+)?(?:presented|given|delivered)\\s+at:?\\s+(?:the\\s+)?`, 'iu'), (match) =>
    peeler.says.push(match[1] === undefined || /paper/iu.test(match[1]) ? 'Paper presentation' : match[1].replace(/^./u, (c) => c.toUpperCase())),
  )
  peeler.take(/\s\((podcast|blog)\)/iu, match => peeler.says.push(match[1]!))
  peeler.take(/\s+(podcast|blog)(?=[,.]\s)/u, match => peeler.says.push(match[1]!))
  peeler.take(/\bpreprint posted online /iu, () => peeler.says.push('preprint'))
  peeler.take(/\bpreprint at /iu, () => peeler.says.push('preprint'))
  peeler.take(PAINTED_WHEN, (match) => {
    peeler.says.push(match[1]!)
    peeler.set('issued', readDate(match[2]!))
  })
  peeler.take(/\baired /iu)
  peeler.take(/\blocated at:?\s+/iu, () => peeler.says.push('letter'))
  peeler.take(/\bretrieved from\s+(?=[^.]+\bwebsite\b)/iu)
  peeler.take(/\s+website:?(?=\s|\uE001|$)/iu)
}
