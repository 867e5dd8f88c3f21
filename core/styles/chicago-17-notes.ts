/** Chicago, 17th edition, notes and bibliography. */
import { chicago } from './chicago'

export const chicago17Notes = chicago({ edition: 17, authorDate: false })
