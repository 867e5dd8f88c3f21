/**
 * How each rule is usually broken: the one change that gives the mistake students make. Where the style's data says what
 * is right, the mistake is another value there; where only the finished line shows it, a change of the line.
 */
import type { RuleId, Run } from '../text/runs'
import { withValues } from './paths'
import type { NameForm, Style } from './schema'
import { DMY, MDY, MONTHS_FULL, MONTHS_MLA } from './shared'

/** Other values for some places of a style. */
export interface Change { path: string, value: unknown }

export type Break = { /** The mistake, in a few words. */ mistake: string } & (
  | { changes: (style: Style) => readonly Change[] }
  | { runs: (runs: readonly Run[]) => Run[] }
)

const forms = (style: Style, which: (form: NameForm) => boolean, change: (form: NameForm) => Partial<NameForm>): Change[] =>
  Object.entries(style.names).flatMap(([id, form]) => (which(form) ? [{ path: `names.${id}`, value: { ...form, ...change(form) } }] : []))
/** Every value of a place turned into another. */
const turn = (style: Style, path: string, value: unknown): Change[] => [{ path, value }]

const carries = (run: Run, id: RuleId): boolean => run.rules.includes(id) || run.field === id
const changeRuns = (id: RuleId, change: (run: Run) => Partial<Run>) => (runs: readonly Run[]): Run[] => runs.map(run => (carries(run, id) ? { ...run, ...change(run) } : run))
const flipItalic = (id: RuleId) => changeRuns(id, run => ({ italic: !run.italic, bold: false }))
const flipCase = (text: string): string => text.replace(/\p{L}/u, c => (c === c.toUpperCase() ? c.toLowerCase() : c.toUpperCase()))

const recased = (style: Style, from: 'headline' | 'sentence'): Change[] => {
  const instead = from === 'headline' ? { style: 'sentence', afterColon: 'capital' } : { style: 'headline', prepositions: 3 }
  const own = (['roman', 'quoted', 'italic'] as const).filter(place => style.capitals[place].style === from).map(place => ({ path: `capitals.${place}`, value: instead }))
  return style.citation.standInCapitals?.style === from ? [...own, { path: 'citation.standInCapitals', value: instead }] : own
}
/** Day before month, or month before day. */
const turnedDate = (form: { day: string }) => (/\{day\}.*\{month\}/u.test(form.day) ? MDY : DMY)
const swapped = (mark: string): string => (mark.includes('&') ? mark.replace('&', 'and') : mark.includes('and') ? mark.replace('and', '&') : ' and ')

