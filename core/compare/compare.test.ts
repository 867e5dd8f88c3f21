import { describe, expect, it } from 'vitest'
import { SOURCES } from '../../server/db/demo/sources'
import { compose } from '../compose/compose'
import { listAsHtml, listAsText } from '../sheet/carry'
import { STYLES, styleOf, type Style } from '../styles'
import { BREAKS, runsBreaking, styleBreaking } from '../styles/breaks'
import type { RuleId, Run } from '../text/runs'
import { toMarkup } from '../text/runs'
import { compareLists } from './compare'
import { readListElsewhere } from './elsewhere'

const SHELF = SOURCES.map(({ key, kind, fields }) => ({ id: key, kind, fields }))
const listOf = (style: Style, keys: readonly string[] = SHELF.map((one) => one.id)) => {
  const sources = SHELF.filter((one) => keys.includes(one.id))
  return { sources, list: compose(style, sources, { citations: keys.map((id) => ({ items: [{ id }] })) }).list }
}
const compared = (style: string, html: string, keys: readonly string[]) => {
  const { sources, list } = listOf(styleOf(style)!, keys)
  return compareLists(styleOf(style)!, list, sources, readListElsewhere(html, 'html'))
}

/** Six references with nine mistakes, two details missing and one matter of house rules. */
const SIX = `<h1>Works Cited</h1>
<p>Abara, N., Bellweather, I., Castellan, M., and Dufresne, O. (2022). Sediment Budgets of Restored Tide Mill Ponds. <i>Estuarine Processes</i>, <i>47(6)</i>, 880–902. https://doi.org/10.5555/ep.2022.4706.</p>
<p>Gill, R. (2023, March 14). <i>How a tide mill works</i>. Mill Trails. Retrieved from https://milltrails.example/how-it-works</p>
<p>Okonjo, A. R. (2021). Silt, salt, and patience: restoring a tide mill on the Arun estuary. <i>J. Estuary Herit.</i>, <i>14</i>(2), 101–119. https://doi.org/10.5555/jeh.2021.0142</p>
<p>Rask, I. (2019). <i>Sound and silence in working harbours</i> [Doctoral dissertation, University of Northmere].</p>
<p>The last miller of Thornham. (2022, June). Coast &amp; Country, <i>18</i>(6), 44–49.</p>
<p>Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804</p>`
const KEYS = ['abara-2022', 'gill-2023', 'last-miller-2022', 'rask-2019', 'okonjo-2021', 'vasquez-2019', 'hale-2019']

describe('a list of six with nine mistakes', () => {
  const result = compared('apa-7', SIX, KEYS)
  const of = (source: string) => result.entries.find((entry) => entry.source === source)!.differences
  it.each<[string, string, string, string]>([
    ['abara-2022', 'names', 'mistake', 'An ampersand stands before the last author.'],
    ['abara-2022', 'capitals', 'mistake', '5 capitals too many'],
    ['abara-2022', 'italics', 'mistake', 'The issue is upright, not italic.'],
    ['abara-2022', 'punctuation', 'mistake', 'No full stop after a DOI.'],
    ['gill-2023', 'words', 'mistake', '“Retrieved from” is not printed before an address in APA 7.'],
    ['last-miller-2022', 'italics', 'mistake', 'The magazine is italic.'],
    ['okonjo-2021', 'capitals', 'mistake', 'A capital after the colon.'],
    ['okonjo-2021', 'abbreviation', 'house-rule', 'The journal is given in full.'],
    ['rask-2019', 'words', 'detail', 'That list has no archive and no address; your source has both.'],
  ])('%s: %s, a %s: %s', (source, kind, whose, says) => {
    expect(of(source)).toContainEqual(expect.objectContaining({ kind, of: whose, says: expect.stringContaining(says) }))
  })
  it('names the manual’s section beside a rule', () => {
    expect(of('abara-2022').map((one) => one.source)).toEqual(expect.arrayContaining(['APA 7, 9.8', 'APA 7, 6.17', 'APA 7, 9.25']))
  })
  it('counts what is right to the comma, and finds nothing else wrong', () => {
    expect([result.right, result.entries.length, result.entries.flatMap((entry) => entry.differences).length]).toEqual([1, 6, 9])
  })
  it('says which entry stands in the wrong place, and why', () => {
    expect(result.order).toEqual([
      { source: 'last-miller-2022', says: expect.stringMatching(/stands after Hale: under l: The is not counted\.$/u) },
    ])
  })
  it('names what is missing and what the page says as a whole', () => {
    expect(result.missing).toEqual(['hale-2019'])
    expect(result.page).toEqual([
      'The heading is “Works Cited”; in APA 7 it is “References”.',
      'No hanging indent: every line behind the first is set in by half an inch.',
    ])
  })
})

