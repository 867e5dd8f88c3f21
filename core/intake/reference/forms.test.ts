/** Formatted references as people find them, in the styles' own forms and in muddles, taken apart into fields. */
import { describe, expect, it } from 'vitest'
import type { Fields } from '../../source/model'
import type { KindId } from '../../source/kinds'
import { writeName } from '../../source/names'
import { writeDate } from '../../source/dates'
import { readReferences } from './references'

type Said = Partial<Record<keyof Fields, string>>
const said = (fields: Fields, wanted: Said): Said => Object.fromEntries(Object.keys(wanted).map((name) => {
  const value = fields[name as keyof Fields]
  return [
    name,
    value === undefined
      ? undefined
      : typeof value === 'string'
        ? value
        : Array.isArray(value)
          ? value.map(writeName).join('; ')
          : writeDate(value),
  ]
}))

describe('the styles’ own forms', () => {
  it.each<[string, string, KindId, Said]>([
    [
      'APA article',
      'Okonjo, A. R., & Thorne, G. (2016). What the sluice gate knows: Oral histories of three estuaries. <i>Journal of Estuary Heritage</i>, <i>9</i>(3), 210–238. https://doi.org/10.5555/jeh.2016.0903',
      'journal-article',
      {
        author: 'Okonjo, A. R.; Thorne, G.',
        issued: '2016',
        title: 'What the sluice gate knows: Oral histories of three estuaries',
        container: 'Journal of Estuary Heritage',
        volume: '9',
        issue: '3',
        pages: '210-238',
        doi: '10.5555/jeh.2016.0903',
      },
    ],
    [
      'APA book, edition',
      'Tremayne, L. (2018). <i>Working the tide: Mills and millers</i> (2nd ed.). Saltmarsh Press.',
      'book',
      { author: 'Tremayne, L.', title: 'Working the tide: Mills and millers', edition: '2', publisher: 'Saltmarsh Press' },
    ],
    [
      'APA chapter',
      'Sorensen, P. (2014). Ponds, gates, and wheels. In F. Drummond & A. Petit (Eds.), <i>Landscapes of tidal power</i> (pp. 45–72). Saltmarsh Press.',
      'chapter',
      {
        author: 'Sorensen, P.',
        editor: 'Drummond, F.; Petit, A.',
        title: 'Ponds, gates, and wheels',
        container: 'Landscapes of tidal power',
        pages: '45-72',
        publisher: 'Saltmarsh Press',
      },
    ],
    [
      'APA page',
      'Gill, R. (2023, March 14). <i>How a tide mill works</i>. Mill Trails. https://milltrails.example/how-it-works',
      'web-page',
      {
        author: 'Gill, R.',
        issued: '14 March 2023',
        title: 'How a tide mill works',
        container: 'Mill Trails',
        url: 'https://milltrails.example/how-it-works',
      },
    ],
    [
      'APA group',
      'Marine Planning Agency. (2020). <i>Small tidal schemes: Guidance for applicants</i> (Report No. MPA-2020-11). https://marineplanning.example/reports/2020-11',
      'report',
      { author: 'Marine Planning Agency', number: 'MPA-2020-11', title: 'Small tidal schemes: Guidance for applicants' },
    ],
    [
      'APA thesis',
      'Rask, I. (2019). <i>Sound and silence in working harbours</i> [Doctoral dissertation, University of Northmere]. Northmere Research Archive.',
      'thesis',
      { author: 'Rask, I.', genre: 'Doctoral dissertation', publisher: 'University of Northmere' },
    ],
    [
      'MLA article',
      'Vasquez, Lena M., and Gareth Thorne. “Tidal Range and Milling Capacity.” <i>Coastal Engineering Letters</i>, vol. 8, no. 4, 2019, pp. 55–71.',
      'journal-article',
      {
        author: 'Vasquez, Lena M.; Thorne, Gareth',
        title: 'Tidal Range and Milling Capacity',
        container: 'Coastal Engineering Letters',
        volume: '8',
        issue: '4',
        issued: '2019',
        pages: '55-71',
      },
    ],
    [
      'MLA book',
      'Aldous, Henry, and Kavita Mistry. <i>The Engineer’s Shore</i>. Lowwater Books, 2012.',
      'book',
      { author: 'Aldous, Henry; Mistry, Kavita', title: 'The Engineer’s Shore', publisher: 'Lowwater Books', issued: '2012' },
    ],
    [
      'Chicago article',
      'Abara, Ngozi, Iris Bellweather, and Marco Castellan. “Sediment Budgets.” <i>Estuarine Processes</i> 47, no. 6 (2022): 880–902. https://doi.org/10.5555/ep.2022.4706.',
      'journal-article',
      {
        author: 'Abara, Ngozi; Bellweather, Iris; Castellan, Marco',
        title: 'Sediment Budgets',
        container: 'Estuarine Processes',
        volume: '47',
        issue: '6',
        issued: '2022',
        pages: '880-902',
        doi: '10.5555/ep.2022.4706',
      },
    ],
    [
      'Chicago 17 book',
      'Tremayne, Loveday. <i>Working the Tide</i>. 2nd ed. Bristol: Saltmarsh Press, 2018.',
      'book',
      { author: 'Tremayne, Loveday', place: 'Bristol', publisher: 'Saltmarsh Press', edition: '2', issued: '2018' },
    ],
    [
      'Chicago author-date',
      'Okonjo, Adaeze R. 2021. “Silt and Patience.” <i>Journal of Estuary Heritage</i> 14 (2): 101–19.',
      'journal-article',
      { author: 'Okonjo, Adaeze R.', issued: '2021', title: 'Silt and Patience', volume: '14', issue: '2', pages: '101-119' },
    ],
    [
      'Harvard',
      'Hale, P. and Mistry, K. (2019) <i>Community hydropower after ten years</i>. Leeds: Institute for Local Energy. Available at: https://localenergy.example/ten-years (Accessed: 6 May 2025).',
      'report',
      { author: 'Hale, P.; Mistry, K.', issued: '2019', url: 'https://localenergy.example/ten-years', accessed: '6 May 2025' },
    ],
    [
      'IEEE',
      '[7] R. Farrow and S. Quayle, “Low-head turbines in historic wheel pits,” <i>Open Hydropower</i>, vol. 9, no. 3, 2024, Art. no. e0417, doi: 10.5555/oh.2024.e0417.',
      'journal-article',
      {
        author: 'Farrow, R.; Quayle, S.',
        title: 'Low-head turbines in historic wheel pits',
        container: 'Open Hydropower',
        number: 'e0417',
        doi: '10.5555/oh.2024.e0417',
      },
    ],
    [
      'Vancouver',
      '3. Okonjo AR, Thorne G. Silt, salt, and patience. J Estuary Herit. 2021;14(2):101-19. doi:10.5555/jeh.2021.0142',
      'journal-article',
      {
        author: 'Okonjo, A. R.; Thorne, G.',
        title: 'Silt, salt, and patience',
        container: 'J Estuary Herit',
        issued: '2021',
        volume: '14',
        issue: '2',
        pages: '101-119',
      },
    ],
    [
      'AMA',
      'Rask I, Oduya F. Bell, gate, engine. <i>Acoust Geogr</i>. 2021;13(4):355-379.',
      'journal-article',
      { author: 'Rask, I.; Oduya, F.', title: 'Bell, gate, engine', volume: '13', pages: '355-379' },
    ],
  ])('%s', (_, text, kind, wanted) => {
    const [proposal] = readReferences(text).proposals
    expect(proposal!.kind).toBe(kind)
    expect(said(proposal!.fields, wanted)).toEqual(wanted)
  })
})

