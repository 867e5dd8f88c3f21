/** Sources of every usual kind, no two alike, as CSL-JSON: what the benchmarks compose, cite and write out again. */
const PEOPLE = [
  'Okonjo',
  'Vasquez',
  'Thorne',
  'Abara',
  'van der Berg',
  'McKay',
  'Tremayne',
  'Lindqvist',
  'O’Neill',
  'Quist',
  'Sable Ortiz',
  'Moreau',
]
const GIVEN = ['Adaeze R.', 'Tom', 'Jean-Luc', 'Loveday', 'Maja', 'Una', 'Samuel J.', 'Priya']
const WORDS = [
  'Silt',
  'Tides',
  'of',
  'the',
  'Northmere',
  'Estuary',
  'and',
  'Their',
  'Mills',
  'Patience',
  'in',
  'French',
  'Harbours',
  'Working',
  'Water',
  'Wheels',
  'under',
  'Pressure',
  'Society',
  'Survey',
]

export type Item = Record<string, unknown> & { id: string, type: string }

/** What databases and library catalogues send along with every record. */
const shelfMarks = (i: number) => ({
  'language': 'en',
  'source': 'Harbour Index',
  'title-short': i % 5 ? undefined : 'A Short Title',
  'accessed': { 'date-parts': [[2026, 3, 1 + (i % 28)]] },
})
const inJournal = { 'ISSN': '5555-0101' }
const inBook = { 'ISBN': '978-5-5555-0101-5', 'number-of-pages': '312' }

/** A reproducible number below `n` for the i-th source. */
const pick = (i: number, salt: number, n: number): number => ((i * 2654435761 + salt * 40503) >>> 7) % n

function title(i: number): string {
  const words = Array.from({ length: 5 + pick(i, 1, 6) }, (_, at) => WORDS[pick(i, at + 2, WORDS.length)]!)
  return `${words.join(' ')}${pick(i, 20, 3) ? '' : `: Part ${i} of a History`}`
}
const person = (i: number, salt: number) => ({
  family: `${PEOPLE[pick(i, salt, PEOPLE.length)]!}`,
  given: GIVEN[pick(i, salt + 1, GIVEN.length)]!,
})
const people = (i: number) => Array.from({ length: 1 + pick(i, 30, 4) }, (_, at) => person(i, 31 + at * 2))
const day = (i: number) => ({ 'date-parts': [[1950 + pick(i, 40, 75), 1 + pick(i, 41, 12), 1 + pick(i, 42, 28)]] })

const KINDS: ((i: number) => Omit<Item, 'id'>)[] = [
  (i) => ({
    'type': 'article-journal',
    'title': title(i),
    'author': people(i),
    'issued': day(i),
    'container-title': `Journal of ${WORDS[pick(i, 50, 20)]!} Studies`,
    'volume': String(1 + pick(i, 51, 60)),
    'issue': String(1 + pick(i, 52, 6)),
    'page': `${100 + pick(i, 53, 300)}-${410 + pick(i, 54, 50)}`,
    'DOI': `10.5555/bench.${i}`,
    'URL': `https://journals.example/estuary-heritage/article/${i}`,
    ...inJournal,
  }),
  (i) => ({
    'type': 'book',
    'title': title(i),
    'author': people(i),
    'issued': day(i),
    'publisher': 'Saltmarsh Press',
    'publisher-place': 'Bristol',
    'edition': String(1 + pick(i, 55, 3)),
    ...inBook,
  }),
  (i) => ({
    'type': 'chapter',
    'title': title(i),
    'author': people(i),
    'editor': [person(i, 60)],
    'issued': day(i),
    'container-title': title(i + 7),
    'publisher': 'Meridian University Press',
    'publisher-place': 'Leedside',
    'page': `${1 + pick(i, 56, 90)}-${95 + pick(i, 57, 40)}`,
    ...inBook,
  }),
  (i) => ({
    'type': 'webpage',
    'title': title(i),
    'author': i % 2 ? [{ literal: 'Marine Planning Agency' }] : people(i),
    'issued': day(i),
    'container-title': 'Harbour Notes',
    'URL': `https://harbour.example/notes/${i}`,
  }),
  (i) => ({
    'type': 'article-newspaper',
    'title': title(i),
    'author': people(i),
    'issued': day(i),
    'container-title': 'The Northmere Courier',
    'page': `A${1 + pick(i, 58, 20)}`,
  }),
  (i) => ({
    'type': 'report',
    'title': title(i),
    'author': [{ literal: 'Tidal Standards Board' }],
    'issued': day(i),
    'publisher': 'Harbour Institute',
    'number': `TR-${i}`,
    'genre': 'Technical Report',
  }),
  (i) => ({
    'type': 'thesis',
    'title': title(i),
    'author': [person(i, 61)],
    'issued': day(i),
    'publisher': 'University of Northmere',
    'genre': 'Doctoral dissertation',
  }),
  (i) => ({
    'type': 'paper-conference',
    'title': title(i),
    'author': people(i),
    'issued': day(i),
    'container-title': `Proceedings of the ${1 + (i % 40)}th Symposium on Small Hydropower`,
    'page': `${1 + pick(i, 59, 90)}-${95 + pick(i, 62, 40)}`,
  }),
  (i) => ({ 'type': 'motion_picture', 'title': title(i), 'director': [person(i, 63)], 'issued': day(i), 'publisher': 'Lantern House' }),
  (i) => ({ 'type': 'book', 'title': title(i), 'issued': day(i), 'publisher': 'Lantern House' }),
]

/** @param from other numbers give other sources: titles are remembered, so that a run must not see those of another */
export const mixed = (many: number, from = 0): Item[] => Array.from({ length: many }, (_, at) => {
  const i = at + from
  return { id: `s${at}`, ...KINDS[at % KINDS.length]!(i), ...shelfMarks(i) } as unknown as Item
})
