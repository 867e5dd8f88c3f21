/**
 * Setting a line: atoms of text joined into runs with the punctuation a compositor would leave: no doubled stops, commas
 * and full stops inside or outside closing quotation marks as the style wants, a capital after a full stop.
 */
import type { FieldName } from '../source/fields'
import { endsQuoted } from '../text/quotes'
import type { Run } from '../text/runs'

/** A run on its way. Atoms are never changed once made: printers share them. */
export interface Atom extends Run {
  field?: FieldName
  /** A closing quotation mark set by the template. */
  closes?: boolean
  /** A full stop gave way to the ? or ! before it: a sentence ended here all the same. */
  stopped?: boolean
  /** Begins with a capital when it begins a sentence ("edited by"). */
  sentence?: boolean
}

export interface Punctuation { stopsInside: boolean, commaAfterQuestion: boolean }

/** The same atom with other words. */
function withText(atom: Atom, text: string): Atom {
  const copy: Atom = { text, part: atom.part, rules: atom.rules }
  if (atom.field !== undefined) copy.field = atom.field
  if (atom.italic !== undefined) copy.italic = atom.italic
  if (atom.bold !== undefined) copy.bold = atom.bold
  if (atom.superscript !== undefined) copy.superscript = atom.superscript
  if (atom.smallCaps !== undefined) copy.smallCaps = atom.smallCaps
  if (atom.closes !== undefined) copy.closes = atom.closes
  return copy
}

/** Text of the template's or the style's own, between answers. */
export const glue = (text: string): Atom => ({ text, part: 'glue', rules: [] })
/** Ends an entry or note with a full stop unless it has one. */
export const STOP: Atom = glue('.')

export function setLine(atoms: readonly Atom[], rules: Punctuation): Run[] {
  const out: Atom[] = []
  for (const given of atoms) {
    let atom = given
    if (!atom.text) continue
    if (atom.sentence && startsSentence(out)) atom = withText(atom, raise(atom.text))
    if (atom.part === 'glue') {
      const settled = beside(out, atom)
      if (!settled.text) continue
      // Where the mark before it went, a word may now begin the sentence.
      atom = settled !== atom && /^\p{Ll}/u.test(settled.text) && startsSentence(out) ? withText(settled, raise(settled.text)) : settled
    }
    const lead = atom.text[0]!
    if (atom.part === 'glue' && isMark(lead)) atom = join(out, atom, lead, rules)
    if (atom.text[0] === ' ' && endsInSpace(out)) atom = withText(atom, atom.text.slice(1))
    if (atom.text) out.push(atom)
  }
  for (let i = 0; i < out.length; i++) out[i] = plainRun(out[i]!)
  return out
}

/**
 * What stands around a detail that is missing falls into place: no mark after an opening bracket or at the beginning, no
 * space before a mark, no mark waiting for something that never comes. Gives back what is left of the atom.
 */
function beside(out: Atom[], atom: Atom): Atom {
  const last = out[out.length - 1]
  if (!last) return /^[\s.,;:]/u.test(atom.text) ? withText(atom, atom.text.replace(/^[\s.,;:]+/u, '')) : atom
  const ending = last.text[last.text.length - 1]
  if ((ending === '(' || ending === '[') && last.part === 'glue') {
    if (/^[\s.,;:]/u.test(atom.text)) return withText(atom, atom.text.replace(/^[\s.,;:]+/u, ''))
    if (atom.text[0] !== (ending === '(' ? ')' : ']')) return atom
    // Nothing came between: the pair goes.
    out[out.length - 1] = withText(last, last.text.slice(0, -1))
    return withText(atom, atom.text.slice(1))
  }
  const first = atom.text[0]!
  const closes = first === ')' || first === ']'
  if (last.part !== 'glue' || !(closes || isMark(first)) || !/(?:\s|[,;:])$/u.test(last.text)) return atom
  const core = last.text.trimEnd()
  const waiting = core[core.length - 1]
  // A stop that has ended something stays; the mark behind it has nothing to set off.
  if (waiting === '.' && !closes && core !== last.text) {
    if (atom.text === '.') out[out.length - 1] = withText(last, core)
    return withText(atom, atom.text.slice(1).trimStart())
  }
  const settled = waiting === ',' || waiting === ';' || waiting === ':' ? core.slice(0, -1).trimEnd() : core
  if (settled) out[out.length - 1] = withText(last, settled)
  else {
    out.pop()
    return beside(out, atom)
  }
  return atom
}

