/**
 * What can stand in the place of a detail: how likely a stretch of a reference is to be it, and its value. Likelihoods are
 * sums of small reasons, comparable only with each other.
 */
import { readDate, SEASON } from '../../source/dates'
import { FIELDS, FIELD_NAMES, type FieldName } from '../../source/fields'
import type { Fields } from '../../source/model'
import { looksLikeGroup, type Name } from '../../source/names'
import { plainEdition } from '../bibtex/bibtex'
import { tidyDoi } from '../identifiers'
import { isGivenName } from '../../text/title-words'
import { readHead, type Head } from './names'
import { DAY, MONTH, tidyPages } from './peel'
import { CANNOT, capitals, isBalanced, LONGEST, MUST, REASONS, wordsOf } from './reasons'
import type { NameOrder } from './skeleton'
import type { Piece } from './text'

const NUMBER = '(?:[a-z]{0,2}\\d+[a-z]?|[ivxlc]+)'
const RANGE = `${NUMBER}(?: ?- ?${NUMBER})?`
/** A date as it may stand in a reference, made even; or a day of a year said elsewhere in it. */
const YEAR = '\\d{4}[a-z]?(?:-\\d{2,4})?'
const PART = `(?:${MONTH}|${SEASON})`
const DATE = new RegExp(`^(?:ca?\\. ?)?(?:${DAY}|${YEAR}|${PART},? \\d{4}|\\d{4}, ${PART}(?: \\d{1,2})?)$`, 'iu')
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
  number: /^(?=.*\d)(?!.*\b(?:tech|rep|no|[a-z]{5,})\b)(?!.*[.,] [a-z]{3})[\w ./,:()-]{1,40}$/u,
  status: /^(?:in press|forthcoming|accepted|submitted)$/u,
  scale: /^(?:scale )?1 ?: ?[\d, ]+$/u,
}
export interface Stretch { piece: Piece, even: string, order?: NameOrder | undefined }

const OF_FIELD = new Map(FIELD_NAMES.map(name => [name, REASONS.filter(one => one.of.includes(name))]))
/** A detail for which no reason is known is less likely than one for which there is. */
const UNREASONED = -0.3
const LONGEST_UNREASONED = 160

/** How likely a stretch is the detail; undefined where it cannot be. */
export function weigh(name: FieldName, stretch: Stretch): number | undefined {
  const { piece, piece: { text } } = stretch
  const form = FORMS[name]
  if (form) return form.test(stretch.even) ? 0.6 : undefined
  if (name === 'issued') return DATE.test(stretch.even) ? 1 : DAY_ALONE.test(stretch.even) ? 0.5 : undefined
  if (FIELDS[name].type === 'names') return weighNames(text, stretch.order)
  if (text.endsWith(',') || !isBalanced(text) || text.length > (LONGEST[name] ?? Infinity)) return undefined
  if (MUST[name]?.some(one => !one.test(text)) || CANNOT[name]?.some(one => one.test(text))) return undefined
  // A quotation begun inside of it ends inside of it.
  if (name === 'title' && (text.match(/["“”]/gu)?.length ?? 0) % 2) return undefined
  const reasons = OF_FIELD.get(name)!
  if (!reasons.length) return text.length < LONGEST_UNREASONED ? UNREASONED : undefined
  const { isItalic } = piece
  return reasons.reduce((sum, { holds, weight }) => sum + weight * holds(text, isItalic), 0)
}

function weighNames(text: string, order?: NameOrder): number | undefined {
  const names = namesIn(text, order)
  if (!names) return undefined
  if (names.every(one => one.literal === undefined)) return 1.2 + 0.1 * names.length
  if (names.length > 1) return 0.5
  return looksLikeGroup(text) ? 1 : isGivenName(text.split(' ')[0]!.toLowerCase()) ? -0.5 : 0.3
}
const ORDERS: Readonly<Record<NameOrder, readonly Head['grammar'][]>> = {
  body: [],
  inverted: ['inverted-initials', 'inverted-full'],
  compressed: ['compressed'],
  initials: ['natural-initials'],
  natural: ['natural-full', 'natural-initials'],
}
/** A list of people, or one body with the capitals of a name. */
export function namesIn(text: string, order?: NameOrder): Name[] | undefined {
  const bare = text.trim()
  if (!/^[\p{L}@]/u.test(bare) || /\d{3}/u.test(bare)) return undefined
  const isWhole = ({ end }: Head) => end >= bare.length - 1 && bare.slice(end).replace('.', '') === ''
  const head = readHead(bare).find(one => isWhole(one) && (!order || ORDERS[order].includes(one.grammar)))
  if (head && !(head.grammar === 'natural-full' && looksLikeGroup(bare))) return head.names
  if ((order && order !== 'body') || bare.length > LONGEST_BODY || /["“”:;?!]|\. |\bet al\b/u.test(bare)) return undefined
  if (capitals(bare) < 1 || !/^[\p{Lu}@]/u.test(bare)) return undefined
  // "Nguyen, Thi Mai" is no body, "Ministry of Water, Land and Air" is.
  if (/, \p{Lu}[\p{L}.-]*(?:[ ,]|$)/u.test(bare) && !looksLikeGroup(bare)) return undefined
  return wordsOf(bare).length > 1 || /^\p{Lu}{3,}$|^@/u.test(bare) ? [{ literal: bare.replace(/\.$/u, '') }] : undefined
}
const LONGEST_BODY = 120

/** The values that the stretches of one field say; a date may be said in two. */
export function valueOf(name: FieldName, stretches: readonly Piece[], order?: NameOrder): Fields[FieldName] | undefined {
  const [first, second] = stretches
  const text = first!.text.trim()
  switch (name) {
    case 'issued': case 'originalDate': case 'accessed': case 'eventDate': case 'submitted': return dateIn(second ? whole(second.text, text) : text)
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
/** A day behind takes its year from the date in front, if it has none of its own. */
const whole = (behind: string, before: string): string => (/\d{4}/u.test(behind) ? behind : `${behind} ${before}`)
function dateIn(text: string) {
  const turned = /^(\d{4})[a-z]?,\s*(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(text)
  return readDate(turned ? `${turned[3] ? `${turned[3]} ` : ''}${turned[2]} ${turned[1]}` : text.replace(/^(\d{4})[a-z]$/u, '$1'))
}
