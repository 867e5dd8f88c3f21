/** Locators: where in a source. Typed naturally, kept as a label and a place. */
import type { LocatorLabel } from './locator-labels'

/** The place may go on to others with words of their own: chapter, "3, p. 45". */
export interface Locator { label: LocatorLabel, place: string }

const WORDS: readonly [RegExp, LocatorLabel][] = [
  [/^(?:pages?\s+|pp?\.?\s*(?=\d)|pp?\.\s*(?=\p{L}))/iu, 'page'],
  [/^(?:chapters?|chaps?\.?|chs?\.?)\s*/iu, 'chapter'],
  [/^(?:paragraphs?|paras?\.?|pars?\.?|¶+)\s*/iu, 'paragraph'],
  [/^(?:sections?|secs?\.?|§+)\s*/iu, 'section'],
  [/^(?:figures?|figs?\.?)\s*/iu, 'figure'],
  [/^(?:lines?|ll?\.)\s*/iu, 'line'],
  [/^(?:verses?|vv?\.)\s*/iu, 'verse'],
  [/^(?:volumes?|vols?\.?)\s*/iu, 'volume'],
  [/^tables?\s+/iu, 'table'],
  [/^(?:stanzas?|sts?\.)\s*/iu, 'stanza'],
  [/^(?:books?|bks?\.?)\s*(?=[\divxlc])/iu, 'book'],
  [/^(?:parts?|pts?\.?)\s*(?=[\divxlc])/iu, 'part'],
  [/^(?:columns?|cols?\.?)\s*(?=\d|\p{L}\b)/iu, 'column'],
  [/^(?:folios?|fols?\.?)\s*(?=\d)/iu, 'folio'],
  [/^(?:footnotes?|endnotes?|notes?|nn?\.)\s*(?=\d)/iu, 'note'],
  [/^(?:appendi(?:x|ces|xes)|apps?\.)\s*(?=[\dA-Z])/iu, 'appendix'],
  [/^(?:equations?|eqs?\.?)\s*(?=[\d(])/iu, 'equation'],
  [/^(?:plates?|pls?\.)\s*(?=[\divxlc])/iu, 'plate'],
  [/^slides?\s*(?=\d)/iu, 'slide'],
  [/^at\s+(?=\d)/iu, 'timestamp'],
]

/** Reads "104-6", "p. 104", "para 4", "ch 3", "1:12:30", "3.2.14". A bare number is a page; empty is no locator. */
export function readLocator(typed: string): Locator | undefined {
  const text = typed.trim()
  if (!text) return undefined
  const own = worded(text)
  if (own) return own
  if (/^\d{1,3}(?::\d{2}){1,2}(?:\s*[-–]\s*\d{1,3}(?::\d{2}){1,2})?$/u.test(text)) return { label: 'timestamp', place: text }
  if (/^(?:\d+|[ivx]+)(?:\.\d+){1,2}(?:\s*[-–]\s*\d+)?$/iu.test(text)) return { label: 'act', place: text }
  return { label: 'page', place: text }
}

/** The label that a place begins with in words, and what follows it. */
function worded(text: string): Locator | undefined {
  for (const [pattern, label] of WORDS) {
    const match = pattern.exec(text)
    if (match && text.length > match[0].length) return { label, place: text.slice(match[0].length).trim() }
  }
  return undefined
}

const VOLUME_AND_PAGE = /^(\d{1,3}|[ivxlc]{1,7})\s*:\s*(\d[\d\s,–-]*|[ivxlc]+(?:[-–][ivxlc]+)?)$/u

/**
 * The places that a locator names, one by one: "3, p. 45" of a chapter is a chapter and a page; "2:117" of pages is a
 * volume and a page. "99, 103-105" stays one: the pages of one work.
 */
export function placesOf({ label, place }: Locator): Locator[] {
  const out: Locator[] = []
  for (const piece of place.split(/\s*[,;]\s*/u)) {
    const own = out.length || label !== 'page' ? worded(piece) : undefined
    const last = out.at(-1)
    if (own && (out.length || own.label !== label)) out.push(own)
    else if (last) last.place += `, ${piece}`
    else out.push({ label, place: piece })
  }
  return out.flatMap((one) => {
    const both = one.label === 'page' || one.label === 'volume' ? VOLUME_AND_PAGE.exec(one.place) : null
    return both ? [{ label: 'volume', place: both[1]! }, { label: 'page', place: both[2]!.trim() }] : [one]
  })
}

/** A locator as a person would type it again. */
export const writeLocator = (locator: Locator | undefined): string =>
  !locator ? '' : locator.label === 'page' ? `p. ${locator.place}` : ['timestamp', 'act', 'verse'].includes(locator.label) ? locator.place : `${locator.label} ${locator.place}`