describe('muddles', () => {
  it.each<[string, string, Said]>([
    [
      'no italics at all',
      'Tremayne, L. (2018). Working the tide: Mills and millers (2nd ed.). Saltmarsh Press.',
      { author: 'Tremayne, L.', title: 'Working the tide: Mills and millers', edition: '2' },
    ],
    [
      'straight quotation marks',
      'Vasquez, Lena. "Tidal Range." Coastal Engineering Letters, vol. 8, no. 4, 2019, pp. 55-71.',
      { title: 'Tidal Range', container: 'Coastal Engineering Letters', pages: '55-71' },
    ],
    [
      'an ampersand where the style has and',
      'Hale, P. & Mistry, K. 2019. Community hydropower after ten years. Leeds: Institute for Local Energy.',
      { author: 'Hale, P.; Mistry, K.', issued: '2019', place: 'Leeds' },
    ],
    [
      'a DOI with an old resolver',
      'Okonjo, A. (2021). Silt. <i>Journal of Mud</i>, 14, 1-9. http://dx.doi.org/10.5555/X.1.',
      { doi: '10.5555/X.1' },
    ],
    [
      'retrieved from',
      'Gill, R. (2023). How a tide mill works. Retrieved May 6, 2025, from https://milltrails.example/how',
      { url: 'https://milltrails.example/how', accessed: '6 May 2025' },
    ],
    [
      'no date',
      'Visiting the old mill pond. (n.d.). Carewick Heritage Trail. https://carewicktrail.example/pond',
      { title: 'Visiting the old mill pond', issued: undefined as unknown as string },
    ],
    [
      'a surname with a particle and a suffix',
      'van der Berg, S., & Whitlock, S. J., Jr. (2019). Peat and polder. <i>Journal of Polder Economics</i>, <i>33</i>(4), 388–415.',
      { author: 'van der Berg, S.; Whitlock, S. J., Jr.' },
    ],
    [
      'a hyphen and an accent',
      'Léger-Dumas, É.-L. (2015). Vase. <i>Cahiers du littoral</i>, <i>4</i>, 1–9.',
      { author: 'Léger-Dumas, É.-L.' },
    ],
    [
      'a question for a title',
      'Oduya, F. (2020). Who dredges? Responsibility on unowned rivers. <i>Waterway Studies</i>, <i>14</i>(4), 277–300.',
      { title: 'Who dredges? Responsibility on unowned rivers' },
    ],
    [
      'a quotation inside the title',
      'Sable Ortiz, C. (2015). “Neither land nor sea”: Mudflats in the regional novel. <i>Studies in Coastal Literature</i>, <i>40</i>(4), 290–312.',
      { author: 'Sable Ortiz, C.', title: '“Neither land nor sea”: Mudflats in the regional novel' },
    ],
    [
      'more names than any style lists',
      'Abara, N., Hale, P., Castellan, M., Ito, H., Brandvold, N., Penhale, M., Gill, R., & Rask, I. (2024). Eight winters. <i>Estuarine Processes</i>, <i>49</i>(7), 1011–1043.',
      { author: 'Abara, N.; Hale, P.; Castellan, M.; Ito, H.; Brandvold, N.; Penhale, M.; Gill, R.; Rask, I.' },
    ],
    ['a range that was shortened', 'Okonjo AR. Silt. J Estuary Herit. 2021;14:1101-4.', { pages: '1101-1104' }],
  ])('%s', (_, text, wanted) => expect(said(readReferences(text).proposals[0]!.fields, wanted)).toEqual(wanted))
})
