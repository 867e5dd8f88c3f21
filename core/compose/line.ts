/**
 * Setting a line: atoms of text joined into runs with the punctuation a compositor would leave: no doubled stops, commas
 * and full stops inside or outside closing quotation marks as the style wants, a capital after a full stop.
 */
import type { Run } from '../text/runs'
import { endsQuoted } from '../text/quotes'

export interface Atom extends Run {
  /** A closing quotation mark set by the template. */
  closes?: boolean
  /** A full stop gave way to the ? or ! before it: a sentence ended here all the same. */
  stopped?: boolean
  /** Begins with a capital when it begins a sentence ("edited by"). */
  sentence?: boolean
}

export interface Punctuation { stopsInside: boolean, commaAfterQuestion: boolean }

export function setLine(atoms: readonly Atom[], rules: Punctuation): Run[] {
  const out: Atom[] = []
  for (const given of atoms) {
    if (!given.text) continue
    const atom = { ...given }
    if (atom.sentence && startsSentence(out)) atom.text = raise(atom.text)
    const lead = /^[.,;:?!]/u.exec(atom.text)?.[0]
    if (lead && atom.part === 'glue') join(out, atom, lead, rules)
    if (atom.text.startsWith(' ') && /\s$/u.test(tail(out))) atom.text = atom.text.slice(1)
    if (atom.text) out.push(atom)
  }
  return out.map(({ closes: _closes, sentence: _sentence, stopped: _stopped, ...run }) => run)
}

/** The last few characters already set. */
const tail = (out: readonly Atom[]): string => out.slice(-6).map(a => a.text).join('').slice(-12)

/** Lets the first mark of `atom` fall into place behind what is set; removes it from the atom when it does. */
function join(out: Atom[], atom: Atom, lead: string, rules: Punctuation) {
  let quotes = 0
  while (out.at(-1 - quotes)?.closes) quotes++
  const before = out.slice(0, out.length - quotes)
  const last = before.at(-1)
  if (!last) { if (!quotes) atom.text = atom.text.slice(1).trimStart(); return }
  // A quotation inside the title may end where the title ends: ‘Neither Land nor Sea’”.
  const inner = last.part !== 'glue' && endsQuoted(before.filter(a => a.field === last.field).map(a => a.text).join('')) ? /[’”]+$/u.exec(last.text)?.[0] ?? '' : ''
  const core = last.text.slice(0, last.text.length - inner.length)
  const previous = core.slice(-1)
  const drop = (lead === '.' && /[.?!…]/u.test(previous)) || (lead === previous)
    || (lead === ',' && /[?!]/u.test(previous) && !rules.commaAfterQuestion)
  if (drop) {
    atom.text = atom.text.slice(1)
    if (lead === '.') (atom.text ? atom : out.at(-1)!).stopped = true
    return
  }
  if ((quotes || inner) && rules.stopsInside && (lead === '.' || lead === ',')) {
    last.text = core
    const at = out.length - quotes
    out.splice(at, 0, { ...glueOf(atom), text: lead }, ...(inner ? [{ ...last, text: inner }] : []))
    atom.text = atom.text.slice(1)
  }
}

const glueOf = (atom: Atom): Atom => ({ text: '', part: 'glue', rules: [], ...(atom.italic ? { italic: true } : {}) })

const startsSentence = (out: readonly Atom[]): boolean => {
  const before = tail(out).trimEnd().replace(/[”’)\]]+$/u, '')
  return before === '' || before.endsWith('.') || (/[?!]$/u.test(before) && out.slice(-2).some(a => a.stopped))
}

/** The first letter raised, particles and abbreviations included. */
export const raise = (text: string): string => text.replace(/^([^\p{L}\p{N}]*)(\p{Ll})/u, (_, lead: string, c: string) => lead + c.toUpperCase())

/** Ends an entry or note with a full stop unless it has one. */
export const stop = (rule: readonly string[] = []): Atom => ({ text: '.', part: 'glue', rules: rule })
