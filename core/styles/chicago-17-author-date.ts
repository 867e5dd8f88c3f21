/** Chicago, 17th edition, author and date. */
import { chicago } from './chicago'

export const chicago17AuthorDate = chicago({ edition: 17, authorDate: true })
