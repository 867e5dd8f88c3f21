/** Findings about what a citation points to: a source that is there, and that the list names as the text does; typed ones. */
import { firstSurname } from '../source/facts'
import { listEntry } from '../compose/entry'
import { marksIn } from '../intake/marks'
import { readAllMarks } from '../intake/draft/citations'
import type { DocNode } from '../sheet/document'
import { readLocator } from '../source/locators'
import { textOf, type Source } from '../source/model'
import { isCommon } from '../text/capitals'
import { matchesOf } from '../text/matches'
import { plain } from '../text/runs'
import { foldWords } from '../text/filing'
import { lostKeys, markFound } from './marks-left'
import { blockBecomes, splice } from './mending'
import { blotted, sentenceAt, type BlockReading, type Line, type LineCitation } from './reading'
import { citationAt, cut, wordsAt, type BlockRule, type BlockSetting, type Found, type WholeRule } from './setting'
import { isNear, nameOf, surnamesOf, TypedReader } from './typed'
import { SAYS, eachCitation } from './citation-rules'

export const unknown: BlockRule = setting => eachCitation(setting, (line, citation) => {
  const lost = citation.data.items.filter(item => !setting.paper.sourceOf(item.id))
  return lost.length ? [{ check: 'citations.unknown', excerpt: cut(setting.printed(citation)), where: citationAt(citation) }] : []
})

