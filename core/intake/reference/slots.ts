/**
 * What can stand in the place of a detail: how likely a stretch of a reference is to be it, and its value. Likelihoods are
 * sums of small reasons, comparable only with each other.
 */
import { readDate } from '../../source/dates'
import { FIELDS, type FieldName } from '../../source/fields'
import type { Fields } from '../../source/model'
import { ENDS_ABBREVIATED_IN_REFERENCE } from '../../text/lists/abbreviations'
import { looksLikeGroup, type Name } from '../../source/names'
import { plainEdition } from '../bibtex/bibtex'
import { tidyDoi } from '../identifiers'
import { readHead, type Head } from './names'
import { DAY, MONTH, tidyPages } from './peel'
import { looksLikePublisher } from './rest'
import type { NameOrder } from './skeleton'
import type { Piece } from './text'

const NUMBER = '(?:[a-z]{0,2}\\d+[a-z]?|[ivxlc]+)'
const RANGE = `${NUMBER}(?: ?- ?${NUMBER})?`
/** A date as it may stand in a reference, made even; or a day of a year said elsewhere in it. */
const DATE = new RegExp(`^(?:ca?\\. ?)?(?:${DAY}|${MONTH},? \\d{4}|\\d{4}, ${MONTH}(?: \\d{1,2})?|\\d{4}[a-z]?(?:-\\d{2,4})?|(?:spring|summer|autumn|fall|winter),? \\d{4}|\\d{4}, (?:spring|summer|autumn|fall|winter))$`, 'iu')
const DAY_ALONE = new RegExp(`^(?:\\d{1,2} ${MONTH}|${MONTH}(?: \\d{1,2})?)$`, 'iu')

/** By an expression over the even text. */
const FORMS: Partial<Record<FieldName, RegExp>> = {
  doi: /^(?:https?:\/\/(?:dx\.)?doi\.org\/|doi: ?|doi\.org\/)?10\.\d{4,9}\/\S+$/u,
  url: /^(?:https?:\/\/\S+|(?:[a-z0-9-]+\.)+[a-z]{2,}(?:\/\S*)?)$/u,
  accessed: new RegExp(`^${DAY}$`, 'iu'),
  originalDate: /^(?:ca?\. ?)?-?\d{3,4}(?: bce?)?$/u,
  volume: /^(?:vols?\.? ?)?(?:\d{1,4}|[ivxlc]{1,7})$/u,
  issue: /^(?:nos?\.? ?)?(?:[a-z]?\d{1,4}(?:[-/]\d{1,4})?|suppl?\.? ?[a-z0-9]{0,4}|\d{1,3} suppl?\.? ?\d{0,2}|[a-z]{3,9}\.? \d{1,3})$/u,
  pages: new RegExp(`^(?:pp?\\.? ?)?${RANGE}(?:, ?${RANGE})*$`, 'u'),
  edition: /^(?:\d{1,2}(?:st|nd|rd|th)?|rev(?:ised|\.)?|second|third|fourth|fifth|expanded|international|enlarged|updated)(?: (?:rev\.|and expanded))? (?:edn?|edition)\.?$/u,
  season: /^\d{1,3}$/u,
  version: /^(?:v\.? ?|version )?[\d.]*\d\w{0,4}$/u,
  seriesNumber: /^(?:vol\.? |no\.? )?\d{1,4}$/u,
  numberOfVolumes: /^\d{1,2}$/u,
  number: /^(?=.*\d)[\w ./,:()-]{1,40}$/u,
  status: /^(?:in press|forthcoming|accepted|submitted)$/u,
  scale: /^(?:scale )?1 ?: ?[\d, ]+$/u,
}
/** Reads as one run of words with a name's capitals. */
const SMALL = /^(?:a|an|the|of|for|and|in|on|to|de|des|du|la|le|y|und|für|&|at|by|from|with|et|al)$/iu
const words = (text: string): string[] => text.split(/\s+/u).filter(word => /\p{L}/u.test(word))
/** Of the words with weight behind the first the share that has a capital. */
function capitals(text: string): number {
  const all = words(text).slice(1).filter(word => !SMALL.test(word))
  return all.length ? all.filter(word => /^\P{L}*\p{Lu}/u.test(word)).length / all.length : 1
}
/** How many sentences end inside of it. */
const sentences = (text: string): number =>
  [...text.matchAll(/[.?!] (?=[\p{Lu}\d])/gu)].filter(({ index, 0: mark }) => mark[0] !== '.' || !ENDS_ABBREVIATED_IN_REFERENCE.test(text.slice(0, index))).length
