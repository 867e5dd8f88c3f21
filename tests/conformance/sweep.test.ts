/** Nothing runs together, whatever is missing: every kind in every style, whole and with holes, in every form. */
import { expect, it } from 'vitest'
import { composeAlone } from '../../core/compose/compose'
import { STYLES } from '../../core/styles'
import { plain, type Run } from '../../core/text/runs'
import { anomalies } from './joins'
import { sweepSources, variedSources } from './sweep'

// 31 February, a title in capitals, S02E05, Tides, Inc.: values drawn for fields drawn, the same each time.
const sources = [...sweepSources(), ...variedSources(30, 7)]
/** Raised numbers stand against the words before them. */
const onTheLine = (runs: readonly Run[]): string => plain(runs.filter(run => !run.superscript))

it('looks at some thousands of sources', () => expect(sources.length).toBeGreaterThan(4000))

it.each(STYLES.map(style => [style.id, style] as const))('%s', (_, style) => {
  const found: string[] = []
  for (const source of sources) {
    for (const locator of [undefined, { label: 'page' as const, place: '12' }]) {
      const { reference, ...forms } = composeAlone(style, source, locator)
      for (const [form, runs] of Object.entries(
        locator ? { parenthetical: forms.parenthetical, note: forms.note } : { reference, ...forms },
      )) {
        if (!runs) continue
        const line = onTheLine(runs)
        const faults = runs.length ? anomalies(line) : ['nothing is printed']
        if (faults.length) found.push(`${source.id} ${form}: ${faults.join('; ')}: ${line}`)
      }
    }
  }
  expect(found).toEqual([])
}, 120_000)

it.each<[string, string]>([
  ['Report no. .', 'a space before a mark'],
  ['Report no.', 'a label before nothing'],
  ['MapSaltmarsh Press', 'two words run together'],
  ['[Map]Bristol', 'a bracket or quotation runs into a word'],
  ['tide. , 12(3)', 'marks doubled'],
  ['In, March 14', 'a word before nothing'],
  ['(2021)review of', 'a bracket or quotation runs into a word'],
  ['podcast“Working', 'a letter runs into a bracket or a quotation'],
  ['Retrieved from.', 'a word before nothing'],
  ['(  )', 'two spaces'],
  ['(Eds.), .', 'marks doubled'],
  [' leading', 'a space at an end'],
  ['Silt. and patience', 'a small letter after a full stop'],
])('knows what is wrong with “%s”', (line, fault) => expect(anomalies(line)).toContain(fault))
it.each([
  'Okonjo, A. R. (2021). Silt (2nd ed., Vol. 4, pp. 12–14). *Shore*, 14(2), 101–119. https://doi.org/10.5555/x',
  '2020 Mar;18(3):S12-9. doi:10.5555/x',
  'Ph.D. dissertation, Univ. Leedside',
  'Technical report No.: 27.',
  'et al., “Is it so?,” 12.',
])('finds nothing wrong with “%s”', (line) => expect(anomalies(line)).toEqual([]))
