import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'

/** Where pages are made the lists themselves decide. */
export default defineNuxtPlugin({ name: 'titles', enforce: 'pre', setup: () => decideTitlesBy(BY_LIST) })
