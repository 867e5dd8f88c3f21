/** Findings about the list as a whole: one source twice, and details given in one form here and another there. */
import { leadNames } from '../source/facts'
import { listEntry } from '../compose/entry'
import { sameList } from '../compose/paper'
import { Duplicates } from '../source/duplicates'
import { kindOf } from '../source/kinds'
import { has, textOf, type Source } from '../source/model'
import { plain } from '../text/runs'
import { checkDetails, fixed } from './details'
import type { Finding } from './finding'
import type { PaperSetting, RuleFamily, WholeRule, WholeSetting, Found } from './setting'
import { cut } from './setting'
import { nameOf } from './typed'

const listed = ({ composition, sources }: WholeSetting): Source[] => {
  const ids = new Set(composition.list.map(entry => entry.id))
  return sources.filter(source => ids.has(source.id))
}
const reference = ({ composition }: WholeSetting, id: string): string =>
  cut(plain(composition.list.find((entry) => entry.id === id)?.runs ?? []))

const twice: WholeRule = (setting) => {
  const seen = new Duplicates<Source>()
  return listed(setting).flatMap((source): Found[] => {
    const twin = seen.find(source)
    seen.add(source)
    return twin
      ? [
          {
            check: 'list.twice',
            with: { other: nameOf(twin.source), by: twin.by },
            excerpt: reference(setting, source.id),
            where: { at: 'field', source: source.id },
            other: twin.source.id,
          },
        ]
      : []
  })
}

/** The odd ones out: those of the rarer form, where both are there and one is rare. */
function rarer<T>(all: readonly T[], isOne: (one: T) => boolean): T[] {
  const ones = all.filter(isOne)
  return ones.length && ones.length < all.length && ones.length * 2 < all.length ? ones : []
}

const givenNames: WholeRule = (setting) => {
  if (setting.style.names.lead?.given !== 'full') return []
  const named = listed(setting).flatMap((source) => {
    const people = leadNames(source).filter(name => name.given && !name.literal)
    return people.length ? [{ source, initials: people.every(name => /^(?:\p{Lu}\.?[\s-]*)+$/u.test(name.given!)) }] : []
  })
  return rarer(named, one => one.initials).map(({ source }): Found => ({
    check: 'list.given-names',
    with: { short: nameOf(source) },
    excerpt: reference(setting, source.id),
    where: { at: 'field', source: source.id, field: 'author' },
  }))
}

/** Only where the style prints the day for such a page at all: what the entry says with it and without. */
const accessed: WholeRule = (setting) => {
  const pages = listed(setting).filter(source => textOf(source, 'url') && !textOf(source, 'doi') && kindOf(source.kind).inside === 'site')
  const prints = (source: Source) => listEntry(setting.style, source)?.some(run => run.rules.includes('date.accessed')) ?? false
  const given = pages.filter(prints)
  if (!given.length || given.length * 2 <= pages.length) return []
  const day = given[0]!.fields.accessed!
  return pages
    .filter((source) => !has(source, 'accessed') && prints({ ...source, fields: { ...source.fields, accessed: day } }))
    .map((source): Found => ({
      check: 'list.accessed',
      excerpt: reference(setting, source.id),
      where: { at: 'field', source: source.id, field: 'accessed' },
    }))
}

const dois: WholeRule = (setting) => {
  const articles = listed(setting).filter(source => kindOf(source.kind).inside === 'periodical' && textOf(source, 'volume'))
  if (!articles.some(source => listEntry(setting.style, source)?.some(run => run.rules.includes('link.doi')))) return []
  return rarer(articles, source => !textOf(source, 'doi') && !textOf(source, 'url')).map((source): Found => ({
    check: 'list.doi',
    excerpt: reference(setting, source.id),
    where: { at: 'field', source: source.id, field: 'doi' },
  }))
}

/** What was found of a list, for as long as it and its sources are the same. */
const found = new WeakMap<WholeSetting['composition']['list'], { sources: readonly Source[], found: Found[] }>()
const whole: WholeRule = (setting) => {
  const { composition: { list }, sources } = setting
  const before = found.get(list)
  if (before && sameList(before.sources, sources)) return before.found
  const now = [twice, givenNames, accessed, dois].flatMap(rule => rule(setting))
  found.set(list, { sources, found: now })
  return now
}
export const LIST: RuleFamily = { block: [], whole: [whole] }

// Details --------------------------------------------------------------------------------------------------------------

const kept = new WeakMap<PaperSetting['style'], WeakMap<object, Finding[]>>()
/**
 * What Gather says of a source, so far as it shows in print: a fix that changes nothing in the printed entry is for Gather
 * alone, and so is a question that has no fix.
 */
export function printedDetails(source: Source, style: PaperSetting['style'], today: readonly [number, number, number]): Finding[] {
  let byFields = kept.get(style)
  if (!byFields) kept.set(style, byFields = new WeakMap())
  const known = byFields.get(source.fields)
  if (known && known.every(({ where }) => where.at === 'field' && where.source === source.id)) return known
  const printed = (one: Source) => JSON.stringify((listEntry(style, one) ?? []).map(({ text, italic, bold }) => [text, italic, bold]))
  const now = printed(source)
  const found = checkDetails({ source, style, today })
    .filter(finding => !isUnsigned(source, finding))
    .filter(finding => (finding.fix ? printed(fixed(source, finding)) !== now : finding.serious))
    .map((finding): Finding => ({ ...finding, id: `${source.id}:${finding.id}`, source: style.sections.entries ?? '' }))
  byFields.set(source.fields, found)
  return found
}

/** Magazines and newspapers print articles without a name: the title leads, and nothing is wrong. */
function isUnsigned({ kind }: Source, { rule, where }: Finding): boolean {
  const { officialContainer, inside, lead } = kindOf(kind)
  return rule === 'missing' && where.at === 'field' && lead.includes(where.field as never) && Boolean(officialContainer) && !inside
}
