import { expect, it } from 'vitest'
import { freeKey } from './keys'

/** A set that counts how often it was asked. */
class Asked extends Set<string> {
  times = 0
  override has(key: string) {
    this.times++
    return super.has(key)
  }
}

it('keys of thousands of one author and year are found by a step each', () => {
  const taken = new Asked()
  const keys = Array.from({ length: 20_000 }, () => {
    const key = freeKey('moss-2020', taken)
    taken.add(key)
    return key
  })
  expect(new Set(keys).size).toBe(20_000)
  expect(keys.slice(0, 3)).toEqual(['moss-2020', 'moss-2020b', 'moss-2020c'])
  expect(taken.times).toBeLessThan(80_000)
})
it('two sets are told apart', () => {
  const [one, other] = [new Set(['a', 'ab']), new Set(['a'])]
  expect([freeKey('a', one), freeKey('a', other)]).toEqual(['ac', 'ab'])
})
