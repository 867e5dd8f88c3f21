/** Findings about citations: whether each has its source, its place and its form, and no typed one is left. */
import { marksIn } from '../intake/marks'
import { readAllMarks } from '../intake/draft/citations'
import { place, raisedFor, spokenNames } from '../sheet/placement'
import type { DocNode } from '../sheet/document'
import { kindOf } from '../source/kinds'
import { placesOf, readLocator, writeLocator } from '../source/locators'
import { textOf, type Source } from '../source/model'
import { isCommon } from '../text/capitals'
import { plain } from '../text/runs'
import { foldWords } from '../text/filing'
import type { Fix } from './finding'
import { blockBecomes, splice } from './mending'
import { blotted, citationsIn, sentenceAt, type Line, type LineCitation, type Quoted } from './reading'
import { citationAt, cut, shown, wordsAt, type BlockRule, type BlockSetting, type Found, type RuleFamily, type WholeRule } from './setting'
import { isNear, nameOf, surnamesOf, TypedReader } from './typed'

/** Each citation of a block, with the line it stands in. */
const eachCitation = ({ reading }: BlockSetting, visit: (line: Line, citation: LineCitation) => Found[]): Found[] =>
  reading.lines.flatMap(line => line.citations.flatMap(citation => visit(line, citation)))

/** The block with one citation's data changed. */
const recited = (block: DocNode, line: Line, { at, id }: LineCitation, data: LineCitation['data']): DocNode =>
  splice(block, line.path, [{ from: at, to: at + 1, put: [{ type: 'citation', attrs: { id, data } }] }])

/** What a change of a citation to another form would print is seen only when it is composed: the label says what it does. */
const reform = (setting: BlockSetting, line: Line, citation: LineCitation, data: LineCitation['data'], label: string): Fix =>
  ({ label, change: blockBecomes(recited(setting.block, line, citation, data)) })

const unknown: BlockRule = setting => eachCitation(setting, (line, citation) => {
  const lost = citation.data.items.filter(item => !setting.paper.sourceOf(item.id))
  return lost.length ? [{ check: 'citations.unknown', excerpt: cut(setting.printed(citation)), where: citationAt(citation) }] : []
})

