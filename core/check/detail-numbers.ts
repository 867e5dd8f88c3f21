/** Volumes, issues, pages, editions and dates with words in them, upside down, or not yet come. */
import { listEntry } from '../compose/entry'
import { FIELDS, type FieldName } from '../source/fields'
import { kindOf } from '../source/kinds'
import { dateOf, textOf, withField } from '../source/model'
import { writeDate } from '../source/dates'
import type { DetailRule } from './detail-rule'

/** Labels that the style prints by itself, by field. */
const LABELS: Partial<Record<FieldName, RegExp>> = {
  volume: /^\s*(?:vol(?:ume|s)?\.?|v\.)\s*(?=[\divxlc])/iu,
  issue: /^\s*(?:no|nr|number|issue|iss)\.?\s*(?=\d)/iu,
  number: /^\s*(?:no|nr|number|article|art|episode|ep)\b\.?:?\s*(?=\S*\d)/iu,
  pages: /^\s*(?:pp?|pages?|pgs?)\b\.?\s*(?=[\p{L}\d])/iu,
  chapter: /^\s*(?:ch|chap|chapter)\b\.?\s*(?=[\divxlc])/iu,
  season: /^\s*(?:season|series)\s*(?=\d)/iu,
  seriesNumber: /^\s*(?:no|nr|vol)\.?\s*(?=\d)/iu,
  version: /^\s*(?:version|ver\.?|v\.?)\s*(?=\d)/iu,
}

const labelled: DetailRule = ({ source }) => (Object.keys(LABELS) as FieldName[]).flatMap((field) => {
  const value = textOf(source, field)
  const bare = value.replace(LABELS[field]!, '').trim()
  if (!value || bare === value) return []
  return [
    {
      rule: 'number-labelled',
      field,
      serious: true,
      says: `“${value}” has a word that the style prints by itself where it wants one.`,
      fix: { label: `Keep ${bare}`, shows: bare, fields: withField(source.fields, field, bare) },
    },
  ]
})

const upsideDown: DetailRule = ({ source }) => {
  const value = textOf(source, 'pages')
  const match = /^([A-Z]?)(\d+)(\s*[-–—]+\s*)([A-Z]?)(\d+)$/iu.exec(value)
  if (!match || (match[4] && match[1]!.toLowerCase() !== match[4].toLowerCase())) return []
  const [from, to] = [match[2]!, match[5]!]
  if (Number(to) >= Number(from)) return []
  // "101-19" is short for 101-119.
  const whole = to.length < from.length ? from.slice(0, from.length - to.length) + to : to
  if (Number(whole) >= Number(from) && to.length < from.length) return []
  const becomes = `${match[1]}${to}-${match[4]}${from}`
  return [
    {
      rule: 'pages-upside-down',
      field: 'pages',
      says: `The pages run backwards: ${value}.`,
      serious: true,
      fix: { label: 'Turn them round', shows: becomes, fields: withField(source.fields, 'pages', becomes) },
    },
  ]
}

const edition: DetailRule = ({ source }) => {
  const value = textOf(source, 'edition')
  if (/^(?:1(?:st)?|first)(?:\s+ed(?:ition|n)?\.?)?$/iu.test(value))
    return [
      {
        rule: 'edition-first',
        field: 'edition',
        says: 'A first edition is not mentioned.',
        fix: { label: 'Take it out', fields: withField(source.fields, 'edition', undefined) },
      },
    ]
  const bare = /^(\d+)(?:st|nd|rd|th)?(?:\s+ed(?:ition|n)?\.?)?$/iu.exec(value)?.[1] ?? value.replace(/\s+ed(?:ition|n)?\.?$/iu, '')
  return value && bare !== value
    ? [
        {
          rule: 'edition-words',
          field: 'edition',
          says: `“${value}” has words that the style prints by itself.`,
          fix: { label: `Keep ${bare}`, shows: bare, fields: withField(source.fields, 'edition', bare) },
        },
      ]
    : []
}

const future: DetailRule = ({ source, today: [year, month, day] }) =>
  (['issued', 'accessed', 'originalDate', 'eventDate'] as const).flatMap((field) => {
    const date = dateOf(source, field)
    const from = date?.start
    if (!from) return []
    // Books carry next year's date in autumn; articles are dated ahead by an issue.
    const allowed = field === 'issued' ? year + 1 : year
    const later =
      from.year > allowed
      || (field === 'accessed' && from.year === year && ((from.month ?? 0) > month || (from.month === month && (from.day ?? 0) > day)))
    return later
      ? [{ rule: 'date-future', field, says: `${FIELDS[field].label}: ${writeDate(date)} has not come yet.`, serious: true }]
      : []
  })

/** Some styles print the day for every page that was read (MHRA 3, 11.2.12): there it is wanted. */
const accessedToo: DetailRule = ({ source, style, titles }) => {
  if (!dateOf(source, 'accessed') || !dateOf(source, 'issued') || textOf(source, 'url') === '') return []
  if (listEntry(style, source, { titles })?.some(run => run.rules.includes('date.accessed'))) return []
  if (textOf(source, 'doi'))
    return [
      {
        rule: 'accessed-beside-doi',
        field: 'accessed',
        says: 'A source with a DOI needs no day of reading.',
        fix: { label: 'Take it out', fields: withField(source.fields, 'accessed', undefined) },
      },
    ]
  return [
    {
      rule: 'accessed-beside-date',
      field: 'accessed',
      says: 'The source has a date of its own; the day you read it is printed only for one that has none.',
      fix: { label: 'Take it out', fields: withField(source.fields, 'accessed', undefined) },
    },
  ]
}

const years: DetailRule = ({ source }) => {
  const issued = dateOf(source, 'issued')
  if (!issued?.literal) return []
  if (issued.start) {
    return [{
      rule: 'date-either',
      field: 'issued',
      says: `“${issued.literal}” can be read in two ways, so only the year is printed. Write the month as a word: 4 May 2020.`,
    }]
  }
  return [
    {
      rule: 'date-words',
      field: 'issued',
      says: `“${issued.literal}” is kept in words, since it was not understood as a date. Write it as 2021, 14 March 2023 or Spring 2019.`,
    },
  ]
}

const mustRun: DetailRule = ({ source }) => {
  const original = dateOf(source, 'originalDate')?.start?.year
  const issued = dateOf(source, 'issued')?.start?.year
  return original !== undefined && issued !== undefined && original > issued
    ? [
        {
          rule: 'dates-crossed',
          field: 'originalDate',
          says: `First published ${original}, after the ${kindOf(source.kind).label.toLowerCase()} of ${issued}: the two dates may be crossed.`,
          fix: {
            label: 'Swap them',
            fields: { ...source.fields, issued: source.fields.originalDate!, originalDate: source.fields.issued! },
          },
        },
      ]
    : []
}

export const NUMBER_RULES: readonly DetailRule[] = [labelled, upsideDown, edition, future, accessedToo, years, mustRun]
