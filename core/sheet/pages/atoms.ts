/**
 * A paragraph as atoms: pieces that no line divides, with the space behind each. A line may end behind a space, a hyphen or
 * a dash, between letters of scripts that know no spaces, and inside an address where the manuals allow it.
 */
import { marksIn, type PrintedMarks, type PrintedRun } from '../printed'
import type { Look } from '../../styles/page-schema'
import { shapeOf, type Faces } from './face'

/** A stretch of one run in an atom or space. */
export interface Bit {
  /** Which run of the paragraph. */
  run: number
  text: string
  /** In points. */
  width: number
}
export interface Atom {
  bits: Bit[]
  width: number
  /** The space behind it: what it prints and how wide it is when a line goes on there. */
  space?: Bit
  /** Between it and the next where no space is: kerning, in points. */
  join: number
  /** A line may end behind it. */
  breaks: boolean
  /** A hyphen is set when one ends there. */
  hyphen?: number
  /** A line ends behind it whatever is. */
  ends?: boolean
}

/** How a run is set: its shape, its letters' size, how far it is raised, all in points. */
export interface Setting {
  /** The face it is set in, by its name in `Faces`. */
  face: string
  size: number
  rise: number
  marks: PrintedMarks
}

/** Raised and lowered letters, small capitals: their size and place beside the text's, as word processors set them. */
const RAISED = { size: 0.65, superscript: 0.33, subscript: -0.15 } as const
export const SMALL_CAPITAL = 0.8

export function settingOf(look: Look, run: PrintedMarks, face: string = shapeOf(marksIn(look, run))): Setting {
  const marks = marksIn(look, run)
  const raised = marks.superscript || marks.subscript
  return {
    face,
    size: raised ? look.size * RAISED.size : look.size,
    rise: marks.superscript ? look.size * RAISED.superscript : marks.subscript ? look.size * RAISED.subscript : 0,
    marks,
  }
}

/** How wide a text is in points. */
export function widthIn(faces: Faces, { face, size, marks }: Setting, text: string): number {
  const own = faces.of(face)
  if (!marks.smallCaps) return own.width(text) * size
  let sum = 0
  for (const { text: piece, small } of smallCapitals(text)) sum += own.width(piece) * size * (small ? SMALL_CAPITAL : 1)
  return sum
}

/** A text in small capitals: its small letters as capitals of a smaller size. */
export function smallCapitals(text: string): { text: string, small: boolean }[] {
  const out: { text: string, small: boolean }[] = []
  for (const char of text) {
    const small = char !== char.toUpperCase()
    const last = out.at(-1)
    if (last && last.small === small) last.text += char.toUpperCase()
    else out.push({ text: char.toUpperCase(), small })
  }
  return out
}

/** Scripts whose words are not divided by spaces. */
const UNSPACED = /[\u3040-\u30FF\u3400-\u4DBF\u4E00-\u9FFF\uAC00-\uD7AF\uF900-\uFAFF\u{20000}-\u{2FA1F}]/u
/** What may not end a line in them, and what may not begin one. */
const NEVER_LAST = /[（「『【〈《]/u
const NEVER_FIRST = /\p{M}|[、。，．）」』】〉》！？：；ー々ぁぃぅぇぉっゃゅょァィゥェォッャュョ]/u
export const ADDRESS = /^(?:[\p{P}]*)(?:https?:\/\/|www\.|doi:|10\.\d{4,9}\/)/iu

/**
 * Behind these an address may end a line, before those others (Chicago 18, 7.47; MLA Handbook 9, 5.95), and never with a
 * hyphen that is not its own.
 */
const BEHIND = new Set([':', '/', '&', '='])
const BEFORE = new Set(['/', '~', '.', ',', '-', '_', '?', '#', '%', '=', '&'])

/**
 * Where an address may end a line, each place the length of what stands before. It is moved to a line of its own first, and
 * divided only where that does not hold it.
 */
export function placesInAddress(word: string): number[] {
  const out: number[] = []
  for (let i = 1; i < word.length; i++) {
    const [last, next] = [word[i - 1]!, word[i]!]
    // The two slashes behind the scheme stay together.
    if (next === '/' && (last === '/' || last === ':')) continue
    if (last === '/' && word[i - 2] === '/') out.push(i)
    else if (BEFORE.has(next) ? i < word.length - 1 : BEHIND.has(last) && last !== '/') out.push(i)
  }
  return out
}

const LINE_END = 0x0A
/** White between words; a space that keeps words together (U+00A0, U+202F) is part of them. */
const isSpace = (code: number): boolean =>
  code === 0x20 || (code < 0x20 && code !== LINE_END) || (code > 0xA0 && OTHER_SPACE.test(String.fromCharCode(code)))
const OTHER_SPACE = /[\u1680\u2000-\u200A\u2028\u2029\u205F\u3000\uFEFF]/u
/** Whether a word may be divided at a letter: at a hyphen, a dash, a place that is marked, or in scripts without spaces. */
const mayDivide = (code: number): boolean =>
  code === 0x2D || code === 0xAD || code === 0x200B || code === 0x2013 || code === 0x2014 || code >= 0x3040
const NOWHERE: readonly number[] = []

