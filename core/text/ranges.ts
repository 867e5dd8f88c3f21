/**
 * Number ranges. A range is stored as typed ("101-119", "101–9, 113") and set by the style.
 */
export type RangeStyle =
  /** 101–119 (APA 7, 6.32; IEEE) */
  | 'full'
  /** 101–19, 201–09: the last two digits (MLA 9, 2.139) */
  | 'two-digits'
  /** 101–19, 201–9, 100–104, 1103–4 (Chicago 18, 9.63) */
  | 'chicago'
  /** 101-19, 201-9: only the digits that change (NLM, Citing Medicine 2) */
  | 'minimal'

/** Each stretch of letters and of digits is begun at its first, so that a long one is read once. */
const RANGE = /(?<![\p{L}.])([\p{L}.]*?)(?<!\d)(\d+)(\p{L}*)\s*(?:-{1,3}|[\u2010-\u2015])\s*([\p{L}.]*?)(\d+)(\p{L}*)/gu

const ONE_NUMBER = /^\d+$/
const TWO_NUMBERS = /^(\d+)[-\u2013](\d+)$/

/** Two numbers as a range; one already shortened by its source ("101-9") is completed before it is set anew. */
function setPair(first: string, last: string, style: RangeStyle, dash: string): string {
  const full = last.length < first.length ? first.slice(0, first.length - last.length) + last : last
  return first + dash + (Number(full) <= Number(first) ? last : shorten(first, full, style))
}

/** Sets every range in a list of pages or locators. Words ("e0417", "A4", "xii–xx") pass untouched. */
export function setRange(input: string, style: RangeStyle, dash: string): string {
  if (ONE_NUMBER.test(input)) return input
  const plain = TWO_NUMBERS.exec(input)
  if (plain) return setPair(plain[1]!, plain[2]!, style, dash)
  const text = input.trim().replace(/\s*,\s*/gu, ', ')
  // Roman numerals and lettered pages: only the dash is set.
  const words = text.replace(/(?<![ivxlcdm])([ivxlcdm]+)\s*(?:-{1,3}|[\u2010-\u2015])\s*([ivxlcdm]+)(?!\p{L})/giu, `$1${dash}$2`)
  return words.replace(RANGE, (whole, lead1: string, first: string, tail1: string, lead2: string, last: string, tail2: string) => {
    if (tail1 || (lead1 && lead2 !== lead1 && lead2) || whole.includes(':'))
      return `${lead1}${first}${tail1}${dash}${lead2}${last}${tail2}`
    if (!lead1 && !lead2) return setPair(first, last, style, dash) + tail2
    const full = last.length < first.length ? first.slice(0, first.length - last.length) + last : last
    if (Number(full) <= Number(first)) return `${lead1}${first}${dash}${lead2}${last}${tail2}`
    // "S12-S19": where only the digits that change are printed, the letter is not printed again.
    return `${lead1}${first}${dash}${lead1 && style !== 'minimal' ? lead2 : ''}${shorten(first, full, style)}${tail2}`
  })
}

/** Whether a locator or page field names more than one place ("12-15", "3, 7", "12 and 14"). */
export const isPlural = (input: string): boolean =>
  !ONE_NUMBER.test(input) && /\d\p{L}*\s*(?:[-\u2010-\u2015]{1,3}|[,&]|and\b)\s*\p{L}*\d|[ivxlcdm]\s*[-\u2010-\u2015]\s*[ivxlcdm]/iu.test(input)

function shorten(first: string, last: string, style: RangeStyle): string {
  if (style === 'full' || first.length !== last.length || first.length < (style === 'minimal' ? 2 : 3)) return last
  let same = 0
  while (first[same] === last[same]) same++
  const changed = last.slice(same)
  if (style === 'minimal') return changed
  const atLeastTwo = last.slice(-Math.max(2, changed.length))
  if (style === 'two-digits') return atLeastTwo
  // Chicago: after a full hundred everything; after 01 to 09 the changed part alone; else two digits or more.
  const rest = Number(first) % 100
  return rest === 0 ? last : rest < 10 ? changed : atLeastTwo
}
