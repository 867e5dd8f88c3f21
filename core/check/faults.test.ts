import { expect, it } from 'vitest'
import { asked, sayFaults, takeFaults } from './faults'

it('a rule that throws ends the test that it throws in', () => {
  expect(() => asked({ name: 'aRule' }, () => { throw new Error('no such word') })).toThrow('no such word')
})
it('one that does not gives what it finds', () => expect(asked({ name: 'aRule' }, () => [1])).toEqual([1]))
it('how many could not look is said', () => {
  expect(takeFaults()).toEqual([])
  expect([sayFaults(['a']), sayFaults(['a', 'b'])]).toEqual(['One rule could not look at this paper; the others did.', '2 rules could not look at this paper; the others did.'])
})
