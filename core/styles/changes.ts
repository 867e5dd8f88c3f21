/**
 * House rules: a style with recorded changes to its data. The style itself is never altered; the same changes in the
 * same order give the same style.
 */
import { z } from 'zod'
import type { Style } from './schema'

export const changeSchema = z.object({
  /** Where in the style's data, as "citation.notes.ibid" or "list.order". */
  path: z.string().regex(/^(?:citation|list|page|names|terms|options|ranges|shorten|url|descriptions|roles)(?:\.[\w-]+)+$/u, { error: 'is not a part of a style that house rules can change.' }),
  value: z.union([z.string(), z.number(), z.boolean(), z.null()]),
})
export type StyleChange = z.infer<typeof changeSchema>

/** The style with the changes made; `null` takes a setting away. A change whose place the style lacks is reported. */
export function withChanges(style: Style, changes: readonly StyleChange[]): { style: Style, refused: StyleChange[] } {
  const changed = structuredClone(style) as unknown as Record<string, unknown>
  const refused = changes.filter((change) => {
    const parts = change.path.split('.')
    const last = parts.pop()!
    let at: unknown = changed
    for (const part of parts) at = (at as Record<string, unknown> | undefined)?.[part]
    if (typeof at !== 'object' || at === null || Array.isArray(at)) return true
    const home = at as Record<string, unknown>
    // A setting there is keeps its type; one there is not may be added beside its like.
    if (change.value !== null && home[last] !== undefined && typeof home[last] !== typeof change.value) return true
    if (change.value === null) Reflect.deleteProperty(home, last)
    else home[last] = change.value
    return false
  })
  return { style: changed as unknown as Style, refused }
}
