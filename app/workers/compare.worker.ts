/** Lays a list made elsewhere beside the paper's, away from the page. */
import { compareLists, type Compared } from '~~/core/compare/compare'
import type { Difference } from '~~/core/compare/difference'
import { readListElsewhere } from '~~/core/compare/elsewhere'
import { readListFile } from '~~/core/compare/job'
import { mergedLine, type MergedPiece } from '~~/core/compare/merged'
import type { ListEntry } from '~~/core/compose/paper'
import { readReference } from '~~/core/intake/reference/reference'
import type { Fields, Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'

export type GivenList = { html?: string, text: string } | { bytes: Uint8Array, name: string }
export interface ComparedLine {
  source: string
  line: MergedPiece[]
  /** Each with the value that the other list has for its field, where it has one. */
  differences: (Difference & { takes?: Fields })[]
  right: boolean
}
export type ComparedList = Omit<Compared, 'entries' | 'extra'> & { lines: ComparedLine[], extra: string[], rich: boolean }

export const api = {
  compare(given: GivenList, styleId: string, list: readonly ListEntry[], sources: readonly Source[]): ComparedList | { problem: string } {
    const other = 'bytes' in given
      ? readListFile(given.bytes, given.name)
      : readListElsewhere(given.html?.trim() ? given.html : given.text, given.html?.trim() ? 'html' : 'text')
    if ('problem' in other) return other
    if (!other.entries.length) return { problem: 'holds no reference that could be read; each needs a paragraph or a line of its own.' }
    const { entries, extra, ...rest } = compareLists(styleOf(styleId)!, list, sources, other)
    return {
      ...rest,
      rich: other.rich,
      extra: extra.map(one => richOf(one.pieces)),
      lines: entries.map(({ source, aligned, differences, right, given }) => {
        const read = differences.some(one => one.of === 'detail' && one.field && one.given.trim()) ? readReference(richOf(given.pieces)) : undefined
        return {
          source,
          right,
          line: mergedLine(aligned, other.rich),
          differences: differences.map(one => ({ ...one, ...taken(one, read?.fields) })),
        }
      }),
    }
  },
}
const richOf = (pieces: readonly { text: string, italic?: boolean }[]): string =>
  pieces.map(({ text, italic }) => (italic && text.trim() ? `<i>${text}</i>` : text)).join('').trim()

function taken({ of, field, given }: Difference, fields: Fields | undefined): { takes?: Fields } {
  const value = field && fields?.[field]
  return of === 'detail' && given.trim() && value !== undefined ? { takes: { [field!]: value } } : {}
}
export type CompareWorker = typeof api
