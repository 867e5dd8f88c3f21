/** Imported where the lists themselves decide: the server, its threads, the command, tests and the page's worker. */
import { BY_LIST } from './by-list'
import { decideTitlesBy } from './capitals'

decideTitlesBy(BY_LIST)