const isMark = (char: string): boolean => char === '.' || char === ',' || char === ';' || char === ':' || char === '?' || char === '!'

/** The run that an atom became; the same object where nothing has to be taken off. */
function plainRun(atom: Atom): Atom {
  if (atom.closes === undefined && atom.sentence === undefined && atom.stopped === undefined) return atom
  const { closes: _closes, sentence: _sentence, stopped: _stopped, ...run } = atom
  return run
}

function endsInSpace(out: readonly Atom[]): boolean {
  if (!out.length) return false
  const text = out[out.length - 1]!.text || tail(out)
  return text.endsWith(' ') || /\s$/u.test(text.slice(-1))
}

/** The last few characters already set. */
const tail = (out: readonly Atom[]): string => out.slice(-6).map(a => a.text).join('').slice(-12)

/** Lets the first mark of `atom` fall into place behind what is set; gives back the atom with what is left of it. */
function join(out: Atom[], atom: Atom, lead: string, rules: Punctuation): Atom {
  let quotes = 0
  while (out.at(-1 - quotes)?.closes) quotes++
  const at = out.length - quotes - 1
  const last = out[at]
  if (!last) return quotes ? atom : withText(atom, atom.text.slice(1).trimStart())
  const ending = last.text.slice(-1)
  // A quotation inside the title may end where the title ends: ‘Neither Land nor Sea’”.
  const inner = (ending === '’' || ending === '”') && last.part !== 'glue' ? closingQuotes(out, at) : ''
  const core = inner ? last.text.slice(0, last.text.length - inner.length) : last.text
  const previous = inner ? core.slice(-1) : ending
  const asks = previous === '?' || previous === '!'
  const drop = lead === previous || (lead === '.' && (asks || previous === '…')) || (lead === ',' && asks && !rules.commaAfterQuestion)
  if (drop) {
    const rest = withText(atom, atom.text.slice(1))
    if (lead === '.') {
      if (rest.text) rest.stopped = true
      else out[out.length - 1] = { ...out.at(-1)!, stopped: true }
    }
    return rest
  }
  if ((quotes || inner) && rules.stopsInside && (lead === '.' || lead === ',')) {
    const mark: Atom = { ...glue(lead), ...(atom.italic ? { italic: true } : {}) }
    out.splice(at, 1, withText(last, core), mark, ...(inner ? [withText(last, inner)] : []))
    return withText(atom, atom.text.slice(1))
  }
  return atom
}

/** The closing marks of a quotation inside the answer that ends at `at`. */
function closingQuotes(out: readonly Atom[], at: number): string {
  const last = out[at]!
  const whole = out.slice(0, at + 1).filter(atom => atom.field === last.field).map(atom => atom.text).join('')
  return endsQuoted(whole) ? /[’”]+$/u.exec(last.text)![0] : ''
}

const startsSentence = (out: readonly Atom[]): boolean => {
  const before = tail(out).trimEnd().replace(/[”’)\]]+$/u, '')
  return before === '' || before.endsWith('.') || (/[?!]$/u.test(before) && out.slice(-2).some(a => a.stopped))
}

/** The first letter raised, particles and abbreviations included; a username stays as its owner writes it. */
export function raise(text: string): string {
  const first = text.charCodeAt(0)
  if (first >= 65 && first <= 90) return text
  return text.replace(/^([^\p{L}\p{N}@]*)(\p{Ll})/u, (_, lead: string, c: string) => lead + c.toUpperCase())
}

/** The first letter of a note or sentence raised. */
export function raised(atoms: readonly Atom[]): readonly Atom[] {
  const at = atoms.findIndex(a => /[\p{L}\p{N}]/u.test(a.text))
  // An address is not a word.
  if (at >= 0 && (atoms[at]!.field === 'url' || atoms[at]!.field === 'doi')) return atoms
  const text = at < 0 ? '' : raise(atoms[at]!.text)
  if (at < 0 || text === atoms[at]!.text) return atoms
  return atoms.map((atom, i) => (i === at ? { ...atom, text } : atom))
}

/** The text of atoms without any treatment. */
export const textOfAtoms = (atoms: readonly Atom[]): string => atoms.map(a => a.text).join('')
