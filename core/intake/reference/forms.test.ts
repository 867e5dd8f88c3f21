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
    ['a name written small', 'larch, tamsin. (1994). <i>Writing the shore</i>. Lowwater Books.', 'book', { author: 'larch, tamsin', title: 'Writing the shore' }],
    ['its initial', 'larch, t. <i>Writing the Shore</i>. Lowwater Books, 1994.', 'book', { author: 'larch, t.', publisher: 'Lowwater Books' }],
    [
      'one that begins with In', 'In the shadow of the mill. (2019). <i>Coast & Country</i>, <i>3</i>(1), 4–9.', 'journal-article',
      { author: undefined as never, title: 'In the shadow of the mill', container: 'Coast & Country' },
    ],
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

describe('families that were read wrong', () => {
  it.each<[string, string, KindId, Said]>([
    ['a small second initial', 'Roos, J.-w., & Ó Briain, C. (2021). Salt. *Shore Notes*, *3*(1), 1–9.', 'journal-article', { author: 'Roos, J.-w.; Ó Briain, C.' }],
    ['an article joined to a name', 'al-Rashidi, N. (2020). Whose prices? *Bakery History Review*, *4*, 2–9.', 'journal-article', { author: 'al-Rashidi, N.' }],
    ['a saint’s name', 'St. Aubyn, Petra. “Bees before Bypasses.” *The Quillbury Observer*, 21 June 2022, p. A14. Letter to the editor.', 'newspaper-article', { author: 'St. Aubyn, Petra', title: 'Bees before Bypasses', genre: 'Letter to the editor' }],
    ['particles behind initials', 'S. van der Meulen and I. de la Cueva, “Forage,” *J. Bees*, vol. 2, no. 1, pp. 3–9, 2022.', 'journal-article', { author: 'van der Meulen, S.; de la Cueva, I.' }],
    ['Jr. behind initials', 'A. Kettleby Jr., M. Sandoval, and E. Thwaite, *Wax, Wood, Wire*. Larkminster: Skep House, 2020.', 'book', { author: 'Kettleby, A., Jr.; Sandoval, M.; Thwaite, E.', title: 'Wax, Wood, Wire' }],
    ['an issue alone', 'Pell, M. (2016). Where do bees sleep? *Quarterly of Small Trades*, (47), 22–31.', 'journal-article', { issue: '47', pages: '22-31', container: 'Quarterly of Small Trades' }],
    ['an issue and its season', 'Pell, Morag. 2016. “Where Do Bees Sleep?” *Quarterly of Small Trades*, no. 47 (Spring): 22–31.', 'journal-article', { issue: '47', pages: '22-31', issued: '2016' }],
    ['an issue alone, in full', 'Pell, Morag. “Where Do Bees Sleep?” *Quarterly of Small Trades*, no. 47 (2016): 22–31.', 'journal-article', { issue: '47', pages: '22-31', issued: '2016' }],
    ['an issue alone, its year behind', 'M. Pell, “Where do bees sleep?,” *Q. Small Trades*, no. 47, pp. 22–31, 2016.', 'journal-article', { issue: '47', pages: '22-31', issued: '2016', container: 'Q. Small Trades' }],
    ['an issue alone, its year between', 'Pell, Morag. “Where Do Bees Sleep?” *Quarterly of Small Trades*, no. 47, 2016, pp. 22–31.', 'journal-article', { issue: '47', pages: '22-31', issued: '2016' }],
    ['a supplement', 'Feher O, Roos JW. Sting allergy. Ann Apic. 2021 Nov;33 Suppl 2:S41-58.', 'journal-article', { volume: '33', issue: 'Suppl 2', pages: 'S41-S58' }],
    ['an article’s number', 'Feher O. Residues. Honey Chem Lett. 2021;6(1):100214.', 'journal-article', { volume: '6', issue: '1', number: '100214' }],
    ['italics that begin a title', 'Nwosu, I. (2019). *Apis mellifera* on the tram: Foragers in a town. *Pollinators*, *11*(3), 301–318.', 'journal-article', { title: '<i>Apis mellifera</i> on the tram: Foragers in a town', container: 'Pollinators' }],
    ['a set of volumes', 'Haldane, R. (Ed.). (2008–2012). *Bread and the city* (Vols. 1–3). Quillbury University Press.', 'book', { editor: 'Haldane, R.', numberOfVolumes: '3', publisher: 'Quillbury University Press' }],
    ['a volume with a title', 'Pell, T. (2003). *A history of bakeries: Vol. 2. The age of steam*. Smoker Lane Editions.', 'book', { title: 'A history of bakeries', volume: '2', volumeTitle: 'The age of steam' }],
    ['a foreword', 'O’Dowd, B. (2014). Foreword. In E. MacBride & I. de la Cueva, *The hive in the hotel* (pp. ix–xv). Quillbury University Press.', 'foreword', { containerAuthor: 'MacBride, E.; de la Cueva, I.', container: 'The hive in the hotel', genre: 'Foreword', pages: 'ix-xv' }],
    ['a working paper', 'Haldane, R. (2023). *Flour subsidies* (Working Paper No. 23-07). Institute for Small Trades. https://a.example/wp', 'working-paper', { genre: 'Working paper', number: '23-07' }],
    ['a series', 'E. MacBride, *The Hive* (Studies in Urban Husbandry 7). Quillbury: Quillbury Univ. Press, 2014.', 'book', { series: 'Studies in Urban Husbandry', seriesNumber: '7', title: 'The Hive' }],
    ['several hands', 'Tranter, B. (Writer), & Okell, D. (Director). (2016, October 9). Cold dough (Season 2, Episode 5) [TV series episode]. In *The Oven Street Diaries*. Estmark Nine.', 'tv-episode', { scriptWriter: 'Tranter, B.', director: 'Okell, D.', season: '2', number: '5', title: 'Cold dough' }],
    ['an editor and a publisher with “and”', 'Sorrel, Ann. “To the Drone.” *The Swarm*, edited by Brigid O’Dowd, Crumb and Comb Books, 1999, p. 63.', 'chapter', { editor: 'O’Dowd, Brigid', publisher: 'Crumb and Comb Books' }],
    ['a case', 'Larkminster Beekeepers v. Borough of Ovenholt, 212 E.L.R. 88 (Estmark Court of Appeal 2014).', 'case', { title: 'Larkminster Beekeepers v. Borough of Ovenholt', volume: '212', container: 'E.L.R.', pages: '88', authority: 'Estmark Court of Appeal', issued: '2014' }],
    ['a statute', 'Urban Apiaries Act, 9 Estmark Code § 204 (2011).', 'statute', { title: 'Urban Apiaries Act', volume: '9', container: 'Estmark Code', section: '204', issued: '2011' }],
    ['a patent of another office', 'Cazalet, Y. (2009). *Dough proving cabinet* (European Patent No. 1 555 019 B1). European Patent Office.', 'patent', { number: '1 555 019 B1', authority: 'European Patent Office' }],
    ['a group of two words', 'Brood Labs. (2023). *SwarmCall* (Version 2.3) [Mobile app]. Pocket Market. https://pocketmarket.example/s', 'software', { author: 'Brood Labs', version: '2.3' }],
    ['a newspaper in capitals for an author', 'THE TAMSIN GAZETTE, “Floating market to close for dredging”, 4 May 2023, https://gazette.example/market', 'newspaper-article', { container: 'The Tamsin Gazette', title: 'Floating market to close for dredging', issued: '4 May 2023' }],
    ['small second initials of four', 'Smith, J. r., Moss, A. b., Orr, B. c., & Fell, U. d. (2020). Tides of four rivers. River Letters, 4(2), 11-19.', 'journal-article', { author: 'Smith, J. R.; Moss, A. B.; Orr, B. C.; Fell, U. D.', title: 'Tides of four rivers', container: 'River Letters' }],
    ['volumes, no italics', 'Low, K. (2008–12). Harbour studies (Vols. 1–3). Saltmarsh Press.', 'book', { title: 'Harbour studies', numberOfVolumes: '3', publisher: 'Saltmarsh Press' }],
    ['volumes behind their number', 'Moss, A. (2014). A history of the river mills (3 vols). Saltmarsh Press.', 'book', { title: 'A history of the river mills', numberOfVolumes: '3' }],
    ['an edition and a volume, no italics', 'Hart, Ian. Mills of the West. 3rd ed., vol. 2, Lantern House, 2001.', 'book', { edition: '3', volume: '2', publisher: 'Lantern House' }],
    ['proceedings cut short', '[2] J. R. O’Dowd and S. Whitlock, Jr., “A silt sensor,” in Proc. 4th Int. Conf. River Eng., Turin, Italy, Jun. 2019, pp. 11–18.', 'conference-paper', { author: 'O’Dowd, J. R.; Whitlock, S., Jr.', container: 'Proc. 4th Int. Conf. River Eng', eventPlace: 'Turin, Italy', pages: '11-18' }],
    ['volume and issue with a stop', 'Hansen, Kim. "Growing reeds in salt." Journal of Applied Marsh Ecology 14.2 (2018): 101-19. Print.', 'journal-article', { volume: '14', issue: '2', pages: '101-119', container: 'Journal of Applied Marsh Ecology' }],
    ['no italics, a place behind a comma', 'Okafor, Ada (2018) Silt and Patience, Bristol: Saltmarsh Press, pp. 45-67', 'book', { title: 'Silt and Patience', place: 'Bristol', publisher: 'Saltmarsh Press' }],
    ['a blog by its bracket', 'Gale T. Ten days on the mudflats. Shoreline Notes (blog). 9 August 2022. Available at https://shoreline.example/ten [accessed 3 May 2024]', 'blog-post', { container: 'Shoreline Notes', issued: '9 August 2022' }],
    ['a letter and who keeps it', 'Garside, Tom. Letter to Agnes Whitcombe. 9 Feb. 1930. Garside Papers, box 3, Larkminster City Archives.', 'archival-item', { recipient: 'Whitcombe, Agnes', genre: 'Letter', container: 'Garside Papers', archive: 'Larkminster City Archives', archiveLocation: 'box 3' }],
    ['the same with its day in brackets', 'Garside, T. Letter to Agnes Whitcombe (9 February 1930). Larkminster City Archives, Larkminster, Garside Papers, box 3.', 'archival-item', { recipient: 'Whitcombe, Agnes', issued: '9 February 1930', archive: 'Larkminster City Archives' }],
    ['an e-mail', 'Thwaite, Edith. E-mail to the author. 27 Feb. 2024.', 'personal-communication', { author: 'Thwaite, Edith', genre: 'E-mail', issued: '27 February 2024' }],
    ['an interview', 'Yarrow, Silas. Interview by Hugh Fitzalan. April 5, 1972.', 'interview', { author: 'Yarrow, Silas', interviewer: 'Fitzalan, Hugh', issued: '5 April 1972' }],
    ['an interviewer with a number', 'Yarrow, Silas. Interview by Hugh Fitzalan III. April 5, 1972.', 'interview', { interviewer: 'Fitzalan, Hugh, III' }],
    ['a letter to no person', 'Moss, Ada. Letter to the harbour commissioners, June 3, 1897. Moss Papers, box 2. Northmere Record Office.', 'archival-item', { title: 'Letter to the harbour commissioners', issued: '3 June 1897' }],
    ['a picture and who has it', 'Achterberg, Jean-Marc. *Woman Carrying a Skep*. Ca. 1891. Oil on linen, 61 × 92 cm. Ovenholt Gallery of Art.', 'artwork', { title: 'Woman Carrying a Skep', archive: 'Ovenholt Gallery of Art', medium: 'Oil on linen' }],
    ['inventors behind their names', 'Vandermark LP III, Gudmundsen P, inventors. Queen excluder with adjustable spacing. US patent 10,555,012. May 22, 2018.', 'patent', { author: 'Vandermark, L. P., III; Gudmundsen, P.', title: 'Queen excluder with adjustable spacing' }],
    ['a review by two', 'Carbery, A. (2015) Review of *The hive in the hotel* by E. MacBride and I. de la Cueva, *Quarterly of Small Trades*, (44), pp. 90–92.', 'review', { reviewedTitle: 'The hive in the hotel', reviewedAuthor: 'MacBride, E.; de la Cueva, I.', issue: '44' }],
    ['a review without a title', 'Carbery, Aoife. Review of *The Hive in the Hotel*, by Ewan MacBride and Inés de la Cueva. *Quarterly of Small Trades*, no. 44, 2015, pp. 90–92.', 'review', { reviewedTitle: 'The Hive in the Hotel', container: 'Quarterly of Small Trades', issue: '44', pages: '90-92', issued: '2015' }],
    ['a work of reference before its entry', 'Garland Gate dictionary of place. 2nd ed. New York: Garland Gate; 2005. Verge; p. 611.', 'dictionary-entry', { title: 'Verge', container: 'Garland Gate dictionary of place', edition: '2', pages: '611' }],
    ['a number with letters', 'Department of Housing. (2024). *Housing outlook* (Report No. HC 221). The Stationery Press.', 'report', { number: 'HC 221', publisher: 'The Stationery Press' }],
    ['a series behind everything', 'Quill, Rosa. “Tidal Barrages.” *The Handbook of Marine Energy*, edited by Ben Stone, Saltmarsh UP, 2018, pp. 112–30. Handbooks in Energy 5.', 'chapter', { series: 'Handbooks in Energy', seriesNumber: '5', pages: '112-130' }],
    ['a group that leads people', 'ELDERSAFE Study Group, Roth A. Effect of vitamin D on falls. Ageing Clinic. 2011;5 Suppl 1:S10-8.', 'journal-article', { author: 'ELDERSAFE Study Group; Roth, A.', issue: 'Suppl 1' }],
    ['who asked', 'Tran, M. (2019, April 2). On building boats [Interview by J. Cole]. *Harbour Radio Podcast*. https://hr.example/ep4', 'interview', { interviewer: 'Cole, J.', title: 'On building boats' }],
    ['where it was given', 'Moreau C. Bridges for a warmer world. Keynote address presented at: Annual Meeting of River Engineers; 2022 Jul 4; Lyon, France.', 'talk', { genre: 'Keynote address', event: 'Annual Meeting of River Engineers', eventPlace: 'Lyon, France' }],
    ['an edition of a newspaper', 'Novak, Petra. “Ferries Halted.” *The Carewick Herald*, late ed., 2 Nov. 2023, p. A1.', 'newspaper-article', { edition: 'late', pages: 'A1' }],
    ['an acronym in brackets', 'Lindqvist, E. (2021). Detecting potholes. In *2021 7th International Conference on Urban Sensing (ICUS)* (pp. 44–49). ICS.', 'conference-paper', { container: '2021 7th International Conference on Urban Sensing (ICUS)', publisher: 'ICS' }],
    ['a state in brackets', 'Berg A. Coastal hydraulics. 4th ed. New York (NY): Harrow & Lune; 2019.', 'book', { publisher: 'Harrow & Lune', edition: '4' }],
    ['an imprint in brackets, without italics', 'Karras, N. The Odyssey of Salt Vol. 2 (transl. Webb, A.) (Lune Classics, 1999).', 'book', { title: 'The Odyssey of Salt', translator: 'Webb, A.', publisher: 'Lune Classics' }],
    ['names that a comma ends, without italics', 'Ruiz, Elena, Gardening by the Moon: Folklore and Fact (Edinburgh: Thistle & Sons, 2003)', 'book', { author: 'Ruiz, Elena', title: 'Gardening by the Moon: Folklore and Fact', publisher: 'Thistle & Sons' }],
    ['a title that reads as a name behind one', 'Moss, Ada, Working Tides (Bristol: Saltmarsh Press, 2003)', 'book', { author: 'Moss, Ada', title: 'Working Tides' }],
    ['a title with commas and a colon', 'Bose, R. Clay, Labour and Lungs: Silicosis in the Potteries. PhD thesis, Univ. Kilnfield (2016).', 'thesis', { title: 'Clay, Labour and Lungs: Silicosis in the Potteries' }],
    ['a magazine by its month', 'Amis F. The last kiln. Country Crafts. 2008 Nov:22-7.', 'magazine-article', { container: 'Country Crafts', pages: '22-27', issued: 'November 2008' }],
    ['several hands in one pair of brackets', 'van der Berg, S. (2005). *Water and power* (K. Low, Ed.; H. Penn, Trans.; 3rd ed.). Northmere University Press.', 'book', { editor: 'Low, K.', translator: 'Penn, H.', edition: '3', publisher: 'Northmere University Press' }],
    ['compilers', 'Moss, A., & Orr, B. (Comps.). (2014). *Songs of the weir*. Saltmarsh Press.', 'book', { compiler: 'Moss, A.; Orr, B.', title: 'Songs of the weir' }],
    ['a volume of its own title inside', 'Moss, A. (2014). Boilers at work. In U. Fell (Ed.), *A history of the river mills: Vol. 2. The age of steam* (pp. 12–39). Saltmarsh Press.', 'chapter', { container: 'A history of the river mills', volume: '2', volumeTitle: 'The age of steam', publisher: 'Saltmarsh Press' }],
    ['volume and issue by a stop', 'Okonjo, Adaeze R., ‘Silt, Salt, and Patience’, *Journal of Estuary Heritage*, 14.2 (2021), 101–19', 'journal-article', { volume: '14', issue: '2', pages: '101-119' }],
    ['a song on a record', 'The Wheelers. Slip and fire. In: Songs of clay. Dustbowl Records; 1996.', 'song', { container: 'Songs of clay', publisher: 'Dustbowl Records' }],
    ['names without stops before a year in brackets', 'Gupta R, Osei K, Lund P (2020) Clay minerals in lowland soils. Soil Letters 44:101-115.', 'journal-article', { author: 'Gupta, R.; Osei, K.; Lund, P.', volume: '44', pages: '101-115' }],
    ['initials with a hyphen and no stops', 'Le Roux A-M, O’Shea D, St. James P. Bread prices: a review. Econ Ann 1999;102:1-40.', 'journal-article', { author: 'Le Roux, A.-M.; O’Shea, D.; St. James, P.', title: 'Bread prices: a review' }],
    ['a degree alone', 'Bose, R., 2016. Clay, labour and lungs: silicosis in the Potteries. PhD. University of Kilnfield.', 'thesis', { genre: 'PhD thesis', publisher: 'University of Kilnfield' }],
    ['proceedings without “in”', 'W. Zhang and R. J. Patel, “Low-cost sensors for kilns,” Proc. 9th Symp. Ceramic Eng., 2020, pp. 88-95.', 'conference-paper', { container: 'Proc. 9th Symp. Ceramic Eng.', pages: '88-95' }],
    ['a poster session', 'Ekholm O, Ito C. Counting roots by radar. Poster session presented at: Annual Meeting of Urban Foresters; 2019 Jun 18; Eastholm.', 'talk', { title: 'Counting roots by radar', event: 'Annual Meeting of Urban Foresters' }],
    ['a person in the order of speech behind one that is not', 'Le Roux, J. R., and Siobhan O’Hara. “A Tree Is Not a Lamp Post!” *Public Space Review*, vol. 1, no. 1, 2010, p. 3.', 'journal-article', { author: 'Le Roux, J. R.; O’Hara, Siobhan' }],
    ['saints among directors', '*The Oven and the Sea*. Directed by Karl von Eschen and Imogen St. Clair, Copper Kettle Films, 2010.', 'film', { director: 'von Eschen, Karl; St. Clair, Imogen', publisher: 'Copper Kettle Films' }],
    ['one name alone', 'Sorrel. To the drone in October. In: O’Dowd B, editor. The swarm and other companions. Dublin: Crumb & Comb Books; 1999. p. 63.', 'chapter', { author: 'Sorrel', title: 'To the drone in October', editor: 'O’Dowd, B.' }],
    ['a series behind a book', 'MacBride, Ewan. *The Hive in the Hotel*. Quillbury UP, 2014. Studies in Urban Husbandry 7.', 'book', { series: 'Studies in Urban Husbandry', seriesNumber: '7', publisher: 'Quillbury UP' }],
    ['a volume of a work, its title first', 'Pell, Tobias. *The Age of Steam Ovens*. Smoker Lane Editions, 2003. Vol. 2 of *A History of Municipal Bakeries*.', 'book', { title: 'A History of Municipal Bakeries', volume: '2', volumeTitle: 'The Age of Steam Ovens', publisher: 'Smoker Lane Editions' }],
    ['a standard by its number', 'Meridian Standards Organization. *Honey for Direct Sale* MSO 4471:2020 (Meridian Standards Organization, 2020); https://mso.example/4471.', 'standard', { number: 'MSO 4471:2020', title: 'Honey for Direct Sale' }],
    ['when it was first written, about', 'Meliton. (ca. 310 BCE) 1968. *On the Keeping of Bees*. Translated by Clemence Averill. Quillbury University Press.', 'book', { author: 'Meliton', title: 'On the Keeping of Bees', issued: '1968', translator: 'Averill, Clemence' }],
    ['about a year, before the title', 'Achterberg, Jean-Marc. ca. 1891. *Woman Carrying a Skep*. Oil on linen. Ovenholt Gallery of Art.', 'artwork', { title: 'Woman Carrying a Skep', issued: 'c. 1891' }],
    ['a press release and its day', 'Brood Labs. 2023. “Brood Labs Opens Hive Sensors.” Press release, April 3. https://broodlabs.example/news', 'brochure', { genre: 'Press release', author: 'Brood Labs' }],
    ['a translator inside a title in roman', 'Rossi, E. A wall, a fig, a neighbour (transl. Stone, A.). In *Essays from Small Gardens* (ed. Yoo, H.) 101–118 (Coppice Books, 2009).', 'chapter', { title: 'A wall, a fig, a neighbour', translator: 'Stone, A.', editor: 'Yoo, H.', pages: '101-118' }],
    ['a page behind the edition', 'Verge. In *Garland Gate Dictionary of Place* 2nd edn, 611 (Garland Gate, 2005).', 'dictionary-entry', { title: 'Verge', pages: '611', edition: '2' }],
    ['a preprint that was posted', 'Cho MJ. Estimating canopy from shade alone. *GreenRxiv*. Preprint posted online 2024. doi:10.5555/grx.2024.88', 'preprint', { publisher: 'GreenRxiv', issued: '2024' }],
    ['a review of what three wrote', 'Bini R. Review of: Zünd É, MacArdle F, Nair L. *Roots Under Asphalt*. *Public Space Rev*. 2018;9(2):88-90.', 'review', { reviewedAuthor: 'Zünd, É.; MacArdle, F.; Nair, L.', reviewedTitle: 'Roots Under Asphalt', pages: '88-90' }],
    ['an article’s number behind the volume', 'Agu, B. C. 2023. “Allotments and Loneliness.” *Health & Place Letters* 61:103022.', 'journal-article', { volume: '61', number: '103022' }],
    ['pages with letters', 'Kapoor, A. & Kapoor, M. DNA barcoding. *Arboric. Rep.* **18**, S12–S19 (2020).', 'journal-article', { volume: '18', pages: 'S12-S19', issued: '2020' }],
    ['a server and its number', 'A. Osei and S. Iqbal, “Low-cost scales,” 2024, BeeRxiv:2406.01177, doi: 10.5555/brx.2406.01177.', 'preprint', { publisher: 'BeeRxiv', number: '2406.01177' }],
    ['a thesis and who has it', 'Echegaray, Maite. “Beekeepers and Bylaws.” PhD diss., Quillbury University, 2017. Estmark Dissertations Online (28115402).', 'thesis', { archive: 'Estmark Dissertations Online', number: '28115402', publisher: 'Quillbury University' }],
    ['an episode behind its series', '*The Oven Street Diaries*. 2016. Season 2, episode 5, “Cold Dough.” Directed by Dina Okell. Aired October 9 on Estmark Nine.', 'tv-episode', { container: 'The Oven Street Diaries', title: 'Cold Dough', season: '2', number: '5' }],
    ['a magazine without italics', '“The Last Miller of Thornham.” Coast & Country, June 2022, pp. 44–49.', 'magazine-article', { title: 'The Last Miller of Thornham', container: 'Coast & Country', pages: '44-49', issued: 'June 2022' }],
    ['years of which the second is shortened', 'Haldane, Rosalind, editor. *Bread and the City*. Quillbury UP, 2008–12. 3 vols.', 'book', { issued: '2008 – 2012', numberOfVolumes: '3' }],
  ])('%s', (_, text, kind, wanted) => {
    const { proposals } = readReferences(text)
    expect([proposals[0]?.kind, proposals[0] && said(proposals[0].fields, wanted)]).toEqual([kind, wanted])
  })
})
