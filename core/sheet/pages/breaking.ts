/** Where lines end. Ragged lines are filled one by one; justified ones are chosen for the paragraph as a whole. */
import { ADDRESS, placesInAddress, type Atom, type Bit } from './atoms'

/** A line: its atoms from `from` up to, not including, `to`. */
export interface Stretch { from: number, to: number }

/** How wide a stretch of atoms is as a line: the space behind its last word takes no room. */
export function widthOf(atoms: readonly Atom[], { from, to }: Stretch): number {
  let sum = 0
  for (let i = from; i < to; i++) {
    const atom = atoms[i]!
    sum += atom.width + (i < to - 1 ? (atom.space?.width ?? 0) + atom.join : (atom.hyphen ?? 0))
  }
  return sum
}

/**
 * Atoms in lines, each as full as it can be. An atom wider than the measure stands alone (`dividing` has cut it before).
 * @param measure of a line by its number, in points
 */
export function fill(atoms: readonly Atom[], measure: (line: number) => number): Stretch[] {
  const out: Stretch[] = []
  let from = 0
  let width = 0
  // The last place where the line may end, and what stands behind it.
  let end = 0
  let behind = 0
  for (let i = 0; i < atoms.length; i++) {
    const atom = atoms[i]!
    const before = i > from ? (atoms[i - 1]!.space?.width ?? 0) + atoms[i - 1]!.join : 0
    if (i > from && width + before + atom.width + hyphenOf(atom) > measure(out.length) + HAIR) {
      const to = end > from ? end : i
      out.push({ from, to })
      width = to === i ? atom.width : behind + before + atom.width
      from = to
    } else width += before + atom.width
    if (atom.breaks || atom.ends) {
      end = i + 1
      behind = 0
    } else behind += (i > end ? before : 0) + atom.width
    if (atom.ends) {
      out.push({ from, to: i + 1 })
      from = i + 1
      width = 0
    }
  }
  if (from < atoms.length || !out.length) out.push({ from, to: atoms.length })
  return out
}
/** Room that a computer's sums may be off by. */
const HAIR = 0.01
const hyphenOf = (atom: Atom): number => (atom.space ? 0 : (atom.hyphen ?? 0))

/** How far a space may grow and shrink, as parts of its width. */
const STRETCH = 0.5
const SHRINK = 1 / 3
/** The worst line that is still looked for first; and what a line that ends in a hyphen costs. */
const TOLERANCES = [2, 5, 12] as const
const LINE_COST = 10
const HYPHEN_COST = 50

interface Place { at: number, line: number, cost: number, before: Place | undefined }

/**
 * Atoms in lines whose spaces are as even as they can be over the whole paragraph: the ends are chosen that make the sum of
 * what each line is off the least (after Knuth and Plass, 1981). Where no line-up is good enough, lines are filled.
 */
export function choose(atoms: readonly Atom[], measure: (line: number) => number): Stretch[] {
  if (atoms.some(atom => atom.ends)) return byLines(atoms, measure)
  // Sums up to each atom: a line's width and spaces are differences of them.
  const [widths, spaces] = [[0], [0]]
  for (const atom of atoms) {
    widths.push(widths.at(-1)! + atom.width + (atom.space?.width ?? 0) + atom.join)
    spaces.push(spaces.at(-1)! + (atom.space?.width ?? 0))
  }
  for (const tolerance of TOLERANCES) {
    const found = chosen(atoms, measure, widths, spaces, tolerance)
    if (found) return found
  }
  return fill(atoms, measure)
}

/** A paragraph with ends of lines of its own: each part by itself, its measure going on. */
function byLines(atoms: readonly Atom[], measure: (line: number) => number): Stretch[] {
  const out: Stretch[] = []
  let from = 0
  atoms.forEach((atom, i) => {
    if (!atom.ends && i < atoms.length - 1) return
    const part = atoms.slice(from, i + 1).map((one): Atom => ({ ...one, ends: false }))
    const [lines, start] = [out.length, from]
    out.push(...choose(part, line => measure(lines + line)).map(({ from: a, to }) => ({ from: start + a, to: start + to })))
    from = i + 1
  })
  return out
}

