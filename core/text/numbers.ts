/** Numbers as words, ordinals, Roman numbers and letters. */

/** 1st, 2nd, 3rd, 4th, 11th, 112th. */
export function ordinal(n: number): string {
  const tens = n % 100
  const suffix = tens > 10 && tens < 14 ? 'th' : ['th', 'st', 'nd', 'rd'][n % 10] ?? 'th'
  return `${n}${suffix}`
}

/** first to twentieth. */
export const ORDINAL_WORDS: readonly string[] = [
  'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth',
  'eleventh', 'twelfth', 'thirteenth', 'fourteenth', 'fifteenth', 'sixteenth', 'seventeenth', 'eighteenth', 'nineteenth', 'twentieth',
]
const ONES = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
  'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen']
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety']

/** A whole number in words, years the way they are read ("1790" seventeen ninety, "2001" two thousand one). */
export function inWords(n: number): string {
  if (n < 20) return ONES[n]!
  if (n < 100) return TENS[Math.floor(n / 10)]! + (n % 10 ? ` ${ONES[n % 10]}` : '')
  if (n >= 1100 && n < 2000) {
    const rest = n % 100
    return `${inWords(Math.floor(n / 100))} ${rest === 0 ? 'hundred' : rest < 10 ? `oh ${ONES[rest]}` : inWords(rest)}`
  }
  if (n < 1000) return `${ONES[Math.floor(n / 100)]} hundred${n % 100 ? ` ${inWords(n % 100)}` : ''}`
  if (n < 1_000_000) return `${inWords(Math.floor(n / 1000))} thousand${n % 1000 ? ` ${inWords(n % 1000)}` : ''}`
  return String(n).split('').map(d => ONES[Number(d)]).join(' ')
}

const LETTERS = 26
/** 1 as a, 27 as aa. */
export const letters = (n: number): string =>
  (n > LETTERS ? letters(Math.floor((n - 1) / LETTERS)) : '') + String.fromCharCode(97 + ((n - 1) % LETTERS))

const ROMAN: readonly (readonly [number, string])[] = [
  [100, 'C'],
  [90, 'XC'],
  [50, 'L'],
  [40, 'XL'],
  [10, 'X'],
  [9, 'IX'],
  [5, 'V'],
  [4, 'IV'],
  [1, 'I'],
]
/** 14 as XIV; for tables, acts and scenes, below 400. */
export function roman(n: number): string {
  let rest = n
  return ROMAN.map(([value, sign]) => { const times = Math.floor(rest / value); rest -= times * value; return sign.repeat(times) }).join('')
}
