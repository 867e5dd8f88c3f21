/**
 * Runs: text with its treatment and its origin. Everything Dendle composes is a list of runs, so the
 * anatomy, the explanations, the comparison and every export read the same thing.
 */
import type { Part, RuleId } from './origin'

export { QUESTIONS, type Part, type Question, type RuleId } from './origin'

export interface Marks {
  italic?: boolean
  bold?: boolean
  superscript?: boolean
  smallCaps?: boolean
}

export interface Run extends Marks {
  text: string
  part: Part
  /** The source's field this text came from. */
  field?: string
  /** The rules behind it; `explain` in core/compose turns them into sentences. */
  rules: readonly RuleId[]
}

/** The text of runs without any treatment. */
export const plain = (runs: readonly Run[]): string => runs.map(run => run.text).join('')

/**
 * Runs in the light markup of the `dendle` command: `*italic*`, `**bold**`, `^superscript^`.
 * Neighbouring runs of one treatment share one pair of marks.
 */
export function toMarkup(runs: readonly Run[]): string {
  let out = ''
  for (let i = 0; i < runs.length; i++) {
    const run = runs[i]!
    let { text } = run
    while (i + 1 < runs.length && (sameMarks(run, runs[i + 1]!) || !runs[i + 1]!.text)) text += runs[++i]!.text
    out += run.italic || run.bold || run.superscript ? markedUp(text, run) : text
  }
  return out
}

/** Marks stand against the words, never against the space beside them. */
function markedUp(text: string, { italic, bold, superscript }: Marks): string {
  let core = text.trim()
  if (!core) return text
  const from = text.indexOf(core)
  const [before, after] = [text.slice(0, from), text.slice(from + core.length)]
  if (superscript) core = `^${core}^`
  if (bold) core = `**${core}**`
  if (italic) core = `*${core}*`
  return before + core + after
}

const escapes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }
export const escapeHtml = (text: string): string => text.replace(/[&<>"]/gu, c => escapes[c]!)

/** Runs as HTML: `<i>`, `<b>`, `<sup>` and small capitals as a span; text escaped. */
export function toHtml(runs: readonly Run[]): string {
  return merged(runs).map((run) => {
    let html = escapeHtml(run.text)
    if (run.smallCaps) html = `<span style="font-variant:small-caps">${html}</span>`
    if (run.superscript) html = `<sup>${html}</sup>`
    if (run.bold) html = `<b>${html}</b>`
    if (run.italic) html = `<i>${html}</i>`
    return html
  }).join('')
}

const sameMarks = (a: Marks, b: Marks) => !a.italic === !b.italic && !a.bold === !b.bold
  && !a.superscript === !b.superscript && !a.smallCaps === !b.smallCaps

/** Neighbours of the same treatment joined; their origin is lost, so only for output. */
export function merged(runs: readonly Run[]): Run[] {
  const out: Run[] = []
  for (const run of runs) {
    const last = out.at(-1)
    if (!run.text) continue
    if (last && sameMarks(last, run)) last.text += run.text
    else out.push({ ...run })
  }
  return out
}
