/** What no pattern took, given out: container, publisher, place, event, archive, by the kind and by what stands beside what. */
import type { KindId } from '../../source/kinds'
import { looksLikeGroup } from '../../source/names'
import { keptBy } from './keeper'
import type { Peeler } from './peel'
import { GAP, type Piece } from './text'

/** What the entry says it is in, and whether it says so by a word. */
export interface Inside { said: boolean, container?: Piece }

/** The name of a whole without the marks around it; the stop of a shortened name is its own ("J. Estuary Herit."). */
function nameOfWhole(container: Piece): string {
  const name = container.trim('\\s.,;:()\uE001')
  // What its acronym's brackets close is its own: "… Urban Sensing (ICUS)".
  const closed = name.text.lastIndexOf('(') > name.text.lastIndexOf(')') ? ')' : ''
  const shortened = /^\P{L}*\p{L}+\.\s|\s\p{L}+\.\s/u.test(name.text) && container.text.trimEnd().endsWith('.')
  return shortened ? `${name.rich()}.`.replace(/<\/i>\.$/u, '.</i>') : `${name.rich()}${closed}`.replace(/<\/i>\)$/u, ')</i>')
}

/** Container, publisher and place from what no pattern took. */
export function placeRest(peeler: Peeler, kind: KindId, quoted: boolean, slanted: boolean, inside: Inside): string {
  const inPart = ![
    'book',
    'report',
    'thesis',
    'film',
    'dataset',
    'software',
    'artwork',
    'patent',
    'talk',
    'preprint',
    'working-paper',
    'album',
  ].includes(kind)
  if (inside.container && (inPart || inside.said || !slanted)) peeler.set('container', nameOfWhole(inside.container))
  else if (inside.container && kind === 'talk') peeler.set('event', inside.container.trim('\\s.,;:()\uE001').text)
  else if (inside.container && kind === 'thesis') peeler.set('archive', inside.container.trim('\\s.,;:()\uE001').text)
  else if (inside.container && ['tv-series', 'book'].includes(kind)) peeler.says.push(inside.container.text)
  // "Proc. 9th Symp. Ceramic Eng., 2020", without its "in".
  if (kind === 'conference-paper' && !peeler.fields.container)
    peeler.take(/^[\s.,;:\uE001]*((?:\d{4} )?Proc\. [^,;()\uE001]{3,160})(?=[,;\uE001]|$)/u, match => peeler.set('container', match[1]!.trim()))
  // "Coast. Eng. Lett.": the stops of an abbreviated journal end no sentence.
  if (kind === 'journal-article' && !peeler.fields.container) {
    const short = /^[\s.,;:\uE001]*((?:\p{Lu}\p{L}{0,9}\.\s+){1,6}(?:\p{Lu}\p{L}{0,12}\.?)?)(?=\s*[,;\uE001]|\s*$)/u
      .exec(peeler.rest.text)?.[1]
      ?.trim()
    if (short && short.split(' ').length > 1) {
      peeler.set('container', short)
      peeler.rest = peeler.rest.slice(peeler.rest.text.indexOf(short) + short.length)
    }
  }
  const text = peeler.rest.text.replace(/\([\s\uE001]*\)/gu, GAP)
    // "New York (NY): Harrow & Lune" (Citing Medicine 2, Place of publication).
    .replace(/(\p{Lu}[\p{L}. ’'-]{1,40}) \((\p{Lu}{2})\):/u, '$1, $2:')
  let segments = text
    .split(/\uE001|(?<!\b(?:\p{Lu}|Univ|Inst|Dept|St|Co|Soc|Assoc))\.\s+|;\s+|[.;]?\s*$|\s*[()]\s*/u)
    .flatMap((part) => part.split(/,\s+/u))
    .map((part) =>
      part
        .replace(/^[\s.,;:&"“”]+|[\s.,;:"“”]+$/gu, '')
        .replace(/^(?:in|on|at|by|and|available|from|pp?|article|no|vol|eds?|et al)$/iu, '').replace(/^on (?=\p{Lu})/u, '')
        .trim(),
    )
    .filter((part) => /\p{L}{2}/u.test(part))
  const withPlace = segments.findIndex(part => /^\p{Lu}[^:]{1,40}:\s*\p{Lu}/u.test(part))
  if (withPlace >= 0) {
    const [place, ...publisher] = segments[withPlace]!.split(/:\s*/u)
    const before = withPlace > 0 && /^(?:\p{Lu}{2}|U\.?K\.?|U\.?S\.?A?\.?)$/u.test(place!) ? segments[withPlace - 1] : undefined
    // ACS turns them round: "Saltmarsh Press: Bristol".
    const turned = looksLikePublisher(place!) && !looksLikePublisher(publisher.join(': '))
    peeler.set('place', before ?? (turned ? publisher.join(': ') : place!))
    peeler.set('publisher', turned ? place! : publisher.join(': '))
    segments = segments.filter((_, i) => i !== withPlace && !(before && i === withPlace - 1))
  }
  const part = [
    'chapter',
    'foreword',
    'conference-paper',
    'encyclopedia-entry',
    'dictionary-entry',
    'song',
    'podcast-episode',
    'tv-episode',
    'preprint',
  ].includes(kind)
  const periodical =
    part
    || [
      'journal-article',
      'magazine-article',
      'newspaper-article',
      'review',
      'web-page',
      'blog-post',
      'social-post',
      'online-video',
    ].includes(kind)
  if (periodical && !peeler.fields.container && segments.length) peeler.set('container', segments.shift()!)
  if ((!periodical || part) && segments.length && !peeler.fields.publisher) peeler.set('publisher', segments.shift()!)
  if (
    (!periodical || part)
    && segments.length
    && !peeler.fields.place
    && peeler.fields.publisher
    && /^\p{Lu}[\p{L}\s.'’-]{2,30}$/u.test(segments[0]!)
  ) {
    // "Lowwater Books, Edinburgh" and "Edinburgh, Lowwater Books".
    const [next] = segments
    if (looksLikePublisher(next!) && !looksLikePublisher(peeler.fields.publisher)) {
      peeler.fields.place = peeler.fields.publisher
      peeler.fields.publisher = next!
    } else if (!looksLikePublisher(next!)) peeler.fields.place = next!
    segments.shift()
  }
  // "in Proc. 4th Int. Conf. River Eng., Turin, Italy": where it was held.
  if (kind === 'conference-paper' && peeler.fields.publisher && !looksLikePublisher(peeler.fields.publisher) && /\b(?:Proc|Int|Annu|Conf|Symp)\./u.test(peeler.fields.container ?? '')) {
    peeler.set('eventPlace', [peeler.fields.publisher, peeler.fields.place].filter(Boolean).join(', '))
    delete peeler.fields.publisher
    delete peeler.fields.place
  }
  if (kind === 'patent' && peeler.fields.publisher) {
    peeler.set('authority', peeler.fields.publisher)
    delete peeler.fields.publisher
  }
  keptBy(peeler, kind, segments)
  const { publisher } = peeler.fields
  if (kind === 'talk' && peeler.fields.event && publisher && !SCHOOL.test(publisher)) {
    peeler.set('eventPlace', publisher)
    delete peeler.fields.publisher
  }
  else if (kind === 'talk' && publisher && !SCHOOL.test(publisher) && /present|poster|paper|keynote/iu.test(peeler.says.join(' '))) {
    peeler.set('event', publisher)
    peeler.set('eventPlace', peeler.fields.place)
    delete peeler.fields.publisher
    delete peeler.fields.place
  }
  // "Lyon, France"
  const country = kind === 'talk' && peeler.fields.eventPlace ? (peeler.fields.place ?? segments[0]) : undefined
  if (country && /^\p{Lu}[\p{L} .’'-]{1,30}$/u.test(country)) {
    peeler.fields.eventPlace = `${peeler.fields.eventPlace}, ${country}`
    if (peeler.fields.place) delete peeler.fields.place
    else segments.shift()
  }
  if (quoted && kind === 'web-page' && segments.length && !peeler.fields.publisher && segments[0] !== peeler.fields.container)
    peeler.set('publisher', segments.shift()!)
  return segments.filter(part => part !== peeler.fields.container && part !== peeler.fields.publisher).join(', ')
}

/** Where a talk is held that is no event. */
const SCHOOL = /\b(?:universit|college|institute|school|academy)/iu
export const looksLikePublisher = (text: string): boolean =>
  looksLikeGroup(text) || /\b(?:books|publish\w*|house|records|pictures|editions|verlag|sons|u p|up)\b/iu.test(text)
