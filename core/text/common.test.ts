import { describe, expect, it } from 'vitest'
import { isCommon } from './common'
import { derived, stemsOf } from './word-forms'

describe('a common word', () => {
  it.each([
    'mud',
    'Mud',
    'mud’s',
    'mills',
    'silting',
    'silted',
    'dredged',
    'muddiest',
    'happily',
    'wheelwrights',
    'harbours',
    'harbors',
    'colour',
    'organisation',
    'organization',
    'siltation',
    'saltmarsh',
    'mudlarks',
    'hydropower',
    'microplastics',
    'geomorphology',
    'reimagining',
    'bioavailability',
    'ox',
    'to',
    'estuarine',
    'teleworking',
    'it’s',
    'they’ll',
    '水',
  ])('%s', (word) => expect(isCommon(word)).toBe(true))
})
describe('what may be a name', () => {
  it.each([
    'Carewick',
    'Thornham',
    'Northmere',
    'Skerrow',
    'Brackwater',
    'Zostera',
    'Arun',
    'Whitlock',
    'Halverson',
    'Penrose',
    'Ashcroft',
    'Thornby',
    'Okonjo',
    'Tremayne',
    'Lowhaven',
    'Carewick’s',
    'Millbridge',
  ])('%s', (word) => expect(isCommon(word)).toBe(false))
})
describe('forms of words', () => {
  it.each<[string, string]>([
    ['mills', 'mill'],
    ['boxes', 'box'],
    ['studies', 'study'],
    ['silted', 'silt'],
    ['dredged', 'dredge'],
    ['stopped', 'stop'],
    ['filling', 'fill'],
    ['making', 'make'],
    ['running', 'run'],
    ['slowly', 'slow'],
    ['happily', 'happy'],
    ['miller', 'mill'],
    ['bakers', 'bake'],
    ['biggest', 'bigg'],
    ['drier', 'dry'],
    ['driest', 'dry'],
  ])('%s may be of %s', (word, stem) => expect(stemsOf(word)).toContain(stem))
  it.each<[string, boolean]>([
    ['siltation', true],
    ['muddiness', true],
    ['ecology', true],
    ['romanticism', true],
    ['colonise', true],
    ['Station', true],
    ['nation', true],
    ['ion', false],
    ['Milton', false],
    ['Clementine', false],
    ['Carewick', false],
  ])('%s has an ending of common words: %s', (word, is) => expect(derived(word.toLowerCase())).toBe(is))
})
