/** The five questions, their words and inks, for every place that shows them. */
import type { Question } from '~~/core/text/runs'

export const INKS: Record<Question, { word: string, ink: string }> = {
  who: { word: 'Who', ink: 'var(--woad)' }, when: { word: 'When', ink: 'var(--madder)' }, what: { word: 'What', ink: 'var(--verdigris)' },
  inside: { word: 'Inside what', ink: 'var(--ochre)' }, where: { word: 'Where', ink: 'var(--plum)' },
}
