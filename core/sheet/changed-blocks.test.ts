import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changedBlocks, joinTexts, withBlocks } from './changed-blocks'
import { blocksChangeSchema } from './document-schema'
import type { DocNode } from './document'

const doc = (letters: string): DocNode => ({
  type: 'doc',
  content: [...letters].map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
})
const read = (text: DocNode | undefined) => text?.content?.map(block => block.content![0]!.text).join('')
const letters = fc.string({ unit: fc.constantFrom('a', 'b', 'c', 'd'), maxLength: 12 })

describe('a change of the text', () => {
  it.each([
    ['abcd', 'abXd', 2, 3, 'X'],
    ['abcd', 'abcdX', 4, 4, 'X'],
    ['abcd', 'Xabcd', 0, 0, 'X'],
    ['abcd', 'ad', 1, 3, ''],
    ['aaa', 'aa', 2, 3, ''],
    ['', 'ab', 0, 0, 'ab'],
  ])('%s → %s is blocks %i to %i', (before, after, from, to, blocks) => {
    const change = changedBlocks(doc(before), doc(after))!
    expect([change.from, change.to, change.of, read({ type: 'doc', content: change.blocks })]).toEqual([from, to, before.length, blocks])
  })
  it('made again gives the text', () => fc.assert(fc.property(letters, letters, (before, after) => {
    const change = changedBlocks(doc(before), doc(after))
    expect(change ? read(withBlocks(doc(before), blocksChangeSchema.parse(change))) : before).toBe(after)
  })))
  it('is not made in a text of another length, nor where its places make no sense', () => {
    expect(() => withBlocks(doc('abc'), { from: 0, to: 1, of: 2, blocks: [] })).toThrow(RangeError)
    expect(blocksChangeSchema.safeParse({ from: 3, to: 1, of: 4, blocks: [] }).success).toBe(false)
  })
})

describe('two texts made from one', () => {
  it.each([
    ['abcd', 'Xbcd', 'abcY', 'XbcY'],
    ['abcd', 'Xbcd', 'aYcd', 'XYcd'],
    ['abcd', 'abcd', 'aYd', 'aYd'],
    ['abcd', 'acd', 'abcdY', 'acdY'],
    ['abcd', 'aXYcd', 'abcZ', 'aXYcZ'],
    ['abcd', 'Xbcd', 'Ybcd', undefined],
    ['abcd', 'abcdX', 'abcdY', undefined],
    ['abcd', 'abXcd', 'abYcd', undefined],
    ['abcd', 'ad', 'abYd', undefined],
  ])('%s: %s and %s → %s', (base, mine, theirs, both) => expect(read(joinTexts(doc(base), doc(mine), doc(theirs)))).toBe(both))
  it('are never joined with a word of either lost', () => fc.assert(fc.property(letters, letters, letters, (base, mine, theirs) => {
    const marked = (text: string, mark: string) => doc(text.replace(/[cd]/gu, mark))
    const both = joinTexts(doc(base), marked(mine, 'M'), marked(theirs, 'T'))
    if (!both) return
    const count = (text: string | undefined, of: RegExp) => text!.match(of)?.length ?? 0
    expect([count(read(both), /M/gu), count(read(both), /T/gu)]).toEqual([count(mine, /[cd]/gu), count(theirs, /[cd]/gu)])
  })))
})
