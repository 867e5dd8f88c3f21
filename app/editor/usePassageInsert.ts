/** Puts a passage into the text: as a quotation with its marks and a word to lead it in, as a block, or as one's own words. */
import { closeHistory } from '@tiptap/pm/history'
import type { Node as PmNode } from '@tiptap/pm/model'
import type { CitationData } from '~~/core/sheet/document'
import { plainText } from '~~/core/sheet/walking'
import { isBlock } from '~~/core/sheet/placement'
import { readLocator } from '~~/core/source/locators'
import { setQuotes } from '~~/core/text/quotes'
import { runOn, smallWords } from '~~/core/text/run-on'
import type { Passage } from '~/stores/sources'
import { newCitationId } from './citation'
import type { PaperEditor } from './usePaperEditor'

export type PassageWay = 'plain' | 'says' | 'puts' | 'argues'
const LEADS: Record<Exclude<PassageWay, 'plain'>, readonly [before: string, after: string, comma: boolean]> = {
  says: ['', ' writes that ', false],
  puts: ['As ', ' puts it, ', true],
  argues: ['', ' argues that ', false],
}

export function usePassageInsert(paper: PaperEditor) {
  const store = usePaper()
  const owned = useSources()
  const written = useText()
  return (passage: Passage, way: PassageWay = 'plain', pos?: number) => {
    const editor = paper.editor.value!
    const { state, view } = editor
    const { schema } = state
    const $at = pos === undefined ? state.selection.$to : state.doc.resolve(pos)
    const locator = readLocator(passage.locator)
    const cite = (form: CitationData['form']): PmNode =>
      schema.nodes.citation!.create({
        id: newCitationId(),
        data: { items: [{ id: passage.sourceId, locator }], form, passages: [passage.id] } satisfies CitationData,
      })
    const words = passage.words.trim().replace(/\s*\n\s*/gu, ' ')

    if (passage.form === 'quotation' && isBlock(passage.words, store.style.page.blockQuote)) {
      const lines = passage.words.trim().split('\n').map(line => line.trim()).filter(Boolean)
      const ended = /[.?!]$/u.test(words) ? '' : '.'
      // Its own quotation marks stand as in the source: the block needs none of its own.
      const inside =
        lines.length > 3
          ? schema.nodes.paragraph!.create(null, [
              ...lines.flatMap((line, i) => [
                ...(i ? [schema.nodes.hardBreak!.create()] : []),
                schema.text(setQuotes(line, store.style.quotes, 0)),
              ]),
              schema.text(' '),
              cite('parenthetical'),
            ])
          : schema.nodes.paragraph!.create(null, [
              schema.text(`${setQuotes(words, store.style.quotes, 0)}${ended} `),
              cite('parenthetical'),
            ])
      const block = schema.nodes.blockquote!.create(null, inside)
      const parent = $at.node(1)
      const tr = closeHistory(state.tr)
      // An empty paragraph becomes the block; words before the cursor stay before it, words behind go on after it.
      if ($at.depth && parent.content.size === 0) tr.replaceWith($at.before(1), $at.after(1), [block, schema.nodes.paragraph!.create()])
      else if ($at.depth === 1 && $at.parentOffset > 0 && $at.parentOffset < parent.content.size) {
        tr.split($at.pos)
        tr.insert(tr.mapping.map($at.pos, -1) + 1, block)
      } else tr.insert($at.depth ? $at.after(1) : $at.pos, block)
      view.dispatch(tr.scrollIntoView())
      view.focus()
      return
    }

    const before = $at.parent.textBetween(0, $at.parentOffset, '\n', '\uFFFC')
    const space = before && !/[\s([“‘]$/u.test(before) ? ' ' : ''
    const marks = $at.marks()
    const text = (said: string) => schema.text(said, marks)
    const nodes: PmNode[] = []
    const after = $at.parent.textBetween($at.parentOffset, $at.parent.content.size, '\n', '\uFFFC')
    const stop = /^\s*[.,;:?!]/u.test(after) ? '' : '.'
    if (passage.form !== 'quotation') {
      const bare = words.replace(/[.]$/u, '')
      const question = /[?!]$/u.test(bare) ? bare.at(-1)! : ''
      nodes.push(
        text(`${space}${question ? bare.slice(0, -1) : bare} `),
        cite('parenthetical'),
        ...(question || stop ? [text(question || stop)] : []),
      )
    }
    else {
      const [open, close] = store.style.quotes.outer
      const lead = way === 'plain' ? undefined : LEADS[way]
      const bare = words.replace(/[.,;:]$/u, '')
      // After "that" a quotation runs on from the sentence.
      const run = lead && !lead[2] ? runOn(bare, smallWords([plainText(written.body), ...owned.passages.map(p => p.words)])) : bare
      const quoted = (mark: string) =>
        store.style.stopsInside && mark === '.'
          ? `${open}${setQuotes(run, store.style.quotes, 1)}${/[?!]$/u.test(run) ? '' : mark}${close}`
          : `${open}${setQuotes(run, store.style.quotes, 1)}${close}${/[?!]$/u.test(run) ? '' : mark}`
      if (lead) nodes.push(...(space + lead[0] ? [text(space + lead[0])] : []), cite('narrative'), text(`${lead[1]}${quoted(stop)}`))
      else nodes.push(text(`${space}${quoted('')} `), cite('parenthetical'), ...(stop ? [text(stop)] : []))
    }
    view.dispatch(closeHistory(state.tr).replaceWith($at.pos, $at.pos, nodes).scrollIntoView())
    view.focus()
  }
}
