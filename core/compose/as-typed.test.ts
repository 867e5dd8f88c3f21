import { describe, expect, it } from 'vitest'
import { checkDetails } from '../check/details'
import { rethrowFaults, takeFaults } from '../check/faults'
import type { Source } from '../source/model'
import { STYLES } from '../styles'
import { plain } from '../text/runs'
import { compose, composeAlone, Composer, filingOrder } from './compose'

/** A source with a field that breaks whatever reads it: the fault that nobody has found yet. */
function broken(id: string): Source {
  const fields: Source['fields'] = { title: 'The breaking of things', author: [{ family: 'Quill', given: 'Ina' }] }
  Object.defineProperty(fields, 'publisher', { enumerable: true, get: () => { throw new Error('no publisher can be read') } })
  return { id, kind: 'book', fields }
}
const SOUND: Source = {
  id: 'sound',
  kind: 'book',
  fields: { title: 'Tides', author: [{ family: 'Okonjo', given: 'Ada' }], issued: { start: { year: 2021 } }, publisher: 'Saltmarsh Press' },
}
const paper = { citations: [{ items: [{ id: 'bad' }] }, { items: [{ id: 'sound' }, { id: 'bad' }] }], alsoList: [] }

describe.each(STYLES.map(style => [style.id, style] as const))('%s: a source that cannot be set', (_, style) => {
  it('stands as it was typed, and takes nothing else down', () => {
    const composition = compose(style, [broken('bad'), SOUND], paper)
    expect(composition.asTyped).toEqual(['bad'])
    const entry = composition.list.find(({ id }) => id === 'bad')!
    expect(plain(entry.runs)).toContain('The breaking of things')
    const alone = compose(style, [SOUND], { citations: [{ items: [{ id: 'sound' }] }] })
    expect(composition.list.find(({ id }) => id === 'sound')!.runs).toEqual(alone.list[0]!.runs)
    expect(composition.citations.map(plain).join('') + composition.notes.map(plain).join('')).toMatch(/breaking|Breaking|\[?1|¹/u)
  })
  it('can be looked at, filed and found', () => {
    expect(plain(composeAlone(style, broken('bad')).reference!)).toContain('The breaking of things')
    expect(filingOrder(style, [broken('bad'), SOUND]).sort()).toEqual(['bad', 'sound'])
    // A fault that nobody has found yet: here it is made, and is not to end the test.
    rethrowFaults(false)
    expect(checkDetails({ source: broken('bad'), style, today: [2026, 11, 28] })[0]).toMatchObject({ rule: 'as-typed', serious: true })
    expect(takeFaults().join()).toContain('no publisher can be read')
    rethrowFaults()
  })
})

it('mended, it is set like any other', () => {
  const [style] = STYLES
  const composer = new Composer()
  composer.compose(style!, [broken('bad'), SOUND], paper)
  const mended: Source = { ...broken('bad'), fields: { title: 'Mended', author: [{ family: 'Quill' }] } }
  const now = composer.compose(style!, [mended, SOUND], paper)
  expect([now.asTyped, now]).toEqual([undefined, compose(style!, [mended, SOUND], paper)])
})

it('a fault that is no source’s is not hidden', () => {
  const [style] = STYLES
  expect(() => compose(style!, [SOUND], { get citations(): never { throw new Error('elsewhere') } })).toThrow('elsewhere')
})