/** Marks that are still text because nothing has their key. */
export const unknownMarks: BlockRule = ({ reading, paper }) => reading.lines.flatMap((line) => {
  if (!/\[ref|cite/iu.test(line.text)) return []
  const idOf = (key: string) => paper.sourceOf(key)?.id
  return marksIn(line.text).flatMap(({ typed, at, keys }): Found[] => {
    const lost = lostKeys(keys, idOf)
    if (!lost.length && readAllMarks(typed, idOf).every(piece => typeof piece === 'string') && !/^\[ref/iu.test(typed)) return []
    return [{ ...markFound(typed, lost), where: wordsAt(line, at, at + typed.length) }]
  })
})

const readers = new WeakMap<object, TypedReader>()

function readerOf(paper: BlockSetting['paper']): TypedReader {
  let reader = readers.get(paper)
  if (!reader) readers.set(paper, reader = new TypedReader(paper.sources, paper.style.citation.system, paper.numbered))
  return reader
}

/** Where citations are typed in a line, whether they have a source or not. */
export const typedIn = ({ paper }: BlockSetting, { text }: Line): readonly { from: number, to: number }[] => {
  const matched = readerOf(paper).matched(text)
  return [...matched, ...readerOf(paper).unmatched(text, matched)]
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

export const typed: BlockRule = ({ reading, block, paper }) => reading.lines.flatMap((line): Found[] => {
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
  const atSecondHand = matchesOf(line.text, SECOND_HAND).map((match): Found => ({
    check: 'citations.secondary',
    excerpt: cut(match[0]),
    where: wordsAt(line, match.index, match.index + match[0].length),
  }))
  const lost = reader.unmatched(line.text, [...matched, ...rangesOf(line.text)]).map(({ from, to, name, year, near, among }): Found => {
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
      ...(among ? {} : { fix: { label: `Cite ${nameOf(near)}`, change: blockBecomes(citedThere(block, line, { from, to }, data, idFor(line, from))) } }),
    }
  })
  return [...said, ...atSecondHand, ...lost]
})

const CAPITAL_WORD = /(?<![\p{L}\p{N}’'-])\p{Lu}[\p{L}-]{3,40}(?![\p{L}\p{N}-])/gu
const NUMBER_TYPED = /\[(\d{1,3})\]/gu
/** “(Rabbitt, 1982, as cited in Lyon, 2014)”. */
const SECOND_HAND = /\((?=[^()]{0,200}\b(?:cited|quoted|qtd\.) (?:in|by) )[^()]{3,260}\)/gu

const rangesOf = (text: string) => matchesOf(text, SECOND_HAND).map(match => ({ from: match.index, to: match.index + match[0].length }))

/** A number in brackets that the list does not reach. */
export const aboveList: BlockRule = ({ reading, paper }) => {
  const { numbered } = paper
  if (!numbered.length || paper.numberedAsGiven) return []
  return reading.lines.flatMap(line => matchesOf(line.text, NUMBER_TYPED)
    .filter(match => Number(match[1]) > numbered.length && Number(match[1]) < 400)
    .map((match): Found => ({
      check: 'citations.number-none',
      with: { count: numbered.length === 1 ? 'one work' : `${numbered.length} works`, given: match[0] },
      excerpt: cut(line.text.slice(Math.max(0, match.index - 40), match.index + match[0].length).replace(/^\S*\s/u, '')),
      where: wordsAt(line, match.index, match.index + match[0].length),
    })))
}

/** "(https://lodenotes.example/clearing)": an address where a citation stands. */
export const addresses: BlockRule = ({ reading, block, paper }) => {
  if (!paper.sources.length) return []
  return reading.lines.flatMap(line => (line.kind === 'heading' ? [] : matchesOf(line.text, ADDRESS).map((match): Found => {
    const wanted = sameAddress(match[1]!)
    const meant = paper.sources.filter(source => sameAddress(textOf(source, 'url')) === wanted || sameAddress(textOf(source, 'doi')) === wanted)
    const [from, to] = [match.index, match.index + match[0].length]
    const data: LineCitation['data'] = { items: [{ id: meant[0]?.id ?? '', locator: undefined }], form: 'parenthetical' }
    return {
      check: 'citations.address',
      excerpt: cut(match[0]),
      where: wordsAt(line, from, to),
      ...(meant.length === 1
        ? { fix: { label: `Cite ${nameOf(meant[0]!)}`, change: blockBecomes(citedThere(block, line, { from, to }, data, idFor(line, from))) } }
        : {}),
    }
  })))
}
const ADDRESS = /\((?:(?:from|source|see|retrieved from|available at):? )?((?:https?:\/\/|www\.)[^\s()]{4,400})\)/giu
const sameAddress = (address: string): string =>
  address.toLowerCase().replace(/^(?:https?:\/\/)?(?:(?:www|dx)\.)?(?:doi\.org\/)?/u, '').replace(/(?<![/.])[/.]+$/u, '')

/** Whether works stand in another order than the list's; the list is read from what the paper numbers or files. */
function outOfOrder(paper: BlockSetting['paper'], items: readonly Source[]): boolean {
  const place = new Map(paper.filed().map((id, i) => [id, i]))
  return items.some((source, i) => i > 0 && (place.get(source.id) ?? 0) < (place.get(items[i - 1]!.id) ?? 0))
}

/** An author of the citation named otherwise in its sentence: a letter or two other, and said to say something. */
export const misnamed: BlockRule = setting => eachCitation(setting, (line, citation) => {
  const { items } = citation.data
  const source = items.length === 1 ? setting.paper.sourceOf(items[0]!.id) : undefined
  if (!source) return []
  const { from } = line.sentences[sentenceAt(line, citation.at)] ?? { from: 0 }
  const text = blotted(line).slice(from, citation.at)
  const others = setting.paper.leads()
  return surnamesOf(source).flatMap((name): Found[] => {
    const lead = foldWords(name)
    const words = matchesOf(text, CAPITAL_WORD)
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
export const numberOrder: WholeRule = ({ paper, readings, composition }) => {
  if (paper.style.citation.system !== 'numbers' || paper.style.list.order !== 'appearance' || composition.citations.length) return []
  let most = 0
  for (const [block, { lines }] of readings.entries()) {
    for (const line of lines) {
      for (const match of matchesOf(line.text, NUMBER_TYPED)) {
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

const citedIn = (readings: readonly BlockReading[]): Set<string> => {
  const out = new Set<string>()
  for (const { citations } of readings) for (const { data } of citations) for (const { id } of data.items) out.add(id)
  return out
}

export const uncited: WholeRule = ({ paper, alsoList, composition, readings, sources, doc }) => {
  if (paper.style.list.uncited || !alsoList.length || !composition.citations.length || !readings.length) return []
  const cited = citedIn(readings)
  const credited = JSON.stringify(
    doc.content?.filter((one) => one.type === 'table' || one.type === 'figure').map((one) => one.attrs?.from) ?? [],
  )
  // Where a name in the sentence is a citation by itself, a source that is named there is cited (MLA Handbook 9, 6.5).
  const named = paper.style.citation.system === 'author-page' ? foldWords(readings.flatMap(({ lines }) => lines.map(({ text }) => text)).join(' ')) : ''
  const isNamed = (source: Source): boolean => named !== '' && firstSurname(source) !== '' && ` ${named} `.includes(` ${foldWords(firstSurname(source))} `)
  return sources
    .filter(source => alsoList.includes(source.id) && !cited.has(source.id) && !credited.includes(`"${source.id}"`) && !isNamed(source))
    .map((source): Found => ({
      check: 'citations.listed-uncited',
      excerpt: cut(plain(composition.list.find((entry) => entry.id === source.id)?.runs ?? []) || nameOf(source)),
      where: { at: 'field', source: source.id },
      fix: { label: 'Take it out of the list', change: { on: 'use', source: source.id, listed: false } },
    }))
}

/** A bibliography may be a choice (Chicago 18, 13.67); a list of what is cited may not. */
export const leftOut: WholeRule = ({ paper, leftOut: out, composition, readings, sources }) => {
  if (paper.style.list.uncited || paper.style.citation.system === 'numbers' || !out?.length || !composition.citations.length) return []
  const cited = citedIn(readings)
  return sources
    .filter(source => out.includes(source.id) && cited.has(source.id))
    .map((source): Found => ({ check: 'citations.left-out', excerpt: cut(plain(listEntry(paper.style, source) ?? [])) || nameOf(source), where: { at: 'list' } }))
}
