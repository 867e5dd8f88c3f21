/**
 * Nothing given is lost without a reason: every kind, with every field that its form offers, in every style. A field is seen
 * where some form of the source (entry, citation, note) is another without it; one that is not seen is declared silent in
 * the style's data, with the manual's section or with the detail that it gives way to. And nothing is declared in vain.
 */
import { describe, expect, it } from 'vitest'
import { composeAlone } from '../../core/compose/compose'
import { isUnprinted, silence } from '../../core/compose/unprinted'
import { readDate } from '../../core/source/dates'
import { FIELDS, type FieldName } from '../../core/source/fields'
import { KIND_IDS, kindOf, type KindId } from '../../core/source/kinds'
import type { Fields, Source } from '../../core/source/model'
import { readName } from '../../core/source/names'
import { STYLES, type Style } from '../../core/styles'
import { GIVES_WAY } from '../../core/styles/giving-way'
import { toMarkup, type Run } from '../../core/text/runs'

/** Values that no other field could be taken for. */
const TEXTS: Partial<Record<FieldName, string>> = {
  title: 'Working the tide', titleShort: 'Silt', reviewedTitle: 'Silt and patience', reviewedGenre: 'film', edition: '2', version: '33',
  genre: 'Zebra', medium: 'Quartz disc', dimensions: '12 minutes', scale: '1:50,000', container: 'Shore Notes', volume: '14',
  numberOfVolumes: '3', issue: '21', number: '277', season: '44', series: 'Tidal Studies', seriesNumber: '77', event: 'Meeting of Millers',
  eventPlace: 'Leedside', publisher: 'Saltmarsh Press', place: 'Bristol', authority: 'Marsh Office', jurisdiction: 'Northmere',
  pages: '101-119', section: '99', archive: 'Record Office', archivePlace: 'Carewick', archiveLocation: 'box 4', doi: '10.5555/field',
  url: 'https://field.example/a',
}
/** A thesis is for a degree, and "dissertation" is what one is called that says no more. */
const GENRES: Partial<Record<KindId, string>> = { thesis: 'Master’s thesis' }

function value(kind: KindId, name: FieldName): Fields[FieldName] {
  const { type } = FIELDS[name]
  if (type === 'names') return [readName(name === 'author' ? 'Moss, Ada' : `Zed${name.toLowerCase()}, Axel`)]
  if (type === 'date') return readDate({ accessed: '6 May 2024', originalDate: '1890', eventDate: '3 July 2020' }[name as string] ?? '14 March 2021')
  return name === 'genre' ? GENRES[kind] ?? TEXTS.genre : TEXTS[name]
}
const sourceOf = (kind: KindId, names: readonly FieldName[]): Source =>
  ({ id: 's', kind, fields: Object.fromEntries(names.map(name => [name, value(kind, name)])) as Fields })
const offered = (kind: KindId): FieldName[] => [...new Set([...kindOf(kind).required, ...kindOf(kind).usual])].filter(name => name !== 'title')

/** The forms that carry the place cited: notes where there are notes, else citations; what is said in private has no pages. */
const citing = (style: Style, source: Source): (readonly Run[] | null | undefined)[] => {
  const { reference, parenthetical, note, shortNote } = composeAlone(style, source, { label: 'page', place: '4711' })
  const { system, numbers } = style.citation
  if (source.kind === 'personal-communication') return []
  if (system === 'notes') return [note, shortNote]
  return reference && (!numbers || numbers.locator) ? [parenthetical] : []
}
const noteOf = (style: Style, source: Source, without?: FieldName): string => {
  const fields = Object.fromEntries(Object.entries(source.fields).filter(([name]) => name !== without)) as Fields
  return toMarkup(composeAlone(style, { ...source, fields }).note ?? [])
}
/** What a note leaves to the list: it gives the page cited, not the pages of the whole. */
const LEFT_TO_THE_LIST: ReadonlySet<FieldName> = new Set(['pages', 'place'])

/** A field as the last of the necessary ones, and among all. */
function* cases(): Generator<[KindId, FieldName, Source]> {
  for (const kind of KIND_IDS) {
    const needed = [...new Set<FieldName>(['title', 'author', ...kindOf(kind).required])]
    for (const field of offered(kind)) {
      yield [kind, field, sourceOf(kind, [...new Set([...needed, field])])]
      yield [kind, field, sourceOf(kind, ['title', ...offered(kind)])]
    }
  }
}

describe.each(STYLES.map(style => [style.id, style] as const))('%s', (_, style) => {
  const lost: string[] = []
  const unsaid: string[] = []
  const used = new Set<string>()
  for (const [kind, field, source] of cases()) {
    if (style.citation.system === 'notes' && silence(style, source, field) === undefined && !LEFT_TO_THE_LIST.has(field) && noteOf(style, source) === noteOf(style, source, field))
      unsaid.push(`${kind}.${field} of ${Object.keys(source.fields).join(', ')}`)
    if (!isUnprinted(style, source, field)) continue
    if (silence(style, source, field) === undefined) lost.push(`${kind}.${field} of ${Object.keys(source.fields).join(', ')}`)
    else used.add(`${kind}.${field}`).add(field)
  }
  it('prints every field, or says why not', () => expect(lost).toEqual([]))
  it('says in a full note what the list says', () => expect(unsaid).toEqual([]))
  it('gives the place cited in every form that cites', () => {
    const placeless = KIND_IDS.flatMap(kind => [[], offered(kind), kindOf(kind).required].flatMap((names) => {
      const source = sourceOf(kind, [...new Set<FieldName>(['title', 'author', ...names])])
      return citing(style, source).filter(runs => runs && !toMarkup(runs).includes('4711')).map(runs => `${kind}: ${toMarkup(runs!)}`)
    }))
    expect(placeless).toEqual([])
  })
  it('declares nothing silent that is printed', () => {
    expect(Object.keys(style.silent).filter(key => !used.has(key) && style.silent[key] !== GIVES_WAY[key])).toEqual([])
  })
})
