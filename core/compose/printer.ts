/**
 * Printers: a template made into a function once, when its style is compiled, with every name in it bound: values,
 * filters, options and kinds cost nothing when a work is printed.
 */
import type { Layout, Style } from '../styles/schema'
import { LAYOUT_TEMPLATES } from '../styles/ids'
import { parseTemplate, type Alternative, type Node, type Term } from '../styles/template'
import { FIELDS, type FieldName } from '../source/fields'
import { foldWords } from '../text/filing'
import { isDerived, isThing, isValue, type Compared, type Thing, type ValueName } from '../styles/vocabulary'
import { glue, type Atom } from './line'
import type { KindSetting, Telling, Work } from './work'
import { bindValue, fallback, isTitleAtom } from './values'

/** Prints at the end of `out`; whether anything of the source's was printed. What it leaves without that is words alone. */
export type Printer = (work: Work, telling: Telling, out: Atom[]) => boolean
export type Test = (work: Work, telling: Telling) => boolean

/** Where in a template something stands. */
export interface Place { italic: boolean, quoted: number }
export const UPRIGHT: Place = { italic: false, quoted: 0 }

/** The template of a named part: of the layout, of the layout's own templates, of the style. */
export function partOf(layout: Layout, style: Style, name: string): string | undefined {
  const own = LAYOUT_TEMPLATES.find(one => one === name)
  return layout.parts?.[name] ?? (own && layout[own]) ?? style.parts[name]
}

/** @throws TemplateError or Error for a template that `validateStyle` would have refused */
export const compile = (template: string, kind: KindSetting, place: Place = UPRIGHT): Printer =>
  sequence(parseTemplate(template), kind, place)

function sequence(nodes: readonly Node[], kind: KindSetting, place: Place): Printer {
  if (nodes.length === 1 && nodes[0]!.type !== 'between') return one(nodes[0]!, kind, place)
  const steps = nodes.map((node, i): Step =>
    node.type === 'between'
      ? { separator: text(node.text, place) }
      : { print: one(node, kind, place), ...(leads(nodes, i) ? { leads: true } : {}) },
  )
  return (work, telling, out) => {
    let produced = false
    // Where a separator stands that still waits for something behind it; words printed meanwhile wait with it.
    let waiting = -1
    // Where words stand that belong to what follows them, until something does.
    let leading = -1
    // Words of the template's own have been printed ("podcast"): a separator may stand behind them too.
    let said = false
    for (const step of steps) {
      if (leading >= 0 && (step.separator || step.leads)) {
        // The words go, the punctuation that set them off stays for what comes in their stead (". Located at: ").
        const stop = OPENING_STOP.exec(out[leading]?.text ?? '')
        out.length = leading
        leading = -1
        if (stop && waiting < 0) {
          waiting = out.length
          out.push(glue(stop[0]))
        }
      }
      if (step.separator) {
        if (!produced && !said) continue
        if (waiting >= 0) out.length = waiting
        waiting = out.length
        out.push(step.separator)
        continue
      }
      const from = out.length
      if (step.leads) leading = from
      if (!step.print!(work, telling, out)) {
        // Words that are no label of something else stand for themselves.
        if (!step.leads && hasWords(out, from)) {
          said = true
          waiting = -1
          leading = -1
        }
        // What closes a bracket opened before prints whether or not more came between.
        else if (waiting >= 0 && out.length > from && CLOSING.test(out[from]!.text)) {
          out.splice(waiting, from - waiting)
          waiting = -1
        }
        continue
      }
      // A group that brings its own punctuation needs no separator.
      const first = out[from]
      if (waiting >= 0 && waiting === from - 1 && first?.part === 'glue' && OWN_PUNCTUATION.test(first.text)) out.splice(waiting, 1)
      // "in, 2nd ed.": what the words belong to is missing, and what came does not follow from them.
      if (leading >= 0 && leading < from && out[from]?.part === 'glue' && OWN_PUNCTUATION.test(out[from]!.text))
        out.splice(leading, from - leading)
      waiting = -1
      leading = -1
      produced = true
    }
    if (leading >= 0) out.length = leading
    if (waiting >= 0 && waiting < out.length) out.length = waiting
    return produced
  }
}
interface Step { separator?: Atom, print?: Printer, leads?: boolean }

