/**
 * A style held against its description before it is used: the schema, then every template, pattern and sentence, each
 * name in them, and what one part of a style asks of another. Runs over the shipped styles in the tests, and over a
 * style changed by house rules when it is changed.
 */
import type { z } from 'zod'
import { KIND_IDS, kindChain, type KindId } from '../source/kinds'
import { LOCATOR_LABELS } from '../source/locator-labels'
import { MONTHS } from '../source/dates'
import { RULE_IDS } from '../text/origin'
import { DATE_FORMS, LAYOUT_TEMPLATES, NAME_FORMS, OPTIONS, type DateFormId, type NameFormId } from './ids'
import { styleSchema, type Layout, type Style } from './schema'
import { fillSlot, parseSentence } from './sentence'
import { parseTemplate, TemplateError, type Node, type Term } from './template'
import { COMPARED, filtersOf, isThing, isValue, WITH_FALLBACK, type ValueName } from './vocabulary'

/** What is wrong with a style: where, and what is allowed there. */
export interface StyleProblem {
  style: string
  /** The kind whose layout it is in. */
  kind?: KindId
  /** The place in the style's data, as "kinds.book.what". */
  key: string
  what: string
}

export const problemText = ({ style, kind, key, what }: StyleProblem): string => `${style}${kind ? `, ${kind}` : ''}: ${key}: ${what}`

/** Everything that is wrong with a style; nothing for one that can be used. */
export function validateStyle(given: unknown): StyleProblem[] {
  const id =
    typeof given === 'object' && given !== null && typeof (given as { id?: unknown }).id === 'string'
      ? (given as { id: string }).id
      : 'style'
  const parsed = styleSchema.safeParse(given)
  if (!parsed.success) return parsed.error.issues.flatMap(issue => schemaProblems(id, issue))
  return [...new StyleCheck(given as Style).run()]
}

function schemaProblems(style: string, issue: z.core.$ZodIssue): StyleProblem[] {
  const path = issue.path.map(String)
  const kind = KIND_IDS.find(one => path[0] === 'kinds' && one === path[1])
  const what = issue.code === 'unrecognized_keys' ? `there is no ${issue.keys.map(key => `"${key}"`).join(', ')} here` : issue.message
  return [{ style, ...(kind ? { kind } : {}), key: path.join('.') || 'style', what }]
}

/** Whether what a node prints may begin with a word or a number. */
function opensWithWord(node: Node | undefined): boolean {
  switch (node?.type) {
    case 'value': return true
    case 'text': return /^[\p{L}\p{N}]/u.test(node.text)
    case 'group':
    case 'mark': return opensWithWord(node.of[0])
    case 'first': return node.of.some(({ of }) => opensWithWord(of[0]))
    default: return false
  }
}

/** Where a template stands, and what its names may mean there. */
interface Where { key: string, kind?: KindId, layout: Layout, inside: readonly string[] }

class StyleCheck {
  private readonly problems: StyleProblem[] = []
  /** Named parts that some template uses, of the style and by kind. */
  private readonly usedParts = new Set<string>()

  constructor(private readonly style: Style) {}

  run(): StyleProblem[] {
    this.templates()
    this.references()
    this.sentences()
    const { system, between, citedIn } = this.style.citation
    if (!citedIn.endsWith(' ')) this.say({ key: 'citation.citedIn' }, `"${citedIn}" runs into the work it stands before`)
    if ((system === 'author-date' || system === 'author-page') && !between.endsWith(' ')) this.say({ key: 'citation.between' }, `"${between}" joins two works without a space`)
    return this.problems
  }

  private say(where: { key: string, kind?: KindId }, what: string): void {
    const problem: StyleProblem = { style: this.style.id, key: where.key, what, ...(where.kind ? { kind: where.kind } : {}) }
    if (!this.problems.some(one => one.key === problem.key && one.what === what)) this.problems.push(problem)
  }

  // Templates ----------------------------------------------------------------------------------------------------------

