/** JSON from outside, looked at before it is parsed: what is made to be slow or deep is refused by a sentence. */

/** Levels of lists and objects that a document of nested lists and tables stays well under. */
const DEEPEST = 200
/** Lists and objects in all; a paper of 25 MB has a third of it. */
const MOST = 1_500_000

/** How deep JSON is nested, and of how many lists and objects it is; counts no further than it must. */
function shapeOf(json: string): { depth: number, pieces: number } {
  let depth = 0
  let deepest = 0
  let pieces = 0
  let quoted = false
  for (let i = 0; i < json.length; i++) {
    const c = json.charCodeAt(i)
    if (quoted) {
      if (c === 92) i++
      else if (c === 34) quoted = false
    }
    else if (c === 34) quoted = true
    else if (c === 91 || c === 123) {
      pieces++
      if (++depth > deepest) deepest = depth
      if (deepest > DEEPEST || pieces > MOST) break
    }
    else if (c === 93 || c === 125) depth--
  }
  return { depth: deepest, pieces }
}

/** Whether JSON is nested deeper than what is read by descending into it could bear. */
export const isTooDeep = (json: string): boolean => shapeOf(json).depth > DEEPEST
/** Written so in JSON, or there as it is. */
const HALF = /\\u[dD][89a-fA-F]|[\uD800-\uDFFF]/
const LONE = 'has half of a character in it (a lone surrogate), which no file can hold; take it out.'
function hasHalf(value: unknown): boolean {
  if (typeof value === 'string') return /\p{Surrogate}/u.test(value)
  if (Array.isArray(value)) return value.some(hasHalf)
  return typeof value === 'object' && value !== null && Object.entries(value).some(([name, one]) => hasHalf(name) || hasHalf(one))
}
export const NO_JSON = 'is no JSON.'
/** What it holds, or what is the matter with it, as the end of a sentence. */
export function readJson(json: string): { value: unknown } | { trouble: string } {
  const { depth, pieces } = shapeOf(json)
  if (depth > DEEPEST) return { trouble: 'is nested more than 200 levels deep, which no document of Dendle is.' }
  if (pieces > MOST) return { trouble: 'has more than 1,500,000 pieces, which no paper has.' }
  try {
    const value: unknown = JSON.parse(json)
    return HALF.test(json) && hasHalf(value) ? { trouble: LONE } : { value }
  }
  catch { return { trouble: NO_JSON } }
}
