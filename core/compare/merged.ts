/** Two entries in one line, at the size of what differs: one letter where only its case does, one mark where only that. */
import { isPair, type Aligned, type Token } from './tokens'

export interface MergedPiece { text: string, italic: boolean, bold: boolean, of: 'both' | 'given' | 'wanted' }

/** @param rich whether italics and bold are looked at */
export function mergedLine(aligned: readonly Aligned[], rich: boolean): MergedPiece[] {
  const out: MergedPiece[] = []
  const put = (text: string, { italic, bold }: Pick<Token, 'italic' | 'bold'>, of: MergedPiece['of']) => {
    const last = out.at(-1)
    if (!text) return
    if (last && last.of === of && last.italic === italic && last.bold === bold) last.text += text
    else out.push({ text, italic, bold, of })
  }
  /** What only one of them has waits, so that several words in a row stand together. */
  let [given, wanted]: [Token[], Token[]] = [[], []]
  const flush = () => {
    // The space before them is both's.
    if (out.length && (given[0] ?? wanted[0])?.spaced) put(' ', { italic: false, bold: false }, 'both')
    for (const [tokens, of] of [[given, 'given'], [wanted, 'wanted']] as const)
      tokens.forEach((token, i) => put((token.spaced && i > 0 ? ' ' : '') + token.text, token, of))
    given = []
    wanted = []
  }
  for (const one of aligned) {
    if (!isPair(one)) { given.push(...one.onlyGiven); wanted.push(...one.onlyWanted); continue }
    const { given: g, wanted: w } = one
    const marks = !rich || w.kind === 'mark' || (g.italic === w.italic && g.bold === w.bold)
    const letters = g.text === w.text
    const recased = !letters && g.text.length === w.text.length && g.text.toLowerCase() === w.text.toLowerCase()
    if (!marks || !(letters || recased || w.kind === 'mark')) { given.push(g); wanted.push(w); continue }
    flush()
    if (out.length && (w.spaced || g.spaced)) {
      const space = { italic: w.italic && (out.at(-1)?.italic ?? false), bold: false }
      put(w.spaced === g.spaced ? ' ' : '␣', space, w.spaced === g.spaced ? 'both' : w.spaced ? 'wanted' : 'given')
    }
    if (recased) {
      for (let i = 0; i < w.text.length; i++) {
        if (g.text[i] === w.text[i]) put(w.text[i]!, w, 'both')
        else { put(g.text[i]!, g, 'given'); put(w.text[i]!, w, 'wanted') }
      }
    }
    else if (letters || (g.key === w.key && /["“”'‘’]/u.test(g.text))) put(w.text, w, 'both')
    else { put(g.text, g, 'given'); put(w.text, w, 'wanted') }
  }
  flush()
  return out
}
