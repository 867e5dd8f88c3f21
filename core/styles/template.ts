/**
 * Templates: how a style writes the parts of an entry, their punctuation and treatment, as data.
 *
 *   text            stands as it is
 *   {name:a,b}      a value with its filters (vocabulary.ts lists both); {name!} prints its fallback when there is none
 *   {@name}         a named part of the layout or the style
 *   {& ...}         a separator: printed only between two things of the same sequence that both print
 *   [ ... ]         a group: vanishes when no value in it prints
 *   < a | b | c >   the first that prints; an alternative may begin with a condition:  cond? a
 *   *…*  **…**      italic, bold      "…"  quotation marks of the style, nesting      ^…^ superscript
 *   ⟦ ⟧             literal square brackets
 *
 * A condition is terms joined by & with ! for not: "doi", "!author", "%places" (a style option), "kind=book",
 * "label=page", "country=us", "@part" (whether a named part prints).
 */
export interface Term {
  not: boolean
  sort: 'thing' | 'option' | 'part' | 'equals'
  name: string
  /** What it is compared with, for `equals`. */
  value?: string
}
export type Mark = 'italic' | 'bold' | 'superscript' | 'quoted'
export type Node =
  | { type: 'text', text: string, at: number }
  | { type: 'value', name: string, filters: readonly string[], always: boolean, at: number }
  | { type: 'part', name: string, at: number }
  | { type: 'between', text: string, at: number }
  | { type: 'group', of: readonly Node[], at: number }
  | { type: 'first', of: readonly Alternative[], at: number }
  | { type: 'mark', mark: Mark, of: readonly Node[], at: number }
export interface Alternative { when?: readonly Term[], of: readonly Node[] }

/** What is wrong with a template, and where: `at` counts its characters from 0. */
export class TemplateError extends Error {
  constructor(what: string, readonly at: number, template: string) {
    super(`${what} at ${at} in ${template}`)
  }
}

const MARKS: readonly (readonly [string, Mark])[] = [['**', 'bold'], ['*', 'italic'], ['^', 'superscript'], ['"', 'quoted']]
const NAME = /^[A-Za-z][\w.]*$/u
const CONDITION = /^[!%\w@=&.-]+(?=\?)/u
const TERM = /^(!?)(?:(%)|(@))?([A-Za-z][\w.]*)(?:=([a-z][a-z-]*))?$/u

/**
 * Parses a template.
 * @throws TemplateError where it is malformed: a mark left open, a stray `]`, `>`, `}` or `|`, a name that cannot be one
 */
export function parseTemplate(text: string): readonly Node[] {
  let at = 0
  const fail = (what: string, where = at): never => { throw new TemplateError(what, where, text) }

  /** Nodes up to the mark that closes them; `open` lists the marks that may. */
  const sequence = (close: string, open: readonly string[]): Node[] => {
    const out: Node[] = []
    let literal = ''
    let from = at
    const flush = () => {
      if (literal) out.push({ type: 'text', text: literal, at: from })
      literal = ''
    }
    while (at < text.length) {
      if (close && text.startsWith(close, at) && !(close === '*' && text.startsWith('**', at))) break
      if (close === '>' && text[at] === '|') break
      const char = text[at]!
      const mark = MARKS.find(([sign]) => text.startsWith(sign, at))
      if (mark) {
        flush()
        out.push(marked(mark, open))
      }
      else if (char === '{') { flush(); out.push(value()) }
      else if (char === '[') {
        flush()
        const start = at++
        const of = sequence(']', [...open, ']'])
        if (text[at] !== ']') fail('unclosed [', start)
        at++
        if (!of.length) fail('empty group', start)
        out.push({ type: 'group', of, at: start })
      }
      else if (char === '<') { flush(); out.push(first(open)) }
      else if (']>}|'.includes(char)) fail(`stray ${char}`)
      else {
        if (!literal) from = at
        literal += char === '⟦' ? '[' : char === '⟧' ? ']' : char
        at++
      }
    }
    flush()
    return out
  }

  const marked = ([sign, name]: readonly [string, Mark], open: readonly string[]): Node => {
    if (open.includes(sign)) fail(`${sign} inside ${sign}`)
    const start = at
    at += sign.length
    const of = sequence(sign, [...open, sign])
    if (!text.startsWith(sign, at)) fail(`unclosed ${sign}`, start)
    at += sign.length
    if (!of.length) fail(`nothing between ${sign} and ${sign}`, start)
    return { type: 'mark', mark: name, of, at: start }
  }

  const value = (): Node => {
    const start = at
    const close = text.indexOf('}', at)
    if (close < 0) fail('unclosed {')
    const body = text.slice(at + 1, close)
    at = close + 1
    if (body.startsWith('&')) {
      if (!body.slice(1)) fail('a separator of nothing', start)
      if (/[{<>|]/u.test(body)) fail('a separator is text alone', start)
      return { type: 'between', text: body.slice(1), at: start }
    }
    if (body.startsWith('@')) {
      if (!NAME.test(body.slice(1))) fail(`no part can be called "${body.slice(1)}"`, start)
      return { type: 'part', name: body.slice(1), at: start }
    }
    const [, head, always, filters] = /^([^:!]*)(!?)(?::(.*))?$/u.exec(body) ?? []
    if (!head || !NAME.test(head)) fail(`no value can be called "${body}"`, start)
    return { type: 'value', name: head!, always: always === '!', filters: filters === undefined ? [] : filters.split(','), at: start }
  }

  const first = (open: readonly string[]): Node => {
    const start = at++
    const of: Alternative[] = []
    for (;;) {
      const when = CONDITION.exec(text.slice(at))?.[0]
      const terms = when?.split('&').map((term) => {
        const [, not, option, part, name, value] = TERM.exec(term) ?? fail(`no condition "${term}"`)
        return {
          not: not === '!',
          sort: option ? 'option' : part ? 'part' : value ? 'equals' : 'thing',
          name: name!,
          ...(value ? { value } : {}),
        } satisfies Term
      })
      if (when) at += when.length + 1
      of.push({ ...(terms ? { when: terms } : {}), of: sequence('>', [...open, '>']) })
      if (text[at] === '|') at++
      else if (text[at] === '>') { at++; return { type: 'first', of, at: start } }
      else fail('unclosed <', start)
    }
  }

  const nodes = sequence('', [])
  if (at < text.length) fail(`stray ${text[at]}`)
  return nodes
}
