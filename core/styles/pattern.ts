/**
 * Patterns: the short strings of a style in which slots stand for what is put in, as "{month} {day}, {year}",
 * "{names} ({label})", "[{n}]", "https://doi.org/{doi}". One notation for all of them: letters, and `{slot}`; which slots
 * a pattern may name is said where it stands in the schema. Nothing else has a meaning in them.
 */
export type Piece<Slot extends string> = { readonly text: string } | { readonly slot: Slot }

export class PatternError extends Error {}

const parsed = new Map<string, readonly Piece<string>[]>()

/**
 * A pattern in its pieces.
 * @throws PatternError with the place, when a brace is left open or a slot is none of `slots`
 */
export function parsePattern<Slot extends string>(pattern: string, slots: readonly Slot[]): readonly Piece<Slot>[] {
  const key = `${slots.join()} ${pattern}`
  const known = parsed.get(key)
  if (known) return known as readonly Piece<Slot>[]
  const pieces: Piece<Slot>[] = []
  let at = 0
  while (at < pattern.length) {
    const open = pattern.indexOf('{', at)
    const text = pattern.slice(at, open < 0 ? undefined : open)
    const stray = text.indexOf('}')
    if (stray >= 0) throw new PatternError(`stray } at ${at + stray} in "${pattern}"`)
    if (text) pieces.push({ text })
    if (open < 0) break
    const close = pattern.indexOf('}', open)
    if (close < 0) throw new PatternError(`unclosed { at ${open} in "${pattern}"`)
    const slot = pattern.slice(open + 1, close)
    if (!slots.includes(slot as Slot))
      throw new PatternError(`no slot {${slot}} at ${open} in "${pattern}"; there are ${slots.map((s) => `{${s}}`).join(', ')}`)
    pieces.push({ slot: slot as Slot })
    at = close + 1
  }
  parsed.set(key, pieces)
  return pieces
}

/** A pattern with words in its slots; a slot with nothing stands empty. */
export function fillPattern<Slot extends string>(pattern: string, values: Readonly<Partial<Record<Slot, string>>>): string {
  return parsePattern(pattern, Object.keys(values) as Slot[])
    .map((piece) => ('text' in piece ? piece.text : (values[piece.slot] ?? '')))
    .join('')
}

export const SLOTS = {
  date: ['year', 'month', 'Month', 'day', 'dd', 'mm'],
  makers: ['names', 'label', 'verb'],
  label: ['label'],
  username: ['username'],
  doi: ['doi'],
  address: ['url'],
  number: ['n'],
  numberAndPlace: ['n', 'place'],
  caption: ['n', 'N'],
  appendix: ['A', 'I', 'n'],
  head: ['n', 'surname', 'TITLE'],
  volumeAndPlace: ['volume', 'VOLUME', 'place'],
  degree: ['degree', 'word'],
  inState: ['town', 'state', 'country'],
  firstPublished: ['first', 'year'],
} as const
