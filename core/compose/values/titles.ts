/** Titles of works and of what they are in, in the capitals of where they stand. */
import type { FieldName } from '../../source/fields'
import { abbreviateJournal, abbreviateProceedings } from '../../text/abbreviations'
import type { CapitalRule } from '../../text/capitals'
import { stripRich } from '../../text/rich'
import { isShouted } from '../../text/shouted'
import { glue, type Atom } from '../line'
import type { Place } from '../printer'
import { firstWords, setTitle, type SetTitle } from '../titles'
import type { KindSetting, Work } from '../work'
import { answer, rulesFor, type Bind } from './setting'

const AS_GIVEN: CapitalRule = { style: 'as-given' }

/**
 * How capitals are set in a title standing in this place: what can be said of every work of the kind now, what depends
 * on the work when it is printed. A title in another language follows that language (APA 7, 9.38; Chicago 18, 11.8).
 */
export function capitalsFor(kind: KindSetting, field: FieldName, place: Place, filters: readonly string[]): (work: Work) => CapitalRule {
  const { capitals, citation } = kind.style
  if (filters.includes('asgiven')) return () => AS_GIVEN
  if (filters.includes('headline')) { const rule = citation.standInCapitals ?? capitals.italic; return () => rule }
  const usual =
    field === 'title' && kind.row.plainTitle && !filters.includes('cased')
      ? AS_GIVEN
      : place.italic
        ? capitals.italic
        : place.quoted
          ? capitals.quoted
          : capitals.roman
  const own = (rule: (work: Work) => CapitalRule) => (work: Work) => (work.foreign && field !== 'titleTranslated' ? AS_GIVEN : rule(work))
  if (field === 'title' && kind.row.placeTitle && usual.style === 'sentence') return own(work => (isShouted(work.text('title')) ? usual : AS_GIVEN))
  if (field !== 'container') return own(() => usual)
  // An official name: a journal (it has issues), a newspaper, a site, a show; reference works online in most styles.
  const name = capitals.container ?? AS_GIVEN
  const online = kind.row.inside === 'reference' && !kind.style.onlineReferenceAsBook
  return own(work => (kind.row.officialContainer || (online && work.has('url')) || work.has('issue') ? name : usual))
}

// Titles set alike share what was set: their settings are numbered.
const settings = new Map<string, number>()
const numberOf = (key: string): number => {
  if (!settings.has(key)) settings.set(key, settings.size)
  return settings.get(key)!
}

/** The first words of a text without markup; a post is named by its first twenty (APA 7, 10.15). */
const firstOf = (text: string, words: number): string =>
  text.includes('<')
    ? text
    : text
        .split(/(?<=\s)(?=\S)/u)
        .slice(0, words)
        .join('')
        .trimEnd()

/** Sets a title of a work once for each way of setting it. */
function titleSetter(
  field: FieldName,
  read: (work: Work) => string,
  sort: string,
): (filters: readonly string[], kind: KindSetting, place: Place) => (work: Work) => SetTitle | undefined {
  return (filters, kind, place) => {
    const { style } = kind
    const at = numberOf(`${sort} ${filters.join()} ${place.italic} ${place.quoted}`)
    const capitals = capitalsFor(kind, field, place, filters)
    const own = rulesFor(style, field).length > 0
    const small = filters.includes('lower')
    const beginning = filters.includes('first20')
    return (work) => {
      const known = work.titles[at]
      if (known) return known
      const raw = beginning ? firstOf(read(work), 20) : read(work)
      if (!raw) return undefined
      const set = setTitle(raw, {
        words: work.words,
        style,
        field,
        quoted: place.quoted,
        italic: place.italic,
        capitals: capitals(work),
        within: sort === 'short' && isPartItalic(work.text('title'), raw),
        keepStop: field === 'title' && kind.row.plainTitle === true && place.quoted > 0 && !style.stopsInside,
      })
      if (small && set.atoms[0])
        set.atoms[0] = { ...set.atoms[0], text: set.atoms[0].text.replace(/^\p{Lu}(?=\p{Ll}|\s)/u, (c) => c.toLowerCase()) }
      const translated = sort === 'title' ? work.text('titleTranslated') : ''
      if (translated) set.atoms.push(...inEnglish(translated, work, place))
      if (own) set.atoms = set.atoms.map((atom) => ({ ...atom, rules: [...atom.rules, ...rulesFor(style, field)] }))
      work.titles[at] = set
      return set
    }
  }
}

