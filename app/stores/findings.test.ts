/** What is left as it is: kept with the paper, whatever it is about and wherever it was left. */
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { checkDetails } from '~~/core/check/details'
import { styleOf } from '~~/core/styles'
import { request } from '~/utils/request'

vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
vi.mock('idb-keyval', () => ({
  get: () => Promise.resolve(undefined), set: () => Promise.resolve(), del: () => Promise.resolve(), keys: () => Promise.resolve([]),
}))
const { usePaper } = await import('./paper')
const { useSources } = await import('./sources')
const { useFindings } = await import('./findings')
const { useUndo } = await import('./undo')

const source = {
  id: 's1',
  kind: 'book' as const,
  fields: { title: 'THE SLOW TIDE', author: [{ family: 'Moss' }], issued: { start: { year: 2031 } } },
  parked: {},
  settled: [] as string[],
  revision: 1,
  key: 'moss',
  listed: false,
  leftOut: false,
  annotation: '',
  division: '',
  useRevision: 1,
  addedAt: '',
}
const about = () => checkDetails({ source, style: styleOf('apa-7')!, today: [2026, 11, 29] })
const open = (settled: string[] = [], left: string[] = []) => {
  const paper = { id: 'paper', title: 'T', style: 'apa-7', body: { type: 'doc', content: [] }, details: {}, left, revision: 1, updatedAt: '' }
  return usePaper().open('paper', { paper, sources: [{ ...source, settled }], passages: [] } as never)
}
const rules = () => useFindings().standingOf(source, about()).map(one => one.rule)

beforeEach(() => {
  setActivePinia(createPinia())
  vi.mocked(request).mockResolvedValue({ revision: 2 } as never)
})

it('what is left of a source is kept with the paper, by the name that Check knows it by, and one Undo takes it up', async () => {
  await open()
  const [first, second] = about()
  expect(rules()).toEqual(about().map(one => one.rule))
  useFindings().leaveOf(source, first!)
  expect(usePaper().paper!.left).toEqual([`s1:${first!.id}`])
  expect(rules()).not.toContain(first!.rule)
  expect(rules()).toContain(second!.rule)
  await useUndo().last()
  expect(usePaper().paper!.left).toEqual([])
  expect(rules()).toContain(first!.rule)
})

it('what a source has kept from before papers did is left in all of Dendle, and can be taken up', async () => {
  const [first] = about()
  await open([first!.id])
  expect(rules()).not.toContain(first!.rule)
  expect([...useFindings().left]).toEqual([`s1:${first!.id}`])
  useFindings().takeUp({ id: `s1:${first!.id}` })
  expect(useSources().sources[0]!.settled).toEqual([])
  expect(rules()).toContain(first!.rule)
})

it('leaving one leaves the others', async () => {
  await open([], ['page.empty:x', 's2:title'])
  expect(rules()).toEqual(about().map(one => one.rule))
  useFindings().leave({ id: 'page.spaces:y', brief: 'Doubled spaces' })
  expect(usePaper().paper!.left).toEqual(['page.empty:x', 's2:title', 'page.spaces:y'])
})
