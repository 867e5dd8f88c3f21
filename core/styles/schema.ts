/**
 * What a style is: data. For each kind of source its parts in order with their punctuation and treatment, and for the
 * whole style how names, titles, dates, ranges, citations, notes, the list and the page are set.
 * The engine knows no style by name; a new style is one new file. This schema is the only description: the types come
 * from it, `validateStyle` holds styles and house rules against it.
 */
import * as z from 'zod'
import { DEGREE_LEVELS } from '../source/degrees'
import { FIELD_NAMES, NAME_FIELDS } from '../source/fields'
import { KIND_IDS } from '../source/kinds'
import { LOCATOR_LABELS } from '../source/locator-labels'
import { RULE_IDS } from '../text/origin'
import { DATE_FORMS, MAKER_SETS, NAME_FORMS, SYSTEMS, TOPICS } from './ids'
import { pageSchema } from './page-schema'
import { SLOTS } from './pattern'
import { joins, joint, label, marks, oneAndSeveralOf, pattern, printed, quotationMark, shaped, sign, template, wordsBefore } from './printed-strings'

const field = z.enum(FIELD_NAMES as [(typeof FIELD_NAMES)[number], ...(typeof FIELD_NAMES)])
const role = z.enum(NAME_FIELDS as [(typeof NAME_FIELDS)[number], ...(typeof NAME_FIELDS)])
const kind = z.enum(KIND_IDS)
const nameForm = z.enum(NAME_FORMS)
const dateForm = z.enum(DATE_FORMS)

const headline = z.strictObject({
  style: z.literal('headline'),
  prepositions: z
    .union([z.number().int().min(0).max(20), z.literal('all')])
    .describe('Prepositions up to this many letters are lowered; "all" lowers every one.'),
  prefixes: z
    .boolean()
    .optional()
    .describe('What follows a prefix that is no word by itself stays lower: Re-emerging (Chicago 18, 8.161).'),
  infinitiveTo: z.boolean().optional().describe('"To" of an infinitive takes a capital.'),
})
const sentence = z.strictObject({
  style: z.literal('sentence'),
  afterColon: z.enum(['capital', 'lower']).describe('How a subtitle after a colon begins.'),
})
const capitals = z.discriminatedUnion('style', [headline, sentence, z.strictObject({ style: z.literal('as-given') })])

export const nameFormSchema = z.strictObject({
  order: z.enum(['first-inverted', 'all-inverted', 'natural', 'surname']).describe('Which names are turned, surname first.'),
  given: z.enum(['full', 'initials', 'none']).describe('What is shown of given names.'),
  initials: z.strictObject({
    stop: z.enum(['.', '']).describe('After each initial.'),
    space: z.enum([' ', '']).describe('Between initials.'),
    hyphen: z.boolean().describe('Whether J.-L. keeps its hyphen.'),
  }).optional().describe('How initials are set.'),
  invert: marks('Between surname and given names of an inverted name.'),
  suffix: marks('Before a suffix such as Jr.'),
  between: joins('Between names.'),
  pair: joins('Between the two of a pair.'),
  last: joins('Before the last of three or more.'),
  firstOnly: z.boolean().optional().describe('Only the first name is set so; the others by their surnames.'),
  etAl: z.strictObject({
    from: z.number().int().min(2).max(1000).describe('From this many names on the list is shortened.'),
    keep: z.number().int().min(1).max(1000).describe('To this many.'),
    before: marks('Between the last name shown and what stands for the rest.'),
    text: sign('What stands for the rest.'),
    italic: z.boolean().optional().describe('Whether that is italic.'),
    withLast: printed.optional().describe('Instead of it: these points, and the last name.'),
  }).optional().describe('How a long list is shortened; absent: never.'),
})

const roleWords = z.strictObject({
  label: oneAndSeveralOf(label).optional().describe('Its label after names: for one, for several.'),
  verb: printed.optional().describe('Its verb before names.'),
})
const roles = z.partialRecord(role, roleWords)

const dateForms = z.strictObject({
  day: pattern(SLOTS.date).describe('A date with its day.'),
  month: pattern(SLOTS.date).describe('A month or season.'),
  season: pattern(SLOTS.date).optional().describe('A season, if otherwise than a month.'),
  year: pattern(SLOTS.date).describe('A year alone.'),
})

