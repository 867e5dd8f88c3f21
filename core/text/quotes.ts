/** Quotation marks: telling quotes from apostrophes, and setting nested quotes alternately. */

export interface QuoteMarks { outer: readonly [string, string], inner: readonly [string, string] }
/** “double”, ‘single’ within (American practice; Chicago 18, 6.9). */
export const DOUBLE_FIRST: QuoteMarks = { outer: ['“', '”'], inner: ['‘', '’'] }
/** ‘single’, “double” within (British practice; New Hart's Rules 9.2). */
export const SINGLE_FIRST: QuoteMarks = { outer: ['‘', '’'], inner: ['“', '”'] }

const OPENS_BEFORE = /[\s([{\u2013\u2014“‘«]/u
const WORD = /[\p{L}\p{N}]/u

/** A mark of a quotation, or an apostrophe. */
export interface QuoteSign {
  at: number
  sign: 'open' | 'close' | 'apostrophe' | 'stray'
  /** Levels of quotation around it, from 0. */ level: number
}

/** Every quotation mark and apostrophe of a text, curly or straight, told apart; `at` counts letters (code points). */
export function findQuotes(text: string): QuoteSign[] {
  const chars = [...text]
  const open: number[] = []
  const out: QuoteSign[] = []
  const lastClosing = chars.findLastIndex((char, i) => (char === '’' || char === '\'') && !WORD.test(chars[i + 1] ?? ' '))
  chars.forEach((char, at) => {
    const double = char === '“' || char === '”' || char === '"'
    const single = char === '‘' || char === '’' || char === '\''
    if (!double && !single) return
    const before = chars[at - 1] ?? ' '
    const after = chars[at + 1] ?? ' '
    const opens = char === '“' || char === '‘' || ((char === '"' || char === '\'') && OPENS_BEFORE.test(before) && !/\s/u.test(after))
    // A single quote that is closed no further on is none ('em and ’tis).
    if (opens && (double || lastClosing > at)) {
      out.push({ at, sign: 'open', level: open.length })
      open.push(double ? 2 : 1)
      return
    }
    if (open.at(-1) === (double ? 2 : 1) && (double || !WORD.test(after))) {
      open.pop()
      out.push({ at, sign: 'close', level: open.length })
    }
    else out.push({ at, sign: double ? 'stray' : 'apostrophe', level: open.length })
  })
  return out
}

/**
 * Sets the quotation marks inside a text that itself stands at `depth` levels of quotation (0: none).
 * Curly or straight marks are read; apostrophes become ’ and stay apostrophes.
 */
export function setQuotes(text: string, marks: QuoteMarks, depth: number): string {
  if (!/[“”"‘’']/u.test(text)) return text
  const chars = [...text]
  const levels = [marks.outer, marks.inner]
  for (const { at, sign, level } of findQuotes(text))
    if (sign !== 'stray') chars[at] = sign === 'apostrophe' ? '’' : levels[(depth + level) % 2]![sign === 'open' ? 0 : 1]
  return chars.join('')
}

/** Whether text ends in a closing quotation mark (not an apostrophe: one that an opening mark answers). */
export function endsQuoted(text: string): boolean {
  if (/[”"]$/u.test(text)) return true
  return /’$/u.test(text) && (text.match(/‘/gu)?.length ?? 0) > 0
}

/** Apostrophes within and behind words set curly; nothing else is touched. */
export const curled = (text: string): string => (text.includes('\'') ? text.replace(/(?<=\p{L})'/gu, '’') : text)

/** Feet, inches, minutes and seconds stand behind a number. */
export const isMeasure = (text: string, at: number): boolean =>
  /\d/u.test(text[at - 1] ?? '') && !/[“"]/u.test(text.slice(0, at).replace(/\d["']/gu, ''))
/** Straight quotation marks and apostrophes set curly, letter for letter. */
export const curlMarks = (text: string): string =>
  text.replace(/["']/gu, (mark, at: number) => {
    if (isMeasure(text, at)) return mark
    const opens = /[\s([{—–“‘"']/u.test(text[at - 1] ?? ' ') && !/\s/u.test(text[at + 1] ?? ' ')
    if (mark === '"') return opens ? '“' : '”'
    // ’tis and ’90s have an apostrophe where a mark would open.
    return opens && !/^(?:\d0s|tis|twas|em|til)\b/iu.test(text.slice(at + 1)) && text.indexOf('\'', at + 1) > 0 ? '‘' : '’'
  })