/** Words in italics that are the beginning of a title not in italics: a species, a ship, a title of its own. */
const isPartItalic = (whole: string, part: string): boolean =>
  part.startsWith('<i>') && part.endsWith('</i>') && whole !== part && !(whole.startsWith('<i>') && whole.endsWith('</i>'))

/** A title in another language has its meaning in brackets behind it, upright, cased as running text. */
function inEnglish(translated: string, { kind: { style }, words }: Work, place: Place): Atom[] {
  const { atoms } = setTitle(translated, {
    words,
    style,
    field: 'titleTranslated',
    quoted: place.quoted,
    italic: false,
    capitals: style.capitals.roman,
  })
  return [{ ...glue(' ['), italic: false }, ...atoms.map(atom => ({ ...atom, italic: false })), { ...glue(']'), italic: false }]
}

const title = (field: FieldName, sort: string = field, read: (work: Work) => string = work => work.text(field)): Bind => {
  const setter = titleSetter(field, read, sort)
  return (filters, kind, place) => {
    const set = setter(filters, kind, place)
    return (work, telling, out) => {
      const done = set(work)
      if (!done) return false
      if (telling.unsure) for (const word of done.unsure) telling.unsure.add(word)
      for (const atom of done.atoms) out.push(atom)
      return true
    }
  }
}

const container: Bind = (filters, kind, place) => {
  const { shorten, sameMaker } = kind.style
  const { inside } = kind.row
  const gone = (work: Work): boolean => inside === 'site' && sameMaker.site === 'site' && work.isAuthor(work.text('container'))
  const short = answer(kind.style, 'container', 'container.abbreviated')
  if (shorten.journals && inside === 'periodical') {
    return (work, _telling, out) => {
      const full = stripRich(work.text('container'))
      if (!full) return false
      const abbreviated = work.text('containerShort') || abbreviateJournal(full)
      return short(shorten.withoutStops ? abbreviated.replace(/\./gu, '') : abbreviated, out)
    }
  }
  const { proceedings } = shorten
  if (proceedings && inside === 'proceedings')
    return (work, _telling, out) => work.has('container') && short(abbreviateProceedings(stripRich(work.text('container')), proceedings), out)
  const called = (work: Work): string => (kind.row.shortContainer && !filters.includes('full') && work.text('containerShort')) || work.text('container')
  const whole = title('container', filters.includes('full') ? 'container in full' : 'container', called)(filters, kind, place)
  const withoutThe = filters.includes('nothe')
  return (work, telling, out) => {
    if (gone(work)) return false
    const from = out.length
    if (!whole(work, telling, out)) return false
    if (withoutThe) out[from] = { ...out[from]!, text: out[from]!.text.replace(/^The (?=\p{Lu})/u, '') }
    if (shorten.ampersand)
      for (let i = from; i < out.length; i++)
        if (out[i]!.text.includes(' & ')) out[i] = { ...out[i]!, text: out[i]!.text.replace(/ & /gu, ` ${shorten.ampersand} `) }
    return true
  }
}

export const TITLES = {
  title: title('title'),
  short: title(
    'title',
    'short',
    (work) => work.text('titleShort') || (work.kind.row.wholeTitle ? work.text('title') : firstWords(work.text('title'))),
  ),
  reviewedTitle: title('reviewedTitle'),
  series: title('series'),
  volumeTitle: title('volumeTitle'),
  container,
}
