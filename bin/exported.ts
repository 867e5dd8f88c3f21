/** What the `export` verb writes. */
import { WAY_IDS, type Way } from '../core/handin/way-rows'

export type Exported = Exclude<Way, 'texbib'> | 'zip'
export const EXPORTED: readonly Exported[] = [...WAY_IDS.filter((way): way is Exclude<Way, 'texbib'> => way !== 'texbib'), 'zip']
