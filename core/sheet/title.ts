/** A paper's title: plain words, and the titles of works in it between asterisks, which print in italics (MLA Handbook 9, 2.111). */
import type { PrintedRun } from './printed'

const STARRED = /\*([^*\s](?:[^*]*[^*\s])?)\*/gu

export function titleRuns(title: string): PrintedRun[] {
  const out: PrintedRun[] = []
  let at = 0
  for (const match of title.matchAll(STARRED)) {
    if (match.index > at) out.push({ text: title.slice(at, match.index) })
    out.push({ text: match[1]!, italic: true })
    at = match.index + match[0].length
  }
  if (at < title.length) out.push({ text: title.slice(at) })
  return out
}

/** The title without its asterisks. */
export const plainTitle = (title: string): string => title.replace(STARRED, '$1')