it.each<[string, string, string, string]>([
  [
    'a second author turned round in MLA',
    'mla-9',
    'Vasquez, Lena M., and Thorne, Gareth. “Tidal Range and Milling Capacity.” <i>Coastal Engineering Letters</i>, vol. 8, no. 4, 2019, pp. 55–71, https://doi.org/10.5555/cel.2019.0804.',
    'The second author’s given name comes first in MLA 9.',
  ],
  [
    'given names in full in APA',
    'apa-7',
    'Vasquez, Lena M., &amp; Thorne, Gareth. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804',
    'Given names become initials with a space between them.',
  ],
  [
    'the old form of a DOI',
    'apa-7',
    'Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. doi:10.5555/cel.2019.0804',
    'A DOI is printed as https://doi.org/…',
  ],
  [
    'a hyphen for a dash',
    'apa-7',
    'Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55-71. https://doi.org/10.5555/cel.2019.0804',
    'An en dash, not a hyphen, between the first and the last.',
  ],
  [
    'another year',
    'apa-7',
    'Vasquez, L. M., &amp; Thorne, G. (2018). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804',
    'The date is “2018” in that list and “2019” in your source.',
  ],
  [
    'a space between initials left out',
    'apa-7',
    'Vasquez, L.M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804',
    'A space stands between initials.',
  ],
  [
    'a volume with its word',
    'apa-7',
    'Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, Vol. <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804',
    '“Vol” is not printed before the volume in APA 7.',
  ],
  [
    'the date at the end',
    'apa-7',
    'Vasquez, L. M., &amp; Thorne, G. Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. (2019). https://doi.org/10.5555/cel.2019.0804',
    'The date stands after “G”.',
  ],
  [
    'the journal shortened where the style prints it short',
    'vancouver',
    'Vasquez LM, Thorne G. Tidal range and milling capacity. Coastal Engineering Letters. 2019;8(4):55-71. doi:10.5555/cel.2019.0804',
    'J',
  ],
])('%s', (_, style, reference, says) => {
  const [entry] = compared(style, `<p>${reference}</p>`, ['vasquez-2019']).entries
  expect(entry!.differences.map((one) => one.says).join(' ')).toContain(says)
})

describe.each(STYLES.map((style) => [style.id, style] as const))('in %s', (_, style) => {
  it('a list that Dendle copied itself is right to the comma, page and all', () => {
    const { sources, list } = listOf(style)
    const html = compareLists(style, list, sources, readListElsewhere(listAsHtml(style, { entries: list }, true), 'html'))
    expect(html.entries.flatMap((entry) => entry.differences.map((one) => `${entry.source}: ${one.says}`))).toEqual([])
    expect([html.right, html.order, html.missing, html.extra, html.page]).toEqual([list.length, [], [], [], []])
    const text = compareLists(
      style,
      list,
      sources,
      readListElsewhere(listAsText(style, { entries: list }, { heading: true, wrapped: true }), 'text'),
    )
    expect([text.right, text.order, text.missing]).toEqual([list.length, [], []])
  })
})

it('every rule broken as students break it is seen, and 95 of a hundred are put down to that rule', () => {
  let [all, seen, named] = [0, 0, 0]
  for (const style of STYLES) {
    for (const source of SHELF) {
      const right = compose(style, [source], { citations: [], alsoList: [source.id] }).list[0]
      if (!right) continue
      for (const rule of Object.keys(BREAKS) as RuleId[]) {
        if (!right.runs.some((run) => run.rules.includes(rule) || run.field === rule)) continue
        const broken = styleBreaking(style, rule)
        const runs: Run[] | undefined
          = broken ? compose(broken, [source], { citations: [], alsoList: [source.id] }).list[0]?.runs
            : runsBreaking(right.runs, rule)
        if (!runs || toMarkup(runs) === toMarkup(right.runs)) continue
        all++
        const [entry] = compareLists(style, [right], [source], { entries: [{ pieces: runs, look: {} }], rich: true }).entries
        if (entry?.differences.length) seen++
        if (entry?.differences.some((one) => one.rule === rule)) named++
      }
    }
  }
  expect(all).toBeGreaterThan(1500)
  expect(seen).toBe(all)
  expect(named / all).toBeGreaterThan(0.95)
})
