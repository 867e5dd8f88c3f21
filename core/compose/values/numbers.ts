/** Numbers: editions, volumes, pages, the numbers of reports, versions and patents. */
import type { FieldName } from '../../source/fields'
import { edition as readEdition } from '../../source/values/editions'
import type { TitleWords } from '../../text/capitals'
import { ordinal, roman } from '../../text/numbers'
import { isPlural, setRange } from '../../text/ranges'
import type { Style } from '../../styles/schema'
import { glue } from '../line'
import { answer, beginSmall, printing, type Bind } from './setting'
import { rowOf } from '../../text/lookup'

/** A number without the word that sources put before it ("Vol. 3"). */
const bare = (field: FieldName, word: RegExp): Bind => printing(field, work => work.text(field).replace(word, ''))

/** An edition as the style words it, without its term; undefined for a first one. */
function editionWords(raw: string, style: Style): { text: string, number: boolean } | undefined {
  const { number, words } = readEdition(raw)
  if (number === 1 && !words) return undefined
  if (number !== undefined && !words) return { text: ordinal(number), number: true }
  const short = rowOf(style.terms.editionWords, words.toLowerCase()) ?? words
  if (number !== undefined) return { text: `${ordinal(number)} ${/^\p{Lu}\p{Ll}/u.test(short) ? short.toLowerCase() : short}`, number: false }
  // "Rev. ed." where it begins a sentence or stands in parentheses, "rev. ed." after a comma.
  return {
    text: style.options.capitalEdition
      ? short
      : short.replace(/^(?:Rev|Revised|Enlarged|New|Abridged|International)\b/u, (word) => word.toLowerCase()),
    number: false,
  }
}

const edition: Bind = (_filters, { style }) => {
  const put = answer(style, 'edition')
  return (work, _telling, out) => {
    const raw = work.text('edition')
    const words = raw ? editionWords(raw, style) : undefined
    if (!words) return false
    const text = `${words.text} ${style.terms.edition}`
    if (words.number) return put(text, out)
    out.push({ text, part: 'what', field: 'edition', rules: ['edition'], sentence: true })
    return true
  }
}

/** "National edition" of a newspaper: a common word small, as in a sentence; a name as it is. */
const ownEdition = (raw: string, { isCommon }: TitleWords): string => {
  const { number, words } = readEdition(raw)
  const own = [number === undefined ? '' : ordinal(number), words].filter(Boolean).join(' ')
  return own && `${isCommon(own.split(' ')[0]!) ? beginSmall(own) : own} edition`
}

const newspaperEdition: Bind = () => (work, _telling, out) => {
  const text = ownEdition(work.text('edition'), work.words)
  if (text) out.push({ text, part: 'what', field: 'edition', rules: ['edition'], sentence: true })
  return text !== ''
}

const pages: Bind = (_filters, { style }) => {
  const put = answer(style, 'pages', 'pages.range')
  return (work, _telling, out) => {
    const raw = work.text('pages')
    return raw !== '' && put(setRange(raw, style.ranges.pages, style.dash), out)
  }
}

/** "p." or "pp." before the pages. */
const pageWord: Bind = (filters, kind, place) => {
  const print = pages(filters, kind, place)
  const [one, many] = kind.style.terms.page.map(word => (word ? glue(word) : undefined))
  return (work, telling, out) => {
    const raw = work.text('pages')
    if (!raw) return false
    const word = isPlural(raw) ? many : one
    if (word) out.push(word)
    return print(work, telling, out)
  }
}

/** "A4" as section and page behind the date: ";Sect. A:4"; a page alone ":12" (Citing Medicine 2, chapter 8). */
const sectionPage: Bind = (_filters, { style }) => {
  const put = answer(style, 'pages')
  return (work, _telling, out) => {
    const raw = work.text('pages')
    const section = /^([A-Z]+)(\d.*)$/u.exec(raw)
    return put(
      section
        ? `${work.dated ? ';' : ''}${style.terms.newspaperSection ?? ''}${section[1]!}:${setRange(section[2]!.replaceAll(section[1]!, ''), style.ranges.pages, style.dash)}`
        : raw && `${work.dated ? ':' : ''}${setRange(raw, style.ranges.pages, style.dash)}`,
      out,
    )
  }
}

const patentCountry: Bind = (_filters, { style }) => {
  const put = answer(style, 'number')
  return (work, _telling, out) => {
    const { country } = work.patent
    return country !== undefined && work.has('number') && put(rowOf(style.countries, country) ?? country, out)
  }
}

const patentNumber: Bind = (filters, { style }) => {
  const put = answer(style, 'number')
  const spaced = filters.includes('spaced')
  return (work, _telling, out) => {
    const number = work.patent.bare
    return put(spaced ? number.replace(/,\s*/gu, ' ') : number, out)
  }
}

/** "no. 2", "nos. 1–2", but "suppl. 1". */
const labelledIssue: Bind = (_filters, { style }) => {
  const put = answer(style, 'issue')
  const say = supplemented(style)
  const { issue: one, issues: many = one } = style.terms
  return (work, _telling, out) => {
    const issue = work.text('issue')
    const label = /^\p{Lu}?\d/u.test(issue) ? (/^\d+[–,&]/u.test(issue) ? many : one) : ''
    const said = say(issue)
    if (!put(label ? label + said : beginSmall(said), out)) return false
    out[out.length - 1] = { ...out.at(-1)!, sentence: true }
    return true
  }
}
/** An issue with the style's word for a supplement: "Suppl 2" Suppl. 2, "4 Suppl 1" 4, Suppl. 1. */
function supplemented({ dash, terms: { supplement: { word, behind } } }: Style): (issue: string) => string {
  const dashed = (issue: string) => (dash === '–' ? issue : issue.replace('–', dash))
  return issue => dashed(issue.includes('Suppl') ? issue.replace(/^(.*?)\s?Suppl ?/u, (_, before: string) => (before ? before + behind : '') + word).trim() : issue)
}
const plainIssue: Bind = (_filters, { style }) => {
  const put = answer(style, 'issue')
  const say = supplemented(style)
  return (work, _telling, out) => put(say(work.text('issue')), out)
}

export const NUMBERS = {
  'issue.labelled': labelledIssue,
  'supplement': printing('issue', work => (work.text('issue').startsWith('Suppl') ? work.text('issue') : '')),
  edition,
  pages,
  pp: pageWord,
  sectionPage,
  /** A number or page field that is no page ("e0417"). */
  'article': printing('number', (work) =>
    work.has('pages') ? '' : work.text('number').replace(/^(?:article|art\.? no\.?|no\.?)\s*/iu, ''),
  ),
  'volume': printing('volume', work => work.text('volume')),
  'volume.roman': printing('volume', (work) => {
    const volume = work.text('volume')
    return /^\d{1,3}$/u.test(volume) && Number(volume) > 0 && Number(volume) < 400 ? roman(Number(volume)) : volume
  }),
  'issue': plainIssue,
  'number': printing('number', work => work.text('number')),
  'numberOfVolumes': printing('numberOfVolumes', work => work.text('numberOfVolumes')),
  'edition.own': newspaperEdition,
  'version': bare('version', /^(?:version|v\.?|ver\.)\s*(?=\d)|(?<!\s)\s{1,9}version$/iu),
  'number.country': patentCountry,
  'number.bare': patentNumber,
}
