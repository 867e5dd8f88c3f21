/** How alike two rows of words are: twice the longest run of words that both have in order, over the sum of both lengths. */
export function inOrder(a: readonly string[], b: readonly string[]): number {
  if (!a.length || !b.length) return 0
  const short = a.slice(0, LONGEST)
  const long = b.slice(0, LONGEST)
  let row = new Uint16Array(long.length + 1)
  for (const word of short) {
    const next = new Uint16Array(long.length + 1)
    for (let j = 1; j <= long.length; j++) next[j] = word === long[j - 1] ? row[j - 1]! + 1 : Math.max(row[j]!, next[j - 1]!)
    row = next
  }
  return (2 * row[long.length]!) / (short.length + long.length)
}
/** References are shorter; what is longer is told by its beginning, so that none takes time by the square of its length. */
const LONGEST = 400
