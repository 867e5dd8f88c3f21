/** Sources with something odd in them, each as it is to be printed, in the styles where the oddness shows. */
import { describe, expect, it } from 'vitest'
import { composeAlone } from '../../core/compose/compose'
import { fromCsl } from '../../core/source/csl'
import { styleOf } from '../../core/styles'
import { toMarkup } from '../../core/text/runs'

const printed = (csl: Record<string, unknown>, style: string) => {
  const { reference, parenthetical } = composeAlone(styleOf(style)!, fromCsl({ id: 'x', ...csl } as Parameters<typeof fromCsl>[0]))
  return { list: toMarkup(reference!), cited: toMarkup(parenthetical) }
}
const MOSS = { family: 'Moss', given: 'Ada' }
const ARTICLE = { 'type': 'article-journal', 'title': 'Salt', 'issued': { 'date-parts': [[2020]] }, 'container-title': 'Shore Notes', 'volume': '3', 'page': '1-9' }

describe('authors of whom the source names only the first', () => {
  it.each<[string, string, string]>([
    ['apa-7', 'Moss, A., et al. (2020). Salt. *Shore Notes*, *3*, 1–9.', '(Moss et al., 2020)'],
    ['mla-9', 'Moss, Ada, et al. “Salt.” *Shore Notes*, vol. 3, 2020, pp. 1–9.', '(Moss et al.)'],
    ['chicago-18-author-date', 'Moss, Ada, et al. 2020. “Salt.” *Shore Notes* 3:1–9.', '(Moss et al. 2020)'],
    ['harvard', 'Moss, A. *et al.* (2020) ‘Salt’, *Shore Notes*, 3, pp. 1–9.', '(Moss *et al.*, 2020)'],
    ['ieee', 'A. Moss *et al.*, “Salt,” *Shore Notes*, vol. 3, pp. 1–9, 2020.', '[1]'],
    ['vancouver', 'Moss A, et al. Salt. Shore Notes. 2020;3:1-9.', '(1)'],
    ['acs', 'Moss, A.; et al. Salt. *Shore Notes* **2020**, *3*, 1–9.', '^1^'],
    ['nature', 'Moss, A. *et al.* Salt. *Shore Notes* **3**, 1–9 (2020).', '^1^'],
  ])('%s', (style, list, cited) => {
    for (const other of [{ literal: 'et al.' }, { family: 'et al' }]) expect(printed({ ...ARTICLE, author: [MOSS, other] }, style)).toEqual({ list, cited })
  })
})

describe('a paper that was given and not printed', () => {
  const paper = { 'type': 'paper-conference', 'title': 'Salt', 'author': [MOSS], 'issued': { 'date-parts': [[2018, 6, 3]] }, 'event-title': '3rd Marsh Workshop', 'event-place': 'Leedside' }
  it.each([
    ['apa-7', 'Moss, A. (2018, June 3). *Salt* [Paper presentation]. 3rd Marsh Workshop, Leedside.'],
    ['mla-9', 'Moss, Ada. “Salt.” 3rd Marsh Workshop, 3 June 2018, Leedside. Paper presentation.'],
    ['chicago-18-notes', 'Moss, Ada. “Salt.” Paper presented at the 3rd Marsh Workshop, Leedside, June 3, 2018.'],
    ['ieee', 'A. Moss, “Salt,” presented at the 3rd Marsh Workshop, Leedside, Jun. 3, 2018.'],
    ['vancouver', 'Moss A. Salt. Paper presented at: 3rd Marsh Workshop; 2018 Jun 3; Leedside.'],
    ['acs', 'Moss, A. Salt. Presented at the 3rd Marsh Workshop, Leedside, June 3, 2018.'],
  ])('%s', (style, list) => expect(printed(paper, style).list).toBe(list))
})

it.each<[string, Record<string, unknown>, string, string]>([
  ['a date of which only the year is certain', { issued: { raw: '04/05/2020' } }, 'apa-7', 'Moss, A. (2020). Salt. *Shore Notes*, *3*, 1–9.'],
  ['a range with two hyphens', { page: '12--19' }, 'mla-9', 'Moss, Ada. “Salt.” *Shore Notes*, vol. 3, 2020, pp. 12–19.'],
  ['a journal with words kept from capitals', { 'container-title': 'Journal of <span class="nocase">eTide</span> Studies' }, 'ieee', 'A. Moss, “Salt,” *J. eTide Stud.*, vol. 3, pp. 1–9, 2020.'],
  ['initials behind the name that is used', { author: [{ family: 'Keel', given: 'Hans (H.-W.)' }] }, 'apa-7', 'Keel, H.-W. (2020). Salt. *Shore Notes*, *3*, 1–9.'],
  ['and the name itself where it is given in full', { author: [{ family: 'Keel', given: 'Hans (H.-W.)' }] }, 'mla-9', 'Keel, Hans. “Salt.” *Shore Notes*, vol. 3, 2020, pp. 1–9.'],
])('%s', (_, more, style, list) => expect(printed({ ...ARTICLE, author: [MOSS], ...more }, style).list).toBe(list))

