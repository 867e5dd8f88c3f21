/** The stand-in's records: everyone and everything here is invented. DOIs use the test prefix, ISBNs a group that no country has. */
import type { KindId } from '../../core/source/kinds'
import type { Fields } from '../../core/source/model'
import { readDate } from '../../core/source/dates'
import { readName } from '../../core/source/names'
import { isbn13 } from '../../core/intake/identifiers'
import { SOURCES } from '../db/demo/sources'

export interface Record_ { kind: KindId, fields: Fields }

const people = (names: string) => names.split(';').map(name => readName(name.trim()))
/** Twelve digits with their check digit, by way of the ten-digit form's arithmetic. */
const isbn = (n: number) => isbn13(`99999${String(n).padStart(4, '0')}0`)

const article = (doi: string, authors: string, issued: string, title: string, container: string, containerShort: string, volume: string, issue: string, pages: string): Record_ =>
  ({ kind: 'journal-article', fields: { author: people(authors), issued: readDate(issued)!, title, container, ...(containerShort ? { containerShort } : {}), volume, ...(issue ? { issue } : {}), ...(/^e\d/u.test(pages) ? { number: pages } : { pages }), doi: `10.5555/${doi}` } })
const book = (n: number, authors: string, year: string, title: string, publisher: string, place: string, more: Partial<Fields> = {}): Record_ =>
  ({ kind: 'book', fields: { author: people(authors), issued: readDate(year)!, title, publisher, place, isbn: isbn(n), ...more } })

