/** Cases and statutes. */
import { kind } from './kind'

export const law = {
  'case': kind({
    label: 'Law case', plainTitle: true, officialContainer: true, wholeTitle: true, shortContainer: true,
    words: 'law case, court, ruling, judgment, legal case, lawsuit',
    required: ['title', 'issued'], usual: ['volume', 'container', 'pages', 'authority', 'url'],
    lead: [], makers: [],
    called: { container: 'Reporter' },
    hints: {},
    csl: 'legal_case', bibtex: 'jurisdiction', ris: 'CASE',
    reads: { csl: [{ type: 'legal_case' }], bibtex: ['jurisdiction'], ris: ['CASE'] },
    said: [],
    number: 'number',
  }),
  'statute': kind({
    datedByTitle: true, label: 'Statute', plainTitle: true, officialContainer: true,
    words: 'law, act, legislation, regulation, bill, constitution, treaty',
    required: ['title'], usual: ['issued', 'volume', 'container', 'section', 'pages', 'number', 'url'],
    lead: [], makers: [],
    called: { container: 'Code or collection' },
    hints: {},
    csl: 'legislation', bibtex: 'legislation', ris: 'STAT',
    reads: { csl: [{ type: 'bill' }, { type: 'hearing' }, { type: 'legislation' }, { type: 'regulation' }, { type: 'treaty' }], bibtex: ['legislation', 'legal'], ris: ['BILL', 'HEAR', 'LEGAL', 'STAT', 'UNBILL'] },
    said: [],
    number: 'number',
  }),
} as const
