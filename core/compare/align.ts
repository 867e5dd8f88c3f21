/** Laying two entries beside each other, through `diff` over their tokens. */
import { diffArrays } from 'diff'
import type { Aligned, Token } from './tokens'

export function align(given: readonly Token[], wanted: readonly Token[]): Aligned[] {
  const changes = diffArrays([...given], [...wanted], { comparator: (a, b) => a.key === b.key })
  const out: Aligned[] = []
  let [g, w] = [0, 0]
  let open: { onlyGiven: Token[], onlyWanted: Token[] } | undefined
  for (const { added, removed, count } of changes) {
    if (!added && !removed) {
      open = undefined
      for (let i = 0; i < count; i++) out.push({ given: given[g++]!, wanted: wanted[w++]! })
      continue
    }
    if (!open) out.push(open = { onlyGiven: [], onlyWanted: [] })
    if (removed) for (let i = 0; i < count; i++) open.onlyGiven.push(given[g++]!)
    else for (let i = 0; i < count; i++) open.onlyWanted.push(wanted[w++]!)
  }
  return out
}

/** Tokens as they read. */
export const reads = (tokens: readonly Token[]): string => tokens.map((one, i) => (i && one.spaced ? ' ' : '') + one.text).join('')
