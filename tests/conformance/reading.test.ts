/**
 * The reading table: every kind in every style, full, usual and sparse, to be read against the manual, entry by entry.
 * A change of the engine shows as a diff of reading/<style>.txt; `npx vitest run tests/conformance/reading.test.ts -u`
 * writes the tables anew.
 */
import { expect, it } from 'vitest'
import { composeAlone } from '../../core/compose/compose'
import { STYLES } from '../../core/styles'
import type { Run } from '../../core/text/runs'
import { readingSources } from './sweep'

/** Runs as a line: *italic*, **bold**, ^raised^. */
const line = (runs: readonly Run[]): string => runs.map(({ text, italic, bold, superscript }) => [superscript && '^', bold && '**', italic && '*'].reduce((inner, mark) => (mark ? `${mark}${inner}${mark}` : inner), text)).join('')

it.each(STYLES.map(style => [style.id, style] as const))('%s reads as it did', async (id, style) => {
  const table = readingSources().map((source) => {
    const { reference, parenthetical, note, shortNote } = composeAlone(style, source, { label: 'page', place: '12' })
    const forms = [reference, note ?? parenthetical, shortNote].filter(runs => runs != null)
    return [source.id, ...forms.map(runs => `  ${line(runs)}`)].join('\n')
  })
  await expect(`${table.join('\n')}\n`).toMatchFileSnapshot(`reading/${id}.txt`)
})
