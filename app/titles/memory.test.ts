import { computed } from 'vue'
import { describe, expect, it } from 'vitest'
import { BY_LIST } from '../../core/text/by-list'
import type { CapitalRule } from '../../core/text/capitals'
import { answer, listen, type Answered, type Question } from '~~/core/text/title-answers'
import { TitleMemory } from './memory'

const SENTENCE: CapitalRule = { style: 'sentence', afterColon: 'capital' }
const HEADLINE: CapitalRule = { style: 'headline', prepositions: 'all' }
const words = (memory: TitleMemory, title: string, rule: CapitalRule) => memory.capitalise(title, rule).segments.map(s => s.text).join('')
const asked: Question[][] = []
const worker = (questions: readonly Question[]): Promise<readonly Answered[]> => {
  asked.push([...questions])
  return Promise.resolve(questions.map(question => answer(BY_LIST, question)))
}
const settled = () => new Promise(resolve => setTimeout(resolve, 0))

describe('a page’s memory of titles', () => {
  it('knows what came with the paper, and asks nothing', async () => {
    asked.length = 0
    const titles = [
      'Silt, Salt, and Patience',
      'The mills of the Thames',
      'Working the tide: Mills and <i>Zostera</i>',
      'mud',
      'NASA and the tide',
    ]
    const given = listen(BY_LIST, (listening) => {
      for (const title of titles) for (const rule of [SENTENCE, HEADLINE]) listening.capitalise(title, rule)
    })
    const memory = new TitleMemory(worker)
    // As it comes: through JSON.
    memory.learn(JSON.parse(JSON.stringify(given)) as Answered[])
    for (const title of titles)
      for (const rule of [SENTENCE, HEADLINE]) expect(memory.capitalise(title, rule)).toEqual(BY_LIST.capitalise(title, rule))
    await settled()
    expect(asked).toEqual([])
  })
  it('shows what it does not know as it was typed, asks for all of it in one go, and is another then', async () => {
    asked.length = 0
    const memory = new TitleMemory(worker)
    const shown = computed(() => `${memory.version} ${words(memory, 'The Mills Of The Thames', SENTENCE)}`)
    expect(shown.value).toBe('0 The Mills Of The Thames')
    expect(memory.isHeadline('The Mills Of The Thames')).toBe(false)
    expect(memory.isCommon('mills')).toBe(false)
    await settled()
    expect(asked.map(one => one.length)).toEqual([3])
    expect(shown.value).toBe('1 The mills of the Thames')
    expect(words(memory, 'The Mills Of The Thames', SENTENCE)).toBe('The mills of the Thames')
    expect([memory.isHeadline('The Mills Of The Thames'), memory.isCommon('mills')]).toEqual([
      BY_LIST.isHeadline('The Mills Of The Thames'),
      true,
    ])
    await settled()
    expect(asked).toHaveLength(1)
  })
  it('asks again when its worker could not be had', async () => {
    let there = false
    const memory = new TitleMemory(questions => (there ? worker(questions) : Promise.reject(new Error('no worker'))))
    expect(words(memory, 'A Tide Of Mud', SENTENCE)).toBe('A Tide Of Mud')
    await settled()
    there = true
    words(memory, 'A Tide Of Mud', SENTENCE)
    await settled()
    expect(words(memory, 'A Tide Of Mud', SENTENCE)).toBe('A tide of mud')
  })
  it('asks nothing about a title that is set as given, or about none', async () => {
    asked.length = 0
    const memory = new TitleMemory(worker)
    memory.capitalise('A Post', { style: 'as-given' })
    memory.capitalise('', SENTENCE)
    await settled()
    expect(asked).toEqual([])
  })
})
