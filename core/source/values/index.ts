/** The clean values of a source's texts: what was typed stays in the source, and is not changed here. */
import type { FieldName } from '../fields'
import type { Kind } from '../kinds'
import { foldWords } from '../../text/filing'
import { stripRich } from '../../text/rich'
import { address } from './addresses'
import { episode, howMany, issue, numeral, pages, season, volume } from './numbers'
import { place, publisher } from './places'
import { asSeries, labelled, sort } from './sorts'
import { setDown, spokenName } from './spoken'
import { catalogued, closedUp, entities, reviewed, withoutStop } from './titles'

export type Texts = Partial<Record<FieldName, string>>

/** Words that may come with entities, from pages and databases. */
const WORDED = ['title', 'container', 'containerShort', 'volumeTitle', 'titleShort', 'publisher', 'series', 'event', 'reviewedTitle', 'originalTitle', 'place'] as const
/** Titles as library catalogues write them. */
const CATALOGUED = ['title', 'container', 'volumeTitle', 'reviewedTitle'] as const
const STOPPED = ['title', 'container', 'volumeTitle', 'titleShort', 'reviewedTitle'] as const

/** Cleans the texts of a work of a kind, in place. */
export function cleanTexts(texts: Texts, kind: Kind): void {
  const set = (field: FieldName, text: string | undefined) => {
    if (text) texts[field] = text
    else Reflect.deleteProperty(texts, field)
  }
  for (const field of WORDED) if (texts[field]?.includes('&')) texts[field] = entities(texts[field])
  for (const field of WORDED) if (texts[field]?.includes(' ')) texts[field] = closedUp(texts[field])
  for (const field of CATALOGUED) if (texts[field]?.includes(' /') || texts[field]?.includes(' :')) texts[field] = catalogued(texts[field])
  for (const field of STOPPED) if (texts[field]?.endsWith('.') && !kind.plainTitle) texts[field] = withoutStop(texts[field])
  if (texts.volume) {
    const read = volume(texts.volume)
    set('volume', read.volume)
    if (read.issue && !texts.issue) texts.issue = read.issue
  }
  if (texts.issue) set('issue', issue(texts.issue))
  if (texts.pages) set('pages', pages(texts.pages))
  if (texts.numberOfVolumes) set('numberOfVolumes', howMany(texts.numberOfVolumes))
  if (texts.seriesNumber) set('seriesNumber', numeral(volume(texts.seriesNumber).volume))
  if (texts.url) texts.url = address(texts.url)
  if (texts.place) set('place', place(texts.place))
  if (texts.publisher) set('publisher', setDown(publisher(texts.publisher)))
  if (texts.authority) texts.authority = setDown(texts.authority)
  if (texts.container && kind.officialContainer) texts.container = spokenName(texts.container)
  cleanEditionInTitle(texts)
  if (texts.reviewedTitle && texts.title && saysReviewed(texts.title, texts.reviewedTitle)) set('title', undefined)
  if (kind.patented) {
    if (texts.number) set('number', numeral(texts.number))
    return
  }
  if (kind.episodic) cleanEpisode(texts)
  else if (texts.number) {
    const read = labelled(texts.number)
    if (read && kind.numberedSort) {
      const own = texts.genre === undefined || sort(texts.genre).toLowerCase() === read.sort.toLowerCase()
      // "Report No. 4" is number 4; what sort of report is said once.
      if (own || read.sort.toLowerCase() === 'report') {
        texts.number = read.number
        if (texts.genre === undefined && read.sort.toLowerCase() !== kind.label.toLowerCase()) texts.genre = asSeries(read.sort)
      }
    }
    else set('number', numeral(texts.number))
  }
  if (texts.genre) set('genre', sort(texts.genre, texts.number !== undefined))
}

/** A review that is called after what it reviews has no title of its own: "Review of The Tarn, by A. Hale", "The Tarn". */
function saysReviewed(title: string, work: string): boolean {
  const said = foldWords(stripRich(reviewed(title)?.title ?? title))
  return said !== '' && said === foldWords(stripRich(work))
}

/** "Estuary people (2nd ed.)": its edition. */
function cleanEditionInTitle(texts: Texts): void {
  const field = texts.container && !texts.title?.endsWith(')') ? 'container' : 'title'
  const text = texts[field]
  const read = text && !texts.edition ? /^(.+?) [([](\d{1,2}(?:st|nd|rd|th) ed(?:n|ition)?\.?|(?:rev(?:ised)?|enlarged|second|third|fourth|fifth)\.? ed(?:n|ition)?\.?)[)\]]$/iu.exec(text) : null
  if (!read) return
  texts[field] = read[1]!
  texts.edition = read[2]!
}

/** "Ep. 12: The salt road" of number 12 is "The salt road". */
function cleanEpisodeTitle(texts: Texts): void {
  const said = texts.title === undefined ? null : /^(?:episode|ep\.?|no\.|#) ?(\d{1,4})(?::| [-–—]) (?=\S)/iu.exec(texts.title)
  if (said && said[1] === texts.number) texts.title = texts.title!.slice(said[0].length)
}

/** An episode's season may stand in its number, or be the volume of its series. */
function cleanEpisode(texts: Texts): void {
  if (texts.number) {
    const read = episode(texts.number)
    texts.number = read.number
    if (read.season && !texts.season) texts.season = read.season
  }
  cleanEpisodeTitle(texts)
  if (texts.season) texts.season = season(texts.season)
  else if (texts.volume) { texts.season = season(texts.volume); delete texts.volume }
  if (!texts.number && texts.issue) { texts.number = episode(texts.issue).number; delete texts.issue }
}
