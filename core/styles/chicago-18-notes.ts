/** Chicago, 18th edition, notes and bibliography. */
import { chicago } from './chicago'

export const chicago18Notes = chicago({ edition: 18, authorDate: false })
