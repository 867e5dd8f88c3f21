/**
 * A face as it is measured: how wide each letter is, and how much nearer some pairs stand. What is measured here is what a
 * PDF and a browser set with kerning and without ligatures, to the thousandth. Widths are in ems (of the letters' size).
 */
import { create, type Font } from 'fontkit'

export const SHAPES = ['regular', 'bold', 'italic', 'bold-italic'] as const
export type Shape = (typeof SHAPES)[number]
export const shapeOf = ({ bold, italic }: { bold?: boolean, italic?: boolean }): Shape =>
  bold ? (italic ? 'bold-italic' : 'bold') : italic ? 'italic' : 'regular'

/** What a letter is set with: kerning, and no ligatures, which screens and documents do not agree on. */
export const FEATURES = { kern: true, liga: false, clig: false, dlig: false, calt: false } as const

/** Letters that nearly every text is made of, and control characters that print nothing. */
const COMMON = /^[\n\t\u0020-\u007E\u00A0-\u00FF\u2013\u2014\u2018\u2019\u201C\u201D\u2026]*$/u
const COMMON_LETTERS = String.fromCodePoint(
  ...Array.from({ length: 95 }, (_, i) => 0x20 + i), ...Array.from({ length: 96 }, (_, i) => 0xA0 + i),
  0x2013, 0x2014, 0x2018, 0x2019, 0x201C, 0x201D, 0x2026,
)

/** Codes that common letters stay under: those of the Latin scripts. */
const TABLE = 0x180
/** Words measured are kept, this many at most. */
const KEPT = 50_000

export class Face {
  /** Above and below the baseline, and the white between lines set single. */
  readonly ascent: number
  readonly descent: number
  readonly lineGap: number
  private readonly font: Font
  private readonly em: number
  private readonly advances = new Map<number, number>()
  private readonly pairs = new Map<number, number>()
  /** The pairs of common letters by their codes, side by side in memory: every letter of a paper is asked for here. */
  private readonly commonPairs = new Float64Array(TABLE * TABLE).fill(NaN)
  private words = new Map<string, number>()

  /** @param bytes a TrueType file */
  constructor(bytes: Uint8Array) {
    this.font = create(bytes as Parameters<typeof create>[0]) as Font
    this.em = this.font.unitsPerEm
    this.ascent = this.font.ascent / this.em
    this.descent = -this.font.descent / this.em
    this.lineGap = this.font.lineGap / this.em
  }

  has(codePoint: number): boolean {
    return this.font.hasGlyphForCodePoint(codePoint)
  }

  private common: boolean | undefined
  /** Whether it has every letter of a text, as far as one look can tell: nearly all texts are of letters that it has. */
  surelyHas(text: string): boolean {
    this.common ??= [...COMMON_LETTERS].every(letter => this.has(letter.codePointAt(0)!))
    return this.common && COMMON.test(text)
  }

  /** How wide a text is, in ems. */
  width(text: string): number {
    const kept = this.words.get(text)
    if (kept !== undefined) return kept
    let sum = 0
    let last = -1
    for (const char of text) {
      const code = char.codePointAt(0)!
      sum += this.advance(code) + (last < 0 ? 0 : this.kern(last, code))
      last = code
    }
    if (this.words.size >= KEPT) this.words = new Map()
    this.words.set(text, sum)
    return sum
  }

  /** How much further from each other, or less than nothing nearer, two letters stand. */
  kern(left: number, right: number): number {
    const common = left < TABLE && right < TABLE
    const key = common ? left * TABLE + right : left * 0x110000 + right
    const kept = common ? this.commonPairs[key]! : (this.pairs.get(key) ?? NaN)
    if (!Number.isNaN(kept)) return kept
    const pair = this.font.layout(String.fromCodePoint(left, right), FEATURES as never).advanceWidth / this.em
    const kern = pair - this.advance(left) - this.advance(right)
    if (common) this.commonPairs[key] = kern
    else this.pairs.set(key, kern)
    return kern
  }

  advance(code: number): number {
    const kept = this.advances.get(code)
    if (kept !== undefined) return kept
    const advance = this.font.glyphForCodePoint(code).advanceWidth / this.em
    this.advances.set(code, advance)
    return advance
  }
}

export interface OtherFace { name: string, letters: RegExp, face: () => Face | undefined }

/**
 * The faces that a paper is set in: the four shapes of its own, and others for letters that it lacks.
 * A face is named by its shape, or by what it is called among the others.
 */
export class Faces {
  private readonly own: ReadonlyMap<string, Face>
  /** Letters that no face here had when they were met, in any paper: they print as an empty box. */
  readonly lacking = new Set<string>()

  /** @param others asked in their order, each read when a letter of its own is met; one may be absent */
  constructor(own: Readonly<Record<Shape, Face>>, private readonly others: readonly OtherFace[] = []) {
    this.own = new Map<string, Face>(Object.entries(own))
  }

  of(name: string): Face {
    return this.own.get(name) ?? this.others.find(other => other.name === name)?.face() ?? this.own.get('regular')!
  }

  /** A text in stretches, each with the face that has its letters. */
  stretches(text: string, shape: Shape): { text: string, face: string }[] {
    const own = this.of(shape)
    if (own.surelyHas(text)) return [{ text, face: shape }]
    const out: { text: string, face: string }[] = []
    for (const char of text) {
      const code = char.codePointAt(0)!
      const last = out.at(-1)
      // A space, a mark over a letter, a joiner: with the letter before it.
      if (last && NEUTRAL.test(char) && (last.face === shape || this.of(last.face).has(code))) {
        last.text += char
        continue
      }
      const other = () => this.others.find(({ letters, face: of }) => letters.test(char) && of()?.has(code))?.name
      const face = code < 0x20 || own.has(code) ? shape : other()
      if (face === undefined && !INVISIBLE.test(char)) this.lacking.add(char)
      const name = face ?? shape
      if (last?.face === name) last.text += char
      else out.push({ text: char, face: name })
    }
    return out
  }
}
const NEUTRAL = /\s|\p{M}|\u200C|\u200D|\u00AD/u
const INVISIBLE = /[\p{Cf}\p{Cc}\s]/u

/** A line set single, in ems. */
export const lineOf = ({ ascent, descent, lineGap }: Face): number => ascent + descent + lineGap
