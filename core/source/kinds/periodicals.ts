/** Articles in journals, magazines and newspapers, and reviews. */
import { PERIODICAL } from './hints'
import { kind } from './kind'

export const periodicals = {
  'journal-article': kind({
    label: 'Journal article', inside: 'periodical', paged: true, officialContainer: true,
    words: 'article, academic article, scholarly paper, peer reviewed, study, research paper, scientific paper',
    required: ['author', 'issued', 'title', 'container'], usual: ['volume', 'issue', 'pages', 'number', 'doi', 'url'],
    lead: ['author'], makers: ['translator'],
    called: { container: 'Journal' },
    hints: PERIODICAL,
    csl: 'article-journal', bibtex: 'article', ris: 'JOUR',
    reads: { csl: [{ type: 'article-journal' }, { type: 'article', has: ['container-title', 'volume'] }], bibtex: ['article', 'suppperiodical'], ris: ['ABST', 'EJOUR', 'INPR', 'JFULL', 'JOUR'] },
    said: [],
    number: 'issue',
  }),
  'magazine-article': kind({
    label: 'Magazine article', like: 'journal-article', paged: true, officialContainer: true,
    words: 'magazine, weekly, monthly, glossy, feature',
    required: ['author', 'issued', 'title', 'container'], usual: ['volume', 'issue', 'pages', 'url'],
    lead: ['author'], makers: ['translator'],
    called: { container: 'Magazine' },
    hints: PERIODICAL,
    csl: 'article-magazine', bibtex: 'article', ris: 'MGZN',
    reads: { csl: [{ type: 'article-magazine' }], bibtex: [], ris: ['MGZN'] },
    said: [],
    number: 'issue',
  }),
  'newspaper-article': kind({
    label: 'Newspaper article', like: 'magazine-article', paged: true, officialContainer: true,
    words: 'newspaper, news, news story, paper, daily, press, editorial, op-ed, column',
    required: ['author', 'issued', 'title', 'container'], usual: ['pages', 'url', 'edition', 'section'],
    lead: ['author'], makers: [],
    called: { container: 'Newspaper' },
    hints: { ...PERIODICAL, pages: 'the page and its letter, as A4' },
    csl: 'article-newspaper', bibtex: 'article', ris: 'NEWS',
    reads: { csl: [{ type: 'article-newspaper' }], bibtex: [], ris: ['NEWS'] },
    said: [{ order: 0, words: /^(?:editorial|letter to the editor|op-?ed|obituary)/iu, into: 'genre' }],
    number: 'issue',
  }),
  'review': kind({
    reviewing: true, label: 'Review', like: 'journal-article', inside: 'periodical', paged: true, officialContainer: true,
    words: 'book review, film review, critique',
    required: ['author', 'issued', 'reviewedTitle', 'container'], usual: ['title', 'reviewedAuthor', 'volume', 'issue', 'pages', 'doi', 'url'],
    lead: ['author'], makers: [],
    called: { container: 'Journal or newspaper' },
    hints: PERIODICAL,
    csl: 'review', bibtex: 'article', ris: 'JOUR',
    reads: { csl: [{ type: 'article-journal', says: /\b(?:book|film|exhibition|theatre|performance) review\b/iu }, { type: 'article-magazine', says: /\b(?:book|film|exhibition|theatre|performance) review\b/iu }, { type: 'article-newspaper', says: /\b(?:book|film|exhibition|theatre|performance) review\b/iu }, { type: 'review-book' }, { type: 'review' }, ...['article-journal', 'article-magazine', 'article-newspaper'].map(type => ({ type, has: ['reviewed-title'] }))], bibtex: ['review'], ris: [] },
    said: [{ order: 14, words: /review of/iu }],
    number: 'issue',
  }),
} as const
