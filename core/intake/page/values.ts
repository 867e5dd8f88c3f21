/** Names, dates and numbers as tags give them. */
import type { FieldName } from '../../source/fields'
import { readDate, type SourceDate } from '../../source/dates'
import type { Fields } from '../../source/model'
import { readName, sameName, type Name } from '../../source/names'
import { isDoi, tidyDoi } from '../identifiers'

const squash = (text: string): string => text.replace(/\s+/gu, ' ').trim()

/** Sets what is something; empty values are left out. */
export function setter(fields: Fields) {
  return (name: FieldName, value: Fields[FieldName] | undefined) => {
    if (value !== undefined && value !== '' && !(Array.isArray(value) && !value.length)) Object.assign(fields, { [name]: value })
  }
}

const NO_ONE =
  /^(?:admin(?:istrator)?|staff|editor(?:ial)?(?: staff| team| board)?|web ?master|guest|unknown|anonymous|author|user|root|null|undefined|n\/a|by)$/iu
/** Names from tags; addresses, roles and repeats are no names. */
export function pageNames(said: readonly string[]): Name[] {
  const out: Name[] = []
  for (const one of said.flatMap(splitTogether)) {
    const text = squash(one).replace(/^by\s+/iu, '').replace(/[,;]$/u, '')
    if (!text || text.length > 200 || NO_ONE.test(text) || /^https?:|@\w+\.\w|\bfacebook\b/iu.test(text)) continue
    const name = readName(text.replace(/,\s*(?:Ph\.?D|M\.?D|MSc|BSc|MA|Dr)\.?\s*$/iu, ''))
    if (!out.some(other => sameName(other, name))) out.push(name)
  }
  return out
}
/** "June Alder and Tom Baird", "June Alder, Tom Baird, and Una Croft". */
export function splitTogether(text: string): string[] {
  const pieces = squash(text).split(/;| (?:and|&) /u).map(piece => piece.trim().replace(/,$/u, '')).filter(Boolean)
  // Commas separate people only where every piece is a whole name by itself.
  return pieces.flatMap((piece) => {
    const parts = piece.split(/ ?, ?/u)
    return parts.length > 1 && parts.every(part => /^\p{Lu}[\p{L}.'’-]*(?: \p{L}[\p{L}.'’-]*)+$/u.test(part)) ? parts : [piece]
  })
}

/** A date as tags and bylines write it: ISO with a time, a weekday before, a time behind. */
export function pageDate(said: string): SourceDate | undefined {
  const text = squash(said).replace(/^(?:published|posted|updated)(?:\s+on)?:?\s*/iu, '')
  if (!text) return undefined
  const read = readDate(
    text
      .replace(/^(\d{4}[-/]\d{1,2}[-/]\d{1,2})[T ].*$/u, '$1')
      .replace(/^(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?,?\s+/iu, '')
      .replace(/\s+(?:at\s+)?\d{1,2}:\d{2}.*$/u, ''),
  )
  return read?.start && read.start.year > 0 && !read.literal ? read : undefined
}
export const pageDoi = (said: readonly string[]): string => said.map(tidyDoi).find(isDoi) ?? ''
export const languageOf = (said: string): string =>
  /^en\b/iu.test(said) || !/^[a-z]{2}\b/iu.test(said) ? '' : said.slice(0, 2).toLowerCase()