/** Marks that are still text because nothing has their key. */
const unknownMarks: BlockRule = ({ reading, paper }) => reading.lines.flatMap((line) => {
  if (!/\[ref|cite/iu.test(line.text)) return []
  const idOf = (key: string) => paper.sourceOf(key)?.id
  return marksIn(line.text).flatMap(({ typed, at, keys }): Found[] => {
    const lost = keys.filter(key => !idOf(key))
    if (!lost.length && readAllMarks(typed, idOf).every(piece => typeof piece === 'string') && !/^\[ref/iu.test(typed)) return []
    return [{
      check: 'citations.unknown-key',
      with: { key: lost.join(', ') || typed.replace(/^\[ref[^:]*:\s*|\]$/gu, '') },
      excerpt: cut(typed),
      where: wordsAt(line, at, at + typed.length),
    }]
  })
})

// Typed by hand --------------------------------------------------------------------------------------------------------

const readers = new WeakMap<object, TypedReader>()
function readerOf(paper: BlockSetting['paper']): TypedReader {
  let reader = readers.get(paper)
  if (!reader) readers.set(paper, reader = new TypedReader(paper.sources, paper.style.citation.system, paper.numbered))
  return reader
}
/** The block with a stretch of a line made a citation. */
const citedThere = (
  block: DocNode,
  line: Line,
  { from, to }: { from: number, to: number },
  data: LineCitation['data'],
  id: string,
): DocNode => splice(block, line.path, [{ from, to, put: [{ type: 'citation', attrs: { id, data } }] }])
const idFor = (line: Line, from: number): string => `t${line.path.join('-')}-${from}-${line.text.length}`

const typed: BlockRule = ({ reading, block, paper }) => reading.lines.flatMap((line): Found[] => {
  if (line.kind === 'heading') return []
  const reader = readerOf(paper)
  const matched = reader.matched(line.text)
  const listOrder = paper.style.citation.order === 'list'
  const said = matched.map(({ from, to, typed }): Found => {
    const sure = typed.sure && !(paper.numberedAsGiven && typed.typed.startsWith('['))
    const items = typed.data.items.map(item => paper.sourceOf(item.id)).filter((source): source is Source => source !== undefined)
    const turned = typed.sure && listOrder && items.length > 1 && paper.style.list.order === 'filing' && outOfOrder(paper, items)
    return {
      check: turned ? 'citations.typed-order' : sure ? 'citations.typed' : 'citations.typed-unsure',
      with: { listed: items.map(nameOf).join('; ') },
      excerpt: cut(line.text.slice(from, to)),
      where: wordsAt(line, from, to),
      certain: sure,
      fix: { label: 'Make it a citation', change: blockBecomes(citedThere(block, line, { from, to }, typed.data, idFor(line, from))) },
    }
  })
  const atSecondHand = [...line.text.matchAll(SECOND_HAND)].map((match): Found => ({
    check: 'citations.secondary',
    excerpt: cut(match[0]),
    where: wordsAt(line, match.index, match.index + match[0].length),
  }))
  const lost = reader.unmatched(line.text, [...matched, ...rangesOf(line.text)]).map(({ from, to, name, year, near }): Found => {
    const excerpt = cut(line.text.slice(from, to))
    const who = [name, year].filter(Boolean).join(' ')
    if (!near) return { check: 'citations.no-source', with: { who }, excerpt, where: wordsAt(line, from, to) }
    const narrative = !line.text.slice(from).startsWith('(')
    const at = /, ?((?:pp?\. ?)?\d{1,6}(?:[-–]\d{1,6})?)\)$/u.exec(excerpt)?.[1]
    const locator = at ? readLocator(at) : undefined
    const data = { items: [{ id: near.id, locator }], form: narrative ? 'narrative' as const : 'parenthetical' as const }
    return {
      check: 'citations.misspelt',
      with: { listed: nameOf(near), typed: who },
      excerpt,
      where: wordsAt(line, from, to),
      fix: { label: `Cite ${nameOf(near)}`, change: blockBecomes(citedThere(block, line, { from, to }, data, idFor(line, from))) },
    }
  })
  return [...said, ...atSecondHand, ...lost]
})
/** “(Rabbitt, 1982, as cited in Lyon, 2014)”. */
const SECOND_HAND = /\((?=[^()]{0,200}\b(?:cited|quoted|qtd\.) (?:in|by) )[^()]{3,260}\)/gu
const rangesOf = (text: string) => [...text.matchAll(SECOND_HAND)].map(match => ({ from: match.index, to: match.index + match[0].length }))
/** Whether works stand in another order than the list's; the list is read from what the paper numbers or files. */
function outOfOrder(paper: BlockSetting['paper'], items: readonly Source[]): boolean {
  const place = new Map(paper.filed().map((id, i) => [id, i]))
  return items.some((source, i) => i > 0 && (place.get(source.id) ?? 0) < (place.get(items[i - 1]!.id) ?? 0))
}

/** An author of the citation named otherwise in its sentence: a letter or two other, and said to say something. */
const misnamed: BlockRule = setting => eachCitation(setting, (line, citation) => {
  const { items } = citation.data
  const source = items.length === 1 ? setting.paper.sourceOf(items[0]!.id) : undefined
  if (!source) return []
  const { from } = line.sentences[sentenceAt(line, citation.at)] ?? { from: 0 }
  const text = blotted(line).slice(from, citation.at)
  const others = setting.paper.leads()
  return surnamesOf(source).flatMap((name): Found[] => {
    const lead = foldWords(name)
    const words = [...text.matchAll(/(?<![\p{L}\p{N}’'-])\p{Lu}[\p{L}-]{3,40}(?![\p{L}\p{N}-])/gu)]
    if (words.some(one => one[0] === name) || (/[\s’'-]/u.test(name) && text.includes(name))) return []
    const match = words.find((one) => {
      const folded = foldWords(one[0])
      if (folded === lead || !isNear(folded, lead) || others.has(folded) || isCommon(one[0])) return false
      return SAYS.test(text.slice(one.index + one[0].length)) || /(?:according to|by|in|as|and|&) $/iu.test(text.slice(0, one.index))
    })
    if (!match) return []
    const [at, end] = [from + match.index, from + match.index + match[0].length]
    return [{
      check: 'citations.misspelt',
      with: { listed: name, typed: match[0] },
      excerpt: match[0],
      where: wordsAt(line, at, end),
      certain: true,
      fix: { label: `Write ${name}`, change: blockBecomes(splice(setting.block, line.path, [{ from: at, to: end, put: name }])) },
    }]
  })
})

/** Numbers typed in brackets that do not rise as works are first cited. */
const numberOrder: WholeRule = ({ paper, readings, composition }) => {
  if (paper.style.citation.system !== 'numbers' || paper.style.list.order !== 'appearance' || composition.citations.length) return []
  let most = 0
  for (const [block, { lines }] of readings.entries()) {
    for (const line of lines) {
      for (const match of line.text.matchAll(/\[(\d{1,3})\]/gu)) {
        const n = Number(match[1])
        if (n > most + 1) {
          const where = { at: 'words' as const, block, path: line.path, from: match.index, to: match.index + match[0].length }
          return [{ check: 'citations.number-order', with: { wanted: `[${most + 1}]`, given: match[0] }, excerpt: match[0], where }]
        }
        most = Math.max(most, n)
      }
    }
  }
  return []
}

// Form and place -------------------------------------------------------------------------------------------------------

const repeated: BlockRule = setting => eachCitation(setting, (line, citation) => {
  const { items } = citation.data
  const once = items.filter(
    (item, i) =>
      items.findIndex(
        (other) => other.id === item.id && writeLocator(other.locator) === writeLocator(item.locator) && !other.original === !item.original,
      ) === i,
  )
  if (once.length === items.length) return []
  return [{
    check: 'citations.repeated',
    excerpt: cut(setting.printed(citation)),
    where: citationAt(citation),
    certain: true,
    fix: reform(setting, line, citation, { ...citation.data, items: once }, 'Name it once'),
  }]
})

const outside: BlockRule = setting => eachCitation(setting, (_, citation) => citation.data.items.flatMap((item): Found[] => {
  const source = setting.paper.sourceOf(item.id)
  const range = source && pageRange(textOf(source, 'pages'))
  if (!range || !item.locator) return []
  const pages = placesOf(item.locator).filter(one => one.label === 'page').flatMap(one => one.place.split(',')).map(pageRange)
  const off = pages.some(one => one && (one.first < range.first || one.last > range.last))
  return off
    ? [{
        check: 'citations.page-outside',
        with: { kind: kindOf(source.kind).label.toLowerCase(), first: String(range.first), last: String(range.last) },
        excerpt: cut(setting.printed(citation) || nameOf(source)),
        where: citationAt(citation),
      }]
    : []
}))
/** "101–19" is 101 to 119; nothing for what has no plain first and last page. */
function pageRange(text: string): { first: number, last: number } | undefined {
  const match = /^(?:pp?\.\s?)?(\d{1,6})(?:\s?[-–—]{1,2}\s?(\d{1,6}))?$/u.exec(text.trim())
  if (!match) return undefined
  const first = Number(match[1])
  const given = match[2] ?? match[1]!
  const last = Number(given.length < match[1]!.length ? match[1]!.slice(0, match[1]!.length - given.length) + given : given)
  return { first, last }
}

/** The citation that a quotation goes with: the next of its sentence, else the last before it there. */
export function citationOf(line: Line, { from, to }: Pick<Quoted, 'from' | 'to'>): LineCitation | undefined {
  const sentence = line.sentences[sentenceAt(line, from)]!
  const last = line.sentences[sentenceAt(line, to - 1)]!
  const here = citationsIn(line, sentence.from, last.to)
  return here.find(one => one.at >= to) ?? here.findLast(one => one.at < from)
}

/** Words shorter than this between marks are a term or a turn of phrase, not a quotation to be found again. */
export const QUOTATION = 4

const withoutPage: BlockRule = (setting) => {
  const { paper, reading } = setting
  const rule = paper.style.citation.quotedPlace
  if (!rule) return []
  const need = (line: Line, citation: LineCitation | undefined, words: string): Found[] => {
    if (!citation || citation.data.items.length !== 1 || citation.data.items[0]!.original) return []
    const [item] = citation.data.items
    const source = paper.sourceOf(item!.id)
    if (!source || item!.locator || /\d/u.test(item!.suffix ?? '') || typedPlace(line, citation)) return []
    const kind = kindOf(source.kind)
    const range = pageRange(textOf(source, 'pages'))
    if (rule === 'paged' && range && range.first === range.last) return []
    const paged = Boolean(kind.paged || range)
    // A conversation has no places that a reader could look up.
    if (!paged && (rule === 'paged' || paper.style.kinds[source.kind]?.unlisted)) return []
    const folded = foldWords(words)
    const passage = paper
      .passagesOf(source.id)
      .find((one) => one.locator && one.form === 'quotation' && foldWords(one.words).includes(folded))
    const locator = passage && readLocator(passage.locator)
    return [
      {
        check: paged ? 'citations.no-page' : 'citations.no-place',
        excerpt: cut(words),
        where: citationAt(citation),
        certain: Boolean(locator),
        ...(locator
          ? {
              fix: reform(
                setting,
                line,
                citation,
                { ...citation.data, items: [{ ...item!, locator }] },
                `Give its place, ${writeLocator(locator)}`,
              ),
            }
          : {}),
      },
    ]
  }
  const seen = new Set<LineCitation>()
  return reading.lines.flatMap((line) => {
    if (line.kind === 'quotation' || line.kind === 'verse') {
      const last = line.citations.at(-1)
      return last ? need(line, last, cut(shown(line, () => '').trim(), 80)) : []
    }
    return line.quoted.filter(one => one.level === 0 && one.count >= QUOTATION).flatMap((one) => {
      const citation = citationOf(line, one)
      if (!citation || seen.has(citation)) return []
      seen.add(citation)
      return need(line, citation, line.text.slice(one.from, one.to))
    })
  })
}
/** “(p. 12)”, typed behind the words that a citation in the sentence leads in. */
function typedPlace(line: Line, citation: LineCitation): boolean {
  const { to } = line.sentences[sentenceAt(line, citation.at)] ?? { to: line.text.length }
  return /\((?:pp?|paras?|ch|sec)\.\s*\d[\d\s,–-]*\)/u.test(line.text.slice(citation.at, to))
}

/** The author named in the sentence, and again in the citation behind it. */
const namedTwice: BlockRule = (setting) => {
  const { style } = setting.paper
  if (!['author-date', 'author-page'].includes(style.citation.system)) return []
  return eachCitation(setting, (line, citation) => {
    const { items, form } = citation.data
    const [item] = items
    const source = item && setting.paper.sourceOf(item.id)
    if (!source || items.length !== 1 || form !== 'parenthetical' || item.prefix || item.original) return []
    // In MLA a citation that prints the page alone says nothing without one.
    if (style.citation.system === 'author-page' && !item.locator) return []
    const { from } = line.sentences[sentenceAt(line, citation.at)] ?? { from: 0 }
    const before = blotted(line).slice(from, citation.at)
    const said = saidIn(before, source)
    return said
      ? [
          {
            check: 'citations.named-twice',
            with: { who: said },
            excerpt: cut(`${shown(line, setting.printed, from, citation.at).trim().slice(-90)} ${setting.printed(citation)}`),
            where: citationAt(citation),
            certain: true,
            fix: reform(
              setting,
              line,
              citation,
              { ...citation.data, form: 'suppress-author' },
              style.citation.system === 'author-date' ? 'Keep the year alone' : 'Keep the page alone',
            ),
          },
        ]
      : []
  })
}
const SAYS =
  /^(?:[’']s?)?\s(?:\p{L}+ly\s)?(?:argu|claim|conclud|describ|demonstrat|examin|explain|f(?:i|ou)nd|identif|insist|maintain|measur|not|observ|point|propos|record|report|sa(?:y|id)|show|stat|suggest|th(?:ink|ought)|wr[io]t|h(?:as|ave|olds?|eld)|call|ask|count)/u
/** How a sentence names all the authors of a source; undefined where it does not, or not all of them. */
function saidIn(text: string, source: Source): string | undefined {
  const ways = spokenNames(source)
  const whole = ways.length > 1 ? ways.slice(0, -1) : ways
  return whole.find((name) => {
    for (let at = text.indexOf(name); at >= 0; at = text.indexOf(name, at + 1)) {
      const before = text[at - 1] ?? ' '
      const behind = text.slice(at + name.length, at + name.length + 3)
      if (/[\p{L}\p{N}-]/u.test(before) || /^[\p{L}\p{N}-]/u.test(behind) || /^\s\p{Lu}/u.test(behind)) continue
      // Moss at the head of a sentence may be what grows on stones, unless it says something.
      if (at === 0 && !name.includes(' ') && isCommon(name) && !SAYS.test(text.slice(name.length))) continue
      return true
    }
    return false
  })
}

/** The same work again in a paragraph, where the style lets its place stand alone. */
const again: BlockRule = (setting) => {
  if (!setting.paper.style.citation.placeAlone || setting.paper.style.citation.system !== 'author-page') return []
  return setting.reading.lines.flatMap(line => line.citations.flatMap((citation, i): Found[] => {
    const last = line.citations[i - 1]
    const [item] = citation.data.items
    const plainly = (one: LineCitation) => one.data.items.length === 1 && !one.data.items[0]!.prefix && !one.data.items[0]!.original
    if (!last || !item?.locator || !plainly(last) || !plainly(citation) || last.data.items[0]!.id !== item.id) return []
    if (citation.data.form !== 'parenthetical' || !setting.paper.sourceOf(item.id)) return []
    const { from } = line.sentences[sentenceAt(line, citation.at)] ?? { from: 0 }
    if (saidIn(blotted(line).slice(from, citation.at), setting.paper.sourceOf(item.id)!)) return []
    return [{
      check: 'citations.again',
      excerpt: cut(setting.printed(citation)),
      where: citationAt(citation),
      certain: true,
      fix: reform(setting, line, citation, { ...citation.data, form: 'place-alone' }, 'Keep the page alone'),
    }]
  }))
}

const secondary: BlockRule = (setting) =>
  eachCitation(setting, (_, citation) =>
    citation.data.items.some(
      (item) => item.original || /\b(?:qtd\.|quoted|cited) (?:in|by)\b/iu.test(`${item.prefix ?? ''} ${item.suffix ?? ''}`),
    )
      ? [{ check: 'citations.secondary', excerpt: cut(setting.printed(citation)), where: citationAt(citation) }]
      : [],
  )

const placeInWords: BlockRule = setting => eachCitation(setting, (line, citation) => citation.data.items.flatMap((item, n): Found[] => {
  const words = item.suffix?.trim().replace(/^,\s*/u, '') ?? ''
  if (item.locator || !/^(?:(?:pp?|paras?|chs?|chap|secs?|figs?|lines?|vols?)\.?\s*)?\d+(?:\s*[-–]\s*\d+)?\.?$/iu.test(words)) return []
  const { suffix: _, ...rest } = item
  const items = citation.data.items.map((one, i) => (i === n ? { ...rest, locator: readLocator(words) } : one))
  return [{
    check: 'citations.place-in-words',
    with: { words },
    excerpt: cut(setting.printed(citation)),
    where: citationAt(citation),
    certain: true,
    fix: reform(setting, line, citation, { ...citation.data, items }, 'Make it the place'),
  }]
}))

const bracketed: BlockRule = (setting) => {
  const { open, close } = setting.paper.style.citation
  if (open !== '(') return []
  return eachCitation(setting, (line, citation) => {
    const ahead = line.text.slice(0, citation.at).trimEnd()
    const before = ahead.endsWith('(') ? { index: ahead.length - 1 } : undefined
    const behind = /^[ \u00A0]*\)/u.exec(line.text.slice(citation.at + 1))
    if (!before || !behind || citation.data.form === 'narrative' || !setting.printed(citation).startsWith(open)) return []
    const end = citation.at + 1 + behind[0].length
    return [
      {
        check: 'citations.bracketed',
        excerpt: cut(`(${setting.printed(citation)}${close}`),
        where: citationAt(citation),
        certain: true,
        fix: {
          label: 'Take away the typed ones',
          change: blockBecomes(
            splice(setting.block, line.path, [
              { from: before.index, to: citation.at, put: '' },
              { from: citation.at + 1, to: end, put: '' },
            ]),
          ),
        },
      },
    ]
  })
}

/** On the wrong side of the stop, or against the word before it. Raised numbers are shown behind the stop wherever they stand. */
const misplaced: BlockRule = (setting) => {
  const { style } = setting.paper
  return eachCitation(setting, (line, citation) => {
    const { data, at } = citation
    if (!data.items.length || raisedFor(style, data) || line.kind === 'heading' || line.kind === 'caption' || line.kind === 'verse')
      return []
    const before = line.text.slice(0, at)
    const after = line.text.slice(at + 1)
    const block = line.kind === 'quotation'
    const excerpt = cut(`${before.slice(-50).replace(/^\S*\s/u, '')}${setting.printed(citation)}${after.slice(0, 12)}`.trim())
    const found = (check: Found['check'], label: string, fixed: DocNode): Found[] => [
      { check, excerpt, where: citationAt(citation), certain: true, fix: { label, change: blockBecomes(fixed) } },
    ]
    const placed = place(before, after, block)
    const movesBack = !block && data.form !== 'narrative' && /[.?!]/u.test(placed.after) && placed.takeBefore > 0
    const movesOn = block && placed.takeAfter > 0
    if (movesBack || movesOn) {
      const spliced = splice(setting.block, line.path, [
        { from: at - placed.takeBefore, to: at, put: placed.before },
        { from: at + 1, to: at + 1 + placed.takeAfter, put: placed.after },
      ])
      return found(
        block ? 'citations.before-stop' : 'citations.behind-stop',
        block ? 'Put it behind the stop' : 'Put it before the stop',
        spliced,
      )
    }
    if (/[\p{L}\p{N}”’"]$/u.test(before) && style.citation.open !== '' && data.form !== 'narrative')
      return found('citations.no-space', 'Put a space', splice(setting.block, line.path, [{ from: at, to: at, put: ' ' }]))
    return []
  })
}

const uncited: WholeRule = ({ paper, alsoList, composition, readings, sources, doc }) => {
  if (paper.style.list.uncited || !composition.citations.length || !readings.length) return []
  const cited = new Set(readings.flatMap(({ citations }) => citations.flatMap(one => one.data.items.map(item => item.id))))
  const credited = JSON.stringify(
    doc.content?.filter((one) => one.type === 'table' || one.type === 'figure').map((one) => one.attrs?.from) ?? [],
  )
  return sources
    .filter((source) => alsoList.includes(source.id) && !cited.has(source.id) && !credited.includes(`"${source.id}"`))
    .map((source): Found => ({
      check: 'citations.listed-uncited',
      excerpt: cut(plain(composition.list.find((entry) => entry.id === source.id)?.runs ?? []) || nameOf(source)),
      where: { at: 'field', source: source.id },
      fix: { label: 'Take it out of the list', change: { on: 'use', source: source.id, listed: false } },
    }))
}

export const CITATIONS: RuleFamily = {
  block: [
    unknown,
    unknownMarks,
    typed,
    misnamed,
    repeated,
    outside,
    withoutPage,
    namedTwice,
    again,
    secondary,
    placeInWords,
    bracketed,
    misplaced,
  ],
  whole: [numberOrder, uncited],
}