const YEARED = /\(\d{4}|\(in (?:the )?press|\bIn: |; ?\d{4}|\p{Lu}\.\p{Lu}\.?$|\b(?:19|20)\d{2}[;.]|\bet al\b|\bhttps?:/u

export interface Stretch { piece: Piece, even: string, order?: NameOrder | undefined }
type Weigh = (stretch: Stretch) => number | undefined

const WEIGH: Partial<Record<FieldName, Weigh>> = {
  issued: ({ even }) => (DATE.test(even) ? 1 : DAY_ALONE.test(even) ? 0.5 : undefined),
  title: ({ piece: { text } }) => {
    if (!/\p{L}{2}|\p{L}\p{Ll}/u.test(text) || text.includes('[') || /^[\s.,;:()\]]|^\p{Lu}\.[ ,]/u.test(text) || (text.match(/["“”]/gu)?.length ?? 0) % 2) return undefined
    return 0.5 - 0.8 * sentences(text) - (YEARED.test(text) ? 1.5 : 0) - (/^\p{Ll}/u.test(text) ? 0.4 : 0) - (looksLikeGroup(text) && words(text).length < 6 && capitals(text) === 1 ? 0.7 : 0)
      - (/, \p{Lu}\.(?:$|,| )/u.test(text) ? 0.8 : 0)
  },
  publisher: ({ piece: { text } }) => {
    if (text.length > 120 || !/^[\p{Lu}\d]|^(?:de|van|la|le|eLife)\b/u.test(text) || /["“”;]|\bIn\b:?\s|[,:] \d/u.test(text)) return undefined
    return (looksLikePublisher(text) ? 0.9 : 0) + (capitals(text) - 1) * 1.6 - 0.5 * sentences(text) - (/\d/u.test(text) ? 0.5 : 0) - (/,/u.test(text) ? 0.6 : 0) - (/:/u.test(text) ? 0.6 : 0)
  },
  place: ({ piece: { text } }) => (/^\p{Lu}[\p{L} .’'-]{1,40}(?:, [\p{Lu}][\p{L}. ]{1,30})?(?: \(\p{Lu}{2}\))?$/u.test(text) && !looksLikePublisher(text) ? 0.4 - 0.2 * (words(text).length - 1) : undefined),
}
for (const name of ['container', 'series', 'event', 'archive', 'authority', 'section', 'volumeTitle'] as const)
  WEIGH[name] = ({ piece }) => {
    const { text } = piece
    if (text.length > 240 || /;|\b(?:last modified|accessed|retrieved|updated)\b/iu.test(text) || !/^[\p{Lu}\p{N}“‘"'@]|^(?:e|i|m)\p{Lu}/u.test(text) || !/\p{L}{2}/u.test(text)) return undefined
    return 0.4 - 0.5 * sentences(text) - (/^\d{4}\.? /u.test(text) ? 0.6 : 0) - (YEARED.test(text) ? 1 : 0) - (/\d$/u.test(text) ? 0.4 : 0)
      - (name === 'event' || name === 'archive' ? 0.6 * (text.match(/,/gu)?.length ?? 0) : 0) - (name === 'container' && /\b(?:press|books|verlag)$/iu.test(text) ? 0.9 : 0)
      + (piece.isItalic ? 0.3 : (capitals(text) - 1) * 0.8)
  }
for (const name of ['genre', 'medium', 'eventPlace', 'archivePlace', 'archiveLocation', 'dimensions'] as const)
  WEIGH[name] = ({ piece: { text } }) => (text.length <= 70 && !/["“”;]|\. \p{Lu}/u.test(text) ? -0.1 * words(text).length : undefined)

/** How likely a stretch is the detail; undefined where it cannot be. */
export function weigh(name: FieldName, stretch: Stretch): number | undefined {
  const { text } = stretch.piece
  const form = FORMS[name]
  if (form) return form.test(stretch.even) ? 0.6 : undefined
  if (FIELDS[name].type === 'names') return weighNames(stretch.piece.text, stretch.order)
  if (!balanced(text)) return undefined
  const own = WEIGH[name]
  const weight = own ? own(stretch) : text.length < 160 ? -0.3 : undefined
  return weight === undefined ? undefined : weight - (name !== 'issued' && PEOPLED.test(text) ? 1.5 : 0)
}
/** Words that belong to another detail: a role, an edition, a volume. */
const PEOPLED = /(?:[,.;(] ?)(?:eds?|editors?|trans|transl?|translators?|interviewers?|directors?|hosts?|vols?|\d+(?:st|nd|rd|th) edn?|\d+(?:st|nd|rd|th) ed|pp?)\b|\b(?:edited|translated|directed|interviewed) by\b/iu
function balanced(text: string): boolean {
  let open = 0
  for (const letter of text) {
    if (letter === '(' || letter === '[') open++
    else if ((letter === ')' || letter === ']') && --open < 0) return false
  }
  return open === 0
}

function weighNames(text: string, order?: NameOrder): number | undefined {
  const names = namesIn(text, order)
  if (!names) return undefined
  return names.every(one => one.literal === undefined) ? 1.2 + 0.1 * names.length : names.length > 1 ? 0.5 : looksLikeGroup(text) ? 1 : readHead(text).some(one => one.end === text.length) ? -0.5 : 0.3
}
const ORDERS: Readonly<Record<NameOrder, readonly Head['grammar'][]>> = {
  body: [], inverted: ['inverted-initials', 'inverted-full'], compressed: ['compressed'], initials: ['natural-initials'], natural: ['natural-full', 'natural-initials'],
}
/** A list of people, or one body with the capitals of a name. */
export function namesIn(text: string, order?: NameOrder): Name[] | undefined {
  const bare = text.trim()
  if (!/^[\p{L}@]/u.test(bare) || /\d{3}/u.test(bare)) return undefined
  const head = readHead(bare).find(one => one.end >= bare.length - 1 && bare.slice(one.end).replace('.', '') === '' && (!order || ORDERS[order].includes(one.grammar)))
  if (head && !(head.grammar === 'natural-full' && looksLikeGroup(bare))) return head.names
  if ((order && order !== 'body') || /["“”:;?!]|\. /u.test(bare) || bare.length > 120 || capitals(bare) < 1 || !/^(?:\p{Lu}|@)/u.test(bare)) return undefined
  if (/[^,]*, \p{Lu}[\p{L}.]*(?:[ ,]|$)/u.test(bare) && !looksLikeGroup(bare)) return undefined
  if (/\bet al\b/u.test(bare)) return undefined
  return words(bare).length > 1 || /^\p{Lu}{3,}$|^@/u.test(bare) ? [{ literal: bare.replace(/\.$/u, '') }] : undefined
}

/** The values that the stretches of one field say; a date may be said in two. */
export function valueOf(name: FieldName, stretches: readonly Piece[], order?: NameOrder): Fields[FieldName] | undefined {
  const [first, second] = stretches
  const text = first!.text.trim()
  switch (name) {
    case 'issued': case 'originalDate': case 'accessed': case 'eventDate': case 'submitted': return dateIn(second ? `${second.text} ${text}` : text)
    case 'doi': return tidyDoi(text.replace(/^doi: ?/iu, ''))
    case 'url': return /^https?:/u.test(text) ? text : `https://${text}`
    case 'pages': return tidyPages(text.replace(/^pp?\.? ?/iu, ''))
    case 'edition': return plainEdition(text.replace(/ (?:edn?|edition)\.?$/iu, ''))
    case 'volume': return text.replace(/^vols?\.? ?/iu, '')
    case 'issue': return text.replace(/^nos?\.? ?/iu, '')
    case 'version': return text.replace(/^(?:v\.? ?|version )/iu, '')
    case 'seriesNumber': return text.replace(/^(?:vol|no)\.? /iu, '')
    case 'title': case 'container': case 'volumeTitle': return first!.trim('\\s,').rich()
    default: return FIELDS[name].type === 'names' ? namesIn(text, order) : text
  }
}
function dateIn(text: string) {
  const turned = /^(\d{4})[a-z]?,\s*(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(text)
  return readDate(turned ? `${turned[3] ? `${turned[3]} ` : ''}${turned[2]} ${turned[1]}` : text.replace(/^(\d{4})[a-z]$/u, '$1'))
}
