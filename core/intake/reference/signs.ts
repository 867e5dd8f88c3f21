/**
 * What speaks for a reading before it is set again: which kinds are taken for each other, the words that tell a kind, and the
 * signs without which a reference has not got a detail.
 */
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'

/** Kinds that are often taken for each other. */
export const KIN: readonly (readonly KindId[])[] = [
  ['journal-article', 'magazine-article', 'newspaper-article', 'review', 'web-page', 'blog-post'],
  ['book', 'magazine-article', 'report', 'working-paper', 'thesis', 'film', 'dataset', 'software', 'web-page'],
  ['film', 'tv-episode', 'tv-series', 'online-video', 'podcast-episode', 'talk'],
  ['chapter', 'conference-paper', 'encyclopedia-entry', 'journal-article', 'song', 'tv-episode', 'podcast-episode', 'book'],
]
/** What counts episodes is one, wherever its series stands. */
export const EPISODIC = /\b(?:season|series|episode|ep\.) \d/iu
export const EPISODES: readonly KindId[] = ['tv-episode', 'podcast-episode']

/** Words without which few would say that a source is of a kind. */
export const TOLD: Partial<Record<KindId, RegExp>> = {
  'conference-paper': /\b(?:conf|proc|symp|meeting|workshop|congress|assembly)/iu,
  'encyclopedia-entry': /pedia|\bwiki|\bdictionary|\bcompanion\b|\bhandbook\b/iu,
  'song': /\brecords\b|\bsong\b|\bOn\b|\btrack\b/u,
  'tv-episode': /season|series|episode|directed|director|written/iu,
  'podcast-episode': /podcast|episode|host/iu,
  'thesis': /thesis|diss\b|dissertation/iu,
  'report': /report|\brep\.|\boffice\b|agency|institute|council|department|ministry|cent(?:re|er)|trust|society|association|commission/iu,
  'working-paper': /paper/iu,
  'dataset': /\bdata/iu,
  'software': /software|program|version|\bapp\b/iu,
  'film': /film|motion|directed|director|\bdir\./iu,
  'web-page': /https?:|\bwww\.|\.example|\.[a-z]{2,3}\//u,
  'review': /review/iu,
  'newspaper-article': /\b[A-Z]\d|\d{4}|times|post|news|gazette|courier|observer|herald/iu,
}

/** Most often missed, or taken for each other. */
export const FIRST_ASKED: readonly FieldName[] = ['author', 'container', 'publisher']

/** What must stand in a reference for it to have a detail that most have not. */
export const SIGNS: Partial<Record<FieldName, RegExp>> = {
  editor: /\bed(?:s|ited|itors?)?\b/iu, translator: /\btrans/iu, director: /\bdir/iu, host: /\bhost/iu, interviewer: /\binterview/iu,
  compiler: /\bcomp/iu, producer: /\bprod/iu, scriptWriter: /\bwrit/iu, performer: /\bperf/iu, composer: /\bcompos/iu,
  illustrator: /\billus/iu, narrator: /\bnarr/iu, recipient: /\bto\b/u, containerAuthor: /\bin\b/iu,
  edition: /\bedn?\b|\bedition\b/iu, numberOfVolumes: /\bvols?\b/iu, volumeTitle: /\bvol/iu, status: /\bpress\b|forthcoming/iu,
  originalDate: /\b\d{4}\b.*\b\d{4}\b/u, volume: /\d/u, issue: /\d/u, number: /\d/u, version: /\d/u, seriesNumber: /\d/u,
  pages: /\d|\b[ivxl]+[-–]/u, season: /\bseason\b|\bseries\b/iu, series: /\d|\(/u, scale: /1 ?:/u,
  place: /[:,]/u, eventPlace: /,/u, section: /\bsect?\b|\bpara|,/iu, medium: /\[/u,
  genre: /[[(]|\b(?:paper|report|thesis|dissertation|lecture|present|letter|slides)/iu,
  archive: /\d|\bat\b|\b(?:archive|library|museum|collection|repository|online)/iu,
  reviewedTitle: /\breview\b/iu, reviewedAuthor: /\breview\b/iu,
}
