/**
 * The rule catalogue: every rule that a run can carry, declared once. What it rests on in a style's data, how it is
 * usually broken, and what it says where a style has no sentence of its own; the styles' sentences, with their slots and
 * sections, are in their data. Explanations read it; so will House rules, Compare, Check and Drill.
 */
import type { RuleId } from '../text/origin'
import { BREAKS, type Break } from './breaks'
import type { StylePath } from './paths'
import type { Style } from './schema'
import { sayIn, type SaidPiece } from './sentence'

export interface RuleSpec {
  /** What it is about, in a few words. */
  about: string
  /** The places of a style's data that it rests on; none where it is the engine's own. */
  rests: readonly StylePath[]
  /** Its sentence, where a style has none of its own. */
  says?: string
}

const rule = (about: string, rests: readonly StylePath[], says?: string): RuleSpec => ({ about, rests, ...(says ? { says } : {}) })

export const RULES: Readonly<Record<RuleId, RuleSpec>> = {
  'names.inverted': rule('surname first', ['names.lead.order', 'names.lead.invert']),
  'names.initials': rule('given names or initials', ['names.lead.given', 'names.lead.initials']),
  'names.joined': rule('how names are joined', ['names.lead.between', 'names.lead.pair', 'names.lead.last'], 'Names are separated as the style has it.'),
  'names.shortened': rule('how many names are given', ['names.lead.etAl', 'names.text.etAl', 'names.note.etAl', 'names.narrative.etAl']),
  'names.surname': rule('surnames alone', ['names.text', 'names.narrative', 'names.short'], 'A sentence gives surnames alone.'),
  'names.apart': rule('authors of one surname', ['citation.sameSurname', 'names.apart']),
  'names.repeated': rule('the same author again in the list', ['list.repeated']),
  'role': rule('what somebody did', ['roles', 'roleSets', 'kindRoles', 'makers', 'leadLabel']),
  'date': rule('the date', ['dates.forms', 'dates.months']),
  'date.none': rule('no date', ['terms.noDate']),
  'date.inpress': rule('not yet printed', ['terms.inPress']),
  'date.original': rule('first published', ['citation.firstPublished', 'parts']),
  'date.accessed': rule('the day it was read', ['dates.forms.accessed']),
  'year.letter': rule('letters after the year', ['citation.yearLetters', 'citation.noYearLetter']),
  'title': rule('italic, quoted or plain', ['kinds']),
  'title.sentence': rule('sentence capitals', ['capitals']),
  'title.headline': rule('headline capitals', ['capitals', 'citation.standInCapitals']),
  'title.asgiven': rule('capitals as given', ['capitals']),
  'title.standsin': rule('a title for an author', ['citation.standInTitle', 'citation.standInCapitals']),
  'title.none': rule('no title', [], 'No title given: add one, or a description.'),
  'container': rule('what it is inside', ['kinds']),
  'container.abbreviated': rule('shortened titles', ['shorten.journals', 'shorten.proceedings', 'shorten.withoutStops']),
  'volume': rule('the volume', ['kinds', 'parts']),
  'issue': rule('the issue', ['kinds', 'parts']),
  'pages.range': rule('ranges of pages', ['ranges.pages', 'dash', 'terms.page']),
  'edition': rule('the edition', ['terms.edition', 'terms.editionWords', 'options.capitalEdition']),
  'publisher': rule('the publisher', ['sameMaker.publisher', 'options.places', 'parts']),
  'publisher.shortened': rule('shortened publishers', ['shorten.universities', 'shorten.institutes'], 'Business words and the word University are shortened.'),
  'description': rule('what sort of thing it is', ['descriptions', 'degrees']),
  'link.doi': rule('the DOI', ['url.doi', 'list.noStopAfter']),
  'link.url': rule('the address', ['url.scheme', 'list.noStopAfter']),
  'locator': rule('the place cited', ['citation.locators', 'citation.beforeLocator', 'ranges.locators']),
  'author.shared': rule('one author, several works', ['citation.sameAuthor', 'citation.sameAuthorLocated']),
  'citation.number': rule('numbers in the text', ['citation.numbers']),
  'citation.range': rule('numbers in a row', ['citation.numbers.range'], 'Three or more numbers in a row are given by the first and the last.'),
  'citation.note': rule('the number of a note', ['citation.system'], 'Notes are numbered through the paper; the number is raised.'),
  'citation.secondary': rule('cited in another work', ['citation.citedIn'], 'A work known from another is named with the work that it was read in.'),
  'as-typed': rule('as it was typed', [], 'Something in this source could not be set; it stands as it was typed.'),
  'citation.unknown': rule('no such source', [], 'No source of this paper has this id.'),
  'note.full': rule('the first note', ['citation.notes']),
  'note.short': rule('later notes', ['citation.notes', 'names.short']),
  'note.ibid': rule('the same work again', ['citation.notes'], 'The work of the note before is not named again.'),
  'words.own': rule('your own words', [], 'Your own words, printed as you typed them.'),
  'words.note': rule('your own words', [], 'Your own words in the note, printed as you typed them.'),
  'caption': rule('where it was taken from', ['credit'], 'What is reproduced is credited to its source.'),
}

/** What a rule says in a style: its sentence, the pieces of it with the places they rest on, the manual's section. */
export interface SaidRule { id: RuleId, says: string, pieces: readonly SaidPiece[], source: string }

/** Undefined where neither the style nor the catalogue has a sentence for it. */
export function sayRule(style: Style, id: RuleId): SaidRule | undefined {
  const own = style.rules[id]
  const sentence = own?.says ?? RULES[id].says
  if (sentence === undefined) return undefined
  const pieces = sayIn(style, sentence)
  return { id, pieces, says: pieces.map(piece => piece.text).join(''), source: own?.source ?? '' }
}

/** How a rule is usually broken; nothing for what is the writer's own or is no rule of form. */
export const breakOf = (id: RuleId): Break | undefined => BREAKS[id]
