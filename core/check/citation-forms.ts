/** Findings about how a citation says what it says, and where it stands in its sentence. */
import { place, raisedFor } from '../sheet/placement'
import type { DocNode } from '../sheet/document'
import { readLocator, writeLocator } from '../source/locators'
import { matchesOf } from '../text/matches'
import { blockBecomes, splice } from './mending'
import { blotted, sentenceAt, type LineCitation } from './reading'
import { citationAt, cut, shown, wordsAt, type BlockRule, type Found } from './setting'
import { eachCitation, reform, saidIn } from './citation-rules'
import { nameOf } from './typed'

export const repeated: BlockRule = setting => eachCitation(setting, (line, citation) => {
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

const LOOKS_BACK = /\(?(?<![\p{L}])(?:[Ii]bid(?:em)?|[Oo]p\. ?cit|[Ll]oc\. ?cit|[Ii]dem)(?![\p{L}])\.?(?:,? (?:at )?(?:pp?\. ?)?(\d{1,5}(?:[–-]\d{1,5})?)(?=\)))?\)?/gu
/** "Ibid.", "op. cit.", typed in a style that names the source each time (APA 7, 8.10; MLA Handbook 9, 6.4; Chicago 18, 13.37). */
export const looksBack: BlockRule = ({ paper, reading, block, printed }) => {
  if (paper.style.citation.notes?.ibid !== undefined) return []
  return reading.lines.flatMap(line => (line.kind === 'heading' ? [] : matchesOf(line.text, LOOKS_BACK).flatMap((match): Found[] => {
    const [from, to] = [match.index, match.index + match[0].length]
    // A word that is spoken of.
    if (line.quoted.some(one => one.from <= from && to <= one.to)) return []
    const last = line.citations.filter(({ at }) => at < from).at(-1)
    const [item, ...others] = last?.data.items ?? []
    const whole = /^\(.*\)$/u.test(match[0]) && item && !others.length && /^\(ibid/iu.test(match[0])
    const locator = match[1] ? readLocator(match[1]) : item?.locator
    const data: LineCitation['data'] = { items: [{ id: item?.id ?? '', locator }], form: 'parenthetical' }
    return [{
      check: 'citations.looks-back',
      with: { word: match[0].replace(/^\(|\)$/gu, '').replace(/,? (?:at )?(?:pp?\. ?)?\d.*$/u, '') },
      excerpt: cut(shown(line, printed, Math.max(0, from - 60), to)),
      where: wordsAt(line, from, to),
      ...(whole ? { fix: { label: 'Name the source', change: blockBecomes(
        splice(block, line.path, [{ from, to, put: [{ type: 'citation', attrs: { id: `b${line.path.join('-')}-${from}`, data } }] }]),
      ) } } : {}),
    }]
  })))
}

/** The author named in the sentence, and again in the citation behind it. */
export const namedTwice: BlockRule = (setting) => {
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
    const cited = line.citations.filter(one => one.at >= from && one.at < citation.at)
      .some(({ data }) => data.form === 'narrative' && data.items.some(({ id }) => id === item.id))
    // Cited by name a moment ago in the same sentence, with its year (APA 7, 8.16; Chicago 18, 13.111).
    if (cited) return [{
      check: 'citations.named-twice',
      with: { who: nameOf(source) },
      excerpt: cut(shown(line, setting.printed, from, citation.at + 1).trim().slice(-110)),
      where: citationAt(citation),
      fix: item.locator && style.citation.placeAlone
        ? reform(setting, line, citation, { ...citation.data, form: 'place-alone' }, 'Keep the page alone')
        : { label: 'Take it out', change: blockBecomes(splice(setting.block, line.path, [{
            from: citation.at - (/\s$/u.test(line.text.slice(0, citation.at)) ? 1 : 0), to: citation.at + 1, put: '',
          }])) },
    }]
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

/** Two citations with nothing between them: one names them both (APA 7, 8.12; MLA Handbook 9, 6.30; Chicago 18, 13.58 and 13.124). */
export const sideBySide: BlockRule = setting => setting.reading.lines.flatMap(line => line.citations.flatMap((citation, i): Found[] => {
  const last = line.citations[i - 1]
  const joins = (one: LineCitation) => one.data.items.length > 0 && one.data.form === 'parenthetical' && !one.data.words
  if (!last || !joins(last) || !joins(citation) || !/^[ \u00A0]?$/u.test(line.text.slice(last.at + 1, citation.at))) return []
  const data = { ...last.data, items: [...last.data.items, ...citation.data.items] }
  return [{
    check: 'citations.side-by-side',
    excerpt: cut(`${setting.printed(last)} ${setting.printed(citation)}`.trim()),
    where: citationAt(citation),
    certain: true,
    fix: { label: 'Make it one', change: blockBecomes(splice(setting.block, line.path, [
      { from: last.at, to: citation.at + 1, put: [{ type: 'citation', attrs: { id: last.id, data } }] },
    ])) },
  }]
}))

/** The same work again in a paragraph, where the style lets its place stand alone. */
export const again: BlockRule = (setting) => {
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

export const secondary: BlockRule = (setting) =>
  eachCitation(setting, (_, citation) =>
    citation.data.items.some(
      (item) => item.original || /\b(?:qtd\.|quoted|cited) (?:in|by)\b/iu.test(`${item.prefix ?? ''} ${item.suffix ?? ''}`),
    )
      ? [{ check: 'citations.secondary', excerpt: cut(setting.printed(citation)), where: citationAt(citation) }]
      : [],
  )

export const bracketed: BlockRule = (setting) => {
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
export const misplaced: BlockRule = (setting) => {
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
