/** Where to look on sources of one family. */
export const PERIODICAL = { container: 'on the cover or above the article', volume: 'beside the journal’s name', issue: 'after the volume, often in brackets', pages: 'first and last', number: 'if it has no pages', doi: 'on the first page, begins with 10.' } as const
export const WEB = { issued: 'near the title or at the foot of the page', container: 'the site’s own name, often in the header', url: 'the address bar', accessed: 'only if the page has no date' } as const
export const BOOK = { title: 'the title page, not the cover', issued: 'the back of the title page', publisher: 'the title page', edition: 'only if it says so on the title page', place: 'the back of the title page', doi: 'e-books: on the publisher’s page' } as const
