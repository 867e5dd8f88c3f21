/**
 * BibTeX as a file format: entries with their raw values. Broken entries are recovered one by one and named with their line.
 * Source: Patashnik, BibTeXing (1988), and the biblatex manual for the entry and field names in use since.
 */
import type { Problem, Progress } from '../proposal'

export interface BibEntry {
  type: string
  key: string
  /** Raw values by lower-case name, macros and concatenations resolved, outer delimiters gone. */
  fields: Map<string, string>
  line: number
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
/** An entry that begins a line ends whatever was left open before it. */
const NEXT_ENTRY = /\n[ \t]*@[ \t]*[a-z]+[ \t]*[{(]/giu
const MAX_VALUE = 200_000
/** Read at a place in the text (sticky), without cutting it. */
const WORD = /[a-z][a-z0-9_:+./-]*/iuy
const BARE = /[^\s,#{}"()=]+/uy
/** Where a delimited value may change its depth or end. */
const TURN = /[\\{}"]/gu

/** Reads a BibTeX file. Anything outside entries is a comment. Never throws. */
export function parseBibtex(text: string, progress?: Progress): { entries: BibEntry[], problems: Problem[] } {
  return new Parser(text, progress).run()
}

class Parser {
  private at = 0
  private readonly macros = new Map<string, string>(MONTHS.map(month => [month, month]))
  private readonly entries: BibEntry[] = []
  private readonly problems: Problem[] = []
  private counted = 0
  private lines = 1
  /** Where the entry being read must end at the latest. */
  private limit = 0
  /** Letters that macros have given, and as many as they may: some are words that double the last. */
  private expanded = 0
  private full = false
  private readonly room: number

  constructor(private readonly text: string, private readonly progress?: Progress) {
    this.room = 4 * text.length + 200_000
  }

  run() {
    const { text } = this
    let told = 0
    for (;;) {
      const next = text.indexOf('@', this.at)
      if (next < 0) break
      this.at = next + 1
      const head = /^[ \t]*([a-z][a-z0-9_-]*)[ \t\n]*([{(])/iu.exec(text.slice(this.at, this.at + 120))
      if (!head) continue
      const type = head[1]!.toLowerCase()
      const line = this.lineAt(next)
      this.at += head[0].length
      NEXT_ENTRY.lastIndex = this.at
      const found = NEXT_ENTRY.exec(text)
      this.limit = found ? found.index + 1 : text.length
      const close = head[2] === '{' ? '}' : ')'
      if (type === 'comment') this.skipGroup(close)
      else if (type === 'preamble') this.skipGroup(close)
      else if (type === 'string') this.readString(close, line)
      else this.readEntry(type, close, line)
      if (this.progress && this.at - told > 200_000) { told = this.at; this.progress(this.at / text.length) }
    }
    return { entries: this.entries, problems: this.problems }
  }

  private lineAt(position: number): number {
    for (; this.counted < position; this.counted++) if (this.text.charCodeAt(this.counted) === 10) this.lines++
    return this.lines
  }

  private problem(line: number, what: string) { this.problems.push({ where: `line ${line}`, what }) }

  private space() {
    while (this.at < this.limit) {
      const code = this.text.charCodeAt(this.at)
      if (code !== 32 && code !== 10 && code !== 9 && (code < 128 || !/\s/u.test(this.text[this.at]!))) return
      this.at++
    }
  }

  private skipGroup(close: string) {
    let depth = 1
    const open = close === '}' ? '{' : '('
    for (; this.at < this.limit && depth > 0; this.at++) {
      const char = this.text[this.at]
      if (char === open) depth++
      else if (char === close) depth--
    }
  }

  private readString(close: string, line: number) {
    this.space()
    const name = this.word()
    this.space()
    if (!name || this.text[this.at] !== '=') { this.problem(line, 'this @string has no name and value; it was passed over.'); return }
    this.at++
    const value = this.value(line, name)
    if (value !== undefined) this.macros.set(name.toLowerCase(), value)
    this.space()
    if (this.text[this.at] === close) this.at++
  }

  private readEntry(type: string, close: string, line: number) {
    const { text } = this
    this.space()
    const keyMatch = /^[^\s,={}"]*/u.exec(text.slice(this.at, Math.min(this.limit, this.at + 300)))!
    let key = keyMatch[0]
    const after = this.at + key.length
    // "@book{title = …": the key was forgotten.
    if (/^\s*=/u.test(text.slice(after, after + 20))) key = ''
    else this.at = after
    if (!key) this.problem(line, `this @${type} has no key; Dendle makes one.`)
    const entry: BibEntry = { type, key, fields: new Map(), line }
    this.entries.push(entry)
    this.space()
    if (text[this.at] === ',') this.at++
    for (;;) {
      this.space()
      while (this.at < this.limit && text[this.at] === ',') { this.at++; this.space() }
      if (this.at >= this.limit) {
        this.problem(line, `the @${type} ${key || 'here'} is not closed; what could be read of it is kept.`)
        return
      }
      if (text[this.at] === close) { this.at++; return }
      const name = this.word()
      this.space()
      if (!name || text[this.at] !== '=') {
        const here = this.lineOf()
        // Something that is no field: pass to the next comma or the end of the line.
        const stop = /[,\n]/u.exec(text.slice(this.at, this.limit))
        const stray = (name + text.slice(this.at, stop ? this.at + stop.index : this.limit)).trim().slice(0, 40)
        this.at = stop ? this.at + stop.index + 1 : this.limit
        if (stray && stray !== close) this.problem(here, `“${stray}” in ${key || `this @${type}`} is no field; it was passed over.`)
        else if (stray === close) return
        continue
      }
      this.at++
      const fieldLine = this.lineOf()
      const value = this.value(fieldLine, name, key)
      const lower = name.toLowerCase()
      if (value === undefined) continue
      if (entry.fields.has(lower) && entry.fields.get(lower) !== value)
        this.problem(fieldLine, `${key || `this @${type}`} has ${lower} twice; the first is kept.`)
      else entry.fields.set(lower, value)
      this.space()
      if (this.at < this.limit && text[this.at] !== ',' && text[this.at] !== close && /^[a-z]/iu.test(text[this.at]!))
        this.problem(this.lineOf(), `a comma is missing after ${lower} in ${key || `this @${type}`}.`)
    }
  }

  /** The line of the current place, without moving the counter of entries. */
  private lineOf(): number { return this.lineAt(this.at) }

  private word(): string {
    WORD.lastIndex = this.at
    const match = this.at < this.limit ? WORD.exec(this.text) : null
    if (!match) return ''
    this.at += match[0].length
    return match[0]
  }

  /** A value: pieces joined by #. */
  private value(line: number, name: string, key = ''): string | undefined {
    let out = ''
    for (;;) {
      this.space()
      const char = this.text[this.at]
      if (this.at >= this.limit) { this.problem(line, `${name} of ${key || 'this entry'} has no value.`); return out || undefined }
      if (char === '{' || char === '"') out += this.delimited(char, line, name, key)
      else {
        BARE.lastIndex = this.at
        const raw = BARE.exec(this.text)?.[0]
        if (!raw) { this.problem(line, `${name} of ${key || 'this entry'} has no value.`); return out || undefined }
        this.at += raw.length
        if (/^\d+$/u.test(raw)) out += raw
        else {
          const known = this.macros.get(raw.toLowerCase())
          if (known === undefined) {
            // An unbraced value of several words was meant as text.
            const rest = /^[^,\n}]*/u.exec(this.text.slice(this.at, this.limit))![0]
            if (/^\s+\S/u.test(rest) && !/^\s*#/u.test(rest)) { this.at += rest.length; out += raw + rest.trimEnd() }
            else out += raw
            this.problem(line, `${name} of ${key || 'this entry'} uses “${raw}”, which no @string names; it is taken as text.`)
          }
          else if ((this.expanded += known.length) <= this.room) out += known
          else {
            out += raw
            if (!this.full) this.problem(line, 'the words that @string gives grow to many times the file; from here on its names stand for themselves.')
            this.full = true
          }
        }
      }
      this.space()
      if (this.text[this.at] !== '#') return out
      this.at++
    }
  }

  private delimited(open: string, line: number, name: string, key: string): string {
    const { text } = this
    const start = ++this.at
    let depth = 0
    for (; ; this.at++) {
      TURN.lastIndex = this.at
      const turn = TURN.exec(text)
      this.at = turn ? Math.min(turn.index, this.limit) : this.limit
      if (this.at >= this.limit) break
      const char = text[this.at]
      if (char === '\\') { this.at++; continue }
      if (char === '{') depth++
      else if (char === '}') {
        if (open === '{' && depth === 0) return text.slice(start, this.at++).slice(0, MAX_VALUE)
        // A quoted value never closes a brace it did not open: its end was forgotten.
        if (depth === 0) break
        depth--
      }
      else if (char === '"' && open === '"' && depth === 0) return text.slice(start, this.at++).slice(0, MAX_VALUE)
    }
    // Not closed before the next entry: the value ends with its line, or where the next field begins.
    const rest = text.slice(start, this.limit)
    const stop = /,\s*[a-z][a-z0-9_-]*\s*=\s*[{"\d]|\n\s*[a-z][a-z0-9_-]*\s*=|\n\s*[})]\s*$/iu.exec(rest)
    this.at = start + (stop ? stop.index : rest.trimEnd().replace(/[})]$/u, '').length)
    this.problem(line, `${name} of ${key || 'this entry'} is not closed; it was read to the end of its lines.`)
    return text.slice(start, this.at).replace(/[\s,"}]+$/u, '').slice(0, MAX_VALUE)
  }
}
