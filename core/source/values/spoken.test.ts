import { describe, expect, it } from 'vitest'
import { inState, isStateName } from '../../text/lists/states'
import { isShouted } from '../../text/shouted'
import type { Name } from '../names'
import { cleanName } from './names'
import { place } from './places'
import { setDown, spokenName } from './spoken'
import { catalogued, closedUp } from './titles'

describe('names that came in capitals', () => {
  it.each([
    ['JOURNAL OF MARSH ECOLOGY', 'Journal of Marsh Ecology'],
    ['THE TAMSIN GAZETTE', 'The Tamsin Gazette'],
    ['DEPARTMENT OF RIVERS AND HARBOURS', 'Department of Rivers and Harbours'],
    ['IEEE TRANSACTIONS ON SILT', 'IEEE Transactions on Silt'],
    ['BMC ESTUARY RESEARCH', 'BMC Estuary Research'],
    ['RSC ADVANCES', 'RSC Advances'],
    ['SHORE NOTES PART II', 'Shore Notes Part II'],
    ['MARSH & DAUGHTERS', 'Marsh & Daughters'],
    ['PLOS ONE', 'PLOS ONE'],
    ['BBC', 'BBC'],
    ['UNICEF', 'UNICEF'],
    ['Journal of Marsh Ecology', 'Journal of Marsh Ecology'],
    ['mSphere Notes', 'mSphere Notes'],
  ])('%s: %s', (given, written) => { expect(setDown(given)).toBe(written) })
  it('and one without any capital', () => { expect(spokenName('journal of marsh ecology')).toBe('Journal of Marsh Ecology') })
})

describe('a title in capitals', () => {
  it.each([
    'THE EFFECT OF NaCl ON SALT MARSH GRASSES', 'THE ART of WAR in the MARSHES', 'mRNA VACCINES AND pH', 'TIDES AND MUD', 'MUD 2020 REVISITED',
    '<i>ZOSTERA MARINA</i> MEADOWS',
  ])('%s is', (title) => { expect(isShouted(title)).toBe(true) })
  it.each(['DNA and RNA in mud', 'NASA and ESA', 'UNESCO', 'The ESTUARY project', 'COVID 19', 'Mud', 'BBC TV', 'Of pH', 'DNA, RNA and the ribosome'])('%s is not', (title) => { expect(isShouted(title)).toBe(false) })
})

describe('what catalogues of libraries write', () => {
  it.each([
    ['Tides : a history of water', 'Tides: a history of water'],
    ['Tides : a history / Ada Moss.', 'Tides: a history'],
    ['Tides / Ada Moss ; with maps by B. Orr', 'Tides'],
    ['Tides / by A. Moss', 'Tides'],
    ['Tides / edited by Una Fell', 'Tides'],
    ['Tides / Sanne van der Berg', 'Tides'],
    ['Land / Sea', 'Land / Sea'],
    ['Either/or: a life', 'Either/or: a life'],
    ['Tides: a history', 'Tides: a history'],
  ])('%s: %s', (given, clean) => { expect(catalogued(given)).toBe(clean) })
  it.each<[Name, Name]>([
    [{ family: 'Moss', given: 'Ada, 1950-' }, { family: 'Moss', given: 'Ada' }],
    [{ family: 'Moss', given: 'Ada, 1850-1921.' }, { family: 'Moss', given: 'Ada' }],
    [{ family: 'Moss', given: 'A. M. (Ada Mary), 1950-' }, { family: 'Moss', given: 'A. M.' }],
    [{ family: 'Moss', given: 'Ada, author' }, { family: 'Moss', given: 'Ada' }],
    [{ family: 'Moss', given: 'Ada, approximately 1800-1871' }, { family: 'Moss', given: 'Ada' }],
    [{ literal: 'Moss, Ada, 1950-' }, { family: 'Moss', given: 'Ada' }],
    [{ literal: 'DEPARTMENT OF RIVERS' }, { literal: 'Department of Rivers' }],
    [{ literal: 'Study Group 2020' }, { literal: 'Study Group 2020' }],
    [{ literal: 'Class of 1984' }, { literal: 'Class of 1984' }],
  ])('%j: %j', (given, clean) => { expect(cleanName(given)).toEqual(clean) })
  it.each([['Millbridge, VT :', 'Millbridge, VT'], ['Leedside :', 'Leedside'], ['[Leedside]', 'Leedside']])('%s: %s', (given, clean) => { expect(place(given)).toBe(clean) })
  it.each([['( 2-chloro- ) silt', '(2-chloro-) silt'], ['salt [ of lead ]', 'salt [of lead]'], ['f (x)', 'f (x)']])('%s: %s', (given, clean) => { expect(closedUp(given)).toBe(clean) })
})

it.each([['Michigan', '', true], ['North', 'Carolina', true], ['Wash', '', false], ['OR', '', false], ['North', 'Sea', false]])('%s %s is a state: %s', (word, behind, is) => {
  expect(isStateName(word, behind)).toBe(is)
})

describe('towns and their states', () => {
  it.each([
    ['Millbridge, VT', 'Millbridge VT USA'], ['Millbridge, Vermont', 'Millbridge VT USA'], ['Millbridge, Vt.', 'Millbridge VT USA'], ['Millbridge, Mass.', 'Millbridge MA USA'],
    ['Millbridge, VT, USA', 'Millbridge VT USA'], ['Port Ansel, ON', 'Port Ansel ON Canada'], ['Turin, Italy', undefined], ['Delft, NL', undefined], ['Leedside', undefined], ['Millbridge, NY', 'Millbridge NY USA'],
  ])('%s: %s', (given, read) => {
    const found = inState(given)
    expect(found && `${found.town} ${found.state} ${found.country}`).toBe(read)
  })
})
