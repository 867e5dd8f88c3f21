import type { FieldName } from '~~/core/source/fields'
import { labelFor, type KindId } from '~~/core/source/kinds'

/** Counts in words: 1 source, 12 sources. */
export const count = (n: number, one: string, many = `${one}s`): string => `${n.toLocaleString('en')} ${n === 1 ? one : many}`
export const times = (n: number): string => (n === 0 ? 'not cited' : n === 1 ? 'cited once' : n === 2 ? 'cited twice' : `cited ${n} times`)
/** A label within a sentence: "title", but "DOI". */
export const inSentence = (label: string): string =>
  label.split(' ').map(word => (word.length > 1 && word === word.toUpperCase() ? word : word.toLowerCase())).join(' ')
/** Fields by what a kind calls them, within a sentence: "date, journal, DOI". */
export const fieldWords = (names: readonly FieldName[], kind: KindId): string => names.map(name => inSentence(labelFor(kind, name))).join(', ')
