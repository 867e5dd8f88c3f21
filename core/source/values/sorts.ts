/**
 * What a thing calls itself: one vocabulary, in sentence case, for what students and exports write ("Working Paper",
 * "press release"). What is not in it stays as typed, its first letter raised where it begins.
 */
const SORTS = `
Annual report|Audio podcast|Audio podcast episode|Audiobook|Bachelor’s thesis|Blog post|Book review|Booklet|Brief report|Briefing note|Briefing paper
Brochure|Case report|CD|Class handout|Class notes|Computer software|Conference paper|Conference poster|Conference presentation|Consultation paper
Course handout|Data set|Discussion paper|Doctoral dissertation|Doctoral thesis|Documentary|Documentary film|E-mail|E-mail message|Editorial|Encyclopedia entry
Exhibition catalogue|Fact sheet|Film|Government report|Guidance note|Guest lecture|Handout|Honours thesis|Information sheet|Infographic|Interim report|Interview|Keynote address|Leaflet
Lecture|Lecture notes|Letter|Letter to the editor|Magazine article|Manuscript|Map|Master’s dissertation|Master’s thesis|Memorandum|Mobile app|News release|Newsletter|Newspaper article|Obituary|Occasional paper
Online course|Online forum post|Online video|Opinion|Opinion piece|Oral history|Oral history interview|Painting|Pamphlet|Panel discussion|Paper presentation|Personal communication|Personal interview|Phone interview|Photograph
Play|Podcast|Podcast episode|Poem|Policy brief|Policy paper|Position paper|Poster|Poster presentation|PowerPoint slides|Preprint|Press release|Progress report|Project report
Radio broadcast|Radio programme|Research brief|Research paper|Research report|Review|Sculpture|Short story|Slides|Song|Speech|Speech transcript|Staff report|Statistical bulletin|Status report|Student paper
Technical brief|Technical memorandum|Technical note|Technical paper|Technical report|Telephone interview|Television series|Television episode|Term paper|Transcript|TV episode|TV series|TV series episode|Unpublished doctoral dissertation
Unpublished manuscript|Unpublished master’s thesis|Unpublished paper|Unpublished thesis|Video|Video file|Video game|Webinar|White paper|Wiki entry|Working paper|Workshop paper|Zoom interview`
const BY_WORDS = new Map(SORTS.split(/[|\n]/u).filter(Boolean).map(sort => [sort.toLowerCase(), sort]))
/** What a number is given of: its label may stand before it, "Working Paper 23-07". */
const SERIES = 'report paper memorandum memo brief briefing bulletin circular note publication document study monograph communication factsheet standard'.split(' ')
const NUMBERED = new RegExp(String.raw`^((?:[\p{L}’'-]+ ){0,3}?(?:${SERIES.join('|')}))(?: series)?,? ?(?:(?:no|nr|num|number)\b\.? ?|#)?((?:\p{Lu}{1,6}[-/ ]?)?\d[\p{L}\d./–-]{0,20})$`, 'iu')
const NUMBER_WORD = /,? (?:no|nr|number)\.?:?$/iu

/** What every such source is: it tells a reader nothing. Exports write it into their "type" all the same. */
const PLAIN = /^(?:web ?pages?|web ?sites?|web articles?|internet|online|online (?:resource|source|article|document)|html|pdf|text|articles?|journal articles?|books?|book chapters?|chapters?|news(?:paper)? articles?|news|(?:social media )?posts?|print|document|electronic resource|publication)$/iu

/** The sort of thing, in sentence case where it is known; nothing where it says nothing. */
export function sort(given: string, numbered = false): string {
  const text = given.trim().replace(/\s+/gu, ' ').replace(/'/gu, '’').replace(/^\[(.{1,200})\]$/u, '$1').replace(NUMBER_WORD, '')
  if (PLAIN.test(text)) return ''
  const known = BY_WORDS.get(text.toLowerCase())
  // Where a number is given in it, its capitals may be those of a series: "Technical Report".
  return known === undefined || (numbered && text === asSeries(known)) ? text : known
}

/** A number that holds its sort: "Working Paper 23-07" is number 23-07 of a working paper. */
export function labelled(given: string): { sort: string, number: string } | undefined {
  const read = given.length < 120 ? NUMBERED.exec(given.trim().replace(/\s+/gu, ' ')) : null
  return read ? { sort: sort(read[1]!.trim()), number: read[2]! } : undefined
}

/** What a number is given in is the name of a series: "Working Paper No. 23-07" (APA 7, 10.4). */
export const asSeries = (genre: string): string => genre.replace(/(?<=^|[\s-])(?!(?:of|and|for|in|on|to|the|a|an)\s)\p{Ll}/gu, first => first.toUpperCase())
