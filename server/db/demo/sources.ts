/** The demo's sources: everyone and everything here is invented. */
import type { Fields } from '../../../core/source/model'
import type { KindId } from '../../../core/source/kinds'
import { readName } from '../../../core/source/names'
import { readDate } from '../../../core/source/dates'

export interface DemoSource { key: string, kind: KindId, fields: Fields }

const people = (...names: string[]) => names.map(readName)
const day = (text: string) => readDate(text)!

export const SOURCES: DemoSource[] = [
  { key: 'okonjo-2021', kind: 'journal-article', fields: { author: people('Okonjo, Adaeze R.'), issued: day('2021'), title: 'Silt, salt, and patience: Restoring a tide mill on the Arun estuary', container: 'Journal of Estuary Heritage', containerShort: 'J. Estuary Herit.', volume: '14', issue: '2', pages: '101-119', doi: '10.5555/jeh.2021.0142' } },
  { key: 'vasquez-2019', kind: 'journal-article', fields: { author: people('Vasquez, Lena M.', 'Thorne, Gareth'), issued: day('2019'), title: 'Tidal range and milling capacity', container: 'Coastal Engineering Letters', containerShort: 'Coast. Eng. Lett.', volume: '8', issue: '4', pages: '55-71', doi: '10.5555/cel.2019.0804' } },
  { key: 'abara-2022', kind: 'journal-article', fields: { author: people('Abara, Ngozi', 'Bellweather, Iris', 'Castellan, Marco', 'Dufresne, Odile'), issued: day('2022'), title: 'Sediment budgets of restored tide mill ponds', container: 'Estuarine Processes', containerShort: 'Estuar. Process.', volume: '47', issue: '6', pages: '880-902', doi: '10.5555/ep.2022.4706' } },
  { key: 'tremayne-2018', kind: 'book', fields: { author: people('Tremayne, Loveday'), issued: day('2018'), title: 'Working the tide: Mills and millers of the western rivers', edition: '2', publisher: 'Saltmarsh Press', place: 'Bristol' } },
  { key: 'aldous-2012', kind: 'book', fields: { author: people('Aldous, Henry', 'Mistry, Kavita'), issued: day('2012'), title: 'The engineer’s shore', publisher: 'Lowwater Books', place: 'Edinburgh' } },
  { key: 'sorensen-2014', kind: 'chapter', fields: { author: people('Sorensen, Pia'), editor: people('Drummond, Fiona', 'Petit, Alain'), issued: day('2014'), title: 'Ponds, gates, and wheels: The anatomy of a tide mill', container: 'Landscapes of tidal power', pages: '45-72', publisher: 'Saltmarsh Press', place: 'Bristol' } },
  { key: 'hale-2019', kind: 'report', fields: { author: people('Hale, Peter', 'Mistry, Kavita'), issued: day('2019'), title: 'Community hydropower after ten years', publisher: 'Institute for Local Energy', place: 'Leeds', url: 'https://localenergy.example/ten-years' } },
  { key: 'marine-planning-agency-2020', kind: 'report', fields: { author: [{ literal: 'Marine Planning Agency' }], issued: day('2020'), title: 'Small tidal schemes: Guidance for applicants', genre: 'Report', number: 'MPA-2020-11', publisher: 'Marine Planning Agency', place: 'Northmere', url: 'https://marineplanning.example/reports/2020-11' } },
  { key: 'gill-2023', kind: 'web-page', fields: { author: people('Gill, Rosalind'), issued: day('14 March 2023'), title: 'How a tide mill works', container: 'Mill Trails', url: 'https://milltrails.example/how-it-works' } },
  { key: 'visiting-the', kind: 'web-page', fields: { title: 'Visiting the old mill pond', container: 'Carewick Heritage Trail', url: 'https://carewicktrail.example/pond', accessed: day('6 May 2025') } },
  { key: 'last-miller-2022', kind: 'magazine-article', fields: { issued: day('June 2022'), title: 'THE LAST MILLER OF THORNHAM', container: 'Coast & Country', volume: '18', issue: '6', pages: '44-49' } },
  { key: 'rask-2019', kind: 'thesis', fields: { author: people('Rask, Ingrid'), issued: day('2019'), title: 'Sound and silence in working harbours', genre: 'Doctoral dissertation', publisher: 'University of Northmere', archive: 'Northmere Research Archive', url: 'https://research.northmere.example/rask2019' } },
  { key: 'marlowe-finch-2003', kind: 'classic', fields: { author: people('Marlowe-Finch, Edmund'), editor: people('Galt, Moira'), issued: day('2003'), originalDate: day('1612'), title: 'The drowned king', publisher: 'Lantern House', place: 'London' } },
  { key: 'sable-ortiz-2015', kind: 'journal-article', fields: { author: people('Sable Ortiz, Camila'), issued: day('2015'), title: '“Neither land nor sea”: Mudflats in the regional novel', container: 'Studies in Coastal Literature', volume: '40', issue: '4', pages: '290-312', doi: '10.5555/scl.2015.4004' } },
  { key: 'farrow-2024', kind: 'journal-article', fields: { author: people('Farrow, Ruth', 'Quayle, Simon'), issued: day('2024'), title: 'Low-head turbines in historic wheel pits', container: 'Open Hydropower', volume: '9', issue: '3', number: 'e0417', doi: '10.5555/oh.2024.e0417' } },
]
