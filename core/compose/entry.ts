/** One work alone: its list entry, its notes, and what stands for its author in the text. */
import type { Source } from '../source/model'
import type { Run } from '../text/runs'
import type { Style } from '../styles/schema'
import type { TitleWords } from '../text/capitals'
import { asTyped, guarded } from './as-typed'
import { compiled } from './compiled'
import { glue, raised, setLine, STOP, type Atom } from './line'
import { setNames, type NameOptions } from './names'
import { firstWords, nounPhrase, setTitle } from './titles'
import { formOf } from './values/people'
import { capitalsFor } from './values/titles'
import { NOTHING_TOLD, printed, type SetEntry, type Telling, type Work } from './work'

export type { SetEntry } from './work'

/** The list entry of a work, or null where the style never lists its kind. Set once for each letter or sign it is asked with. */
export function setEntry(work: Work, telling: Telling = NOTHING_TOLD, repeated?: string): SetEntry | null {
  if (!work.listed) return null
  const { yearLetter } = telling
  if (!yearLetter && repeated === undefined) return work.entry ??= newEntry(work, undefined, undefined)
  return work.keep(`entry ${yearLetter ?? ''} ${repeated ?? ''}`, () => newEntry(work, yearLetter, repeated))
}

function newEntry(work: Work, yearLetter: string | undefined, repeated: string | undefined): SetEntry {
  const unsure = new Set<string>()
  const atoms = printed(work.kind.entry, work, yearLetter ? { yearLetter, unsure } : { unsure })
  // Nothing that the style prints for this kind is there yet: what a citation would call it.
  if (!atoms.length) atoms.push(...titleInText(work, false))
  return {
    runs: ended(repeated === undefined ? atoms : repeatName(atoms, work, repeated), work.kind.style),
    unsure: unsure.size ? [...unsure] : CERTAIN,
  }
}
const CERTAIN: readonly string[] = []

/** The list entry of a source alone, as runs; null where its kind is never listed. `unsure` collects doubtful capitals. */
export function listEntry(
  style: Style, source: Source, { unsure, titles }: { unsure?: Set<string>, titles?: TitleWords | undefined } = {},
): Run[] | null {
  const entry = guarded(() => setEntry(compiled(style, titles).work(source)), () => ({ runs: asTyped(source), unsure: CERTAIN }))
  entry?.unsure.forEach(word => unsure?.add(word))
  return entry && entry.runs
}

/** Lines end with a full stop, except after an address in the styles that leave it bare. */
function ended(atoms: Atom[], style: Style): Run[] {
  const field = atoms.findLast(a => a.field)?.field
  if (!style.list.noStop && (field === undefined || !style.list.noStopAfter.includes(field))) atoms.push(STOP)
  return setLine(atoms, style)
}

/** The names of the entry before are not printed again where the style has a sign for them. */
function repeatName(atoms: readonly Atom[], work: Work, sign: string): Atom[] {
  const count = printed(work.kind.print('{lead:lead,bare}'), work).length
  return [
    { text: sign, part: 'who', ...(atoms[0]?.field ? { field: atoms[0].field } : {}), rules: ['names.repeated'] },
    ...atoms.slice(count),
  ]
}

/** The full or short note without its closing stop, as atoms; styles without notes have none. */
export function noteAtoms(work: Work, telling: Telling, short: boolean): Atom[] {
  const { style, layout, print } = work.kind
  const template = short ? layout.short ?? style.parts.short ?? '' : layout.note ?? style.noteFrame ?? ''
  const atoms = printed(print(template), work, telling)
  // Neither names nor a title: what a citation would call it stands in the note too.
  return atoms.length ? atoms : titleInText(work, short)
}

/** A note of one work alone, ended and begun as a note is; null in styles without notes. */
export function noteAlone(work: Work, telling: Telling, short: boolean): Run[] | null {
  if (work.kind.style.citation.system !== 'notes') return null
  const atoms = noteAtoms(work, telling, short)
  atoms.push(STOP)
  return setLine(raised(atoms), work.kind.style)
}

