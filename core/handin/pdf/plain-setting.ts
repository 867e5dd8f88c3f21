/**
 * Words of a PDF set by the very widths that the sheet was laid out by. The PDF package shapes every line anew, a hundred
 * times as slow as looking letters and pairs up; where a script needs no shaping, the look-up says the same.
 */
import type PDFDocument from 'pdfkit'
import type { Face } from '../../sheet/pages/face'

interface Glyph { id: number, advanceWidth: number, codePoints: number[] }
interface Position { xAdvance: number, yAdvance: number, xOffset: number, yOffset: number, advanceWidth: number }
interface GlyphRun { glyphs: Glyph[], positions: Position[], advanceWidth: number }
/** What of the package's own font is used; it has no name for these outside. */
interface PackageFont {
  font: { glyphForCodePoint: (code: number) => Glyph }
  layout: (text: string, features?: unknown, onlyWidth?: boolean) => GlyphRun
}

/** Marks over letters, and scripts whose letters change beside each other. */
const SHAPED = /[\p{M}\u0590-\u1CFF\u200C-\u200F\uA800-\uABFF\uFB1D-\uFDFF\uFE70-\uFEFC]/u

/** The registered face `name` sets words by `face` from here on. */
export function setPlainly(doc: InstanceType<typeof PDFDocument>, name: string, face: Face) {
  doc.font(name)
  const own = (doc as unknown as { _font: PackageFont })._font
  const shape = own.layout.bind(own)
  const glyphs = new Map<number, Glyph>()
  const glyphOf = (code: number): Glyph => {
    const kept = glyphs.get(code)
    if (kept) return kept
    const glyph = own.font.glyphForCodePoint(code)
    glyphs.set(code, glyph)
    return glyph
  }
  own.layout = (text, features, onlyWidth) => {
    if (SHAPED.test(text)) return shape(text, features, onlyWidth)
    const run: GlyphRun = { glyphs: [], positions: [], advanceWidth: 0 }
    let last = -1
    for (const char of text) {
      const code = char.codePointAt(0)!
      if (last >= 0) {
        const kern = face.kern(last, code) * 1000
        run.positions.at(-1)!.xAdvance += kern
        run.advanceWidth += kern
      }
      const advance = face.advance(code) * 1000
      run.glyphs.push(glyphOf(code))
      run.positions.push({ xAdvance: advance, yAdvance: 0, xOffset: 0, yOffset: 0, advanceWidth: advance })
      run.advanceWidth += advance
      last = code
    }
    return run
  }
}