export const BREAKS: Readonly<Partial<Record<RuleId, Break>>> = {
  'names.inverted': { mistake: 'the given name comes first', changes: style => forms(style, form => /inverted/u.test(form.order), () => ({ order: 'natural' })) },
  'names.initials': { mistake: 'given names in full, or closed up', changes: style => forms(style, form => form.given === 'initials', form => (form.initials?.stop === '' ? { initials: { stop: '.', space: ' ', hyphen: true } } : { given: 'full' })) },
  'names.joined': { mistake: 'joined by the other sign', changes: style => forms(style, () => true, form => ({ pair: swapped(form.pair), last: swapped(form.last) })) },
  'names.shortened': { mistake: 'every name is given', changes: style => forms(style, form => form.etAl !== undefined, () => ({ etAl: undefined })) },
  'names.surname': { mistake: 'given names in the text', changes: style => forms(style, form => form.order === 'surname', () => ({ order: 'natural', given: 'full' })) },
  'names.apart': { mistake: 'two people under one surname', changes: style => turn(style, 'citation.sameSurname', undefined) },
  'names.repeated': { mistake: 'the name again', changes: style => turn(style, 'list.repeated', undefined) },
  'role': { mistake: 'one for several, several for one', runs: changeRuns('role', ({ text }) => ({ text: /s\b\.?$/u.test(text) ? text.replace(/s(\.?)$/u, '$1') : / /u.test(text) ? flipCase(text) : text.replace(/(\.?)$/u, 's$1') })) },
  'date': { mistake: 'day and month in the other order, months otherwise shortened', changes: style => [
    { path: 'dates.months', value: style.dates.months.includes('October') ? MONTHS_MLA : MONTHS_FULL },
    ...Object.entries(style.dates.forms).map(([id, form]) => ({ path: `dates.forms.${id}`, value: { ...form, year: form.year && `(${form.year})`, day: form.day.includes('{day}') ? turnedDate(form).day : MDY.day } })),
  ] },
  'date.none': { mistake: 'other words for no date', changes: style => turn(style, 'terms.noDate', style.terms.noDate === 'n.d.' ? 'no date' : 'n.d.') },
  'date.inpress': { mistake: 'other words for in press', changes: style => turn(style, 'terms.inPress', /forthcoming/iu.test(style.terms.inPress) ? 'in press' : 'forthcoming') },
  'date.original': { mistake: 'the first publication in the place of this one', runs: (runs) => {
    const date = runs.find(run => run.rules.includes('date'))?.text
    const first = runs.find(run => run.rules.includes('date.original'))?.text
    return runs.map(run => (first && run.rules.includes('date') ? { ...run, text: first } : run.rules.includes('date.original') ? { ...run, text: date ?? '' } : run))
  } },
  'date.accessed': { mistake: 'day and month in the other order', changes: style => turn(style, 'dates.forms.accessed', turnedDate(style.dates.forms.accessed ?? style.dates.forms.date!)) },
  'year.letter': { mistake: 'two works under one year', changes: style => turn(style, 'citation.yearLetters', false) },
  'title': { mistake: 'italic for plain, plain for italic', runs: flipItalic('title') },
  'title.sentence': { mistake: 'every word with a capital', changes: style => recased(style, 'sentence') },
  'title.headline': { mistake: 'no capitals but the first', changes: style => recased(style, 'headline') },
  'title.asgiven': { mistake: 'a name without its capitals', runs: changeRuns('title.asgiven', ({ text }) => ({ text: flipCase(text.slice(0, 1)) + text.slice(1).toLowerCase() })) },
  'title.standsin': { mistake: 'Anonymous for no author', runs: runs => runs.map((run, i) => (run.rules.includes('title.standsin') ? { ...run, text: runs.findIndex(one => one.rules.includes('title.standsin')) === i ? 'Anonymous' : '' } : run)) },
  'container': { mistake: 'italic for plain, plain for italic', runs: flipItalic('container') },
  'container.abbreviated': { mistake: 'the title in full', changes: style => [...turn(style, 'shorten.journals', false), ...turn(style, 'shorten.proceedings', undefined)] },
  'volume': { mistake: 'italic for plain, plain for italic', runs: flipItalic('volume') },
  'issue': { mistake: 'the issue in italics', runs: flipItalic('issue') },
  'pages.range': { mistake: 'second numbers shortened otherwise', changes: style => [...turn(style, 'ranges.pages', style.ranges.pages === 'full' ? 'two-digits' : 'full'), ...turn(style, 'dash', style.dash === '-' ? '–' : '-')] },
  'edition': { mistake: 'the word in full', changes: style => turn(style, 'terms.edition', 'edition') },
  'publisher': { mistake: 'with the words of the business', runs: changeRuns('publisher', ({ text }) => ({ text: `${text}, Ltd.` })) },
  'publisher.shortened': { mistake: 'the name in full', changes: style => turn(style, 'shorten.universities', undefined) },
  'description': { mistake: 'the other kind of first letter', runs: changeRuns('description', ({ text }) => ({ text: flipCase(text) })) },
  'link.doi': { mistake: 'the DOI in its other form', changes: style => turn(style, 'url.doi', style.url.doi.startsWith('https') ? 'doi:{doi}' : 'https://doi.org/{doi}') },
  'link.url': { mistake: 'with https:// or without', changes: style => turn(style, 'url.scheme', !style.url.scheme) },
  'locator': { mistake: 'another word before the page, or none', changes: style => turn(style, 'citation.locators.page', style.citation.locators.page[0] === '' ? ['p. ', 'pp. '] : ['', '']) },
  'author.shared': { mistake: 'the name again', changes: style => [...turn(style, 'citation.sameAuthor', undefined), ...turn(style, 'citation.sameAuthorLocated', undefined)] },
  'citation.number': { mistake: 'the other brackets, or none', changes: (style) => {
    const [open, close] = style.citation.numbers?.open === '[' ? ['(', ')'] : ['[', ']']
    return [{ path: 'citation.numbers.superscript', value: false }, { path: 'citation.numbers.open', value: open }, { path: 'citation.numbers.close', value: close }]
  } },
  'citation.range': { mistake: 'every number of a row', changes: style => turn(style, 'citation.numbers.range', style.citation.numbers?.range === '-' ? '–' : '-') },
  'citation.note': { mistake: 'the number on the line', runs: changeRuns('citation.note', () => ({ superscript: false })) },
  'citation.secondary': { mistake: 'in, without quoted or cited', changes: style => turn(style, 'citation.citedIn', ', in ') },
  'note.full': { mistake: 'a short note at the first mention', changes: style => turn(style, 'citation.notes.firstShort', true) },
  'note.short': { mistake: 'the whole name again', changes: style => forms(style, form => form === style.names.short || form === style.names.apart, () => ({ order: 'natural', firstOnly: false, given: 'full' })) },
  'note.ibid': { mistake: 'the short note again', changes: style => turn(style, 'citation.notes.ibid', undefined) },
}

/** A style in which a rule is broken; undefined where the rule is broken in the line, or not at all. */
export function styleBreaking(style: Style, id: RuleId): Style | undefined {
  const broken = BREAKS[id]
  return broken && 'changes' in broken ? withValues(style, broken.changes(style)).style : undefined
}
/** A line in which a rule is broken; undefined where the rule is broken in the style's data, or not at all. */
export function runsBreaking(runs: readonly Run[], id: RuleId): Run[] | undefined {
  const broken = BREAKS[id]
  return broken && 'runs' in broken ? broken.runs(runs) : undefined
}
