/** Locators: where in a source. Typed naturally, kept as a label and a place. */
import { z } from 'zod'

export const LOCATOR_LABELS = ['page', 'chapter', 'paragraph', 'section', 'figure', 'line', 'verse', 'volume', 'timestamp', 'act'] as const
export const labelSchema = z.enum(LOCATOR_LABELS)
export type LocatorLabel = z.infer<typeof labelSchema>
export interface Locator { label: LocatorLabel, place: string }

const WORDS: readonly [RegExp, LocatorLabel][] = [
  [/^(?:pages?\s+|pp?\.?\s*(?=\d)|pp?\.\s*(?=\p{L}))/iu, 'page'],
  [/^(?:chapters?|chaps?\.?|ch\.?)\s*/iu, 'chapter'],
  [/^(?:paragraphs?|paras?\.?|pars?\.?|¶+)\s*/iu, 'paragraph'],
  [/^(?:sections?|secs?\.?|§+)\s*/iu, 'section'],
  [/^(?:figures?|figs?\.?)\s*/iu, 'figure'],
  [/^(?:lines?|ll?\.)\s*/iu, 'line'],
  [/^(?:verses?|vv?\.)\s*/iu, 'verse'],
  [/^(?:volumes?|vols?\.?)\s*/iu, 'volume'],
  [/^at\s+(?=\d)/iu, 'timestamp'],
]

/** Reads "104-6", "p. 104", "para 4", "ch 3", "1:12:30", "3.2.14". A bare number is a page; empty is no locator. */
export function readLocator(typed: string): Locator | undefined {
  const text = typed.trim()
  if (!text) return undefined
  for (const [pattern, label] of WORDS) {
    const match = pattern.exec(text)
    if (match && text.length > match[0].length) return { label, place: text.slice(match[0].length).trim() }
  }
  if (/^\d{1,3}(?::\d{2}){1,2}(?:\s*[-–]\s*\d{1,3}(?::\d{2}){1,2})?$/u.test(text)) return { label: 'timestamp', place: text }
  if (/^(?:\d+|[ivx]+)(?:\.\d+){1,2}(?:\s*[-–]\s*\d+)?$/iu.test(text)) return { label: 'act', place: text }
  return { label: 'page', place: text }
}

/** A locator as a person would type it again. */
export const writeLocator = (locator: Locator | undefined): string =>
  !locator ? '' : locator.label === 'page' ? `p. ${locator.place}` : ['timestamp', 'act', 'verse'].includes(locator.label) ? locator.place : `${locator.label} ${locator.place}`