  private templates(): void {
    const { style } = this
    for (const kind of KIND_IDS) {
      const holder = kindChain(kind).find(id => style.kinds[id])
      const layout = (holder && style.kinds[holder]) ?? style.kinds.book
      if (!layout) { this.say({ key: `kinds.${kind}`, kind }, 'no layout, neither of its own nor of a kind it is like'); continue }
      const at = (key: string): Where => ({ key: `kinds.${holder ?? 'book'}.${key}`, kind: holder ?? 'book', layout, inside: [] })
      if (layout.unlisted) {
        this.template(layout.unlisted.parenthetical, at('unlisted.parenthetical'))
        this.template(layout.unlisted.narrative, at('unlisted.narrative'))
      }
      if ((!layout.unlisted || layout.unlisted.unless) && layout.entry === undefined)
        this.template(style.frame, { ...at('frame'), key: 'frame' })
      for (const name of LAYOUT_TEMPLATES) if (layout[name] !== undefined) this.template(layout[name], at(name))
      for (const [name, part] of Object.entries(layout.parts ?? {})) this.template(part, at(`parts.${name}`))
      this.notes(at, layout)
      this.layoutUses(layout, at)
    }
    const plain: Where = { key: 'frame', layout: {}, inside: [] }
    for (const [name, part] of Object.entries(style.parts)) this.template(part, { ...plain, key: `parts.${name}` })
    if (style.noteFrame !== undefined) this.template(style.noteFrame, { ...plain, key: 'noteFrame' })
    if (style.credit.template !== undefined) this.template(style.credit.template, { ...plain, key: 'credit.template' })
    for (const name of Object.keys(style.parts))
      if (!this.usedParts.has(name) && name !== 'short') this.say({ key: `parts.${name}` }, 'no template uses it')
  }

  /** A style of notes has a full and a short one for every kind. */
  private notes(at: (key: string) => Where, layout: Layout): void {
    if (this.style.citation.system !== 'notes') return
    if (layout.note === undefined && this.style.noteFrame === undefined) this.say(at('note'), 'a style of notes needs one, or a noteFrame')
    if (layout.short === undefined && this.style.parts.short === undefined)
      this.say(at('short'), 'a style of notes needs one, or a part called short')
  }

  /** What a layout gives and nothing prints is a slip of the pen. */
  private layoutUses(layout: Layout, at: (key: string) => Where): void {
    if (layout.unlisted && !layout.unlisted.unless) return
    const entry = layout.entry ?? this.style.frame
    const used = partsUsed(entry, layout, this.style)
    for (const name of LAYOUT_TEMPLATES)
      if (['what', 'inside', 'where'].includes(name) && layout[name] && !used.has(name)) this.say(at(name), 'the entry does not use it')
    const all = new Set([
      ...used,
      ...partsUsed(layout.note ?? this.style.noteFrame ?? '', layout, this.style),
      ...partsUsed(layout.short ?? '', layout, this.style),
    ])
    for (const name of Object.keys(layout.parts ?? {}))
      if (!all.has(name)) this.say(at(`parts.${name}`), 'no template of this kind uses it')
  }

