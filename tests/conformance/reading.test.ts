/**
 * The reading table: every kind in every style, full, usual and sparse, to be read against the manual, entry by entry.
 * A change of the engine shows as a diff of reading/<style>.txt; `npx vitest run tests/conformance/reading.test.ts -u`
 * writes the tables anew.
 */
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { compose, composeAlone } from '../../core/compose/compose'
import { fromCsl, type CslItem } from '../../core/source/csl'
import { readLocator } from '../../core/source/locators'
import type { Source } from '../../core/source/model'
import { STYLES } from '../../core/styles'
import type { Run } from '../../core/text/runs'
import { readingSources } from './sweep'

/** Runs as a line: *italic*, **bold**, ^raised^. */
const line = (runs: readonly Run[]): string =>
  runs
    .map(({ text, italic, bold, superscript }) =>
      [superscript && '^', bold && '**', italic && '*'].reduce((inner, mark) => (mark ? `${mark}${inner}${mark}` : inner), text),
    )
    .join('')

/** Sources off the beaten track, each with something that a style may stumble over. */
const hard = (JSON.parse(readFileSync(new URL('hard.sources.json', import.meta.url), 'utf8')) as CslItem[]).map(fromCsl)

it.each(STYLES.map(style => [style.id, style] as const))('%s reads as it did', async (id, style) => {
  const table = [...readingSources(), ...hard].map((source) => {
    const { reference, parenthetical, note, shortNote } = composeAlone(style, source, { label: 'page', place: '12' })
    const forms = [reference, note ?? parenthetical, shortNote].filter(runs => runs != null)
    return [source.id, ...forms.map(runs => `  ${line(runs)}`)].join('\n')
  })
  await expect(`${table.join('\n')}\n`).toMatchFileSnapshot(`reading/${id}.txt`)
})

const BOOK: Source = {
  id: 'b',
  kind: 'book',
  fields: { author: [{ family: 'Aldous' }], issued: { start: { year: 2012 } }, title: 'Shore', publisher: 'Lowwater' },
}
const VOLUMES: Source = { ...BOOK, fields: { ...BOOK.fields, volume: '2', numberOfVolumes: '3' } }
const PLACES = [
  '104',
  '104-109',
  'pp. 99, 103-105',
  'xii-xv',
  '117n3',
  'ch 3',
  'chs. 3-4',
  'para 4',
  '¶¶ 4-6',
  '§ 2',
  '§§ 2-4',
  'fig. 5',
  'figs. 5, 7',
  'table 2',
  'tables 2-4',
  'line 12',
  'lines 12-14',
  'v. 16',
  'stanza 3',
  'vol. 2',
  'bk. 4',
  'pt. 2',
  'col. 3',
  'fol. 12',
  'n. 4',
  'nn. 4-6',
  'app. B',
  'eq. 3',
  'pl. 7',
  'slide 9',
  '1:12',
  '01:04:10',
  '1:12-1:20',
  '3.2.14',
  '3.2.14-19',
  'ch. 3, p. 45',
  'p. 45, fig. 2',
  '2:117',
  '2:117-119',
  'vol. 2, p. 117',
]
it('places read as they did, each label and several together, in every style', async () => {
  const rows = STYLES.map((style) => {
    const cite = (source: Source, typed: string) => {
      const { notes, citations } = compose(style, [source], { citations: [{ items: [{ id: 'b', locator: readLocator(typed) }] }] })
      return line(notes[0] ?? citations[0]!)
    }
    return [
      style.id,
      ...PLACES.map((typed) => `  ${typed}: ${cite(BOOK, typed)}`),
      ...['2:45', '45'].map((typed) => `  ${typed} of a set: ${cite(VOLUMES, typed)}`),
    ].join('\n')
  })
  await expect(`${rows.join('\n')}\n`).toMatchFileSnapshot('reading/places.txt')
})
