/** Numbers, titles and credit lines of the paper's tables and figures, as the style sets them. */
import { captionCredit } from '../compose/caption-credit'
import type { Composition } from '../compose/compose'
import type { Source } from '../source/model'
import type { CaptionForm, Style } from '../styles/schema'
import { roman } from '../text/numbers'
import { parseRich } from '../text/rich'
import type { Run } from '../text/runs'
import { fillPattern } from '../styles/pattern'
import { appendixLetter } from './appendices'
import type { Block, InlinePiece } from './blocks'

/** Which table or figure it is: of all, and in its appendix. */
export type CaptionPlace = Pick<Block, 'number' | 'appendix' | 'numberThere'>

/** "Table 2", "Fig. 2.", "TABLE II"; in an appendix "Table A2" where the style counts anew there (APA 7, 2.14). */
export function labelOf({ page }: Style, what: 'table' | 'figure', { number = 1, appendix, numberThere }: CaptionPlace): string {
  const own = page.appendix.numbersAnew && appendix ? `${appendixLetter(appendix)}${numberThere}` : String(number)
  return fillPattern(page.captions[what].label, { n: own, N: roman(number) })
}

/**
 * The lines of a caption: label and title on one, or one each. Italics inside an italic title are set upright (APA 7, 6.23).
 * Without a title the label stands alone.
 * @param text the label
 */
export function captionLines(form: CaptionForm, text: string, title: readonly InlinePiece[]): InlinePiece[][] {
  const label: InlinePiece = { text, ...(form.labelled ? { [form.labelled]: true } : {}) }
  if (!title.length) return [[label]]
  const set = title.map((piece): InlinePiece => {
    const { italic, ...rest } = piece
    if (form.titled === 'italic') return italic ? rest : { ...rest, italic: true }
    return form.titled ? { ...piece, [form.titled]: true } : piece
  })
  return form.between === '\n' ? [[label], set] : [[label, { text: form.between }, ...set]]
}

/** The line under a table or figure: the credit of the source it is taken from, then the writer's own words. */
export function creditLine(
  style: Style,
  { credit, from }: { credit?: string | undefined, from?: string | undefined },
  sources: readonly Source[],
  list: Composition['list'],
): Run[] {
  const source = from ? sources.find((one) => one.id === from) : undefined
  // One that the paper no longer has keeps its place, and says so, as a citation does.
  const given: Run[] = source
    ? captionCredit(style, source, list.find((entry) => entry.id === source.id)?.number)
    : from
      ? [{ text: `[unknown source: ${from}]`, part: 'glue', rules: ['citation.unknown'] }]
      : []
  const own = parseRich(credit?.trim() ?? '').map(({ kept: _, ...segment }): Run => ({ ...segment, part: 'glue', rules: ['words.own'] }))
  return [...given, ...(given.length && own.length ? [{ text: ' ', part: 'glue' as const, rules: [] }] : []), ...own]
}
