import { describe, expect, it } from 'vitest'
import { matchesOf } from './matches'

describe('every match of a global expression', () => {
  it.each<[string, RegExp, string]>([
    ['words', /\p{L}+/gu, 'a tide, two tides'],
    ['none', /\d/gu, 'no number'],
    ['of nothing', /x*/gu, 'axxb'],
    ['of nothing among pairs of code units', /x*/gu, '𝒜x🐝'],
    ['of an empty text', /x*/gu, ''],
    ['with groups', /(\p{L})(\d)?/gu, 'a1b'],
    ['by a look behind', /(?<=\. )\p{Lu}/gu, 'One. Two. Three.'],
  ])('%s: as matchAll finds them', (_, find, text) => {
    const plainly = (all: Iterable<RegExpMatchArray>) => [...all].map(one => [one.index, ...one])
    expect(plainly(matchesOf(text, find))).toEqual(plainly(text.matchAll(find)))
  })
  it('starts at the beginning, wherever the expression was left', () => {
    const find = /t/gu
    find.test('tidet')
    expect(matchesOf('tidet', find)).toHaveLength(2)
  })
})
