/** Details that give way to another: where both are there, the one that says more is printed, in every style. */
import type { Silences } from './schema'

export const GIVES_WAY: Silences = {
  'url': { when: ['doi'], says: 'the DOI is given instead' },
  'accessed': { when: ['issued'], says: 'the day it was read is given only where it has no date' },
  'journal-article.number': { when: ['pages'], says: 'its pages are given instead' },
  'conference-paper.event': { when: ['container'], says: 'its proceedings name the event' },
  'foreword.editor': { when: ['containerAuthor'], says: 'the author of the book is named instead' },
  'photograph.container': { when: ['archive'], says: 'who holds it is named instead' },
  'podcast.author': { when: ['host'], says: 'the host is named instead' },
  'podcast.producer': { when: ['author', 'host'], says: 'who hosts it is named instead' },
  'preprint.number': { when: ['doi', 'url'], says: 'the DOI or address leads to it' },
  'song.author': { when: ['performer'], says: 'who performs it is named instead' },
  'statute.number': { when: ['section'], says: 'its place in the code is given instead' },
  'statute.pages': { when: ['section'], says: 'its section is given instead' },
  'thesis.archive': { when: ['doi', 'url'], says: 'the DOI or address leads to it' },
  'thesis.number': { when: ['doi', 'url'], says: 'the DOI or address leads to it' },
  'tv-series.creator': { when: ['producer'], says: 'the producer is named instead' },
  'tv-series.director': { when: ['producer', 'creator'], says: 'the producer is named instead' },
  'working-paper.genre': { when: ['series'], says: 'the series says what it is' },
}