const layout = z.strictObject({
  what: template.optional().describe('The title part, with its description.'),
  inside: template.optional().describe('What it is inside.'),
  where: template.optional().describe('Where to find it.'),
  entry: template.optional().describe('The whole entry, where the style’s frame does not fit.'),
  note: template.optional().describe('The first, full note.'),
  short: template.optional().describe('The short note.'),
  standIn: template.optional().describe('What leads the entry when nobody does, if not the title: a newspaper, say.'),
  unlisted: z
    .strictObject({
      parenthetical: template,
      narrative: template,
      unless: z.array(field).min(1).readonly().optional().describe('Listed all the same where it has one of these fields.'),
    })
    .optional()
    .describe('Not listed; how it is cited instead.'),
  yearOnly: z.boolean().optional().describe('Print only the year of the date.'),
  dateForm: dateForm.optional().describe('Another of the style’s date forms than its own.'),
  lead: z.array(role).readonly().optional().describe('Who leads, if the style wants other roles than the kind’s.'),
  makers: z
    .array(role)
    .readonly()
    .optional()
    .describe('The other makers it names, in this order, if the style wants others than the kind’s.'),
  leadTogether: z.boolean().optional().describe('All of those roles lead, each with its label, not the first alone.'),
  titleInText: z
    .enum(['italic', 'quoted', 'plain'])
    .optional()
    .describe('How the title is set where it stands in for an author in the text.'),
  parts: z.record(z.string(), template).optional().describe('Named parts used by the templates above as {@name}.'),
})

/** How a kind is described: fixed words, or the source's own words with what stands for none. */
const description = z.union([printed, z.strictObject({
  from: z.enum(['genre', 'medium']).optional().describe('The field whose words are printed.'),
  or: printed.optional().describe('What is printed where that is empty.'),
  words: z.record(z.string(), printed).optional().describe('The style’s own words for some of the source’s, in small letters.'),
})])

const citation = z.strictObject({
  system: z.enum(SYSTEMS).describe('How works are pointed to from the text.'),
  open: marks('Before a citation.'),
  close: marks('After it.'),
  between: marks('Between works.'),
  beforeYear: marks('Between author and year.'),
  beforeNoYear: marks('').optional().describe('The same where there is no year, if otherwise.'),
  beforeLocator: marks('Before the place cited.'),
  beforeLabelled: marks('').optional().describe('Before a place that brings its own word, if otherwise.'),
  order: z.enum(['list', 'given']).describe('The order of works in one citation.'),
  sameAuthor: marks('').optional().describe('Works by the same author side by side share the name; between their years or titles.'),
  sameAuthorLocated: marks('').optional().describe('The same when one has a place; absent: the name is repeated.'),
  names: nameForm.describe('The form of names in parentheses.'),
  narrativeNames: nameForm.describe('The form of names in a sentence.'),
  laterNames: z.strictObject({ names: nameForm, narrative: nameForm }).optional().describe('Name forms for a work cited before.'),
  sameSurname: z
    .strictObject({
      names: nameForm,
      narrative: nameForm,
      within: z.boolean().optional().describe('Two of one surname in one work both have their initials.'),
    })
    .optional()
    .describe('Name forms that tell authors of one surname apart.'),
  ambiguous: z.enum(['names', 'letters']).optional().describe('Works whose names shorten alike: more names, or letters after the year.'),
  yearLetters: z.boolean().describe('Works of one author in one year take letters.'),
  noYearLetter: marks('').optional().describe('Before the letter where there is no year.'),
  standInTitle: z
    .enum(['full', 'first-words', 'noun-phrase'])
    .describe('Titles standing for an author: whole, by their first words, by the noun phrase they begin with.'),
  standInCapitals: capitals.optional().describe('The capitals of such a title, if other than in the list.'),
  volumeAndPlace: pattern(SLOTS.volumeAndPlace).optional().describe('A volume with a page in it; absent: each with its word.'),
  placeAlone: z.boolean().optional().describe('Where one paragraph cites a work again, its place may stand alone.'),
  romanActs: z.boolean().optional().describe('Acts and scenes are numbered in Roman numerals: III.ii.14.'),
  quotedPlace: z
    .enum(['always', 'paged'])
    .optional()
    .describe('A quotation gives its place: always (a paragraph, where there are no pages), or where there are pages; absent: never.'),
  volumeAndPage: z.boolean().optional().describe('A page of a work in several volumes brings its volume: 2:117.'),
  firstPublished: pattern(SLOTS.firstPublished).optional().describe('First publication with the year.'),
  locators: z.record(z.enum(LOCATOR_LABELS), wordsBefore).describe('Words before a place by its label: for one, for several.'),
  actWords: z
    .tuple([printed, printed, printed])
    .readonly()
    .optional()
    .describe('The words for act, scene and line, where they are printed ("act 3, scene 2").'),
  beforeRemark: printed.optional().describe('Before words about the quotation, such as "emphasis added"; a comma otherwise.'),
  citedIn: sign('Between a work and the work that quotes it.'),
  inSentence: z
    .strictObject({ between: joint, pair: joint, last: joint })
    .describe('Between works named in a sentence: of several, of two, before the last.'),
  titleForSeveral: z.boolean().optional().describe('A work whose author has others in the paper is cited with its title.'),
  groupAbbreviations: z.boolean().optional().describe('A group is given with its abbreviation at its first citation and by it afterwards.'),
  numbers: z
    .strictObject({
      open: marks('Before a number.'),
      close: marks('After it.'),
      each: z.boolean().describe('Every number in brackets of its own.'),
      between: marks('Between numbers.'),
      range: marks('Between the first and the last of a row.'),
      superscript: z.boolean().describe('Numbers are raised.'),
      locator: pattern(SLOTS.numberAndPlace).optional().describe('The number and the place cited; absent: the place is not printed.'),
      closedUp: z.boolean().optional().describe('No space stands in the place printed with a number.'),
      behind: shaped(/^[.,;:?!]*$/u, 'can hold only marks')
        .optional()
        .describe('The marks that a raised number stands behind.'),
      narrative: marks('Between the author’s name in the sentence and its number.'),
    })
    .optional()
    .describe('How numbers stand in the text.'),
  notes: z
    .strictObject({
      between: marks('Between works in a note.'),
      ibid: printed.optional().describe('What stands for the work of the note before.'),
      firstShort: z.boolean().optional().describe('The first note of a work is short too.'),
    })
    .optional()
    .describe('How notes are set.'),
})

