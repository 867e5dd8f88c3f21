/** A formatted reference as text with its italics, from which pieces are taken one after another. */
import { parseRich } from '../../text/rich'

/** What taking a piece leaves behind: nothing joins across it. */
export const GAP = '\uE001'

/** Words in roman. */
export const roman = (text: string): Piece => new Piece(text, Array.from({ length: text.length }, () => false))

export class Piece {
  constructor(readonly text: string, readonly italic: readonly boolean[]) {}

  /** From text with `<i>` tags or `*asterisks*`; other tags and asterisks go. */
  static read(input: string): Piece {
    let text = ''
    const italic: boolean[] = []
    const tagged = input
      .replace(/\*\*([^*]+)\*\*/gu, '$1')
      .replace(/\^([^^\s]+)\^/gu, '$1')
      .replace(/(?<![\w*])\*(?=\S)([^*\n]+?)(?<=\S)\*(?![\w*])/gu, '<i>$1</i>')
    for (const segment of parseRich(tagged)) {
      for (const char of segment.text) {
        text += char
        for (let i = 0; i < char.length; i++) italic.push(segment.italic === true)
      }
    }
    // "*et al.*" is italic for its language and no title.
    for (const { index, 0: words } of text.matchAll(/\bet al\.?/gu)) italic.fill(false, index, index + words.length)
    return new Piece(text, italic).squashed()
  }

  get length() { return this.text.length }

  slice(from: number, to = this.text.length): Piece {
    return new Piece(this.text.slice(from, to), this.italic.slice(from, to))
  }

  /** Spaces made single, ends trimmed. */
  squashed(): Piece {
    let text = ''
    const italic: boolean[] = []
    let space = true
    for (let i = 0; i < this.text.length; i++) {
      const blank = /\s|\u00A0|\u200B/u.test(this.text[i]!)
      if (blank && space) continue
      text += blank ? ' ' : this.text[i]
      italic.push(this.italic[i]!)
      space = blank
    }
    const trimmed = text.trimEnd()
    return new Piece(trimmed, italic.slice(0, trimmed.length))
  }

  /** Strips characters at both ends. */
  trim(characters = '\\s.,;:\uE001'): Piece {
    const start = new RegExp(`^[${characters}]*`, 'u').exec(this.text)![0].length
    const end = new RegExp(`[${characters}]*$`, 'u').exec(this.text.slice(start))![0].length
    return this.slice(start, this.text.length - end)
  }

  /** Both in one, the other behind this. */
  plus(other: Piece): Piece { return new Piece(this.text + other.text, [...this.italic, ...other.italic]) }
  /** The same with a gap between them. */
  gap(other: Piece): Piece { return this.plus(roman(GAP)).plus(other) }
  /** Without a stretch; a gap marks its place. */
  without(from: number, to: number): Piece { return this.slice(0, from).gap(this.slice(to)) }

  /** Takes the first match out; a gap marks its place. */
  take(pattern: RegExp): { match: RegExpExecArray, rest: Piece, italic: boolean } | undefined {
    const match = pattern.exec(this.text)
    if (!match) return undefined
    const end = match.index + match[0].length
    return {
      match,
      italic: this.italic.slice(match.index, end).some(Boolean),
      rest: this.without(match.index, end),
    }
  }

  /** The first italic stretch at or after a place; short breaks (reversed italics inside a title) are bridged. */
  italicRun(from = 0): { from: number, to: number } | undefined {
    const start = this.italic.indexOf(true, from)
    if (start < 0) return undefined
    let end = start
    while (end < this.italic.length && this.italic[end]) end++
    return { from: start, to: end }
  }

  /** As text with `<i>` tags: reversed where the whole of it is italic, so that only what stands out is marked. */
  rich(): string {
    const { text, italic } = this.trim('\\s')
    const letters = [...italic.keys()].filter(i => /[\p{L}\p{N}]/u.test(text[i]!))
    const base = letters.length > 0 && letters.filter(i => italic[i]).length * 2 > letters.length
    let out = ''
    let open = false
    for (let i = 0; i < text.length; i++) {
      const wanted: boolean = /[\p{L}\p{N}]/u.test(text[i]!)
        ? italic[i] !== base
        : open && /[\p{L}\p{N}]/u.test(text.slice(i).trimStart()[0] ?? '') && italic[i] !== base
      if (wanted && !open) out += '<i>'
      if (!wanted && open) out += '</i>'
      open = wanted
      out += text[i]
    }
    return (open ? `${out}</i>` : out).replaceAll(GAP, '').replace(/\s+/gu, ' ').trim()
  }

  /** Whether most letters are italic. */
  get isItalic(): boolean {
    let letters = 0
    let slanted = 0
    for (let i = 0; i < this.text.length; i++) if (/\p{L}/u.test(this.text[i]!)) { letters++; if (this.italic[i]) slanted++ }
    return letters > 0 && slanted * 2 > letters
  }
}
