import { describe, expect, it } from 'vitest'
import { SOURCES } from '../../server/db/demo/sources'
import { readDate } from '../source/dates'
import { readName } from '../source/names'
import type { Fields, Source } from '../source/model'
import type { KindId } from '../source/kinds'
import { STYLES, styleOf } from '../styles'
import { fromEditable, titleWords, toEditable, toggleProtection } from '../text/protection'
import { closeness } from './closeness'
import { checkDetails, fixed } from './details'
import { cleanUrl } from './detail-addresses'

const ARTICLE: Fields = {
  author: [readName('Okonjo, Adaeze R.')],
  issued: readDate('2021')!,
  title: 'Silt and patience',
  container: 'Journal of Estuary Heritage',
  volume: '14',
  pages: '101-119',
}
const check = (fields: Fields, kind: KindId = 'journal-article', style = 'apa-7') =>
  checkDetails({ source: { id: 's', kind, fields }, style: styleOf(style)!, today: [2026, 11, 25] })
const people = (...names: string[]) => names.map(readName)

describe('findings, and what their fix makes', () => {
  it.each<[string, KindId, Fields, string, Partial<Fields> | null]>([
    [
      'a title in capitals',
      'journal-article',
      { title: 'SILT, SALT AND PATIENCE IN KENYA' },
      'title-shouted',
      { title: 'Silt, salt and patience in Kenya' },
    ],
    [
      'a title in headline capitals, for a style that wants a sentence',
      'journal-article',
      { title: 'The Slow Return of Wading Birds: A Study in Kenya' },
      'title-headline',
      { title: 'The slow return of wading birds: A study in Kenya' },
    ],
    [
      'a title with a stop, in quotation marks',
      'journal-article',
      { title: '“Silt and patience.”' },
      'title-edges',
      { title: 'Silt and patience.' },
    ],
    [
      'a title with the site behind it',
      'web-page',
      { title: 'How a tide mill works | Mill Trails', container: 'Mill Trails', url: 'https://x.example/a' },
      'title-edges',
      { title: 'How a tide mill works' },
    ],
    [
      'a title with codes of a page',
      'journal-article',
      { title: 'Reed &amp; Heron &quot;live&quot;' },
      'title-edges',
      { title: 'Reed & Heron "live"' },
    ],
    ['a name in capitals', 'journal-article', { author: people('OKONJO, Adaeze') }, 'name-loud', { author: people('Okonjo, Adaeze') }],
    [
      'given and surname swapped',
      'journal-article',
      { author: [{ family: 'A. R.', given: 'Okonjo' }] },
      'name-swapped',
      { author: [{ family: 'Okonjo', given: 'A. R.' }] },
    ],
    [
      'a group typed as a person',
      'journal-article',
      { author: [{ family: 'Agency', given: 'Marine Planning' }] },
      'name-group',
      { author: [{ literal: 'Marine Planning Agency' }] },
    ],
    [
      'a person kept as a group',
      'journal-article',
      { author: [{ literal: 'Adaeze R. Okonjo' }] },
      'name-person',
      { author: [{ family: 'Okonjo', given: 'Adaeze R.' }] },
    ],
    [
      'et al. as a name',
      'journal-article',
      { author: [...people('Fell, Tom'), { literal: 'et al.' }] },
      'name-et-al',
      { author: people('Fell, Tom') },
    ],
    ['et al. behind a name', 'journal-article', { author: [{ literal: 'Fell et al.' }] }, 'name-et-al', { author: [{ literal: 'Fell' }] }],
    [
      'two names in one',
      'journal-article',
      { author: [{ literal: 'June Alder and Tom Baird' }] },
      'name-joined',
      { author: people('Alder, June', 'Baird, Tom') },
    ],
    ['a name twice', 'journal-article', { author: people('Fell, Tom', 'Fell, Tom') }, 'name-twice', { author: people('Fell, Tom') }],
    [
      'journal and publisher swapped',
      'journal-article',
      { container: 'Saltmarsh Press', publisher: 'Journal of Mud' },
      'places-swapped',
      { container: 'Journal of Mud', publisher: 'Saltmarsh Press' },
    ],
    [
      'a publisher where the journal goes',
      'journal-article',
      { container: 'Saltmarsh Press' },
      'publisher-as-journal',
      { publisher: 'Saltmarsh Press' },
    ],
    ['a label in the volume', 'journal-article', { volume: 'Vol. 14' }, 'number-labelled', { volume: '14' }],
    ['a label in the issue', 'journal-article', { issue: 'no. 2' }, 'number-labelled', { issue: '2' }],
    ['a label in the pages', 'journal-article', { pages: 'pp. 101-119' }, 'number-labelled', { pages: '101-119' }],
    ['pages upside down', 'journal-article', { pages: '119-101' }, 'pages-upside-down', { pages: '101-119' }],
    ['words around a DOI', 'journal-article', { doi: 'doi: 10.5555/x.1' }, 'doi-text', { doi: '10.5555/x.1' }],
    ['a DOI with the stop of its sentence', 'journal-article', { doi: '10.5555/x.1.' }, 'doi-text', { doi: '10.5555/x.1' }],
    [
      'a DOI as the address',
      'journal-article',
      { url: 'https://doi.org/10.5555/x.1' },
      'doi-in-url',
      { doi: '10.5555/x.1', url: undefined },
    ],
    ['no DOI at all', 'journal-article', { doi: 'see the website' }, 'doi-wrong', null],
    ['a date to come', 'journal-article', { issued: readDate('2031')! }, 'date-future', null],
    ['a date not understood', 'journal-article', { issued: readDate('the year of the flood')! }, 'date-words', null],
    ['a date of either order', 'journal-article', { issued: readDate('04/05/2020')! }, 'date-either', null],
    [
      '"Retrieved from" left in',
      'journal-article',
      { container: 'Mill Trails. Retrieved from' },
      'retrieved-left',
      { container: 'Mill Trails' },
    ],
    [
      'a day of reading beside a DOI',
      'journal-article',
      { doi: '10.5555/x.1', url: 'https://x.example/a', accessed: readDate('6 May 2025')! },
      'accessed-beside-doi',
      { accessed: undefined },
    ],
    ['words before the address', 'web-page', { url: 'Available at: https://x.example/a.' }, 'url-words', { url: 'https://x.example/a' }],
    [
      'a library’s gate',
      'web-page',
      { url: 'https://www-mills-example.proxy.library.example/a' },
      'url-proxy',
      { url: 'https://www.mills.example/a' },
    ],
    [
      'a session in the address',
      'web-page',
      { url: 'https://x.example/a?id=3&sessionid=99&utm_source=m' },
      'url-session',
      { url: 'https://x.example/a?id=3' },
    ],
    ['the address of a search', 'web-page', { url: 'https://x.example/search?q=mud' }, 'url-search', null],
    ['an address that is none', 'web-page', { url: 'the library' }, 'url-wrong', null],
    ['a first edition', 'book', { publisher: 'P', edition: '1st' }, 'edition-first', { edition: undefined }],
    ['words in the edition', 'book', { publisher: 'P', edition: '2nd ed.' }, 'edition-words', { edition: '2' }],
    [
      'an abbreviated journal, where the name is wanted in full',
      'journal-article',
      { container: 'J. Estuary Herit.' },
      'journal-short',
      null,
    ],
    ['an ISBN mistyped', 'book', { publisher: 'P', isbn: '978-0-306-40615-8' }, 'isbn-wrong', null],
    [
      'dates crossed',
      'book',
      { publisher: 'P', issued: readDate('1612')!, originalDate: readDate('2003')! },
      'dates-crossed',
      { issued: readDate('2003')!, originalDate: readDate('1612')! },
    ],
    ['a stray mark', 'book', { publisher: 'Saltmarsh Press,' }, 'stray-mark', { publisher: 'Saltmarsh Press' }],
  ])('%s', (_, kind, given, rule, becomes) => {
    const fields = {
      ...ARTICLE,
      ...(kind === 'journal-article' ? {} : { container: undefined, volume: undefined, pages: undefined }),
      ...given,
    } as Fields
    const finding = check(fields, kind).find((one) => one.rule === rule)
    expect(finding?.brief).toBeTruthy()
    expect(finding!.brief).not.toBe('To look at')
    if (becomes) {
      const after = fixed({ id: 's', kind, fields } as Source, finding!).fields
      for (const [name, value] of Object.entries(becomes)) expect(after[name as keyof Fields]).toEqual(value)
      // A fix done leaves nothing of the same kind to fix.
      expect(
        check(after, kind).filter(
          (one) => one.rule === rule && JSON.stringify(one.where) === JSON.stringify(finding!.where) && rule !== 'title-edges',
        ),
      ).toEqual([])
    }
  })
  it('asks for what the kind needs, and says where to look', () => {
    expect(
      check({ title: 'Silt' })
        .filter((f) => f.rule === 'missing')
        .map((f) => f.says),
    ).toEqual([
      'No author. Look under the title, or on the title page.',
      'No date. If the source gives none, APA 7 prints n.d.',
      'No journal. Look on the cover or above the article.',
    ])
  })
  it.each(STYLES.map(s => s.id))('finds nothing amiss in sources that are right, in %s', (style) => {
    const said = SOURCES.filter((s) => s.key !== 'last-miller-2022').flatMap(({ key, kind, fields }) =>
      check(fields, kind, style)
        .filter((f) => f.rule !== 'missing')
        .map((f) => `${key}: ${f.says}`),
    )
    expect(said).toEqual([])
  })
  it('a finding has one name until its words change, so that it can be left', () => {
    const ids = (volume: string, rest: Fields = {}) => check({ ...ARTICLE, ...rest, volume }).map(one => one.id)
    expect(ids('Vol. 14', { pages: '101-120' })).toEqual(ids('Vol. 14'))
    expect(ids('Vol. 15')).not.toEqual(ids('Vol. 14'))
  })
  it.each([['apa-7', true], ['mla-9', true], ['mhra-3', false]] as const)(
    'the day of reading beside a date is one too many only where the style leaves it out: %s',
    (style, said) => {
      const dated = { title: 'Mills at night', container: 'Mill Notes', issued: readDate('4 June 2022')!, url: 'https://m.example/n', accessed: readDate('6 May 2025')! }
      expect(check(dated, 'web-page', style).some(one => one.rule === 'accessed-beside-date')).toBe(said)
    },
  )

  it('a headline title is right for a style that sets headlines', () =>
    expect(check({ ...ARTICLE, title: 'The Slow Return of Wading Birds' }, 'journal-article', 'mla-9')).toEqual([]))
  it.each([
    ['https://journal.example/a', undefined],
    ['https://www.mills.example.proxy.library.example/a', 'https://www.mills.example/a'],
    ['https://login.proxy.library.example/login?url=https://mills.example/a', 'https://mills.example/a'],
    ['not an address', undefined],
  ])('%s', (address, becomes) => expect(cleanUrl(address)?.becomes).toBe(becomes))
})

