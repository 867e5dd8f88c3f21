/** Short texts with faults in the writer’s own words, the list, its details and the page. */
import { ALL_DETAILS, type Row } from './papers'
import { pagesRead, SHELF } from './shelf'

export const REST: Row[] = [
  {
    name: 'the day of reading on some pages',
    style: 'mhra-3',
    text: 'Lodes are cleared by hand [ref: hollis-2023; walker-a; walker-b].',
    sources: pagesRead(),
    finds: ['list.accessed'],
  },
  {
    name: 'a DOI on some articles',
    text: 'Still water has a price [ref: moss-2012; brandt-2020; adair-2016; without].',
    sources: [
      ...SHELF,
      {
        id: 'without',
        kind: 'journal-article',
        fields: {
          author: [{ family: 'Yarrow', given: 'Pim' }],
          issued: { start: { year: 2001 } },
          title: 'Gates',
          container: 'Fen Studies',
          volume: '3',
          pages: '1-9',
        },
      },
    ],
    finds: ['list.doi'],
  },
  {
    name: 'somewhat under the target',
    text: 'Still water has a price [ref: moss-2012].',
    details: { ...ALL_DETAILS, target: '1000' },
    words: 800,
    finds: ['page.too-short'],
  },
  {
    name: 'studies that show',
    text: 'Still water has a price [ref: moss-2012].\n\nStudies show that ponds fill from below. Nobody likes to hear it.',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'it has been shown',
    text: 'It has been shown that ponds fill from below. Still water has a price, and somebody always pays it in the end. That much is sure [ref: moss-2012].',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'it is widely known',
    text: 'It is widely known that ponds fill from below. Still water has a price, and somebody always pays it in the end. That much is sure [ref: moss-2012].',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'a paragraph of claims and no source',
    text: 'Still water has a price [ref: moss-2012].\n\nMost of the old mills were given up before 1900, and few of them have turned since. The ponds behind them filled within thirty years, and the towns that had grown up around them lost the only reason they had to look after the channels, the gates and the banks that kept the sea out of their fields.\n\nWhat is left is a choice.',
    finds: ['own-words.no-source'],
  },
  {
    name: 'seven words of the source in a row',
    text: 'In that village the gate is the only clock that anyone looks at [ref: quill-2018, p. 9].',
    passages: [
      {
        sourceId: 'quill-2018',
        form: 'quotation',
        words: 'The gate is the only clock that anyone looks at, and it is never wrong.',
        original: '',
        locator: '9',
      },
    ],
    finds: ['own-words.too-close'],
  },
  {
    name: 'one source twice',
    text: 'Still water has a price [ref: moss-2012; moss-b].',
    sources: [...SHELF, { ...SHELF[0]!, id: 'moss-b' }],
    finds: ['list.twice'],
  },
  {
    name: 'given names in two forms, where they are printed',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012; quill-2018; brandt-2020; short].',
    sources: [
      ...SHELF,
      {
        id: 'short',
        kind: 'book',
        fields: {
          author: [{ family: 'Yarrow', given: 'P. K.' }],
          issued: { start: { year: 2001 } },
          title: 'Gates',
          publisher: 'Heron Press',
        },
      },
    ],
    finds: ['list.given-names'],
  },
  {
    name: 'et al. typed as a name',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[ref: loud, p. 3]',
    sources: [
      {
        id: 'loud',
        kind: 'book',
        fields: {
          author: [{ literal: 'ed. by Moss et al.' }],
          issued: { start: { year: 2001 } },
          title: 'Gates',
          publisher: 'Heron Press',
        },
      },
    ],
    finds: ['name-et-al'],
  },
  {
    name: 'no year',
    text: 'Still water has a price [ref: undated].',
    sources: [
      { id: 'undated', kind: 'book', fields: { author: [{ family: 'Yarrow', given: 'Pim' }], title: 'Gates', publisher: 'Heron Press' } },
    ],
    finds: ['missing'],
  },
  { name: 'a tab for an indent', text: '\tStill water has a price [ref: moss-2012].', finds: ['page.indent'] },
  {
    name: 'spaces for an indent',
    text: 'Still water has a price [ref: moss-2012].\n\n&nbsp;&nbsp;&nbsp;Nobody likes to hear it.',
    finds: ['page.indent'],
  },
  {
    name: 'an empty paragraph',
    text: 'Still water has a price [ref: moss-2012].\n\n&nbsp;\n\nNobody likes to hear it.',
    finds: ['page.empty'],
  },
  { name: 'lines left empty', text: 'Still water has a price [ref: moss-2012].\n\n\n\nNobody likes to hear it.', finds: ['page.empty'] },
  {
    name: 'a running head said to be one',
    text: 'Running head: STILL WATER\n\nStill water has a price [ref: moss-2012].',
    finds: ['page.running-head'],
  },
  { name: 'two spaces after a stop', text: 'Still water has a price [ref: moss-2012].  Nobody likes to hear it.', finds: ['page.spaces'] },
  { name: 'a space before a comma', text: 'Still water , as they say, has a price [ref: moss-2012].', finds: ['page.space-before'] },
  { name: 'no space after a comma', text: 'Still water,as they say, has a price [ref: moss-2012].', finds: ['page.no-space'] },
  {
    name: 'a page number in the text',
    text: 'Still water has a price [ref: moss-2012].\n\nPage 3\n\nNobody likes to hear it.',
    finds: ['page.number'],
  },
  {
    name: 'a running head in the text',
    text: 'Still water has a price [ref: moss-2012].\n\nVale 2\n\nNobody likes to hear it.',
    finds: ['page.running-head'],
  },
  {
    name: 'a level skipped',
    text: '# The Pond\n\nStill water has a price [ref: moss-2012].\n\n### The Gate\n\nNobody likes to hear it.',
    finds: ['page.heading-skipped'],
  },
  { name: 'first heading too low', text: '## The Pond\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-skipped'] },
  { name: 'a stop after a heading', text: '# The Pond.\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-stop'] },
  { name: 'an appendix lettered by hand', text: 'Still water has a price [ref: moss-2012].\n\n# Appendix A: Prices\n\nTwo.', finds: ['page.appendix-typed'] },
  { name: 'bold for a heading', text: '**The Pond**\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-bold'] },
  { name: 'the title typed again', text: 'Still Water\n\nStill water has a price [ref: moss-2012].', finds: ['page.title-again'] },
  {
    name: 'no title and no course',
    text: 'Still water has a price [ref: moss-2012].',
    title: '',
    details: { writer: 'A. Vale', institution: 'Northmere', instructor: 'Dr. Hume', date: 'May 3, 2026' },
    finds: ['page.title', 'page.details'],
  },
  {
    name: 'a list typed at the end',
    text: 'Still water has a price [ref: moss-2012].\n\n# References\n\nMoss, I. (2012). The price of still water. *Journal of Weirs*, *7*(1), 11–29. https://doi.org/10.5555/jw.2012.11',
    finds: ['list.typed'],
  },
  {
    name: 'far over the target',
    text: 'Still water has a price [ref: moss-2012].',
    details: { writer: 'A', institution: 'B', course: 'C', instructor: 'D', date: 'May 3, 2026', target: '1000' },
    words: 1300,
    finds: ['page.too-long'],
  },
]
