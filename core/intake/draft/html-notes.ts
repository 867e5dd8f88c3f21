/** What HTML is made of, and the notes in it: where they are called, what they say. */
export interface Html {
  type: string
  name?: string
  data?: string
  attribs?: Record<string, string>
  children?: Html[]
  parent?: Html | null
}

export const BLOCK = new Set([
  'p',
  'div',
  'section',
  'article',
  'main',
  'header',
  'footer',
  'nav',
  'li',
  'ul',
  'ol',
  'blockquote',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'table',
  'caption',
  'figure',
  'figcaption',
  'pre',
  'hr',
  'dl',
  'dd',
  'dt',
  'td',
  'th',
  'tr',
  'tbody',
  'thead',
  'tfoot',
  'body',
  'html',
  'aside',
  'address',
  'form',
  'fieldset',
  'details',
  'summary',
  'center',
])
export const DROPPED = new Set([
  'script',
  'style',
  'head',
  'title',
  'template',
  'noscript',
  'iframe',
  'object',
  'embed',
  'svg',
  'video',
  'audio',
  'canvas',
  'input',
  'button',
  'select',
  'textarea',
  'link',
  'meta',
  'base',
])
/** Elements nested deeper than this keep their words alone. */
export const MAX_DEPTH = 200

/** One walk over everything, without recursion: where links lead, and what holds blocks. */
export function survey(root: Html): { called: Set<string>, holders: Set<Html> } {
  const called = new Set<string>()
  const holders = new Set<Html>()
  const waiting: Html[] = [root]
  while (waiting.length) {
    const node = waiting.pop()!
    const target = node.name === 'a' ? /#(.+)$/u.exec(node.attribs?.href ?? '')?.[1] : undefined
    const key = target === undefined ? undefined : noteKey(target)
    if (key) called.add(key)
    if (BLOCK.has(node.name ?? '')) for (let up: Html | null | undefined = node; up && !holders.has(up); up = up.parent) holders.add(up)
    for (const child of node.children ?? []) waiting.push(child)
  }
  return { called, holders }
}

/** Word processors, converters and pages name their notes each in their own way: "_ftn1", "sdfootnote1sym", "fn:1", "cite_note-3". */
export function noteKey(name: string): string | undefined {
  const match =
    /^_?(?:sd)?(?:(f(?:ootnote|tnt?|n))|(e(?:ndnote|dnt?|n))|cite_note|note(?=[:_-]?\d))[:_-]*((?<=cite_note[:_-]*)[\w.-]*\d|\d+)(?:sym)?$/iu.exec(name)
  return match ? `${match[1] ? 'f' : match[2] ? 'e' : 'c'}${match[3]}` : undefined
}
/** The footnotes at the foot of the page or document, by their key, as rich text. */
export function footnotes(root: Html, called: ReadonlySet<string>): { notes: Map<string, string>, nodes: Set<Html> } {
  const notes = new Map<string, string>()
  const nodes = new Set<Html>()
  const visit = (node: Html, depth: number) => {
    const key = noteKey(node.attribs?.id ?? '') ?? (node.name === 'a' ? noteKey(node.attribs?.name ?? '') : undefined)
    // A name on a link or a number within the note means the block around it.
    let whole: Html | null | undefined = node
    while (whole && key && !(BLOCK.has(whole.name ?? '') && whole.name !== 'body')) whole = whole.parent
    if (depth < MAX_DEPTH && key && whole && called.has(key) && !notes.has(key) && !nodes.has(whole)) {
      const words = squash(richIn(whole))
        .replace(/\s*(?:[↑↩]\uFE0E?\s*)+(?=(?:<\/i>)?$)/u, '')
        .replace(/^\^\s*/u, '')
        .replace(/^(?:<i>|<sup>)?\s*\[?\d+\]?\.?\s*(?:<\/i>|<\/sup>)?\s+/u, '')
      // A note that says nothing is none: what calls it keeps its words.
      if (words) {
        notes.set(key, words)
        nodes.add(whole)
        if (whole === node) return
      }
    }
    if (depth < MAX_DEPTH) node.children?.forEach(child => visit(child, depth + 1))
  }
  visit(root, 0)
  return { notes, nodes }
}
export function textIn(node: Html): string {
  let out = ''
  const waiting: Html[] = [node]
  while (waiting.length) {
    const one = waiting.pop()!
    if (one.type === 'text') { out += one.data ?? ''; continue }
    if (DROPPED.has(one.name ?? '')) continue
    if (BLOCK.has(one.name ?? '') || one.name === 'br') out += ' '
    for (const child of [...(one.children ?? [])].reverse()) waiting.push(child)
  }
  return out
}
/** Rich text: italics and raised letters in the tags of core/text/rich. */
function richIn(node: Html, depth = 0): string {
  if (node.type === 'text') return node.data ?? ''
  const name = node.name ?? ''
  if (DROPPED.has(name) || depth > MAX_DEPTH) return ''
  if (name === 'br') return ' '
  const inside = (node.children ?? []).map(child => richIn(child, depth + 1)).join('')
  if (!inside.trim()) return inside
  if (/^(?:i|em|cite)$/u.test(name) || /font-style\s*:\s*italic/iu.test(node.attribs?.style ?? '')) return `<i>${inside}</i>`
  if (name === 'sup' && !/^\s*\[?\d+\]?\s*$/u.test(inside)) return `<sup>${inside}</sup>`
  return BLOCK.has(name) ? ` ${inside} ` : inside
}
export const squash = (text: string): string => text.replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ').trim()
