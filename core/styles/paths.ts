/** Places in a style's data, written as "names.lead.etAl.from". */
import type { Style } from './schema'

type Keys<T> = T extends readonly unknown[] ? never : T extends object ? keyof T & string : never
/** A place in a style: its first two steps are known to the types, deeper ones to `valueAt` and the tests. */
export type StylePath = {
  [K in keyof Style & string]: K | `${K}.${Keys<NonNullable<Style[K]>>}` | `${K}.${Keys<NonNullable<Style[K]>>}.${string}`
}[keyof Style & string]

/** What stands at a place; undefined where there is nothing. Only a style's own data, never what every object inherits. */
export function valueAt(style: Style, path: string): unknown {
  let at: unknown = style
  for (const step of path.split('.')) {
    if (typeof at !== 'object' || at === null || !Object.hasOwn(at, step)) return undefined
    at = (at as Record<string, unknown>)[step]
  }
  return at
}

/**
 * A style with other values at some places; undefined takes a value away. The style itself is not changed, and parts that
 * stay are shared. A step through something that is no object is refused: the place is given back.
 */
export function withValues(style: Style, values: readonly { path: string, value: unknown }[]): { style: Style, refused: string[] } {
  const refused: string[] = []
  let changed: unknown = style
  for (const { path, value } of values) {
    const next = put(changed, path.split('.'), value)
    if (next === undefined) refused.push(path)
    else changed = next
  }
  return { style: changed as Style, refused }
}

function put(at: unknown, [step, ...rest]: readonly string[], value: unknown): unknown {
  if (typeof at !== 'object' || at === null || step === undefined || step === '__proto__') return undefined
  const own = Object.hasOwn(at, step) ? (at as Record<string, unknown>)[step] : undefined
  const next = rest.length ? put(own, rest, value) : value
  if (rest.length && next === undefined) return undefined
  if (Array.isArray(at)) return at.map((one: unknown, i) => (String(i) === step ? next : one))
  const { [step]: _, ...others } = at as Record<string, unknown>
  return next === undefined ? others : { ...others, [step]: next }
}