const OWN: Record_[] = [
  article('jeh.2016.0903', 'Okonjo, Adaeze R.; Thorne, Gareth', '2016', 'What the sluice gate knows: Oral histories of three estuaries', 'Journal of Estuary Heritage', 'J. Estuary Herit.', '9', '3', '210-238'),
  article('jeh.2019.1201', 'Penhale, Morwenna', 'March 2019', 'Miller, ferryman, pilot: Mixed trades on the tidal Wend', 'Journal of Estuary Heritage', 'J. Estuary Herit.', '12', '1', '3-27'),
  article('jeh.2023.1604', 'Castellan, Marco; Dufresne, Odile; Abara, Ngozi', '2023', 'Dating tide mills by their mud', 'Journal of Estuary Heritage', 'J. Estuary Herit.', '16', '4', '402-431'),
  article('cel.2015.0402', 'Vasquez, Lena M.', '2015', 'Flushing channels and the spring ebb', 'Coastal Engineering Letters', 'Coast. Eng. Lett.', '4', '2', '88-97'),
  article('cel.2021.1001', 'Vasquez, Lena M.; Aldous, Henry', '2021', 'Failure of timber gates under alternating load', 'Coastal Engineering Letters', 'Coast. Eng. Lett.', '10', '1', '1-14'),
  article('cel.2024.1303', 'Ito, Haruka; Brandvold, Nils; O’Shea, Ciara', '2024', 'Monitoring wheel pits with low-cost sensors', 'Coastal Engineering Letters', 'Coast. Eng. Lett.', '13', '3', '140-159'),
  article('ep.2018.4302', 'Bellweather, Iris', '2018', 'Bed shear stress in gated ponds', 'Estuarine Processes', 'Estuar. Process.', '43', '2', '233-251'),
  article('ep.2020.4501', 'Dufresne, Odile; Bellweather, Iris', '2020', 'Cohesive sediment and the memory of tides', 'Estuarine Processes', 'Estuar. Process.', '45', '1', '19-48'),
  article('ep.2024.4907', 'Abara, Ngozi; Hale, Peter; Castellan, Marco; Ito, Haruka; Brandvold, Nils; Penhale, Morwenna; Gill, Rosalind; Rask, Ingrid', '2024', 'Eight winters of pond surveys', 'Estuarine Processes', 'Estuar. Process.', '49', '7', '1011-1043'),
  article('oh.2022.e0311', 'Quayle, Simon', '2022', 'Fish-friendly runners for heads below two metres', 'Open Hydropower', 'Open Hydropower', '7', '2', 'e0311'),
  article('oh.2023.e0388', 'Farrow, Ruth; Ito, Haruka', '2023', 'Community ownership and maintenance of small turbines', 'Open Hydropower', 'Open Hydropower', '8', '4', 'e0388'),
  article('scl.2011.3602', 'Sable Ortiz, Camila', '2011', 'The keeper and the gate in harbour fiction', 'Studies in Coastal Literature', 'Stud. Coast. Lit.', '36', '2', '120-141'),
  article('scl.2020.4501', 'Lindqvist, Astrid; Sable Ortiz, Camila', '2020', 'Reading mud', 'Studies in Coastal Literature', 'Stud. Coast. Lit.', '45', '1', '7-30'),
  article('rma.2017.0801', 'Tremayne, Loveday', '2017', 'Account books of the Thornham mill, 1711-1768', 'Rural Mill Archive', 'Rural Mill Arch.', '8', '1', '44-80'),
  article('rma.2019.1002', 'Harrow, Edith M.', '2019', 'Women at the stones: Tenancy in nine coastal parishes', 'Rural Mill Archive', 'Rural Mill Arch.', '10', '2', '150-177'),
  article('ws.2020.12', 'Oduya, Femi; Larch, Tom', '2020', 'Counting barges by ear', 'Waterway Studies', 'Waterw. Stud.', '12', '3', '201-209'),
  article('ws.2022.1404', 'Larch, Tom', '2022', 'Who dredges? Responsibility on unowned rivers', 'Waterway Studies', 'Waterw. Stud.', '14', '4', '277-300'),
  article('ws.2024.1601', 'Oduya, Femi; Marsh, Edwin; Croft, Una', '2024', 'Silence as data: Listening stations on the Wend', 'Waterway Studies', 'Waterw. Stud.', '16', '1', '12-39'),
  article('bsj.2013.2205', 'Marsh, Edwin', '2013', 'Wader counts on a silted pond', 'Bird and Shore Journal', 'Bird Shore J.', '22', '5', '510-522'),
  article('bsj.2021.3003', 'Croft, Una; Marsh, Edwin', '2021', 'Redshank and the reopened sluice', 'Bird and Shore Journal', 'Bird Shore J.', '30', '3', '298-317'),
  article('hpr.2018.0501', 'Mistry, Kavita', '2018', 'Paying someone to look at the water', 'Heritage Policy Review', 'Herit. Policy Rev.', '5', '1', '61-79'),
  article('hpr.2020.0702', 'Mistry, Kavita; Nolan, Orla', '2020', 'Ruin, repair, return: Three words for the same budget', 'Heritage Policy Review', 'Herit. Policy Rev.', '7', '2', '130-158'),
  article('hpr.2023.1003', 'Nolan, Orla', '2023', 'When a listed wheel may turn', 'Heritage Policy Review', 'Herit. Policy Rev.', '10', '3', '245-266'),
  article('jpe.2019.3304', 'Van der Berg, Sanne; De Wit, Joost', '2019', 'Peat, polder, and the price of a dry field', 'Journal of Polder Economics', 'J. Polder Econ.', '33', '4', '388-415'),
  article('jpe.2022.3601', 'De Wit, Joost', '2022', 'Pumping by the tide table', 'Journal of Polder Economics', 'J. Polder Econ.', '36', '1', '5-22'),
  article('sed.2010.0101', 'Castellan, Marco', '2010', 'A YEAR OF MUD: NOTES FROM FOUR PONDS', 'SEDIMENT NOTES', '', '1', '1', '1-18'),
  article('sed.2014.0503', 'Dufresne, Odile', '2014', 'Grain Size and the Age of Restored Ponds', 'Sediment Notes', '', '5', '3', '77-92'),
  article('acoustic.2017.0902', 'Rask, Ingrid', '2017', 'The days lost their edges: Machine sound and time in harbours', 'Acoustic Geographies', 'Acoust. Geogr.', '9', '2', '101-128'),
  article('acoustic.2021.1304', 'Rask, Ingrid; Oduya, Femi', '2021', 'Bell, gate, engine', 'Acoustic Geographies', 'Acoust. Geogr.', '13', '4', '355-379'),
  article('edu.2022.0702', 'Vale, Tamsin; Hume, Perdita', '2022', 'Teaching with a broken wheel', 'Outdoor Classroom Quarterly', 'Outdoor Classr. Q.', '7', '2', '33-41'),
  article('hpr.2024.1101', 'Mistry, Kavita; Vale, Tamsin', '2024', 'Ten budgets for a ruin', 'Heritage Policy Review', 'Herit. Policy Rev.', '11', '1', '8-31'),
  article('bsj.2024.3302', 'Croft, Una', '2024', 'Night counts on an open gate', 'Bird and Shore Journal', 'Bird Shore J.', '33', '2', '150-163'),
  article('edu.2024.0901', 'Hume, Perdita', '2024', 'Reading a mill with ten-year-olds', 'Outdoor Classroom Quarterly', 'Outdoor Classr. Q.', '9', '1', '4-12'),
  book(101, 'Tremayne, Loveday', '2018', 'Working the tide: Mills and millers of the western rivers', 'Saltmarsh Press', 'Bristol', { edition: '2' }),
  book(102, 'Aldous, Henry; Mistry, Kavita', '2012', 'The engineer’s shore', 'Lowwater Books', 'Edinburgh'),
  book(103, 'Harrow, Edith M.', '2016', 'Locks of the lower Wend', 'Meridian University Press', 'Leeds'),
  book(104, 'Penhale, Morwenna', '2021', 'Estuary people', 'Saltmarsh Press', 'Bristol'),
  book(105, 'Lindqvist, Astrid', '2009', 'The grammar of water', 'University of Northmere Press', 'Northmere', { edition: '3' }),
  book(106, 'Marsh, Edwin', '2015', 'Birds of slow water', 'Reed and Heron', 'Norwich'),
  book(107, 'Hume, Perdita', '2019', 'Harbours in the English novel', 'Lantern House', 'London'),
  book(108, 'Okonjo, Adaeze R.', '2023', 'Patience: A history of estuaries', 'Meridian University Press', 'Leeds'),
  book(109, 'Quayle, Simon', '2020', 'Small water: A handbook of low-head power', 'Lowwater Books', 'Edinburgh', { edition: '2' }),
  book(110, 'De Wit, Joost', '2014', 'Dry feet', 'Polderhuis', 'Delft', { translator: people('Bram, Ella') }),
  book(111, 'Nolan, Orla', '2022', 'The law of old machines', 'Chancery Row', 'London'),
  book(112, 'Brandvold, Nils', '2011', 'Wheels, gears, and reckonings', 'Fjordside', 'Oslo'),
  { kind: 'book', fields: { editor: people('Drummond, Fiona; Petit, Alain'), issued: readDate('2014')!, title: 'Landscapes of tidal power', publisher: 'Saltmarsh Press', place: 'Bristol', isbn: isbn(113) } },
  book(114, 'Fenwick, Nadia', '2020', 'Slow water: Conversations on rivers', 'Reed and Heron', 'Norwich'),
  book(115, 'Larch, Tom', '2013', 'A short history of dredging', 'Chancery Row', 'London'),
  book(116, 'Croft, Una; Marsh, Edwin', '2024', 'The mudflat year', 'Reed and Heron', 'Norwich'),
  { kind: 'chapter', fields: { author: people('Thorne, Gareth'), editor: people('Drummond, Fiona; Petit, Alain'), issued: readDate('2014')!, title: 'Reading a pond', container: 'Landscapes of tidal power', pages: '21-44', publisher: 'Saltmarsh Press', doi: '10.5555/ltp.2014.02' } },
  { kind: 'conference-paper', fields: { author: people('Farrow, Ruth; Quayle, Simon'), issued: readDate('2021')!, title: 'Retrofitting wheel pits: First results', container: 'Proceedings of the 6th Symposium on Small Hydropower', pages: '55-62', publisher: 'Small Water Association', doi: '10.5555/ssh.2021.007' } },
  { kind: 'report', fields: { author: [{ literal: 'Northmere Coastal Forum' }], issued: readDate('2022')!, title: 'Ponds worth keeping: A register of tidal works', genre: 'Report', number: 'NCF 22/4', publisher: 'Northmere Coastal Forum', doi: '10.5555/ncf.2022.4', url: 'https://coastalforum.example/register' } },
  { kind: 'thesis', fields: { author: people('Croft, Una'), issued: readDate('2020')!, title: 'Waders, gates, and the making of a mudflat', genre: 'Doctoral dissertation', publisher: 'University of Northmere', doi: '10.5555/northmere.thesis.2020.118' } },
  { kind: 'preprint', fields: { author: people('Ito, Haruka; Abara, Ngozi'), issued: readDate('2025')!, title: 'Forecasting pond depth from tide tables alone', publisher: 'OpenShore', number: '2503.0117', doi: '10.5555/openshore.2503.0117' } },
  { kind: 'dataset', fields: { author: people('Abara, Ngozi'), issued: readDate('2024')!, title: 'Pond depth surveys, 2016-2024', version: '2.1', publisher: 'Estuary Data Commons', doi: '10.5555/edc.7731' } },
]

/** All records, the demo's own sources among them. */
export const RECORDS: readonly Record_[] = [...OWN, ...SOURCES.filter(s => s.fields.doi).map(({ kind, fields }) => ({ kind, fields }))]
