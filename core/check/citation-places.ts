/** Findings about the place in the source that a citation gives: there where it must be, and inside the source. */
import { kindOf } from '../source/kinds'
import { placesOf, readLocator, writeLocator } from '../source/locators'
import { has, textOf } from '../source/model'
import { foldWords } from '../text/filing'
import { sentenceAt, type Line, type LineCitation } from './reading'
import { citationAt, cut, shown, type BlockRule, type Found } from './setting'
import { nameOf } from './typed'
import { QUOTATION, citationOf, eachCitation, reform } from './citation-rules'

export const outside: BlockRule = setting => eachCitation(setting, (_, citation) => citation.data.items.flatMap((item): Found[] => {
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

/** "pp. 20–14". */
export const backwards: BlockRule = setting => eachCitation(setting, (_, citation) => citation.data.items.flatMap((item): Found[] => {
  if (!item.locator) return []
  const turned = placesOf(item.locator).filter(one => one.label === 'page').flatMap(one => one.place.split(','))
    .find(one => { const range = pageRange(one); return range && range.last < range.first })
  return turned
    ? [{ check: 'citations.backwards', with: { range: turned.trim() }, excerpt: cut(setting.printed(citation)), where: citationAt(citation) }]
    : []
}))

/** A page of what has none: a film is cited by its time, a page of a site by a paragraph or a heading (APA 7, 8.13 and 8.28). */
export const ofPageless: BlockRule = setting => eachCitation(setting, (_, citation) => citation.data.items.flatMap((item): Found[] => {
  const source = setting.paper.sourceOf(item.id)
  if (!source || !kindOf(source.kind).pageless || !item.locator || has(source, 'pages')) return []
  const paged = placesOf(item.locator).some(one => one.label === 'page' && /^\d/u.test(one.place))
  return paged
    ? [{
        check: 'citations.page-of-none',
        with: { kind: kindOf(source.kind).label.toLowerCase() },
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

export const withoutPage: BlockRule = (setting) => {
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

export const placeInWords: BlockRule = (setting) =>
  eachCitation(setting, (line, citation) =>
    citation.data.items.flatMap((item, n): Found[] => {
      const words = item.suffix?.trim().replace(/^,\s*/u, '') ?? ''
      if (item.locator || !/^(?:(?:pp?|paras?|chs?|chap|secs?|figs?|lines?|vols?)\.?\s*)?\d+(?:\s*[-–]\s*\d+)?\.?$/iu.test(words)) return []
      const { suffix: _, ...rest } = item
      const items = citation.data.items.map((one, i) => (i === n ? { ...rest, locator: readLocator(words) } : one))
      return [
        {
          check: 'citations.place-in-words',
          with: { words },
          excerpt: cut(setting.printed(citation)),
          where: citationAt(citation),
          certain: true,
          fix: reform(setting, line, citation, { ...citation.data, items }, 'Make it the place'),
        },
      ]
    }),
  )
