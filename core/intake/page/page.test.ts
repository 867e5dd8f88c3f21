import { describe, expect, it } from 'vitest'
import { PAGES } from '../../../server/catalogue/pages'
import { readPage } from './page'
import { richLines } from '../paste'

const read = (head: string, body = '', address?: string) =>
  readPage(`<html><head>${head}</head><body>${body}</body></html>`, address).proposals[0]!

describe('the stand-in’s pages, each in its own way of tagging', () => {
  const EXPECTED: Record<string, object> = {
    'https://journals.saltmarsh.example/jeh/14/2/silt': {
      kind: 'journal-article',
      fields: {
        author: [{ family: 'Okonjo', given: 'Adaeze R.' }],
        issued: { start: { year: 2021, month: 5, day: 3 } },
        container: 'Journal of Estuary Heritage',
        volume: '14',
        issue: '2',
        pages: '101-119',
        doi: '10.5555/jeh.2021.0142',
      },
    },
    'https://papers.coastalforum.example/wp/31': {
      fields: {
        title: 'What a pond costs',
        author: [
          { family: 'Hale', given: 'Peter' },
          { family: 'Mistry', given: 'Kavita' },
        ],
        issued: { start: { year: 2023 } },
        publisher: 'Northmere Coastal Forum',
      },
    },
    'https://coastcountry.example/2024/06/night-gate': {
      fields: {
        title: 'The night gate',
        author: [{ family: 'Marr', given: 'Delphine' }],
        container: 'Coast & Country',
        issued: { start: { year: 2024, month: 6, day: 11 } },
        url: 'https://coastcountry.example/2024/06/night-gate',
      },
    },
    'https://northmerecourier.example/news/pond-vote': {
      fields: {
        title: 'Council delays pond vote again',
        author: [{ family: 'Larch', given: 'Tom' }],
        container: 'Northmere Courier',
        issued: { start: { year: 2025, month: 2, day: 3 } },
      },
    },
    'https://marineplanning.example/guidance/small-schemes': {
      fields: {
        title: 'Small tidal schemes: A short guide',
        author: [{ literal: 'Marine Planning Agency' }],
        issued: { start: { year: 2022, month: 9 } },
      },
    },
    'https://millnotes.example/2023/10/leather-belts': {
      kind: 'blog-post',
      fields: {
        title: 'Leather belts, and where to find them',
        author: [{ family: 'Holm', given: 'Ines' }],
        container: 'Mill Notes',
        issued: { start: { year: 2023, month: 10, day: 19 } },
      },
    },
    'https://carewicktrail.example/pond': {
      kind: 'web-page',
      fields: { title: 'Visiting the old mill pond', container: 'Carewick Heritage Trail' },
    },
    'https://milltrails.example/how-it-works': {
      fields: {
        title: 'How a tide mill works',
        author: [{ family: 'Gill', given: 'Rosalind' }],
        issued: { start: { year: 2023, month: 3, day: 14 } },
      },
    },
    'https://streamhouse.example/watch/91xk': {
      kind: 'online-video',
      fields: { title: 'Opening the Thornham sluice', container: 'Streamhouse', issued: { start: { year: 2022, month: 4, day: 18 } } },
    },
    'https://slowwater.example/episodes/27': {
      kind: 'podcast-episode',
      fields: { title: 'Who owns a river?', container: 'Slow Water', number: '27' },
    },
    'https://data.estuarycommons.example/edc/7731': {
      kind: 'dataset',
      fields: {
        title: 'Pond depth surveys, 2016-2024',
        author: [{ family: 'Abara', given: 'Ngozi' }],
        version: '2.1',
        doi: '10.5555/edc.7731',
      },
    },
    'https://saltmarshpress.example/books/estuary-people': {
      kind: 'book',
      fields: {
        title: 'Estuary people',
        author: [{ family: 'Penhale', given: 'Morwenna' }],
        publisher: 'Saltmarsh Press',
        issued: { start: { year: 2021 } },
      },
    },
    'https://localenergy.example/ten-years': {
      fields: {
        title: 'Community hydropower after ten years',
        author: [
          { family: 'Hale', given: 'Peter' },
          { family: 'Mistry', given: 'Kavita' },
        ],
        publisher: 'Institute for Local Energy',
      },
    },
    'https://oldmills.example/gallery': {
      fields: { title: 'GALLERY OF WHEELS & GEARS', author: [{ family: 'Brandvold', given: 'Nils' }], container: 'Old Mills Online' },
    },
  }
  it.each(PAGES.filter(page => EXPECTED[page.address]).map(page => [page.address, page.html] as const))('%s', (address, html) => {
    expect(readPage(html, address).proposals[0]).toMatchObject(EXPECTED[address]!)
  })
  it('every page is in the table, but the one that says nothing', () => {
    expect(PAGES.map(page => page.address).filter(address => !EXPECTED[address])).toEqual(['https://empty.example/'])
    expect(readPage('<html></html>').problems[0]!.what).toContain('no title and no tags')
  })
})

describe('what a page says of itself', () => {
  it('is merged by trust, and each field says where it came from', () => {
    const page = read(
      '<meta name="citation_title" content="From the tags"><meta property="og:title" content="From elsewhere"><title>Window | Site</title>',
      '<p class="byline">By Una Croft</p>',
    )
    expect(page.fields.title).toBe('From the tags')
    expect(page.from.title).toEqual({ by: 'page', says: 'the page’s citation tags' })
    expect(page.from.author?.by).toBe('read')
    expect(page.from.container?.by).toBe('guessed')
  })
  it('a finer date of the same year wins over a coarse one from a better tag', () =>
    expect(
      read(
        '<meta name="citation_title" content="T"><meta name="citation_date" content="2020"><meta property="article:published_time" content="2020-05-04">',
      ).fields.issued,
    ).toEqual({ start: { year: 2020, month: 5, day: 4 } }))
  it('its address loses what is the reader’s own', () =>
    expect(read('<title>Tide</title>', '', 'https://x.example/a?utm_source=mail&id=7#top').fields.url).toMatch(
      /^https:\/\/x\.example\/a\?id=7/u,
    ))
  it('scripts do nothing and hostile tags are text', () => {
    const page = read(
      '<meta name="citation_title" content="<img src=x onerror=alert(1)>"><script>throw 1</script><script type="application/ld+json">{"__proto__":{"polluted":1},"@type":"Article","headline":"x"}</script>',
    )
    expect(page.fields.title).toBe('<img src=x onerror=alert(1)>')
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
  })
})

describe('pasted HTML', () => {
  it.each<[string, string, string]>([
    [
      'italics by tag and by style',
      '<p>Okonjo. <i>Silt</i> and <span style="font-style:italic;color:red">salt</span>.</p>',
      'Okonjo. <i>Silt</i> and <i>salt</i>.',
    ],
    ['upright inside italics', '<p><em>Sounds of <span style="font-style:normal">Homarus</span></em></p>', '<i>Sounds of</i> Homarus'],
    ['one paragraph a line, whatever the blocks', '<ul><li>One</li><li>Two</li></ul><div>Three<br>Four</div>', 'One\nTwo\nThree\nFour'],
    ['odd spaces, fonts and colours go', '<p style="font:9px Wild;background:yellow">A\u00A0 b\u200B  c</p>', 'A b c'],
    ['scripts and styles go', '<style>p{}</style><script>x()</script><p>Kept</p>', 'Kept'],
  ])('%s', (_, html, text) => expect(richLines(html)).toBe(text))
})
