/** What a page knows about titles: answers that came with its paper or from the worker. What was composed with others is composed again. */
import { shallowRef } from 'vue'
import type { Capitalised, TitleWords } from '~~/core/text/capitals'
import { segmentsOf } from '~~/core/text/title-tokens'
import { keyOf, type Answered, type Question } from '~~/core/text/title-answers'

const AS_TYPED = (title: string): Capitalised => ({ segments: segmentsOf(title), unsure: [] })
/** More than this is forgotten and asked again. */
const LIMIT = 60_000

export class TitleMemory implements TitleWords {
  private readonly known = new Map<string, Capitalised | boolean>()
  private asked = new Map<string, Question>()
  private waiting = false
  private readonly learnt = shallowRef(0)

  /** @param ask gives the answers to questions, some time later */
  constructor(private readonly ask: (questions: readonly Question[]) => Promise<readonly Answered[]>) {}

  learn(answers: readonly Answered[]): void {
    if (this.known.size > LIMIT) this.known.clear()
    if (answers.length) this.learnt.value++
    for (const [key, given] of answers) this.known.set(key, given === 0 ? AS_TYPED(key.slice(key.indexOf('] ') + 2)) : given)
  }

  get version(): number { return this.learnt.value }

  capitalise: TitleWords['capitalise'] = (title, rule) =>
    (rule.style === 'as-given' ? undefined : this.find(['capitals', title, rule]) as Capitalised | undefined) ?? AS_TYPED(title)

  isHeadline: TitleWords['isHeadline'] = title => this.find(['headline', title]) === true
  isCommon: TitleWords['isCommon'] = word => this.find(['common', word]) === true

  private find(question: Question): Capitalised | boolean | undefined {
    const key = keyOf(question)
    const known = this.known.get(key)
    if (known !== undefined || !question[1]) return known
    this.asked.set(key, question)
    if (!this.waiting) {
      this.waiting = true
      queueMicrotask(() => void this.send())
    }
    return undefined
  }

  /** All that was asked in one go of the page goes out together; what is asked meanwhile waits for it. */
  private async send(): Promise<void> {
    const questions = [...this.asked.values()]
    this.asked = new Map()
    try {
      this.learn(await this.ask(questions))
    }
    catch { /* The worker could not be had: titles stand as they were typed, and the next that is asked tries again. */ }
    this.waiting = false
    if (this.asked.size) {
      this.waiting = true
      queueMicrotask(() => void this.send())
    }
  }
}
