/** Where to find a work, and who put it there: publishers, archives, addresses, the place cited. */
import { bareDoi } from '../../source/values/addresses'
import { foldWords } from '../../text/filing'
import { isPlural, setRange } from '../../text/ranges'
import { abbreviateProceedings, shortenPublisher } from '../../text/abbreviations'
import { placesOf, type Locator } from '../../source/locators'
import { fillPattern, parsePattern, SLOTS } from '../../styles/pattern'
import { inState } from '../../text/lists/states'
import { roman } from '../../text/numbers'
import type { Style } from '../../styles/schema'
import { glue } from '../line'
import type { Work } from '../work'
import { answer, beginSmall, printing, type Bind } from './setting'

const setDoi = (style: Style, raw: string): string => fillPattern(style.url.doi, { doi: bareDoi(raw) })
const setAddress = (style: Style, url: string): string => (style.url.address === undefined ? url : fillPattern(style.url.address, { url }))

const doi: Bind = (_filters, { style }) => {
  const put = answer(style, 'doi', 'link.doi')
  return (work, _telling, out) => work.has('doi') && put(setDoi(style, work.text('doi')), out)
}

const url: Bind = (_filters, { style }) => {
  const asDoi = answer(style, 'url', 'link.doi')
  const put = answer(style, 'url', 'link.url')
  return (work, _telling, out) => {
    const raw = work.has('doi') ? '' : work.text('url').replace(/\s+/gu, '')
    if (!raw) return false
    if (/^https?:\/\/(?:dx\.)?doi\.org\//iu.test(raw)) return asDoi(setDoi(style, raw), out)
    return put(setAddress(style, style.url.scheme ? raw : raw.replace(/^https?:\/\//iu, '').replace(/\/$/u, '')), out)
  }
}

/** What sort of company it is (APA 7, 9.29; Chicago 18, 14.31; AMA 11, 3.12.10). */
const COMPANY = /,?\s+(?:Inc|Ltd|Limited|LLC|L\.L\.C|Corp|plc|PLC|GmbH|(?<!& )Co)\.?$/u

const publisher: Bind = (_filters, { style }) => {
  const { universities, institutes, companies, ampersand } = style.shorten
  const put = answer(style, 'publisher')
  const putShort = answer(style, 'publisher', 'publisher.shortened')
  const gives = style.sameMaker.publisher === 'publisher'
  return (work, _telling, out) => {
    const name = work.text('publisher')
    if (!name || (gives && work.isAuthor(name))) return false
    const stripped = companies ? name.replace(COMPANY, '') : name
    const firm = ampersand ? stripped.replace(/\s&\s/gu, ` ${ampersand} `) : stripped
    const short = universities ? shortenPublisher(firm, universities, institutes) : firm
    return short === name ? put(name, out) : putShort(short, out)
  }
}

/** The publisher where it is neither the author nor the site. */
const otherPublisher: Bind = (filters, kind, place) => {
  const print = publisher(filters, kind, place)
  return (work, telling, out) =>
    work.text('publisher').toLowerCase() !== work.text('container').toLowerCase()
    && !work.isAuthor(work.text('publisher'))
    && print(work, telling, out)
}

/** The publisher is the author, in print: some styles have a word for it. */
const selfPublished: Bind = (_filters, { style }) => {
  const put = answer(style, 'publisher')
  return (work, _telling, out) =>
    work.isAuthor(work.text('publisher'))
    && !work.has('url')
    && !work.has('doi')
    && put(style.terms.selfPublished ?? work.text('publisher'), out)
}

/**
 * The place cited. Several are named one after the other; a volume and a page in it as the style joins them; two numbers
 * with a colon are a time, but in a set of volumes they are volume and page.
 */
const locator: Bind = (_filters, { style, row }) => {
  const { volumeAndPlace } = style.citation
  const joined = volumeAndPlace === undefined ? undefined : parsePattern(volumeAndPlace, SLOTS.volumeAndPlace)
  const word = placeSetter(style)
  return (work, telling, out) => {
    if (!telling.locator) return false
    const ofVolumes = telling.locator.label === 'timestamp' && row.paged && (work.has('volume') || work.has('numberOfVolumes'))
    const places = placesOf(ofVolumes ? { ...telling.locator, label: 'page' } : telling.locator)
    const parts: string[] = []
    for (let i = 0; i < places.length; i++) {
      const [at, next] = [places[i]!, places[i + 1]]
      if (joined && at.label === 'volume' && next?.label === 'page') {
        parts.push(
          joined
            .map((piece) =>
              'text' in piece
                ? piece.text
                : piece.slot === 'volume'
                  ? at.place
                  : piece.slot === 'VOLUME'
                    ? inCapitals(at.place)
                    : word(next),
            )
            .join(''),
        )
        i++
      }
      else parts.push(word(at))
    }
    out.push({ text: parts.join(', '), part: 'where', rules: ['locator'] })
    return true
  }
}

const inCapitals = (volume: string): string =>
  /^\d{1,3}$/u.test(volume) && Number(volume) < 400 ? roman(Number(volume)) : volume.toUpperCase()

/** Sets one place with the style's word for it. */
function placeSetter(style: Style): (place: Locator) => string {
  const { locators, actWords, romanActs } = style.citation
  return ({ label, place }) => {
    if (label === 'act' && actWords) return inWords(place, actWords, style.dash)
    const [one, many] = locators[label]
    const set =
      label === 'act' && romanActs
        ? inRoman(place)
        : label === 'timestamp' || label === 'act'
          ? place.replace(/-/gu, '–')
          : setRange(place, style.ranges.locators, style.dash)
    return (isPlural(place) ? many : one) + set
  }
}

/** "3.2.14": act 3, scene 2, line 14. */
const inWords = (place: string, words: readonly [string, string, string], dash: string): string =>
  place.split('.').map((n, i) => `${words[i] ?? ''}${isPlural(n) ? 's' : ''} ${n.replace(/-/gu, dash)}`.trim()).join(', ')
/** "3.2.14": III.ii.14. */
const inRoman = (place: string): string =>
  place
    .replace(/-/gu, '–')
    .split('.')
    .map((n, i) => (i > 1 || !/^\d{1,3}$/u.test(n) ? n : i ? roman(Number(n)).toLowerCase() : roman(Number(n))))
    .join('.')

/** What an event is, among its words: such a one has an article before it ("the Annual Meeting of …", but "HydroCon 2021"). */
const GATHERING =
  /\b(?:meetings?|conference|congress|symposium|workshop|convention|colloquium|seminar|forum|summit|sessions?|days?|festival|assembly|gathering|exhibition|fair|lectures?|series|school|society|association)\b/iu

const eventWithArticle: Bind = (_filters, { style }) => {
  const put = answer(style, 'event')
  const { proceedings } = style.shorten
  return (work, _telling, out) => {
    const event = work.text('event')
    if (!event) return false
    const short = proceedings === 'words' ? abbreviateProceedings(event, proceedings) : event
    if (GATHERING.test(event) && !/^the\s/iu.test(event)) out.push(glue('the '))
    return put(short, out)
  }
}

/**
 * A body whose name is a description has an article in running words ("the University of Brenholm", "the Royal
 * Society"); one named by its place before its kind has none ("Brenholm University").
 */
const DESCRIBED =
  /\b(?:university|college|institute|institution|society|academy|museum|library|association|council|school|centre|center|department|ministry|gallery|club)\b/iu
const NAMED_BY_PLACE = /^the\s|\b(?:university|college|polytechnic|school)$/iu

const publisherWithArticle: Bind = (filters, kind, place) => {
  const print = publisher(filters, kind, place)
  return (work, telling, out) => {
    const before = out.length
    if (!print(work, telling, out)) return false
    const name = work.text('publisher')
    if (DESCRIBED.test(name) && !NAMED_BY_PLACE.test(name)) out.splice(before, 0, glue('the '))
    return true
  }
}

/** A town, with its state as the style has it. */
function placed(field: 'place' | 'eventPlace', read: (work: Work) => string): Bind {
  return (_filters, { style }) => {
    const put = answer(style, field)
    return (work, _telling, out) => {
      const place = read(work)
      const known = place.includes(',') ? inState(place) : undefined
      return put(known ? fillPattern(style.inState, { ...known }) : place, out)
    }
  }
}

/** Words for where a thing lies; what a collection is called keeps its capital. */
const SHELF = /^(?:box(?:es)?|folders?|files?|items?|series|shelf|drawer|reel|volume|vol\.?|album|map|carton|container|folio|leaf|page|bundle|case|envelope|roll|room|section|part)\b/iu

export const PLACES = {
  'event.the': eventWithArticle,
  'publisher.the': publisherWithArticle,
  'place': placed('place', (work) => work.text('place')),
  'eventPlace': placed('eventPlace', (work) => work.text('eventPlace')),
  'venue': placed('place', (work) => work.text('eventPlace') || work.text('place')),
  doi,
  url,
  publisher,
  locator,
  'publisher.other': otherPublisher,
  'publisher.self': selfPublished,
  'authority.plain': printing('authority', (work) => work.text('authority').replace(/\b(?:[A-Z]\.){2,}/gu, (m) => m.replace(/\./gu, ''))),
  // A town that the name of the archive says is not said again (MLA 9, 5.84–5.99).
  'archivePlace.other': printing('archivePlace', (work) => {
    const town = work.text('archivePlace')
    return ` ${foldWords(work.text('archive'))} `.includes(` ${foldWords(town.split(',')[0]!)} `) ? '' : town
  }),
  'archiveLocation.lower': printing('archiveLocation', work => work.text('archiveLocation').split(', ').map(part => part.replace(SHELF, beginSmall)).join(', ')),
  'archiveLocation.caps': printing('archiveLocation', (work) =>
    work.text('archiveLocation').replace(/(^|,\s*)(\p{Ll})/gu, (_, a: string, b: string) => a + b.toUpperCase()),
  ),
}