/** Where a word may be divided. */
function places(word: string): readonly number[] {
  if (ADDRESS.test(word)) return NOWHERE
  const out: number[] = []
  for (let i = 1; i < word.length; i++) {
    const [last, next] = [word[i - 1]!, word[i]!]
    if (last === '\u00AD' || last === '\u200B') out.push(i)
    // Behind a hyphen between words, not before a number's minus or at a word's head; behind a dash, and before none.
    else if (last === '-' && i > 1 && /[\p{L}\p{N}]/u.test(word[i - 2]!) && /\p{L}/u.test(next)) out.push(i)
    else if ((last === '\u2013' || last === '\u2014') && !/[\u2013\u2014”’"').,;:?!]/u.test(next)) out.push(i)
    else if ((UNSPACED.test(last) || UNSPACED.test(next)) && !NEVER_FIRST.test(next) && !NEVER_LAST.test(last)) out.push(i)
  }
  return out
}

/** A paragraph's runs as atoms. @param faces its face in four shapes */
export function atomsOf(runs: readonly PrintedRun[], settings: readonly Setting[], faces: Faces): Atom[] {
  const atoms: Atom[] = []
  let open: Atom | undefined
  const end = (breaks: boolean) => {
    if (!open) return
    open.breaks = breaks
    atoms.push(open)
    open = undefined
  }
  const add = (run: number, text: string, hides: boolean) => {
    if (!text) return
    const shown = hides ? text.replaceAll('\u00AD', '').replaceAll('\u200B', '') : text
    open ??= { bits: [], width: 0, join: 0, breaks: false }
    const width = widthIn(faces, settings[run]!, shown)
    open.bits.push({ run, text: shown, width })
    open.width += width
  }
  const space = (run: number, piece: string) => {
    const last = open ?? atoms.at(-1)
    if (last && !last.ends) {
      const width = widthIn(faces, settings[run]!, piece)
      const { text = '', width: wide = 0, run: of = run } = last.space ?? {}
      last.space = { run: of, text: text + piece, width: wide + width }
    }
    end(true)
  }
  const word = (run: number, piece: string, divides: boolean) => {
    let from = 0
    for (const at of divides ? places(piece) : NOWHERE) {
      add(run, piece.slice(from, at), true)
      if (open && piece[at - 1] === '\u00AD') open.hyphen = widthIn(faces, settings[run]!, '-')
      end(true)
      from = at
    }
    add(run, from ? piece.slice(from) : piece, divides)
  }
  runs.forEach(({ text }, run) => {
    // Words, the spaces between them, and ends of lines, found letter by letter: a text is gone through once.
    let from = 0
    while (from < text.length) {
      const code = text.charCodeAt(from)
      let to = from + 1
      if (code === LINE_END) {
        open ??= { bits: [], width: 0, join: 0, breaks: true }
        open.ends = true
        end(true)
      } else if (isSpace(code)) {
        while (to < text.length && isSpace(text.charCodeAt(to))) to++
        space(run, text.slice(from, to))
      } else {
        let divides = mayDivide(code)
        for (; to < text.length; to++) {
          const next = text.charCodeAt(to)
          if (next === LINE_END || isSpace(next)) break
          divides ||= mayDivide(next)
        }
        word(run, text.slice(from, to), divides)
      }
      from = to
    }
  })
  end(true)
  keepTogether(atoms)
  kernAcross(atoms, settings, faces)
  return atoms
}

/** A number is not parted from the short word that says what it counts: p. 58, vol. 3, no. 2. */
const COUNTS = /^\p{P}*(?:pp?|vols?|nos?|paras?|figs?|chaps?|chs?|sec|bk)\.$/iu
function keepTogether(atoms: readonly Atom[]) {
  for (let i = 0; i + 1 < atoms.length; i++) {
    const word = atoms[i]!
    if (!word.space || !word.bits.at(-1)?.text.endsWith('.')) continue
    const next = atoms[i + 1]!
    if (next.bits[0] && /^\p{N}/u.test(next.bits[0].text) && COUNTS.test(word.bits.map(bit => bit.text).join(''))) word.breaks = false
  }
}

/** Letters on both sides of a space, or of a place where a line may end, stand by each other as all others do. */
function kernAcross(atoms: readonly Atom[], settings: readonly Setting[], faces: Faces) {
  for (let i = 0; i + 1 < atoms.length; i++) {
    const [left, right] = [atoms[i]!, atoms[i + 1]!]
    const [last, first] = [left.bits.at(-1), right.bits[0]]
    if (!last || !first || last.run !== first.run) continue
    const { face: name, size, marks } = settings[last.run]!
    if (marks.smallCaps) continue
    const face = faces.of(name)
    const [a, b] = [last.text.codePointAt(lastLetter(last.text))!, first.text.codePointAt(0)!]
    if (!left.space) left.join = face.kern(a, b) * size
    else if (left.space.run === last.run) left.space.width += (face.kern(a, left.space.text.codePointAt(0)!) + face.kern(0x20, b)) * size
  }
}
const lastLetter = (text: string): number => {
  const code = text.charCodeAt(text.length - 1)
  return code >= 0xDC00 && code <= 0xDFFF && text.length > 1 ? text.length - 2 : text.length - 1
}
