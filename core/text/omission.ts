/**
 * Leaving words out of a quotation. Three points stand for them, a full stop before the points where a sentence ended
 * (APA 7, 8.31; Chicago 18, 12.61–12.64; MLA Handbook 9, 6.58–6.60); none stand where the quotation begins (APA 7, 8.31;
 * Chicago 18, 12.62), and at its end only in styles that ask for them there (MLA Handbook 9, 6.58).
 */
export interface Omission {
  /** Letters to take away before what is left out, and behind it. */
  takeBefore: number
  takeAfter: number
  /** What stands in their place. */
  text: string
}

const OPENS = /(?:^|[“‘"([])[ \u00A0]*$/u
const CLOSES = /^[ \u00A0]*[.,;:?!]*[”’"](?!\p{L})/u

/**
 * @param before the paragraph before the words left out; @param omitted those words; @param after what follows them
 * @param rule the style's points; @param block whether the paragraph is a block quotation, which has no marks of its own
 */
export function leaveOut(
  before: string,
  omitted: string,
  after: string,
  rule: { points: string, atEnd?: boolean },
  block = false,
): Omission {
  const takeBefore = /[ \u00A0]*$/u.exec(before)![0].length
  const takeAfter = /^[ \u00A0]*/u.exec(after)![0].length
  const body = before.slice(0, before.length - takeBefore)
  const rest = after.slice(takeAfter)
  const gone = (text: string): Omission => ({ takeBefore, takeAfter, text })
  const beginning = OPENS.test(before)
  if (omitted && beginning) return gone(takeBefore && body ? ' ' : '')
  const ends = CLOSES.test(after) || (block && /^[.?!]*$/u.test(rest))
  if (omitted && ends) {
    if (!rule.atEnd) return gone('')
    // The sentence's stop comes first where it stands inside the marks; behind a citation it waits for the sentence's end.
    const inside = /^[.](?=[”’"]|$)/u.exec(rest)?.[0] ?? ''
    return { takeBefore, takeAfter: takeAfter + inside.length, text: `${inside}\u00A0${rule.points}` }
  }
  const stopped = /[.?!][”’"]*$/u.test(body)
  // The words left out crossed into a sentence that begins behind them.
  const crossed = !stopped && /[.?!][”’"]*[ \u00A0]*$/u.test(omitted) && /^[“‘"([]*\p{Lu}/u.test(rest)
  const space = rest === '' || /^[.,;:?!)\]”’"]/u.test(rest) ? '' : ' '
  return gone(`${crossed ? '.' : ''}${body ? '\u00A0' : ''}${rule.points}${space}`)
}