  private template(text: string, where: Where): void {
    let nodes: readonly Node[]
    try { nodes = parseTemplate(text) }
    catch (error) {
      if (!(error instanceof TemplateError)) throw error
      this.say(where, error.message)
      return
    }
    for (const [open, close] of [['(', ')'], ['⟦', '⟧'], ['“', '”']] as const) {
      const count = (sign: string) => text.split(sign).length - 1
      if (count(open) !== count(close)) this.say(where, `${count(open)} × ${open} but ${count(close)} × ${close} in ${text}`)
    }
    const tight = /\p{L}(?:\*\{|\()/u.exec(text)
    if (tight) this.say(where, `"${tight[0]}" at ${tight.index}: a letter runs into what follows`)
    this.sequence(nodes, where)
  }

  private sequence(nodes: readonly Node[], where: Where): void {
    nodes.forEach((node, i) => {
      if (node.type === 'between' && (i === 0 || i === nodes.length - 1 || nodes[i + 1]!.type === 'between'))
        this.say(where, `the separator {&${node.text}} at ${node.at} stands between nothing`)
      if (node.type === 'between' && nodes.slice(0, i).every((one) => one.type === 'text'))
        this.say(
          where,
          `the separator {&${node.text}} at ${node.at} has only words before it and would never print; print the words as a value`,
        )
      if (node.type === 'between' && node.text === '.' && !numbers(nodes[i + 1]))
        this.say(where, `the stop {&.} at ${node.at} stands between volume and issue alone; elsewhere a space follows it`)
      if (node.type === 'text') this.beside(node, nodes[i - 1], nodes[i + 1], where)
      this.node(node, where)
    })
  }

  /** Words do not run into what a value prints, and no mark stands before a separator that brings its own. */
  private beside({ text, at }: Extract<Node, { type: 'text' }>, before: Node | undefined, after: Node | undefined, where: Where): void {
    if (before?.type === 'value' && /^[\p{L}\p{N}]/u.test(text)) this.say(where, `"${text}" at ${at} runs into {${before.name}}`)
    if (after?.type === 'value' && /[\p{L}\p{N},.]$|\p{L}:$/u.test(text)) this.say(where, `"${text}" at ${at} runs into {${after.name}}`)
    if (after && after.type !== 'value' && after.type !== 'text' && /\p{L}$/u.test(text) && opensWithWord(after))
      this.say(where, `"${text}" at ${at} runs into what stands behind it`)
    if (/^\p{L}$/u.test(text) && before) this.say(where, `"${text}" at ${at} is a letter by itself`)
    if (before?.type === 'between' && /^[.,;:]/u.test(text)) this.say(where, `the mark "${text}" at ${at} stands behind a separator`)
    if (before?.type === 'between' && before.text.endsWith(' ') && text.startsWith(' ')) this.say(where, `a second space at ${at}`)
    if (after?.type === 'between' && /^[.,;:]+\s*$/u.test(text)) this.say(where, `the mark "${text}" at ${at} stands before a separator`)
  }

  private node(node: Node, where: Where): void {
    switch (node.type) {
      case 'text': return this.literal(node.text, node.at, where)
      case 'between':
        // A full stop alone stands between volume and issue: 85.2.
        if (!/^(?:[.,;:] | |\.)$/u.test(node.text)) this.say(where, `"${node.text}" at ${node.at} is no separator; use a mark and a space`)
        return
      case 'value': return this.value(node, where)
      case 'part': return this.part(node.name, node.at, where)
      case 'group': return this.sequence(node.of, where)
      case 'mark': {
        const last = node.of.at(-1)
        if (last?.type === 'text' && last.text.endsWith(' ')) this.say(where, `a space at ${last.at} before ${node.mark} ends`)
        return this.sequence(node.of, where)
      }
      case 'first':
        node.of.forEach((alternative, i) => {
          if (!alternative.of.length && i < node.of.length - 1 && !alternative.when)
            this.say(where, `an empty alternative at ${node.at}: those behind it are never reached`)
          alternative.when?.forEach(term => this.term(term, where))
          this.sequence(alternative.of, where)
        })
    }
  }

  /** Words of the template's own: no mark doubled, none without its space. */
  private literal(text: string, at: number, where: Where): void {
    const fault = /\s[,;.)]|[,;:][,;.:]|\.\.|\( |\s{2}|[,;][\p{L}\p{N}]|\p{Ll}\p{Lu}|[{}|<>\\/_=+~`@#%$?!&]/u.exec(text.replace('. ⟦', ''))
    if (fault && !/^ \.$/u.test(text)) this.say(where, `"${fault[0]}" in the words at ${at}`)
  }

  private value({ name, filters, always, at }: Extract<Node, { type: 'value' }>, where: Where): void {
    if (!isValue(name)) { this.say(where, `no value {${name}} at ${at}`); return }
    const allowed = filtersOf(name)
    for (const filter of filters) {
      if (!allowed.includes(filter)) this.say(where, `{${name}} at ${at} takes no "${filter}"; it takes ${allowed.join(', ') || 'nothing'}`)
      else if (isIn(NAME_FORMS, filter)) this.nameForm(filter, where)
      else if (isIn(DATE_FORMS, filter)) this.dateForm(filter, where)
    }
    if (new Set(filters).size < filters.length) this.say(where, `{${name}} at ${at} has a filter twice`)
    if (always && !WITH_FALLBACK.includes(name))
      this.say(where, `{${name}!} at ${at}: only ${WITH_FALLBACK.map((one) => `{${one}!}`).join(' and ')} print something for nothing`)
    if (!filters.some(filter => isIn(NAME_FORMS, filter))) this.defaultForm(name, where)
  }

  /** The form that names take where none is named. */
  private defaultForm(name: ValueName, where: Where): void {
    if (name === 'lead' || name === 'lead.book') this.nameForm('lead', where)
    else if (filtersOf(name).includes('inline')) this.nameForm('inline', where)
  }

  private nameForm(id: NameFormId, where: { key: string, kind?: KindId }): void {
    if (!this.style.names[id]) this.say(where, `the style has no name form "${id}"; it has ${Object.keys(this.style.names).join(', ')}`)
  }

  private dateForm(id: DateFormId, where: { key: string, kind?: KindId }): void {
    if (!this.style.dates.forms[id])
      this.say(where, `the style has no date form "${id}"; it has ${Object.keys(this.style.dates.forms).join(', ')}`)
  }

  private part(name: string, at: number, where: Where): void {
    if (where.inside.includes(name)) { this.say(where, `the part {@${name}} is inside itself`); return }
    const own = where.layout.parts?.[name] ?? LAYOUT_TEMPLATES.filter(one => one === name).map(one => where.layout[one])[0]
    const text = own ?? this.style.parts[name]
    if (own === undefined && text !== undefined) this.usedParts.add(name)
    // A layout may leave a question out, and the frame ask for it all the same.
    if (text === undefined) {
      if (!['what', 'inside', 'where', 'standIn'].includes(name)) this.say(where, `no part {@${name}} at ${at}`)
      return
    }
    this.sequence(safely(text), { ...where, inside: [...where.inside, name] })
  }

  private term({ sort, name, value }: Term, where: Where): void {
    if (sort === 'option') { if (!isIn(OPTIONS, name)) this.say(where, `no option %${name}; there are ${OPTIONS.join(', ')}`) }
    else if (sort === 'part') this.part(name, 0, where)
    else if (sort === 'equals') {
      if (!isIn(COMPARED, name)) this.say(where, `nothing called "${name}" can be compared; there are ${COMPARED.join(', ')}`)
      else if (name === 'kind' && !isIn(KIND_IDS, value!)) this.say(where, `no kind "${value!}"`)
      else if (name === 'label' && !isIn(LOCATOR_LABELS, value!))
        this.say(where, `no label "${value!}"; there are ${LOCATOR_LABELS.join(', ')}`)
      else if (name === 'country' && !/^[a-z]{2}$/u.test(value!))
        this.say(where, `"${value!}" is no country; use the two letters of its code`)
    }
    else if (!isThing(name) && !isValue(name)) this.say(where, `no condition "${name}"`)
  }

  // What one part asks of another ----------------------------------------------------------------------------------------

  private references(): void {
    const { citation, names, makers, dates, list, kinds } = this.style
    const form = (id: NameFormId, key: string) => this.nameForm(id, { key })
    form(citation.names, 'citation.names')
    form(citation.narrativeNames, 'citation.narrativeNames')
    for (const key of ['laterNames', 'sameSurname'] as const) {
      if (citation[key]) { form(citation[key].names, `citation.${key}.names`); form(citation[key].narrative, `citation.${key}.narrative`) }
    }
    for (const [set, rules] of Object.entries(makers)) form(rules.form, `makers.${set}.form`)
    for (const id of ['date', 'year'] as const) if (!dates.forms[id]) this.say({ key: `dates.forms.${id}` }, 'every style needs it')
    for (const [kind, layout] of Object.entries(kinds) as [KindId, Layout][])
      if (layout.dateForm) this.dateForm(layout.dateForm, { key: `kinds.${kind}.dateForm`, kind })
    for (const [id, one] of Object.entries(names)) {
      if (one.given === 'initials' && !one.initials)
        this.say({ key: `names.${id}.initials` }, 'given names are initials, but how they are set is not said')
      if (one.etAl && one.etAl.keep >= one.etAl.from)
        this.say({ key: `names.${id}.etAl.keep` }, `${one.etAl.keep} names cannot be kept of ${one.etAl.from}`)
      if (one.order !== 'surname' && one.given === 'none')
        this.say({ key: `names.${id}.given` }, 'only the order "surname" shows no given names')
    }
    if (citation.system === 'numbers' && !citation.numbers) this.say({ key: 'citation.numbers' }, 'a style of numbers needs them')
    if (citation.system === 'notes' && !citation.notes) this.say({ key: 'citation.notes' }, 'a style of notes needs them')
    if (list.order === 'appearance' && citation.system !== 'numbers')
      this.say({ key: 'list.order' }, 'only numbered works are listed as they appear')
    this.months()
    for (const [id, patterns] of Object.entries(dates.forms)) {
      for (const [precision, pattern] of Object.entries(patterns)) {
        const between = pattern.replace(/\{\w+\}/gu, '')
        if (/[^ ,.()/-]/u.test(between))
          this.say({ key: `dates.forms.${id}.${precision}` }, `"${between}" between the parts of a date; use spaces, commas and stops`)
        const tight = /\}[,.]\{/u.exec(pattern)
        if (tight) this.say({ key: `dates.forms.${id}.${precision}` }, `no space behind the mark in "${tight[0]}"`)
      }
    }
    const paired: Record<string, string> = { '(': ')', '[': ']', '': '' }
    for (const [key, { open, close }] of Object.entries({
      'citation': citation,
      'citation.numbers': citation.numbers ?? { open: '', close: '' },
    })) {
      if (paired[open] !== close) this.say({ key: `${key}.close` }, `"${open}" is not closed by "${close}"`)
    }
  }

  private months(): void {
    const { months, seasons } = this.style.dates
    months.forEach((month, i) => {
      if (!MONTHS[i]!.startsWith(month.replace(/\.$/u, '')))
        this.say({ key: `dates.months.${i}` }, `"${month}" is neither ${MONTHS[i]!} nor its beginning`)
    })
    const known = [['Spring'], ['Summer'], ['Autumn', 'Fall'], ['Winter']]
    seasons.forEach((season, i) => {
      if (!known[i]!.includes(season.replace(/^./u, (c) => c.toUpperCase())))
        this.say({ key: `dates.seasons.${i}` }, `"${season}" is no season; use ${known[i]!.join(' or ')}`)
    })
  }

  private sentences(): void {
    for (const id of RULE_IDS) {
      const rule = this.style.rules[id]
      if (!rule) continue
      const where = { key: `rules.${id}.says` }
      try {
        for (const piece of parseSentence(rule.says)) {
          if ('slot' in piece && fillSlot(this.style, piece.slot) === undefined)
            this.say(where, `the slot {${piece.slot.path}} has nothing to say in this style`)
        }
      }
      catch (error) { this.say(where, (error as Error).message) }
    }
  }
}

const numbers = (node: Node | undefined): boolean => node?.type === 'value' && node.name.startsWith('issue')
const isIn = <T extends string>(list: readonly T[], name: string): name is T => list.some(one => one === name)
/** A template that cannot be parsed is reported where it stands; where it is only used, it says nothing. */
function safely(text: string): readonly Node[] {
  try { return parseTemplate(text) }
  catch { return [] }
}

/** The named parts that a template comes to, through the parts it names. */
function partsUsed(template: string, layout: Layout, style: Style, seen = new Set<string>()): Set<string> {
  const visit = (name: string) => {
    if (seen.has(name)) return
    seen.add(name)
    const own = LAYOUT_TEMPLATES.filter(one => one === name).map(one => layout[one])[0]
    partsUsed(layout.parts?.[name] ?? own ?? style.parts[name] ?? '', layout, style, seen)
  }
  const walk = (nodes: readonly Node[]) => {
    for (const node of nodes) {
      if (node.type === 'part') visit(node.name)
      else if (node.type === 'group' || node.type === 'mark') walk(node.of)
      else if (node.type === 'first')
        for (const { when, of } of node.of) {
          when?.forEach((term) => term.sort === 'part' && visit(term.name))
          walk(of)
        }
    }
  }
  walk(safely(template))
  return seen
}
