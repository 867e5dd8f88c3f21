/** Interviews, letters, archives. */
import { kind } from './kind'

export const privateKinds = {
  'interview': kind({
    label: 'Interview', officialContainer: true,
    words: 'conversation published, questions and answers',
    required: ['author', 'issued'], usual: ['title', 'interviewer', 'container', 'publisher', 'url'],
    lead: ['author'], makers: ['interviewer'],
    called: {},
    hints: { author: 'the person interviewed' },
    csl: 'interview', bibtex: 'misc', ris: 'INTV',
    reads: { csl: [{ type: 'interview' }], bibtex: [], ris: ['INTV'] },
    said: [{ order: 28, words: /interview/iu }],
    number: 'issue',
  }),
  'personal-communication': kind({
    label: 'Letter, e-mail or conversation', plainTitle: true,
    words: 'e-mail, email, letter, phone call, conversation, text message, private message, own interview',
    required: ['author', 'issued'], usual: ['title', 'genre', 'recipient'],
    lead: ['author'], makers: [],
    called: {},
    hints: { genre: 'E-mail, Letter, Conversation' },
    csl: 'personal_communication', bibtex: 'letter', ris: 'PCOMM',
    reads: { csl: [{ type: 'personal_communication' }], bibtex: ['letter'], ris: ['PCOMM'] },
    said: [{ order: 26, words: /e-?mail to/iu }],
    number: 'issue',
  }),
  'archival-item': kind({
    label: 'Archival item', plainTitle: true, officialContainer: true,
    words: 'archive, manuscript, diary, papers, letter in an archive, record office, primary source',
    required: ['title', 'archive'], usual: ['author', 'issued', 'genre', 'archivePlace', 'archiveLocation', 'container', 'url'],
    lead: ['author'], makers: [],
    called: { container: 'Collection' },
    hints: { archiveLocation: 'box, folder, shelf mark', container: 'whose papers, or which series they are kept in' },
    csl: 'manuscript', bibtex: 'misc', ris: 'MANSCPT',
    reads: { csl: [{ type: 'collection' }, { type: 'manuscript' }], bibtex: [], ris: ['MANSCPT'] },
    said: [{ order: 27, words: /^letter/iu }],
    number: 'number',
  }),
} as const
