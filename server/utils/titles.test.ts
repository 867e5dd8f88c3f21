import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { checkDetails } from '../../core/check/details'
import { compose, composeAlone } from '../../core/compose/compose'
import type { DocNode } from '../../core/sheet/document'
import { citationsOf } from '../../core/sheet/walking'
import { readCslJson } from '../../core/intake/csl-json'
import type { Source } from '../../core/source/model'
import { STYLES, type Style } from '../../core/styles'
import { BY_LIST } from '../../core/text/by-list'
import type { TitleWords } from '../../core/text/capitals'
import type { Answered } from '../../core/text/title-answers'
import { TitleMemory } from '../../app/titles/memory'
import { titleAnswers } from './titles'

const HARD = readFileSync(new URL('../../tests/conformance/hard.sources.json', import.meta.url), 'utf8')
const sources = readCslJson(HARD).proposals.map(({ kind, fields }, i) => ({ id: `s${i}`, kind, fields, revision: 1, listed: i % 3 === 0 }))
const paper: DocNode = {
  type: 'doc',
  content: sources.map(({ id }, i) => ({
    type: 'paragraph',
    content: [{ type: 'citation', attrs: { id: `c${i}`, data: { items: [{ id }], form: i % 2 ? 'narrative' : 'parenthetical' } } }],
  })),
}
const today = [2026, 11, 28] as const
/** Everything that a page shows of the sources, composed anew. */
function shown(style: Style, titles: TitleWords) {
  const anew: Source[] = JSON.parse(JSON.stringify(sources)) as Source[]
  return {
    paper: compose(style, anew, {
      citations: citationsOf(paper),
      alsoList: sources.filter((source) => source.listed).map((source) => source.id),
    }, titles),
    alone: anew.map((source) => composeAlone(style, source, undefined, titles)),
    findings: anew.map((source) => checkDetails({ source, style, today }, titles)),
  }
}
it.each(STYLES.map((style) => [style.id, style] as const))(
  '%s: a page has every answer it needs, and shows what the server does',
  async (id, style) => {
    const wanted = shown(style, BY_LIST)
    const answers = JSON.parse(JSON.stringify(await titleAnswers({ sources, paper: { style: id, body: paper } }))) as Answered[]
    let asked = 0
    const memory = new TitleMemory((questions) => {
      asked += questions.length
      return Promise.resolve([])
    })
    memory.learn(answers)
    expect(shown(style, memory)).toEqual(wanted)
    expect(asked).toBe(0)
  },
)

it('a source that changed is asked about anew, and others have their turn meanwhile', async () => {
  const [one] = sources
  const body: DocNode = { type: 'doc', content: [] }
  const told = async (title: string, revision: number) =>
    (await titleAnswers({ sources: [{ ...one!, fields: { ...one!.fields, title }, revision }], paper: { style: 'apa-7', body } })).map(([key]) => key)
  expect((await told('The Lock Keeper’s House', 7)).join()).toContain('Lock Keeper’s House')
  expect((await told('The Barge at Carewick', 8)).join()).toContain('The Barge at Carewick')
  let turns = 0
  const count = setInterval(() => turns++, 1)
  const many = Array.from({ length: 1500 }, (_, i) => ({ ...one!, id: `m${i}`, fields: { ...one!.fields, title: `Barges of Carewick, part ${i}` } }))
  await titleAnswers({ sources: many, paper: { style: 'apa-7', body } })
  clearInterval(count)
  expect(turns).toBeGreaterThan(3)
})
