/** Rendering templates: nodes and a context become atoms. */
import type { FieldName } from '../source/fields'
import { has, textOf } from '../source/model'
import { kindChain } from '../source/kinds'
import type { Layout, Style } from '../styles/types'
import type { Atom } from './line'
import { parseTemplate, type Node } from './template'
import { fallbackOf, isDated, isValue, leader, valueOf, type Context, type Place } from './values'

interface Rendered { atoms: Atom[], produced: boolean }

/** The layout of a kind in a style: its own over those of the kinds it resembles. */
export function layoutOf(style: Style, kind: Parameters<typeof kindChain>[0]): Layout {
  const key = `${style.id} ${kind}`
  const cached = layouts.get(style)?.get(key)
  if (cached) return cached
  // A kind's own layout is whole: only what it resembles is asked when it has none.
  const found = kindChain(kind).map(id => style.kinds[id]).find(Boolean) ?? style.kinds.book!
  if (!layouts.has(style)) layouts.set(style, new Map())
  layouts.get(style)!.set(key, found)
  return found
}
const layouts = new WeakMap<Style, Map<string, Layout>>()

/** Renders a template; the atoms still want `setLine`. */
export function render(template: string, context: Context, place: Place = { italic: false, quoted: 0 }): Atom[] {
  return sequence(parseTemplate(template), context, place).atoms
}

function sequence(nodes: readonly Node[], context: Context, place: Place): Rendered {
  const out: Atom[] = []
  let produced = false
  let pending: string | undefined
  // Words behind a pending separator wait with it until something prints.
  let held: Atom[] = []
  for (const node of nodes) {
    if (node.type === 'between') { if (produced) { pending = node.text; held = [] } continue }
    const given = one(node, context, place)
    if (!given.produced) {
      // What closes a bracket opened before prints whether or not more came between.
      if (pending !== undefined && /^[)\]]/u.test(given.atoms[0]?.text ?? '')) pending = undefined
      if (pending === undefined) out.push(...given.atoms)
      else held.push(...given.atoms)
      continue
    }
    // A group that brings its own punctuation needs no separator.
    const own = given.atoms[0]?.part === 'glue' && !held.length && /^(?:[.,;:]| \()/u.test(given.atoms[0].text)
    if (pending !== undefined) out.push(...(own ? [] : [glue(pending, place)]), ...held)
    pending = undefined
    held = []
    out.push(...given.atoms)
    produced = true
  }
  return { atoms: out, produced }
}

const glue = (text: string, place: Place): Atom => ({ text, part: 'glue', rules: [], ...(place.italic ? { italic: true } : {}) })
const nothing: Rendered = { atoms: [], produced: false }

function one(node: Node, context: Context, place: Place): Rendered {
  switch (node.type) {
    // A word of the template's own begins with a capital where it begins a sentence.
    case 'text': return { atoms: [{ ...glue(node.text, place), sentence: /^\p{Ll}/u.test(node.text) }], produced: false }
    case 'between': return nothing
    case 'part': return whole(sequence(parseTemplate(partOf(context, node.name)), context, place))
    case 'group': return whole(sequence(node.of, context, place))
    case 'first': {
      for (const alternative of node.of) {
        if (alternative.when && !holds(alternative.when, context)) continue
        const inner = sequence(alternative.of, context, place)
        if (inner.produced) return inner
        // A condition that holds decides, even for nothing.
        if (alternative.when) return alternative.of.every(n => n.type === 'text') ? { ...inner, produced: inner.atoms.some(a => /\p{L}/u.test(a.text)) } : nothing
        // Words alone at the end of the alternatives are the words for none of them.
        if (alternative === node.of.at(-1) && alternative.of.every(n => n.type === 'text')) return inner
      }
      return nothing
    }
    case 'mark': return marked(node, context, place)
    case 'value': {
      const atoms = valueOf(node.name)(context, node.filters, place)
      const given = atoms.length || !node.always ? atoms : fallbackOf(node.name, context)
      return { atoms: place.italic ? given.map(a => (a.italic === undefined && !isTitle(a) ? { ...a, italic: true } : a)) : given, produced: given.length > 0 }
    }
  }
}
const whole = (inner: Rendered): Rendered => (inner.produced ? inner : nothing)
/** Titles decide their own italics (reversed inside italics). */
const isTitle = (atom: Atom): boolean => atom.rules.some(rule => rule.startsWith('title.'))

const partOf = (context: Context, name: string): string =>
  context.layout.parts?.[name] ?? (context.layout as Record<string, unknown>)[name] as string | undefined ?? context.style.parts[name] ?? ''

function marked(node: Extract<Node, { type: 'mark' }>, context: Context, place: Place): Rendered {
  if (node.mark === 'quoted') {
    const inner = sequence(node.of, context, { ...place, quoted: place.quoted + 1 })
    if (!inner.produced) return nothing
    const { quotes } = context.style
    const [open, close] = place.quoted % 2 ? quotes.inner : quotes.outer
    return { produced: true, atoms: [glue(open, place), ...inner.atoms, { ...glue(close, place), closes: true }] }
  }
  if (node.mark === 'italic') return sequence(node.of, context, { ...place, italic: !place.italic })
  const inner = sequence(node.of, context, place)
  return { ...inner, atoms: inner.atoms.map(a => ({ ...a, [node.mark]: true })) }
}

function holds(condition: string, context: Context): boolean {
  return condition.split('&').every((term) => {
    const wanted = !term.startsWith('!')
    return wanted === test(wanted ? term : term.slice(1), context)
  })
}

function test(term: string, context: Context): boolean {
  const { source, style } = context
  if (term.startsWith('%')) return Boolean(style.options[term.slice(1)])
  if (term.includes('=')) {
    const [name, value] = term.split('=') as [string, string]
    return name === 'kind' ? source.kind === value : name === 'label' ? context.locator?.label === value : textOf(source, name as FieldName).toLowerCase().includes(value)
  }
  switch (term) {
    case 'lead': return leader(context) !== undefined
    case 'dated': return isDated(source)
    case 'inpress': return !isDated(source) && has(source, 'status')
    case 'online': return has(source, 'url') || has(source, 'doi')
    case 'link': return has(source, 'url') && !has(source, 'doi')
    case 'locator': return context.locator !== undefined
    case 'accessed': return has(source, 'accessed') && !isDated(source)
    case 'makers': case 'inside.makers': case 'note.makers': case 'standIn': return render(term === 'standIn' ? context.layout.standIn ?? '' : `{${term}}`, context).length > 0
  }
  if (term.startsWith('@')) return sequence(parseTemplate(partOf(context, term.slice(1))), context, { italic: false, quoted: 0 }).produced
  if (isValue(term)) return valueOf(term)(context, [], { italic: false, quoted: 0 }).length > 0
  throw new Error(`no condition ${term} in ${style.id}`)
}