/** What stands for the author in the text: names, a newspaper, or the title in its dress. */
export function authorInText(work: Work, narrative: boolean, telling: Telling): Atom[] {
  if (telling.abbreviate || telling.introduce) return sayAuthor(work, narrative, telling)
  if (!telling.later && !telling.tellApart && !telling.atLeast)
    return narrative ? (work.inSentence ??= sayAuthor(work, true, telling)) : (work.inParentheses ??= sayAuthor(work, false, telling))
  const key = `${narrative ? 'narrative' : 'names'} ${telling.later ? 'later' : ''} ${telling.tellApart ? 'apart' : ''} ${telling.atLeast ?? ''}`
  return work.keep(key, () => sayAuthor(work, narrative, telling))
}

function sayAuthor(work: Work, narrative: boolean, telling: Telling): Atom[] {
  const { style, layout, print } = work.kind
  const rules = style.citation
  if (work.lead) {
    const { tellApart, atLeast, later } = telling
    const pair =
      later && rules.laterNames && !tellApart && !atLeast
        ? rules.laterNames
        : tellApart && rules.sameSurname
          ? rules.sameSurname
          : { names: rules.names, narrative: rules.narrativeNames }
    const options: NameOptions = { field: work.fieldOf(work.lead.role) }
    if (atLeast) options.atLeast = atLeast
    if (telling.abbreviate) options.abbreviate = telling.abbreviate
    if (telling.introduce && !narrative) options.introduce = telling.introduce
    if (tellApart && rules.sameSurname?.within) options.alsoWithin = true
    const names = setNames(work.lead.names, formOf(style, narrative ? pair.narrative : pair.names), options)
    return tellApart ? names.map(atom => ({ ...atom, rules: [...atom.rules, 'names.apart'] })) : names
  }
  if (layout.standIn && rules.system !== 'notes') {
    const standIn = printed(print(layout.standIn), work, telling)
    if (standIn.length) return standIn
  }
  return titleInText(work, !narrative)
}

/** The title as it stands in a sentence or citation: italic or quoted as in the list, in the style's capitals. */
export const titleInText = (work: Work, short: boolean): Atom[] => work.keep(short ? 'title short' : 'title whole', () => {
  const { style, layout } = work.kind
  const raw = work.text('title')
  if (!raw) return describe(work)
  const { standInTitle, standInCapitals } = style.citation
  const given = short ? work.text('titleShort') : ''
  const text =
    given
    || (!short || standInTitle === 'full' || work.kind.row.wholeTitle
      ? raw
      : standInTitle === 'noun-phrase'
        ? nounPhrase(raw)
        : firstWords(raw))
  const treatment = layout.titleInText ?? treatmentInList(work)
  const place = { italic: treatment === 'italic', quoted: treatment === 'quoted' ? 1 : 0 }
  const usual = capitalsFor(work.kind, 'title', place, [])(work)
  const { atoms } = setTitle(text, {
    words: work.words,
    style,
    field: 'title',
    ...place,
    capitals: usual.style === 'as-given' ? usual : (standInCapitals ?? usual),
  })
  const dressed = atoms.map((atom): Atom => ({ ...atom, rules: [...atom.rules, 'title.standsin'] }))
  if (treatment !== 'quoted') return dressed
  const [open, close] = style.quotes.outer
  return [glue(open), ...dressed, { ...glue(close), closes: true }]
})

/** What a work without any title is called: its description, in brackets. */
function describe(work: Work): Atom[] {
  const words = printed(work.kind.print('{description}'), work)
  return words.length ? [glue('['), ...words, glue(']')] : [{ text: '[no title]', part: 'what', field: 'title', rules: ['title.none'] }]
}

function treatmentInList(work: Work): 'italic' | 'quoted' {
  const atoms = printed(work.kind.entry, work)
  const at = atoms.findIndex(atom => atom.field === 'title')
  const quoted = at > 0 && /[“‘]$/u.test(atoms[at - 1]!.text)
  return atoms[at]?.italic && !quoted ? 'italic' : 'quoted'
}
