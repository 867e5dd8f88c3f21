/** Chicago, 18th edition, author and date. */
import { chicago } from './chicago'

export const chicago18AuthorDate = chicago({ edition: 18, authorDate: true })