/** Whether a node is words that belong to what stands right behind them: "in *{container}*", " no. {number}". */
function leads(nodes: readonly Node[], i: number): boolean {
  const node = nodes[i]!
  const next = nodes[i + 1]
  return node.type === 'text' && /\p{L}\p{P}*\s$/u.test(node.text) && next !== undefined && next.type !== 'text' && next.type !== 'between'
}

function hasWords(out: readonly Atom[], from: number): boolean {
  for (let i = from; i < out.length; i++) if (/\p{L}/u.test(out[i]!.text)) return true
  return false
}

const CLOSING = /^[)\]]/u
const OPENING_STOP = /^[.,;:] /u
const OWN_PUNCTUATION = /^(?:[.,;:]| \()/u

const text = (words: string, place: Place): Atom => ({ ...glue(words), ...(place.italic ? { italic: true } : {}) })

function one(node: Exclude<Node, { type: 'between' }> | Node, kind: KindSetting, place: Place): Printer {
  switch (node.type) {
    case 'text': {
      // A word of the template's own begins with a capital where it begins a sentence.
      const atom: Atom = { ...text(node.text, place), ...(/^\[?\p{Ll}/u.test(node.text) ? { sentence: true } : {}) }
      return (_work, _telling, out) => { out.push(atom); return false }
    }
    case 'between': return () => false
    case 'part': return whole(compile(partOf(kind.layout, kind.style, node.name) ?? missingPart(node.name, kind), kind, place))
    case 'group': return whole(sequence(node.of, kind, place))
    case 'first': return first(node.of, kind, place)
    case 'mark': return marked(node, kind, place)
    case 'value': {
      const value = italicised(bindValue(node.name, node.filters, kind, place), place)
      if (!node.always) return value
      const instead = fallback(kind.style)
      return (work, telling, out) => value(work, telling, out) || instead(work, telling, out)
    }
  }
}

const missingPart = (name: string, kind: KindSetting): string => {
  // A layout without this question leaves it out ("{@inside}" of a kind that has none).
  if (LAYOUT_TEMPLATES.some(one => one === name)) return ''
  throw new Error(`no part {@${name}} in ${kind.style.id}, ${kind.id}`)
}

/** Nothing at all unless something of the source's was printed. */
const whole = (print: Printer): Printer => (work, telling, out) => {
  const from = out.length
  if (print(work, telling, out)) return true
  out.length = from
  return false
}

/** What stands in italics is italic, but for titles, which decide that themselves (reversed inside italics). */
function italicised(print: Printer, place: Place): Printer {
  if (!place.italic) return print
  return (work, telling, out) => {
    const from = out.length
    const produced = print(work, telling, out)
    for (let i = from; i < out.length; i++) if (out[i]!.italic === undefined && !isTitleAtom(out[i]!)) out[i] = { ...out[i]!, italic: true }
    return produced
  }
}

function first(of: readonly Alternative[], kind: KindSetting, place: Place): Printer {
  const all = of.map((alternative, i) => {
    const onlyText = alternative.of.every(node => node.type === 'text')
    return {
      holds: alternative.when && condition(alternative.when, kind),
      print: sequence(alternative.of, kind, place),
      onlyText,
      // A condition that holds decides, even for nothing; words alone behind it are its answer if they have a letter.
      words: onlyText && alternative.of.some(node => node.type === 'text' && /\p{L}/u.test(node.text)),
      last: i === of.length - 1,
    }
  })
  return (work, telling, out) => {
    for (const alternative of all) {
      if (alternative.holds && !alternative.holds(work, telling)) continue
      const from = out.length
      if (alternative.print(work, telling, out)) return true
      if (alternative.onlyText && (alternative.holds || alternative.last)) return Boolean(alternative.holds) && alternative.words
      out.length = from
      if (alternative.holds) return false
    }
    return false
  }
}

function marked(node: Extract<Node, { type: 'mark' }>, kind: KindSetting, place: Place): Printer {
  if (node.mark === 'italic') return sequence(node.of, kind, { ...place, italic: !place.italic })
  if (node.mark === 'quoted') {
    const inner = sequence(node.of, kind, { ...place, quoted: place.quoted + 1 })
    const { quotes } = kind.style
    const [opening, closing] = place.quoted % 2 ? quotes.inner : quotes.outer
    const open = text(opening, place)
    const close: Atom = { ...text(closing, place), closes: true }
    return (work, telling, out) => {
      const from = out.length
      out.push(open)
      if (!inner(work, telling, out)) { out.length = from; return false }
      out.push(close)
      return true
    }
  }
  const inner = sequence(node.of, kind, place)
  const { mark } = node
  return (work, telling, out) => {
    const from = out.length
    const produced = inner(work, telling, out)
    for (let i = from; i < out.length; i++) out[i] = { ...out[i]!, [mark]: true }
    return produced
  }
}

// Conditions -----------------------------------------------------------------------------------------------------------

function condition(terms: readonly Term[], kind: KindSetting): Test {
  const tests = terms.map((term) => {
    const test = testOf(term, kind)
    return term.not ? (work: Work, telling: Telling) => !test(work, telling) : test
  })
  return tests.length === 1 ? tests[0]! : (work, telling) => tests.every(test => test(work, telling))
}

const THINGS: Record<Thing, (kind: KindSetting) => Test> = {
  lead: () => work => work.lead !== undefined,
  dated: () => work => work.dated,
  inpress: () => work => !work.dated && work.has('status'),
  online: () => work => work.has('url') || work.has('doi'),
  link: () => work => work.has('url') && !work.has('doi'),
  locator: () => (_work, telling) => telling.locator !== undefined,
  several: () => (_work, telling) => telling.needsTitle === true,
  yeared: () => work => work.yeared,
  slides: () => work => !work.has('event') && /\bslides?\b|\bpowerpoint\b/iu.test(work.text('genre')),
  presented: () => work => work.has('event') && /\b(?:poster|paper|presentation|(?<!lecture )slides)\b/iu.test(work.text('genre')),
  presentation: () => work => /^(?:(?:conference |oral |paper )?presentation|conference paper)$/iu.test(work.text('genre')),
  sorted: () => (work) => {
    const genre = foldWords(work.text('genre'))
    return genre !== '' && !` ${foldWords(work.text('title'))} `.includes(` ${genre} `)
  },
  unpublished: () => work => /^unpublished\b/iu.test(work.text('genre')),
  wiki: () => work => /\bwiki/iu.test(work.text('genre')) || /wiki|(?<!cyclo)(?<!cyclopa)pedia$/iu.test(work.text('container')),
  standIn: kind => anything(compile(kind.layout.standIn ?? '', kind)),
}

const COMPARISONS: Record<Compared, (value: string, kind: KindSetting) => Test> = {
  kind: (value, kind) => { const same = kind.id === value; return () => same },
  label: value => (_work, telling) => telling.locator?.label === value,
  country: value => work => work.patent.country?.toLowerCase() === value,
}

/** Whether a value prints: at once where it is a field's own words, or the field is empty; else by trying. */
function given(name: ValueName, kind: KindSetting): Test {
  const print = anything(bindValue(name, [], kind, UPRIGHT))
  if (!Object.hasOwn(FIELDS, name)) return print
  const field = name as FieldName
  if (!isDerived(name) && FIELDS[field].type === 'text') return work => work.has(field)
  return (work, telling) => work.has(field) && print(work, telling)
}

/** Whether a printer leaves anything. */
const anything = (print: Printer): Test => (work, telling) => {
  const out: Atom[] = []
  print(work, telling, out)
  return out.length > 0
}

function testOf({ sort, name, value }: Term, kind: KindSetting): Test {
  if (sort === 'option') { const set = Boolean((kind.style.options as Record<string, boolean | undefined>)[name]); return () => set }
  if (sort === 'equals') return COMPARISONS[name as Compared](value!, kind)
  if (sort === 'part')
    return (
      (print) => (work: Work, telling: Telling) =>
        print(work, telling, [])
    )(compile(partOf(kind.layout, kind.style, name) ?? missingPart(name, kind), kind))
  if (isThing(name)) return THINGS[name](kind)
  if (isValue(name)) return given(name, kind)
  throw new Error(`no condition ${name} in ${kind.style.id}, ${kind.id}`)
}
