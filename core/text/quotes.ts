/** Quotation marks: telling quotes from apostrophes, and setting nested quotes alternately. */

export interface QuoteMarks { outer: readonly [string, string], inner: readonly [string, string] }
/** “double”, ‘single’ within (American practice; Chicago 18, 6.9). */
export const DOUBLE_FIRST: QuoteMarks = { outer: ['“', '”'], inner: ['‘', '’'] }
/** ‘single’, “double” within (British practice; New Hart's Rules 9.2). */
export const SINGLE_FIRST: QuoteMarks = { outer: ['‘', '’'], inner: ['“', '”'] }

const OPENS_BEFORE = /[\s([{\u2013\u2014“‘«]/u
const WORD = /[\p{L}\p{N}]/u

/**
 * Sets the quotation marks inside a text that itself stands at `depth` levels of quotation (0: none).
 * Curly or straight marks are read; apostrophes become ’ and stay apostrophes.
 */
export function setQuotes(text: string, marks: QuoteMarks, depth: number): string {
  const chars = [...text]
  const open: number[] = []
  const levels = [marks.outer, marks.inner]
  const level = () => levels[(depth + open.length) % 2]!
  let out = ''
  chars.forEach((char, i) => {
    const before = chars[i - 1] ?? ' '
    const after = chars[i + 1] ?? ' '
    const double = char === '“' || char === '”' || char === '"'
    const single = char === '‘' || char === '’' || char === '\''
    if (!double && !single) { out += char; return }
    const opens = char === '“' || char === '‘' || ((char === '"' || char === '\'') && OPENS_BEFORE.test(before) && !/\s/u.test(after))
    if (opens && (double || closesLater(chars, i))) {
      out += level()[0]
      open.push(double ? 2 : 1)
      return
    }
    const kind = double ? 2 : 1
    if (open.at(-1) === kind && (double || !WORD.test(after))) {
      open.pop()
      out += level()[1]
      return
    }
    out += double ? char : '’'
  })
  return out
}

/** Whether a single quote opened at `at` is closed further on ('em and ’tis are not). */
function closesLater(chars: readonly string[], at: number): boolean {
  for (let i = at + 1; i < chars.length; i++) {
    if ((chars[i] === '’' || chars[i] === '\'') && !WORD.test(chars[i + 1] ?? ' ')) return true
  }
  return false
}

/** Whether text ends in a closing quotation mark (not an apostrophe: one that an opening mark answers). */
export function endsQuoted(text: string): boolean {
  if (/[”"]$/u.test(text)) return true
  return /’$/u.test(text) && (text.match(/‘/gu)?.length ?? 0) > 0
}
