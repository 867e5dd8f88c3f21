import { describe, expect, it } from 'vitest'
import { runOn, smallWords } from './run-on'

const known = smallWords(['The wheel and its millers knew Carewick.', 'no pond’s gate'])
describe('a quotation that runs on from the sentence', () => {
  it.each<[string, string]>([
    ['The pond silts.', '[t]he pond silts.'],
    ['A pond is a promise.', '[a] pond is a promise.'],
    ['Millers flushed their ponds.', '[m]illers flushed their ponds.'],
    ['Pond’s gate', '[p]ond’s gate'],
    ['It’s over', '[i]t’s over'],
    ['Carewick silts.', 'Carewick silts.'],
    ['Herons waited.', 'Herons waited.'],
    ['I saw mud.', 'I saw mud.'],
    ['NASA found', 'NASA found'],
    ['already small', 'already small'],
    ['“The” start', '“The” start'],
    ['', ''],
  ])('%s', (given, set) => expect(runOn(given, known)).toBe(set))
  it('knows words by their small letters alone', () =>
    expect([...known].sort()).toEqual(['and', 'gate', 'its', 'knew', 'millers', 'no', 'pond', 'wheel']))
})