describe('protected words', () => {
  it('take a capital, keep it, and let go', () => {
    const kept = toggleProtection('The last miller of thornham', 4)
    expect(kept).toBe('The last miller of <span class="nocase">Thornham</span>')
    expect(toggleProtection(kept, 4)).toBe('The last miller of Thornham')
    expect(titleWords(kept).filter(w => w.word).map(w => w.kept)).toEqual([false, false, false, false, true])
  })
  it.each(['A plain title', 'On *Homarus* and others', 'Three * stars'])('%s is edited without codes', (typed) =>
    expect(toEditable(fromEditable(typed, ''))).toBe(typed),
  )
  it('stays while the words around change', () =>
    expect(fromEditable('Millers of Thornham', 'The miller of <span class="nocase">Thornham</span>')).toBe(
      'Millers of <span class="nocase">Thornham</span>',
    ))
})

describe('a paraphrase and its original', () => {
  const ORIGINAL = 'The pond men were laid off a full decade before the stones stopped, and nobody thought to ask why.'
  it.each<[string, string, string[], boolean]>([
    [
      'the same words',
      'It seems the pond men were laid off a full decade before the stones stopped.',
      ['the pond men were laid off a full decade before the stones stopped'],
      true,
    ],
    [
      'a short run in a longer text',
      'Long before milling ended, and nobody thought to ask about it then or for many years afterwards in the town, the workers were let go.',
      ['and nobody thought to ask'],
      false,
    ],
    ['other words', 'Dredging ended ten years ahead of milling; no reason was sought.', [], false],
    ['nothing', '', [], false],
  ])('%s', (_, own, runs, tooClose) => {
    const close = closeness(own, ORIGINAL)
    expect([close.runs.map((r) => own.slice(r.from, r.to)), close.tooClose]).toEqual([runs, tooClose])
  })
})
