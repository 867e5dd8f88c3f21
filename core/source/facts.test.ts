import { describe, expect, it } from 'vitest'
import { firstSurname, leadOf, peopleOf, yearOf } from './facts'
import { readDate } from './dates'
import { kindOf, type KindId } from './kinds'
import type { Fields, Source } from './model'

const OKONJO = { family: 'Okonjo', given: 'Ada' }
const VALE = { family: 'Vale', given: 'Tom' }
const TRUST = { literal: 'Northmere Trust' }
const of = (kind: KindId, fields: Fields): Source => ({ id: 'one', kind, fields })

describe('who made a source', () => {
  it.each<[string, KindId, Fields, Record<string, unknown>, string | undefined]>([
    ['the author of a book is its author', 'book', { author: [OKONJO] }, { author: [OKONJO] }, undefined],
    ['the author of an episode wrote it', 'tv-episode', { author: [OKONJO], director: [VALE] }, { scriptWriter: [OKONJO], director: [VALE] }, 'scriptWriter'],
    ['a writer that is given leaves the author alone', 'tv-episode', { author: [OKONJO], scriptWriter: [VALE] }, { author: [OKONJO], scriptWriter: [VALE] }, undefined],
    ['who is another than the performer composed the song', 'song', { author: [OKONJO], performer: [VALE] }, { composer: [OKONJO], performer: [VALE] }, 'composer'],
    ['who performs what they wrote did not only compose it', 'song', { author: [VALE], performer: [VALE] }, { author: [VALE], performer: [VALE] }, undefined],
    ['a composer that is given leaves the author alone', 'song', { author: [OKONJO], composer: [VALE], performer: [TRUST] }, { author: [OKONJO], composer: [VALE], performer: [TRUST] }, undefined],
    ['a row without letters is nobody', 'book', { author: [{ family: ' ' }, OKONJO] }, { author: [OKONJO] }, undefined],
    ['a role of such rows only is not there', 'book', { author: [{ family: '' }], editor: [VALE] }, { editor: [VALE] }, undefined],
  ])('%s', (_, kind, fields, names, inAuthor) => {
    const people = peopleOf(kindOf(kind), fields)
    expect(people.names).toEqual(names)
    expect(people.inAuthor).toBe(inAuthor)
  })
  it('does not change what was given', () => {
    const fields: Fields = { author: [OKONJO], director: [VALE] }
    peopleOf(kindOf('tv-episode'), fields)
    expect(fields).toEqual({ author: [OKONJO], director: [VALE] })
  })
})

describe('who leads a source', () => {
  it.each<[string, Source, string | undefined, string]>([
    ['its author', of('book', { author: [OKONJO], editor: [VALE] }), 'author', 'Okonjo'],
    ['its editor, where nobody wrote it all', of('book', { editor: [VALE] }), 'editor', 'Vale'],
    ['who performs a song, before who wrote it', of('song', { author: [OKONJO], performer: [VALE] }), 'performer', 'Vale'],
    ['a group by its whole name', of('report', { author: [TRUST] }), 'author', 'Northmere Trust'],
    ['nobody', of('web-page', { title: 'Tides' }), undefined, ''],
  ])('%s', (_, source, role, name) => {
    expect(leadOf(source)?.role).toBe(role)
    expect(firstSurname(source)).toBe(name)
  })
})

describe('the year of a source', () => {
  it.each<[string, number | undefined]>([
    ['2021', 2021], ['14 March 2023', 2023], ['Winter 2020–21', 2020], ['46 BCE', -46], ['4/5/2020', 2020], ['soon', undefined], ['n.d.', undefined],
  ])('%s', (typed, year) => expect(yearOf(of('book', { issued: readDate(typed)! }))).toBe(year))
})
