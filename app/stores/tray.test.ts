/** The tray asks the catalogue: what it answers late belongs to the paper it was asked for, and changes nothing by itself. */
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Proposal } from '~~/core/intake/proposal'
import { request } from '~/utils/request'
import { browser } from '../../tests/unit/in-memory'

vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
vi.mock('idb-keyval', () => import('../../tests/unit/in-memory'))
const { usePaper } = await import('./paper')
const { useTray } = await import('./tray')
const { useUndo } = await import('./undo')
const { useNotices } = await import('./notices')

const proposal = (fields: Proposal['fields'], by: 'read' | 'catalogue' = 'read'): Proposal =>
  ({ kind: 'book', fields, from: { title: { by, says: by } }, where: 'line 1', doubts: ['Look at its year.'] })
const open = async (id: string) => {
  await usePaper().open(id, {
    paper: { id, title: id, style: 'apa-7', body: { type: 'doc', content: [] }, details: {}, left: [], revision: 1, savedBy: null, updatedAt: '' },
    sources: [], passages: [],
  } as never)
  await useTray().open()
}
const MILL = { title: 'What the mill knew', author: [{ family: 'Larch', given: 'T.' }], issued: { start: { year: 2018 } } }
const FOUND = { ...MILL, title: 'What the Mill Knew', author: [{ family: 'Larch', given: 'Tamsin' }], doi: '10.5555/mill' }
/** Questions that wait for their answer. */
let asked: { given: { type: string, value: string, family?: string, year?: number }, answer: (a: unknown) => void }[] = []
beforeEach(() => {
  setActivePinia(createPinia())
  browser.clear()
  asked = []
  vi.mocked(request).mockImplementation(((_: string, path: string, given: never) => path === '/api/catalogue'
    ? new Promise(answer => asked.push({ given, answer }))
    : Promise.resolve({ revision: 2 })) as never)
})
async function lookedUp(...answers: unknown[]) {
  setActivePinia(createPinia())
  asked = []
  browser.set('dendle-tray:one', { items: answers.map((_, i) => ({ id: String(i + 1), proposal: proposal(MILL) })), problems: [] })
  await open('one')
  const done = useTray().lookUpTitles()
  await vi.waitFor(() => expect(asked).toHaveLength(answers.length))
  for (const [i, one] of answers.entries()) asked[i]!.answer(one)
  await done
  return useTray()
}
const found = { outcome: 'found', proposal: proposal(FOUND, 'catalogue') }
const says = () => useNotices().list.map(one => one.text)

it('asks by title, author and year; the answer lies beside, is taken as one chooses, and undone', async () => {
  const tray = await lookedUp(found)
  expect(asked[0]!.given).toEqual({ type: 'title', value: MILL.title, family: 'Larch', year: 2018 })
  expect([tray.items[0]!.proposal.fields, tray.items[0]!.found!.fields]).toEqual([MILL, FOUND])
  expect(tray.unconfirmed).toEqual([])
  tray.takeFound(tray.items[0]!, new Set(['author']))
  // Its own title stands, since its capitals are the style's affair: then nothing of the doubts is left.
  expect(tray.items[0]!.proposal).toMatchObject({ fields: { ...FOUND, title: MILL.title }, from: { title: { by: 'read' } }, doubts: [] })
  await useUndo().last()
  expect(tray.items[0]).toMatchObject({ proposal: { fields: MILL, doubts: ['Look at its year.'] }, found: { fields: FOUND } })
})
it('keeps its doubts where the catalogue says otherwise and is not followed', async () => {
  const tray = await lookedUp(found)
  tray.takeFound(tray.items[0]!, new Set())
  expect(tray.items[0]!.proposal).toMatchObject({ fields: { ...MILL, doi: '10.5555/mill' }, doubts: ['Look at its year.'] })
})
it('that it is not there is no trouble; that nobody could be asked is', async () => {
  await lookedUp({ outcome: 'none', says: 'No work agrees.' }, found)
  expect(says().join()).toContain('The catalogue has 1 of 2 titles')
  await lookedUp({ outcome: 'none', says: 'No work agrees.' }, { outcome: 'down', says: 'It could not be asked.' })
  expect(says().join()).toContain('It could not be asked.')
})
it('an answer that comes when another paper is open lies in the tray of its own', async () => {
  await open('one')
  const done = useTray().lookUp([{ type: 'doi', value: '10.5555/mill', typed: '' }, { type: 'doi', value: '10.5555/slow', typed: '' }])
  await vi.waitFor(() => expect(asked).toHaveLength(2))
  asked[0]!.answer(found)
  await vi.waitFor(() => expect(useTray().doing?.done).toBe(0.5))
  await open('two')
  await done
  expect(useTray().items).toEqual([])
  expect(browser.get('dendle-tray:one')).toMatchObject({ items: [{ id: '1', proposal: { fields: FOUND } }] })
})
