/**
 * Templates: how a style writes the parts of an entry, their punctuation and treatment, as data.
 *
 *   text            stands as it is
 *   {name:a,b}      a value (core/compose/values.ts); {name!} prints its fallback when there is none
 *   {@name}         a named part of the layout or the style
 *   {& ...}         a separator: printed only between two things of the same sequence that both print
 *   [ ... ]         a group: vanishes when no value in it prints
 *   < a | b | c >   the first that prints; an alternative may begin with a condition:  cond? a
 *   *…*  **…**      italic, bold      "…"  quotation marks of the style, nesting      ^…^ superscript
 *   ⟦ ⟧             literal square brackets
 *
 * A condition is names joined by & with ! for not: "doi", "!author", "%places" (a style option), "kind=book".
 */
export type Node =
  | { type: 'text', text: string }
  | { type: 'value', name: string, filters: readonly string[], always: boolean }
  | { type: 'part', name: string }
  | { type: 'between', text: string }
  | { type: 'group', of: readonly Node[] }
  | { type: 'first', of: readonly { when?: string, of: readonly Node[] }[] }
  | { type: 'mark', mark: 'italic' | 'bold' | 'superscript' | 'quoted', of: readonly Node[] }

const cache = new Map<string, readonly Node[]>()

/** Parses a template; throws with the template and the place when it is malformed (a fault of the style's file). */
export function parseTemplate(text: string): readonly Node[] {
  const known = cache.get(text)
  if (known) return known
  let at = 0
  const fail = (what: string): never => { throw new Error(`${what} at ${at} in template: ${text}`) }

  const sequence = (end: string): Node[] => {
    const out: Node[] = []
    let literal = ''
    const flush = () => { if (literal) out.push({ type: 'text', text: literal }); literal = '' }
    while (at < text.length) {
      if (end && text.startsWith(end, at)) break
      if (end === '>' && text[at] === '|') break
      const char = text[at]!
      const mark = text.startsWith('**', at) ? '**' : char
      if (mark === '**' || '*"^'.includes(mark)) {
        flush()
        at += mark.length
        const of = sequence(mark)
        if (!text.startsWith(mark, at)) fail(`unclosed ${mark}`)
        at += mark.length
        out.push({ type: 'mark', mark: mark === '**' ? 'bold' : mark === '*' ? 'italic' : mark === '^' ? 'superscript' : 'quoted', of })
      }
      else if (char === '{') { flush(); out.push(value()) }
      else if (char === '[') {
        flush()
        at++
        const of = sequence(']')
        if (text[at] !== ']') fail('unclosed [')
        at++
        out.push({ type: 'group', of })
      }
      else if (char === '<') { flush(); out.push(first()) }
      else {
        literal += char === '⟦' ? '[' : char === '⟧' ? ']' : char
        at++
      }
    }
    flush()
    return out
  }

  const value = (): Node => {
    const close = text.indexOf('}', at)
    if (close < 0) fail('unclosed {')
    const body = text.slice(at + 1, close)
    at = close + 1
    if (body.startsWith('&')) return { type: 'between', text: body.slice(1) }
    if (body.startsWith('@')) return { type: 'part', name: body.slice(1) }
    const [head, filters] = body.split(':') as [string, string?]
    return { type: 'value', name: head.replace(/!$/u, ''), always: head.endsWith('!'), filters: filters ? filters.split(',') : [] }
  }

  const first = (): Node => {
    at++
    const of: { when?: string, of: Node[] }[] = []
    for (;;) {
      const when = /^([!%\w@=&.-]+)\?/u.exec(text.slice(at))
      if (when) at += when[0].length
      of.push({ ...(when ? { when: when[1]! } : {}), of: sequence('>') })
      if (text[at] === '|') at++
      else if (text[at] === '>') { at++; return { type: 'first', of } }
      else fail('unclosed <')
    }
  }

  const nodes = sequence('')
  if (at < text.length) fail('stray mark')
  cache.set(text, nodes)
  return nodes
}
