/** Has the word lists, and answers what a page asks about titles. */
import { expose } from 'comlink'
import { BY_LIST } from '~~/core/text/by-list'
import { answer, type Answered, type Question } from '~/titles/answers'

const api = { answer: (questions: readonly Question[]): Answered[] => questions.map(question => answer(BY_LIST, question)) }
export type TitlesWorker = typeof api
expose(api)
