/** Whether the quotation before a citation says what its passage says. */
import { quotedBefore, straysFrom } from '~~/core/check/quoted'
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from './usePaperEditor'

/** Gives, for a citation, words of the quotation before it that its passages do not have; undefined when it has none, or all are there. */
export function useStrayWords(editor: PaperEditor): (id: string) => string | undefined {
  const written = useText()
  const owned = useSources()
  return (id) => {
    // What stands before it in the text is the editor's; the text's every change is this one's too.
    void written.body
    const data = written.citations[written.citationPlaces.get(id) ?? -1] as CitationData | undefined
    const passages = (data?.passages ?? []).map(one => owned.passages.find(p => p.id === one)).filter(p => p?.form === 'quotation')
    const at = passages.length ? editor.find(id) : undefined
    if (!at) return undefined
    const $pos = editor.editor.value!.state.doc.resolve(at.pos)
    const block = $pos.depth > 1 && $pos.node($pos.depth - 1).type.name === 'blockquote'
    const after = () => quotedBefore(`${$pos.parent.textBetween($pos.parentOffset, $pos.parent.content.size, ' ', '')} `, false)
    const quotation = quotedBefore($pos.parent.textBetween(0, $pos.parentOffset, ' ', ''), block) ?? after()
    return quotation ? straysFrom(quotation, passages.map(p => p!.words).join(' '))?.words : undefined
  }
}