const rangeStyle = z.enum(['full', 'two-digits', 'chicago', 'minimal'])

/** "place", "film.producer". */
const isSilenceKey = (key: string): boolean => {
  const [first, second, ...more] = key.split('.')
  return !more.length && (second === undefined ? field.safeParse(first).success : kind.safeParse(first).success && field.safeParse(second).success)
}
const reason = z.string().min(1).max(160)
/** The manual's reason, or the fields that say what it would and why one is enough. */
const silence = z.union([
  reason.regex(/ \(.+\)$/u, 'names no section of the manual'),
  z.strictObject({ when: z.array(field).min(1).readonly(), says: reason }),
])
const silences = z.record(z.string().refine(isSilenceKey, 'is no field, and no field of a kind'), silence).readonly()

export const styleSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z][a-z0-9-]*$/u)
    .describe('What jobs and papers call it.'),
  name: z.string().min(1),
  edition: z.string().min(1),
  short: z.string().min(1).describe('Short name for the style switch.'),
  manual: z.string().min(1).describe('The published manual it follows.'),
  citation: citation.describe('Citations in the text.'),
  list: z
    .strictObject({
      heading: z.string().min(1).max(80).describe('What stands over the list.'),
      order: z.enum(['filing', 'appearance']).describe('By names and titles, or as the works are cited.'),
      wordByWord: z
        .boolean()
        .optional()
        .describe('Spaces count in filing, so that "New York" comes before "Newark"; letter by letter otherwise.'),
      withoutAl: z.boolean().optional().describe('The Arabic article joined to a name (al-Hakim) is passed over in filing.'),
      then: z.enum(['year', 'title']).describe('After the names.'),
      asPrinted: z.boolean().optional().describe('Names left out for et al. do not count in filing.'),
      repeated: printed.optional().describe('What replaces the names of the entry before; absent: names again.'),
      number: pattern(SLOTS.number).optional().describe('How its number is set.'),
      noStop: z.boolean().optional().describe('Entries end without a full stop.'),
      noStopAfter: z.array(field).readonly().describe('Fields after which an entry ends without a full stop.'),
      hanging: z.number().min(0).max(400).describe('Hanging indent in points; numbered lists hang at their number.'),
      doubleSpaced: z.boolean(),
      uncited: z.boolean().optional().describe('Works that the text does not cite may stand in it: a bibliography.'),
    })
    .describe('The list of works.'),
  page: pageSchema.describe('The page.'),
  quotes: z
    .strictObject({ outer: oneAndSeveralOf(quotationMark), inner: oneAndSeveralOf(quotationMark) })
    .describe('Quotation marks, and those inside them.'),
  stopsInside: z.boolean().describe('Commas and full stops stand inside closing quotation marks.'),
  commaAfterQuestion: z.boolean().describe('A comma after a title ending in ? or !.'),
  capitals: z
    .strictObject({
      roman: capitals,
      quoted: capitals,
      italic: capitals,
      container: capitals.optional().describe('Of official names (journals, sites, shows); absent: as given.'),
    })
    .describe('The capitals of titles by their treatment.'),
  dash: z.enum(['–', '-', '—']).describe('In ranges.'),
  ranges: z
    .strictObject({ pages: rangeStyle, locators: rangeStyle, years: rangeStyle.optional().describe('Years, if not in full.') })
    .describe('How second numbers are shortened.'),
  names: z.partialRecord(nameForm, nameFormSchema).describe('How lists of names are set, by place.'),
  makers: z
    .partialRecord(
      z.enum(MAKER_SETS),
      z.strictObject({
        form: nameForm,
        pattern: pattern(SLOTS.makers),
        between: shaped(/^(?:[.,;] | )$/u, 'is a mark and a space').describe('Between roles.'),
      }),
    )
    .describe('How makers inside an entry are set.'),
  roleJoins: z
    .strictObject({
      label: joint,
      verb: joint,
      lead: joint.optional().describe('Between makers of several roles who lead together; as before the last of several names otherwise.'),
    })
    .describe('Between two labels, and two verbs, of one hand ("edited and translated by").'),
  leadLabel: pattern(SLOTS.label).describe('The label after the leading names when they are not authors.'),
  roles: roles.describe('Each role’s words.'),
  roleSets: z.partialRecord(z.enum(MAKER_SETS), roles).optional().describe('A role’s words in one place only.'),
  kindRoles: z.partialRecord(kind, roles).optional().describe('A role’s words in one kind only: the author of a podcast is its host.'),
  dates: z.strictObject({
    months: z.array(printed).length(12).readonly(),
    seasons: z.tuple([printed, printed, printed, printed]).readonly(),
    forms: z.partialRecord(dateForm, dateForms).describe('Patterns by precision.'),
    bce: sign('After a year before the common era.'),
    circa: sign('Before a rough date.'),
    sentence: z.boolean().optional().describe('A date that begins with a small letter has a capital where it begins a sentence.'),
    range: z.enum(['–', '-', '—', '/', ' to ']).describe('Between two dates.'),
    monthRange: z.enum(['–', '-', '/']).optional().describe('Between two months, if otherwise.'),
  }),
  terms: z
    .strictObject({
      edition: printed,
      noDate: printed,
      inPress: printed,
      page: wordsBefore,
      editionWords: z.record(z.string(), printed).describe('The words of an edition as the style shortens them, in small letters.'),
      issue: printed.describe('Before the number of an issue, in the styles that label it.'),
      issues: printed.optional().describe('Before several issues that are one.'),
      supplement: z.strictObject({ word: printed, behind: printed }).describe('Before the number of a supplement, and between an issue and its supplement.'),
      selfPublished: printed.optional().describe('What stands for a publisher who is the author.'),
      newspaperSection: printed.optional().describe('Before the section of a newspaper.'),
    })
    .describe('Words that stand in several layouts.'),
  inState: pattern(SLOTS.inState).describe('How a town in a state or province stands, where a publisher or an event is placed.'),
  countries: z
    .partialRecord(
      z.string().regex(/^[A-Z]{2}$/u),
      shaped(/^(?:(?:\p{Lu}\.)+|\p{Lu}+|\p{Lu}\p{Ll}+\.?)$/u, 'is no abbreviation of a country'),
    )
    .optional()
    .describe('How the countries of patents are abbreviated; the code itself otherwise.'),
  descriptions: z.partialRecord(kind, description).describe('Descriptions and the words that stand for genres, by kind.'),
  degrees: z
    .partialRecord(
      z.enum(DEGREE_LEVELS),
      z.strictObject({
        named: pattern(SLOTS.degree).optional().describe('Where the degree is known by its letters.'),
        plain: pattern(SLOTS.degree),
      }),
    )
    .optional()
    .describe('What theses are called, by the degree they were written for.'),
  degreeStops: z.boolean().optional().describe('The letters of a degree take stops: Ph.D.'),
  username: pattern(SLOTS.username).optional().describe('How a username follows its owner’s name in the list.'),
  sameMaker: z
    .strictObject({ publisher: z.enum(['keep', 'publisher', 'author']), site: z.enum(['keep', 'site', 'author']) })
    .describe('What is left out when the author is also the publisher, or the site.'),
  shorten: z.strictObject({
    journals: z.boolean().describe('Journal titles are abbreviated.'),
    withoutStops: z.boolean().optional().describe('… and lose their stops.'),
    universities: z.enum(['Univ.', 'U']).optional(),
    institutes: z.boolean().optional().describe('Institute becomes Inst.'),
    companies: z.boolean().optional().describe('What sort of company a publisher is goes (Inc., Ltd.).'),
    proceedings: z.enum(['words', 'proc']).optional().describe('Every common word of proceedings, or that word alone.'),
    ampersand: printed.optional().describe('What & becomes in the title of a whole.'),
  }),
  url: z.strictObject({
    scheme: z.boolean().describe('https:// is printed.'),
    doi: pattern(SLOTS.doi),
    address: pattern(SLOTS.address).optional().describe('What stands around an address.'),
  }),
  onlineReferenceAsBook: z.boolean().optional().describe('Titles of encyclopedias are books’ and cased as such even online.'),
  credit: z.strictObject({
    template: template.optional().describe('The credit under something reproduced, where the style has one of its own.'),
    before: sign('Before a note or citation that stands there otherwise.'),
    numbered: pattern(SLOTS.number).describe('Where works are numbered.'),
    unnumbered: shaped(/^[\p{L} .:]+$/u, 'can hold only words').describe('The same for a work without a number.'),
  }),
  options: z
    .strictObject({
      ad: z.boolean().optional().describe('The date stands after the author.'),
      places: z.boolean().optional().describe('Places of publication are printed.'),
      chapterPages: z.boolean().optional().describe('A chapter’s pages are printed.'),
      capitalEdition: z.boolean().optional().describe('"Rev. ed." keeps its capital wherever it stands.'),
    })
    .describe('What templates may ask.'),
  frame: template.describe('The entry of every kind that has none of its own.'),
  noteFrame: template.optional().describe('The note of every kind that has none of its own.'),
  parts: z.record(z.string(), template).describe('Named parts for every layout.'),
  kinds: z.partialRecord(kind, layout).describe('The layouts.'),
  silent: silences.describe('Fields that it does not print, and why: of one kind ("film.producer") or of every kind.'),
  sections: z
    .partialRecord(z.enum(TOPICS), z.string().min(1).max(120))
    .readonly()
    .describe('Where the manual speaks of citing, quoting, the list and the page.'),
  rules: z
    .partialRecord(z.enum(RULE_IDS), z.strictObject({ says: z.string().min(1).max(400), source: z.string().min(1).max(120) }))
    .describe('One sentence a rule with the manual’s section; rules.ts says what its slots print.'),
})

export type Style = z.infer<typeof styleSchema>
export type Silences = z.infer<typeof silences>
export type NameForm = z.infer<typeof nameFormSchema>
export type RoleWords = z.infer<typeof roleWords>
export type DateForms = Style['dates']
export type Layout = z.infer<typeof layout>
export type Description = z.infer<typeof description>
export type CitationRules = z.infer<typeof citation>
export type Numbers = NonNullable<CitationRules['numbers']>
export type ListRules = Style['list']
export type { CaptionForm, HeadingForm, HeadLine, PageRules } from './page-schema'
export type Rule = NonNullable<Style['rules'][keyof Style['rules']]>