function chosen(
  atoms: readonly Atom[],
  measure: (line: number) => number,
  widths: readonly number[],
  spaces: readonly number[],
  tolerance: number,
): Stretch[] | undefined {
  const active: Place[] = [{ at: 0, line: 0, cost: 0, before: undefined }]
  for (let i = 0; i < atoms.length; i++) {
    const atom = atoms[i]!
    const last = i === atoms.length - 1
    const trailing = atom.space?.width ?? 0
    const [width, spaceTo] = [widths[i + 1]! - trailing - atom.join + hyphenOf(atom), spaces[i + 1]! - trailing]
    const ends: Place[] = []
    let kept = 0
    for (const place of active) {
      const room = measure(place.line) - (width - widths[place.at]!)
      const stretchy = spaceTo - spaces[place.at]!
      // Too full even with its spaces shrunk: no later end can begin there either.
      if (room < -stretchy * SHRINK - HAIR) continue
      active[kept++] = place
      if (!atom.breaks && !last) continue
      const ratio = last && room >= 0 ? 0 : room / Math.max(stretchy * (room >= 0 ? STRETCH : SHRINK), HAIR)
      if (ratio > tolerance) continue
      const badness = 100 * Math.abs(ratio) ** 3
      const cost = place.cost + (LINE_COST + badness + (atom.hyphen && !last ? HYPHEN_COST : 0)) ** 2
      const line = place.line + 1
      const there = ends.findIndex(end => end.line === line)
      if (there < 0) ends.push({ at: i + 1, line, cost, before: place })
      else if (cost < ends[there]!.cost) ends[there] = { at: i + 1, line, cost, before: place }
    }
    active.length = kept
    if (last) return ends.length ? unwound(ends.reduce((one, other) => (other.cost < one.cost ? other : one))) : undefined
    active.push(...ends)
    if (!active.length) return undefined
  }
  return [{ from: 0, to: atoms.length }]
}

function unwound(end: Place): Stretch[] {
  const out: Stretch[] = []
  for (let place: Place | undefined = end; place?.before; place = place.before) out.push({ from: place.before.at, to: place.at })
  return out.reverse()
}

/** Atoms none of which is wider than `room`: one that is, is cut, an address where addresses may be, a word between letters. */
export function dividing(atoms: readonly Atom[], room: number, width: (run: number, text: string) => number): Atom[] {
  if (atoms.every(atom => atom.width <= room)) return [...atoms]
  return atoms.flatMap(atom => (atom.width <= room ? [atom] : inAddresses(atom, width).flatMap(part => byLetters(part, room, width))))
}

/** An address in the parts that it may be divided in; anything else as it is. */
function inAddresses(atom: Atom, width: (run: number, text: string) => number): Atom[] {
  const words = atom.bits.map(bit => bit.text).join('')
  if (!ADDRESS.test(words)) return [atom]
  return cutAt(atom, placesInAddress(words), width)
}

/** An atom cut at some places of its words. */
function cutAt(atom: Atom, places: readonly number[], width: (run: number, text: string) => number): Atom[] {
  const out: Atom[] = []
  let bits: Bit[] = []
  let at = 0
  let next = 0
  const put = () => {
    if (bits.length) out.push({ bits, width: bits.reduce((sum, bit) => sum + bit.width, 0), join: 0, breaks: true })
    bits = []
  }
  for (const { run, text } of atom.bits) {
    let from = 0
    while (next < places.length && places[next]! <= at + text.length) {
      const piece = text.slice(from, places[next]! - at)
      if (piece) bits.push({ run, text: piece, width: width(run, piece) })
      from = places[next]! - at
      next++
      put()
    }
    if (from < text.length) bits.push({ run, text: text.slice(from), width: width(run, text.slice(from)) })
    at += text.length
  }
  put()
  const last = out.pop() ?? { bits: [], width: 0 }
  return [...out, { ...atom, bits: last.bits, width: last.width }]
}

/** An atom that no line holds, cut where a line is full. */
function byLetters(atom: Atom, room: number, width: (run: number, text: string) => number): Atom[] {
  if (atom.width <= room) return [atom]
  const places: number[] = []
  let at = 0
  let wide = 0
  for (const { run, text } of atom.bits)
    for (const letter of text) {
      const one = width(run, letter)
      if (wide + one > room && wide > 0 && !/\p{M}/u.test(letter)) {
        places.push(at)
        wide = 0
      }
      wide += one
      at += letter.length
    }
  return cutAt(atom, places, width)
}
