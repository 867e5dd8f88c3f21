import { describe, expect, it } from 'vitest'
import { readName, writeName } from './names'
import { otherSplits } from './splits'

describe('other splits of a name', () => {
  it.each<[string, string[]]>([
    ['Inés Robles Ferrer', ['Robles Ferrer, Inés']],
    ['Robles Ferrer, Inés', ['Ferrer, Inés Robles']],
    ['Ana Duarte Moreira', ['Duarte Moreira, Ana']],
    ['José Ortega y Gasset', ['Ortega y Gasset, José']],
    ['Kim Min-jun', ['Kim, Min-jun']],
    ['Nguyen Thi Lan', ['Nguyen, Thi Lan', 'Thi Lan, Nguyen']],
    // No doubt: two words, initials, particles, groups, one word.
    ['Adaeze Okonjo', []],
    ['Adaeze R. Okonjo', []],
    ['J. R. Beaufort', []],
    ['Sanne van der Berg', []],
    ['Maria del Carmen Ruiz', []],
    ['Marine Planning Agency', []],
    ['Meliton', []],
    ['Samuel J. Whitlock Jr.', []],
  ])('%s', (typed, wanted) => expect(otherSplits(readName(typed)).map(writeName)).toEqual(wanted))
  it('a suffix goes with every split', () =>
    expect(otherSplits(readName('Pedro Robles Ferrer III')).map(writeName)).toEqual(['Robles Ferrer, Pedro, III']))
  it.each<[string, string, string[]]>([
    // As the same name stands in another source comes first, also where its words alone would leave no doubt.
    ['Nguyen Thi Lan', 'Thi Lan, Nguyen', ['Thi Lan, Nguyen', 'Nguyen, Thi Lan']],
    ['Ana Duarte Moreira', 'Moreira, Ana Duarte', ['Duarte Moreira, Ana']],
    ['Wei Zhang', 'Wei, Zhang', ['Wei, Zhang']],
    ['Duarte Moreira, Ana', 'Duarte Moreira, Ana', ['Moreira, Ana Duarte']],
    ['Wei Zhang', 'Wei, Zheng', []],
  ])('%s, beside %s', (typed, other, wanted) => expect(otherSplits(readName(typed), [readName(other)]).map(writeName)).toEqual(wanted))
})
