/** Has the word lists, and answers what a page asks about titles. */
import { BY_LIST } from '~~/core/text/by-list'
import { answer, type Answered, type Question } from '~~/core/text/title-answers'

export const api = { answer: (questions: readonly Question[]): Answered[] => questions.map(question => answer(BY_LIST, question)) }
export type TitlesWorker = typeof api
