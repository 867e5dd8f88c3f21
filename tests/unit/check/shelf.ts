/** Sources that the texts of the tests cite: everyone and everything invented. */
import type { Fields, Source } from '../../../core/source/model'
import type { KindId } from '../../../core/source/kinds'
import { readDate } from '../../../core/source/dates'
import { readName } from '../../../core/source/names'

const people = (...names: string[]) => names.map(readName)
const on = (text: string) => readDate(text)!
const source = (id: string, kind: KindId, fields: Fields): Source => ({ id, kind, fields })

export const SHELF: Source[] = [
  source('moss-2012', 'journal-article', {
    author: people('Moss, Idris'),
    issued: on('2012'),
    title: 'The price of still water',
    container: 'Journal of Weirs',
    volume: '7',
    issue: '1',
    pages: '11-29',
    doi: '10.5555/jw.2012.11',
  }),
  source('quill-2018', 'book', {
    author: people('Quill, Aster'),
    issued: on('2018'),
    title: 'A history of sluices',
    publisher: 'Heron Press',
    place: 'Marlow Quay',
  }),
  source('brandt-2020', 'journal-article', {
    author: people('Brandt, Ottilie', 'Vane, Corin'),
    issued: on('2020'),
    title: 'Counting eels in a dry year',
    container: 'Fen Studies',
    volume: '31',
    issue: '4',
    pages: '201-220',
    doi: '10.5555/fs.2020.201',
  }),
  source('adair-2016', 'journal-article', {
    author: people('Adair, Noor', 'Bly, Tamsin', 'Cade, Rufus'),
    issued: on('2016'),
    title: 'Reeds and what they hold',
    container: 'Fen Studies',
    volume: '27',
    issue: '2',
    pages: '88-104',
    doi: '10.5555/fs.2016.88',
  }),
  source('fen-trust-2021', 'report', {
    author: [{ literal: 'Fen Trust' }],
    issued: on('2021'),
    title: 'The state of the lodes',
    publisher: 'Fen Trust',
    url: 'https://fentrust.example/lodes',
  }),
  source('hollis-2023', 'web-page', {
    author: people('Hollis, Wren'),
    issued: on('2 May 2023'),
    title: 'How a lode is cleared',
    container: 'Lode Notes',
    url: 'https://lodenotes.example/clearing',
  }),
]

/** The shelf with one more book on it. */
export const shelfWith = ({
  id,
  author,
  year,
  title = 'Gates',
  edition,
}: {
  id: string
  author: string
  year: number
  title?: string
  edition?: string
}): Source[] => [
  ...SHELF,
  source(id, 'book', {
    author: people(author),
    issued: { start: { year } },
    title,
    publisher: 'Heron Press',
    ...(edition ? { edition } : {}),
  }),
]

/** The shelf with two more pages on it that give the day they were read; the one that was there does not. */
export const pagesRead = (): Source[] => {
  const page = (id: string, author: string): Source =>
    source(id, 'web-page', {
      author: people(author),
      issued: on('4 June 2022'),
      title: `Walks by ${author}`,
      container: 'Lode Notes',
      url: `https://lodenotes.example/${id}`,
      accessed: on('6 May 2025'),
    })
  return [...SHELF, page('walker-a', 'Adams, Una'), page('walker-b', 'Burr, Ned')]
}
