/** A paragraph as lines: each with its words where they stand. Lengths are points, from the left edge of the column. */
import { marksIn, type PrintedRun } from '../printed'
import type { Look } from '../../styles/page-schema'
import { atomsOf, settingOf, SMALL_CAPITAL, smallCapitals, widthIn, type Atom, type Bit, type Setting } from './atoms'
import { choose, dividing, fill, widthOf, type Stretch } from './breaking'
import { lineOf, shapeOf, type Faces } from './face'

/** Words that are set as one piece. */
export interface PlacedText {
  x: number
  width: number
  text: string
  /** The face, by its name in `Faces`. */
  face: string
  size: number
  /** Above the baseline. */
  rise: number
  underline?: boolean
  link?: string
  note?: number
  citation?: number
}
export interface Line {
  texts: PlacedText[]
  height: number
  /** From its top to its letters' foot. */
  baseline: number
  /** Notes whose marks stand in it. */
  notes: number[]
}

/** Between what stands before a paragraph and its words, where they do not begin at its indent. */
const GAP = 4
/** A column is never so narrow that nothing can stand in it. */
const NARROWEST = 24

export interface Setup {
  faces: Faces
  look: Look
  /** How wide the column is. */
  width: number
  /** Words with the places where they may be divided; absent: they are not. */
  hyphenate?: ((text: string) => string) | undefined
}

/**
 * @param runs its words; those that its face has no letters for are set in another
 * @param lead what stands before them, with a tab behind it
 */
export function linesOf(runs: readonly PrintedRun[], setup: Setup, lead: readonly PrintedRun[] = []): Line[] {
  const { faces, look, width } = setup
  const { split, settings } = settled(runs, setup)
  const [start, room] = [look.left, Math.max(NARROWEST, width - look.left - look.right)]
  const before = lead.length ? placeLead(lead, setup) : undefined
  // Behind a number the words begin at the tab, which is where the other lines begin.
  const first = before ? Math.max(0, before.end - start) : look.first
  const measure = (line: number) => Math.max(NARROWEST, room - (line === 0 ? first : 0))
  const atoms = dividing(atomsOf(split, settings, faces), Math.min(room, measure(0)), (run, text) => widthIn(faces, settings[run]!, text))
  const stretches = look.align === 'justified' ? choose(atoms, measure) : fill(atoms, measure)
  const face = faces.of(shapeOf(marksIn(look, {})))
  const height = look.leading * lineOf(face) * look.size
  const baseline = face.ascent * look.size
  return stretches.map((stretch, i) => {
    const own = widthOf(atoms, stretch)
    const free = measure(i) - own
    const last = i === stretches.length - 1 || atoms[stretch.to - 1]?.ends === true
    const shift = look.align === 'centre' ? free / 2 : look.align === 'right' ? free : 0
    // A last line is not spread, but where it was chosen a little too full it is drawn in as any other.
    const spread = look.align === 'justified' && (!last || free < 0) ? free / Math.max(1, spacesIn(atoms, stretch)) : 0
    const texts = placed(atoms, stretch, { split, settings, faces }, start + (i === 0 ? first : 0) + shift, spread)
    return {
      texts: i === 0 && before ? [...before.texts, ...texts] : texts,
      height,
      baseline,
      notes: texts.flatMap(text => (text.note === undefined ? [] : [text.note])),
    }
  })
}

interface Settled { split: PrintedRun[], settings: Setting[] }

/** Runs, each in one face. */
function settled(runs: readonly PrintedRun[], { faces, look, hyphenate }: Setup): Settled {
  const split: PrintedRun[] = []
  const settings: Setting[] = []
  for (const run of runs) {
    const text = hyphenate && !run.link ? hyphenate(run.text) : run.text
    for (const stretch of faces.stretches(text, shapeOf(marksIn(look, run)))) {
      split.push({ ...run, text: stretch.text })
      settings.push(settingOf(look, run, stretch.face))
    }
  }
  return { split, settings }
}

const spacesIn = (atoms: readonly Atom[], { from, to }: Stretch): number => {
  let n = 0
  for (let i = from; i < to - 1; i++) if (atoms[i]!.space) n++
  return n
}

function placeLead(lead: readonly PrintedRun[], setup: Setup): { texts: PlacedText[], end: number } {
  const { look } = setup
  const { split, settings } = settled(lead, setup)
  let x = look.left + look.first
  const texts = split.map((run, i): PlacedText => {
    const width = widthIn(setup.faces, settings[i]!, run.text)
    const text = textAt(x, width, run.text, run, settings[i]!)
    x += width
    return text
  })
  return { texts, end: Math.max(look.left, x + GAP) }
}

const RTL = /[\u0590-\u08FF\uFB1D-\uFDFF\uFE70-\uFEFC]/u

/** The words of a line as pieces: a run's together, or word by word where spaces are spread. */
function placed(
  atoms: readonly Atom[],
  { from, to }: Stretch,
  { split, settings, faces }: Settled & { faces: Faces },
  start: number,
  spread: number,
): PlacedText[] {
  const out: PlacedText[] = []
  let x = start
  let open: { run: number, text: string, x: number, width: number } | undefined
  const close = () => {
    if (open) out.push(...piecesOf(open, split, settings, faces))
    open = undefined
  }
  const put = ({ run, text, width }: Bit) => {
    if (open?.run !== run) {
      close()
      open = { run, text: '', x, width: 0 }
    }
    open!.text += text
    open!.width += width
    x += width
  }
  for (let i = from; i < to; i++) {
    const atom = atoms[i]!
    const last = i === to - 1
    for (const bit of atom.bits) put(bit)
    if (last) {
      if (atom.hyphen) put({ run: atom.bits.at(-1)!.run, text: '-', width: atom.hyphen })
      break
    }
    if (atom.space) {
      put(atom.space)
      if (spread) {
        // Words that run from right to left stay together: their order in the line is not that of their letters.
        if (!open || !RTL.test(open.text)) close()
        x += spread
      }
    } else if (atom.join) {
      x += atom.join
      if (open) open.width += atom.join
    }
  }
  close()
  return out
}

function piecesOf(
  { run, text, x, width }: { run: number, text: string, x: number, width: number },
  split: readonly PrintedRun[],
  settings: readonly Setting[],
  faces: Faces,
): PlacedText[] {
  const setting = settings[run]!
  if (!setting.marks.smallCaps) return [textAt(x, width, text, split[run]!, setting)]
  let at = x
  return smallCapitals(text).map((piece) => {
    const size = setting.size * (piece.small ? SMALL_CAPITAL : 1)
    const wide = faces.of(setting.face).width(piece.text) * size
    const placedText = textAt(at, wide, piece.text, split[run]!, { ...setting, size })
    at += wide
    return placedText
  })
}

const textAt = (x: number, width: number, text: string, run: PrintedRun, { face, size, rise, marks }: Setting): PlacedText => ({
  x, width, text, face, size, rise,
  ...(marks.underline ? { underline: true } : {}),
  ...(run.link ? { link: run.link } : {}),
  ...(run.note === undefined ? {} : { note: run.note }),
  ...(run.citation === undefined ? {} : { citation: run.citation }),
})
