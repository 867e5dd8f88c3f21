import { expect, it } from 'vitest'
import { styleOf } from '../styles'
import type { Fields, Source } from '../source/model'
import { unprinted } from './unprinted'

const book = (more: Fields): Source => ({
  id: 'b', kind: 'book',
  fields: { author: [{ family: 'Moss', given: 'Ada' }], issued: { start: { year: 2021 } }, title: 'Silt', publisher: 'Saltmarsh Press', ...more },
})
it.each<[string, string, Fields, [string, string][]]>([
  ['a place, by the manual', 'apa-7', { place: 'Bristol' }, [['place', 'a publisher is named without its place (APA 7, 9.29)']]],
  ['a place where it is printed', 'harvard', { place: 'Bristol' }, []],
  ['an address beside a DOI', 'mla-9', { doi: '10.5555/x', url: 'https://a.example/' }, [['url', 'the DOI is given instead']]],
  ['an address alone', 'mla-9', { url: 'https://a.example/' }, []],
  ['what no style speaks of', 'apa-7', { isbn: '9780306406157' }, [['isbn', '']]],
  ['the language of a title', 'apa-7', { language: 'en' }, []],
])('says what is not printed: %s', (_, style, more, said) => expect([...unprinted(styleOf(style)!, book(more))]).toEqual(said))
