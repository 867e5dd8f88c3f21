/**
 * Composing again after a change gives what composing anew gives, whatever was changed and in whatever order. A sequence
 * of changes is drawn by fast-check; when one fails it is shortened to the few that matter.
 */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readDate } from '../source/dates'
import type { Locator } from '../source/locators'
import { readName } from '../source/names'
import type { Fields, Source } from '../source/model'
import { STYLES, styleOf } from '../styles'
import { withValues } from '../styles/paths'
import { FORMS } from './citations/forms'
import { compose, Composer, type Citation, type Paper } from './compose'

// Few names, years and titles, so that works share them: letters, initials, more names, short titles all happen.
const NAMES = ['Vance, Mary', 'Vance, Tom', 'Okonjo, Adaeze', 'Marine Planning Agency [MPA]', 'Fox, Ann', 'Dale, Di']
const fields = fc
  .record({
    author: fc.array(fc.constantFrom(...NAMES), { maxLength: 4 }).map((names) => names.map(readName)),
    issued: fc.constantFrom('2019', '2020', '', '14 March 2020').map(readDate),
    title: fc.constantFrom('The Tide', 'A Mill and Its Water', 'Silt', ''),
    container: fc.constantFrom('Shore Notes', ''),
  })
  .map(
    (given): Fields =>
      Object.fromEntries(
        Object.entries(given).filter(([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && !value.length)),
      ) as Fields,
  )
const kind = fc.constantFrom<Source['kind']>('book', 'journal-article', 'newspaper-article', 'personal-communication', 'web-page')
const IDS = ['a', 'b', 'c', 'd', 'e', 'f']
const id = fc.constantFrom(...IDS, 'gone')
const citation = fc
  .record({
    form: fc.constantFrom<Citation['form'][]>(undefined, ...FORMS),
    items: fc.array(fc.record({
      id,
      place: fc.constantFrom('', '4', '4-5', '9'),
      label: fc.constantFrom<Locator['label'][]>('page', 'page', 'chapter', 'volume'),
      prefix: fc.constantFrom('', '', 'see'),
      suffix: fc.constantFrom('', '', 'my italics'),
      original: fc.constantFrom('', '', '', 'Rowe, 1982'),
    }), { maxLength: 3 }),
    before: fc.constantFrom('', '', 'Compare'),
    words: fc.constantFrom('', '', 'My own.'),
    inNote: fc.boolean(),
  })
  .map(({ form, items, before, words, inNote }): Citation => ({
    ...(form ? { form } : {}),
    ...(before || words ? { words: { ...(before ? { before } : {}), ...(words ? { after: words } : {}) } } : {}),
    ...(inNote ? { inNote } : {}),
    items: items.map(({ id, place, label, prefix, suffix, original }) => ({
      id,
      ...(place ? { locator: { label, place } } : {}),
      ...(prefix ? { prefix } : {}),
      ...(suffix ? { suffix } : {}),
      ...(original ? { original } : {}),
    })),
  }))

interface State { sources: readonly Source[], paper: Paper }
type Change = (state: State) => State
const at = (list: readonly unknown[], where: number): number => Math.floor(where * (list.length + 1))
const where = fc.double({ min: 0, max: 0.999, noNaN: true })
const citing = (state: State, change: (citations: readonly Citation[]) => readonly Citation[]): State => ({
  ...state,
  paper: { ...state.paper, citations: change(state.paper.citations) },
})
const change: fc.Arbitrary<Change> = fc.oneof(
  fc.tuple(where, citation).map(
    ([place, one]): Change =>
      (state) =>
        citing(state, (all) => [...all.slice(0, at(all, place)), one, ...all.slice(at(all, place))]),
  ),
  where.map(
    (place): Change =>
      (state) =>
        citing(state, (all) => all.filter((_, i) => i !== at(all, place))),
  ),
  fc.tuple(where, citation).map(
    ([place, one]): Change =>
      (state) =>
        citing(state, (all) => all.map((old, i) => (i === at(all, place) ? one : old))),
  ),
  fc.tuple(where, where).map(
    ([from, to]): Change =>
      (state) =>
        citing(state, (all) => {
          const moved = all[at(all, from)]
          const rest = all.filter((one) => one !== moved)
          return moved ? [...rest.slice(0, at(rest, to)), moved, ...rest.slice(at(rest, to))] : all
        }),
  ),
  fc
    .tuple(fc.constantFrom(...IDS), kind, fields)
    .map(([id, kind, fields]): Change => (state) => ({
      ...state,
      sources: [...state.sources.filter((one) => one.id !== id), { id, kind, fields }],
    })),
  fc
    .tuple(fc.constantFrom(...IDS), fields)
    .map(([id, fields]): Change => (state) => ({
      ...state,
      sources: state.sources.map((one) => (one.id === id ? { ...one, fields } : one)),
    })),
  fc.constantFrom(...IDS).map((id): Change => (state) => ({ ...state, sources: state.sources.filter((one) => one.id !== id) })),
  fc
    .array(fc.constantFrom(...IDS), { maxLength: 3 })
    .map((alsoList): Change => (state) => ({ ...state, paper: { ...state.paper, alsoList } })),
  fc
    .array(fc.constantFrom(...IDS), { maxLength: 3 })
    .map((leftOut): Change => (state) => ({ ...state, paper: { ...state.paper, leftOut } })),
  fc
    .array(fc.constantFrom(...IDS), { maxLength: 3 })
    .map((primary): Change => (state) => ({
      ...state,
      paper: {
        ...state.paper,
        divisions: {
          order: ['Primary', 'Secondary'],
          of: Object.fromEntries(IDS.map((id) => [id, primary.includes(id) ? 'Primary' : 'Secondary'])),
        },
      },
    })),
  // Typing a letter, and a copy of everything as it comes back from the server.
  fc.constant<Change>((state) => citing(state, (all) => [...all])),
  fc.constant<Change>((state) => ({ ...state, paper: structuredClone(state.paper) })),
)
const begin = fc.record({
  sources: fc.tuple(...IDS.map(id => fc.record({ id: fc.constant(id), kind, fields }))),
  paper: fc.record({ citations: fc.array(citation, { maxLength: 8 }) }),
})

const ibid = withValues(styleOf('chicago-17-notes')!, [{ path: 'citation.notes.ibid', value: 'Ibid.' }]).style
const byName = withValues(styleOf('ieee')!, [{ path: 'list.order', value: 'filing' }]).style

describe('composing again', () => {
  it.each([...STYLES.map((style) => [style.id, style] as const), ['with ibid.', ibid] as const, ['numbered by name', byName] as const])(
    '%s: gives what composing anew gives',
    (_, style) => {
      fc.assert(
        fc.property(begin, fc.array(change, { minLength: 1, maxLength: 12 }), (first, changes) => {
          const composer = new Composer()
          let state: State = first
          composer.compose(style, state.sources, state.paper)
          for (const apply of changes) {
            state = apply(state)
            // Anew means anew: copies of the fields, so that nothing read before is known.
            const fresh = state.sources.map((source) => ({ ...source, fields: structuredClone(source.fields) }))
            expect(composer.compose(style, state.sources, state.paper)).toEqual(compose(style, fresh, structuredClone(state.paper)))
          }
        }),
        { numRuns: 60, seed: 20261128 },
      )
    },
    60_000,
  )

  it('a change of style and back forgets nothing and mixes nothing', () => {
    fc.assert(fc.property(begin, fc.array(fc.constantFrom(...STYLES), { maxLength: 5 }), ({ sources, paper }, styles) => {
      const composer = new Composer()
      for (const style of styles) expect(composer.compose(style, sources, paper)).toEqual(compose(style, sources, paper))
    }), { numRuns: 40, seed: 7 })
  })

  it('what did not change is the same object', () => {
    const sources: Source[] = IDS.map((id, i) => ({
      id,
      kind: 'book',
      fields: { author: [readName(`Name${id.toUpperCase()}, Al`)], issued: { start: { year: 2000 + i } }, title: `Title ${id}` },
    }))
    const paper: Paper = { citations: IDS.map(id => ({ items: [{ id }] })) }
    const composer = new Composer()
    const style = styleOf('apa-7')!
    const before = composer.compose(style, sources, paper)
    expect(composer.compose(style, [...sources], { citations: [...paper.citations] })).toBe(before)
    const after = composer.compose(
      style,
      sources.map((one) => (one.id === 'c' ? { ...one, fields: { ...one.fields, title: 'Other' } } : one)),
      paper,
    )
    expect(after.list.map((entry, i) => entry === before.list[i])).toEqual([true, true, false, false, true, true])
    expect(after.citations.map((one, i) => one === before.citations[i])).toEqual([true, true, false, true, true, true])
  })
})