it('proceedings are shortened once', () => {
  const paper = { ...ARTICLE, 'type': 'paper-conference', 'author': [MOSS], 'container-title': 'Proc. Second Workshop on Environ. Sensing and Computing (WESC)' }
  expect(printed(paper, 'ieee').list).toBe('A. Moss, “Salt,” in *Proc. 2nd Workshop Environ. Sens. Comput. (WESC)*, 2020, pp. 1–9.')
})

it.each([
  ['apa-6', 'Millbridge, VT: Salt House'],
  ['chicago-17-notes', 'Millbridge, VT: Salt House'],
  ['ieee', 'Millbridge, VT, USA: Salt House'],
  ['vancouver', 'Millbridge (VT): Salt House'],
  ['harvard', 'Millbridge, VT: Salt House'],
])('a town in a state as %s has it', (style, set) => {
  expect(printed({ 'type': 'book', 'title': 'Mud', 'author': [MOSS], 'issued': { 'date-parts': [[2001]] }, 'publisher': 'Salt House', 'publisher-place': 'Millbridge, Vermont' }, style).list).toContain(set)
})

it.each<[string, string, string]>([
  ['apa-7', 'Synthesis of ( 2-chloro- ) Poly(vinyl chloride) Mud', 'Synthesis of (2-chloro-) poly(vinyl chloride) mud'],
  ['acs', 'Synthesis of poly(vinyl chloride) mud', 'Synthesis of Poly(vinyl chloride) Mud'],
  ['mla-9', 'THE ART OF NaCl AND DNA IN THE U.S.', 'The Art of NaCl and DNA in the U.S.'],
  ['apa-7', 'THE ART OF NaCl AND DNA IN THE U.S.', 'The art of NaCl and DNA in the U.S.'],
  ['vancouver', 'THE ART of WAR in the MARSHES', 'The art of war in the marshes'],
])('%s: %s', (style, title, set) => expect(printed({ ...ARTICLE, author: [MOSS], title }, style).list).toContain(set))

it.each<[string, string, Record<string, unknown>, string]>([
  ['a title that says what it is says it once', 'apa-7', { 'type': 'article-magazine', 'genre': 'Letter to the editor', 'title': 'Letter to the editor', 'container-title': 'Coast' }, 'Moss, A. (2020). Letter to the editor. *Coast*.'],
  ['a foreword by its title', 'apa-7', { 'type': 'chapter', 'title': 'Foreword', 'container-title': 'Mills', 'container-author': [{ family: 'Hart', given: 'Ian' }], 'publisher': 'Salt House' }, 'Moss, A. (2020). Foreword. In I. Hart, *Mills*. Salt House.'],
  ['a press release that came as an article', 'apa-7', { type: 'article', genre: 'Press release', title: 'New gate opens', publisher: 'Harbour Office' }, 'Moss, A. (2020). *New gate opens* [Press release]. Harbour Office.'],
  ['a version that calls itself one', 'apa-7', { type: 'software', title: 'Tide', version: 'May 24 version' }, 'Moss, A. (2020). *Tide* (Version May 24) [Computer software].'],
  ['a university cut short', 'mla-9', { type: 'thesis', genre: 'PhD thesis', title: 'Silt', publisher: 'Univ. of Northmere' }, 'Moss, Ada. *Silt*. 2020. U of Northmere, PhD dissertation.'],
  ['shelves, each small', 'mla-9', { 'type': 'manuscript', 'genre': 'Letter', 'title': 'Letter to Ben Orr', 'archive': 'Record Office', 'archive_location': 'Box 4, Folder 2' }, 'Moss, Ada. Letter to Ben Orr. 2020, Record Office, box 4, folder 2.'],
  ['a page without a section', 'vancouver', { 'type': 'article-newspaper', 'title': 'Mud', 'container-title': 'The Courier', 'page': '12', 'issued': { 'date-parts': [[2020, 9, 30]] } }, 'Moss A. Mud. The Courier. 2020 Sep 30:12.'],
  ['a river that has no name', 'apa-7', { type: 'book', title: 'Let the River Be' }, 'Moss, A. (2020). *Let the river be*.'],
  ['nor have mills on it', 'apa-7', { type: 'book', title: 'A History of the River Mills' }, 'Moss, A. (2020). *A history of the river mills*.'],
  ['a map names places', 'apa-7', { type: 'map', title: 'The Leed Valley' }, 'Moss, A. (2020). *The Leed Valley* [Map].'],
  ['a chapter of long ago', 'mla-9', { 'type': 'chapter', 'title': 'Mud', 'container-title': 'Shores', 'publisher': 'Salt House', 'original-date': { 'date-parts': [[1931]] } }, 'Moss, Ada. “Mud.” 1931. *Shores*, Salt House, 2020.'],
  ['a course is no conference', 'ieee', { 'type': 'speech', 'genre': 'Lecture', 'title': 'Mud', 'event-title': 'HIS 204 Rivers and People' }, 'A. Moss, “Mud,” lecture presented at HIS 204 Rivers and People, 2020.'],
])('%s', (_, style, more, list) => expect(printed({ 'author': [MOSS], 'issued': { 'date-parts': [[2020]] }, ...more }, style).list).toBe(list))
