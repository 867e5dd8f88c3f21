/**
 * A source that cannot be set must not take its paper down with it. Whatever goes wrong with one, the rest stands; it is
 * shown as it was typed, and named, so that it can be reached and mended.
 */
import { FIELD_NAMES } from '../source/fields'
import { writeDate, type SourceDate } from '../source/dates'
import type { Source } from '../source/model'
import { writeName, type Name } from '../source/names'
import { stripRich } from '../text/rich'
import type { Run } from '../text/runs'

const attempt = <T>(make: () => T): T | undefined => {
  try { return make() }
  catch { return undefined }
}

/** The fields in the order a writer fills them, in plain words. */
export function typedWords(source: Source): string {
  const words = FIELD_NAMES.flatMap(name => attempt(() => {
    const value = source.fields[name] as string | Name[] | SourceDate | undefined
    if (value === undefined) return []
    return typeof value === 'string'
      ? [stripRich(value).trim()]
      : Array.isArray(value)
        ? [value.map(writeName).join(', ')]
        : [writeDate(value)]
  }) ?? [])
  return words.filter(Boolean).join('. ') || source.id
}

export const asTyped = (source: Source): Run[] => [{ text: typedWords(source), part: 'glue', rules: ['as-typed'] }]

/** A source that can be set in the other's place: its words as the name of whoever made it, which no rule of titles touches. */
export const standIn = (source: Source): Source => ({
  id: source.id,
  kind: 'web-page',
  fields: { author: [{ literal: typedWords(source).slice(0, 120) }] },
})

/** What it makes, or, where that goes wrong, what stands for it. */
export const guarded = <T>(make: () => T, otherwise: () => T): T => {
  try { return make() }
  catch { return otherwise() }
}
