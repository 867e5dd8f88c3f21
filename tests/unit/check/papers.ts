/** Short papers checked: what a row of a table says of one, and what is held of every row. */
import { describe, expect, it } from 'vitest'
import { checkPaper } from '../../../core/check/checker'
import { fixAll } from '../../../core/check/fixing'
import type { CheckedPassage, PaperToCheck } from '../../../core/check/setting'
import { compose } from '../../../core/compose/compose'
import { readMarkdown } from '../../../core/intake/markdown'
import { citationsOf, plainText } from '../../../core/sheet/walking'
import type { Source } from '../../../core/source/model'
import { styleOf } from '../../../core/styles'
import { wordsOf } from '../../../core/text/words'
import { SHELF } from './shelf'

/** A paper, and the rules that find something in it: these and no others. */
export interface Row {
  name: string
  style?: string
  text: string
  finds?: readonly string[]
  details?: Record<string, string>
  title?: string
  alsoList?: string[]
  leftOut?: string[]
  passages?: CheckedPassage[]
  sources?: Source[]
  /** Ids that marks know and the paper no longer has. */
  gone?: string[]
  words?: number
}
export const paperOf = ({
  style: id = 'apa-7',
  text,
  details,
  title = 'Still Water',
  alsoList = [],
  leftOut = [],
  passages = [],
  sources = SHELF,
  words,
  gone = [],
}: Row): PaperToCheck => {
  const style = styleOf(id)!
  const ids = new Set([...sources.map((source) => source.id), ...gone])
  const doc = readMarkdown(text, (key) => (ids.has(key) ? key : undefined))
  const composition = compose(style, sources, { citations: citationsOf(doc), alsoList, leftOut })
  return {
    style,
    sources,
    doc,
    composition,
    alsoList,
    leftOut,
    passages,
    title,
    ...(details ? { details } : {}),
    ...(words ? { words } : {}),
    today: [2026, 11, 28],
  }
}
export const find = (row: Row) => checkPaper(paperOf(row))
/** Fifty words, as one sentence. */
export const LONG =
  'The water stood in the pond from the first frost to the last, and nobody opened the gate, because the man who had the key had gone to the coast for the winter and had told no one in the parish where he had put it or when he meant to come home again.'

/** All that any style asks of the first page. */
export const ALL_DETAILS = { writer: 'A. Vale', institution: 'Northmere', course: 'GEO 214', instructor: 'Dr. Hume', date: 'May 3, 2026' }
/** Words taken from Quill. */
export const taken = (words: string): CheckedPassage => ({ sourceId: 'quill-2018', form: 'quotation', words, original: '', locator: '9' })

const named = (rows: readonly Row[]) => rows.map((row) => [row.name, row] as const)
/**
 * Fixes that take words away on purpose: a typed citation, a name misspelt, a page number, a title printed twice; or part two that a dash
 * joined.
 */
const TAKES = /^(?:citations\.(?:typed|misspelt)|page\.dash|page\.(?:number|title-again))/u

export function flawed(family: string, rows: readonly Row[]) {
  describe(family, () => {
    it.each(named(rows))('%s', (_, row) => {
      expect(find(row).map((one) => one.rule).sort()).toEqual([...row.finds!].sort())
    })
  })
  describe(`${family}: every certain fix done`, () => {
    it.each(named(rows.filter((row) => find(row).some((one) => one.certain))))('%s', (_, row) => {
      const given = paperOf(row)
      const before = checkPaper(given)
      const { doc, sources, alsoList } = fixAll(given, () => true)
      const composition = compose(given.style, sources, { citations: citationsOf(doc), alsoList })
      const after = checkPaper({ ...given, doc, sources, alsoList, composition })
      expect(after.filter((one) => one.certain)).toEqual([])
      const left = before.filter((one) => !one.certain).map((one) => one.rule)
      expect(after.map((one) => one.rule).filter((rule) => !left.includes(rule))).toEqual([])
      if (before.some((one) => TAKES.test(one.rule))) return
      const words = (node: typeof doc) => wordsOf(plainText(node)).map(({ word }) => word.toLowerCase().replace(/['’]/gu, ''))
      expect(words(doc)).toEqual(words(given.doc))
    })
  })
}

export function clean(what: string, rows: readonly Row[]) {
  describe(what, () => {
    it.each(named(rows))('%s', (_, row) => {
      expect(find(row).map((one) => `${one.rule}: ${one.excerpt}`)).toEqual([])
    })
  })
}
