/**
 * House rules: a style with recorded changes to its data. The style itself is never altered; the same changes in the
 * same order give the same style.
 */
import * as z from 'zod'
import { valueAt, withValues } from './paths'
import type { Style } from './schema'
import { problemText, validateStyle } from './validate'

export const changeSchema = z.object({
  /** Where in the style's data, as "citation.notes.ibid" or "list.order". */
  path: z
    .string()
    .regex(
      /^(?:citation|list|page|names|terms|options|ranges|shorten|url|descriptions|roles|dates|capitals|makers|quotes)(?:\.[\w-]+)+$/u,
      { error: 'is not a part of a style that house rules can change.' },
    ),
  value: z.union([z.string(), z.number(), z.boolean(), z.null()]),
})
export type StyleChange = z.infer<typeof changeSchema>
export interface Refused { change: StyleChange, what: string }

/** The style with the changes made; `null` takes a setting away. A change that the style cannot carry is left out and said. */
export function withChanges(style: Style, changes: readonly StyleChange[]): { style: Style, refused: Refused[] } {
  // Some changes are right only together: ten names from eleven on.
  const together = withValues(style, changes.map(({ path, value }) => ({ path, value: value ?? undefined })))
  if (!together.refused.length && !validateStyle(together.style).length) return { style: together.style, refused: [] }
  const refused: Refused[] = []
  let changed = style
  for (const change of changes) {
    const before = valueAt(changed, change.path)
    const { style: next, refused: nowhere } = withValues(changed, [{ path: change.path, value: change.value ?? undefined }])
    const problem = nowhere.length ? 'there is nothing there that can be changed' : validateStyle(next)[0]
    if (problem === undefined) changed = next
    else
      refused.push({
        change,
        what:
          typeof problem === 'string'
            ? problem
            : `${problemText(problem)}${before === undefined ? '' : `; it is ${JSON.stringify(before)} now`}`,
      })
  }
  return { style: changed, refused }
}
