/**
 * A draft as a paper that can be checked, compared and written out, with nobody there to be asked: its typed list is its
 * sources, its typed citations are real ones where that is certain, what it says of itself at its top is its details.
 */
import { compose } from '../../compose/compose'
import { listEntry } from '../../compose/entry'
import { citationsOf, creditedIn } from '../../sheet/walking'
import { placeAll } from '../../sheet/placement'
import type { Source } from '../../source/model'
import { OTHERS } from '../../source/values/names'
import { STYLES, type Style } from '../../styles'
import { plain } from '../../text/runs'
import { stripRich } from '../../text/rich'
import { asSources } from '../convert'
import type { ReadPaper } from '../paper-job'
import type { Problem } from '../proposal'
import { byLine, readReferences } from '../reference/references'
import { inOrder } from '../reference/likeness'
import { citeIn } from './citations'
import { isNumbered, numberMarks, referencesIn, withoutNoticed } from './noticed'
import { citeNotes } from './notes'
import type { ReadDraft } from './open'
import { lettersIn, TypedCitations } from './typed-citations'

export interface DraftPaper {
  paper: ReadPaper
  /** Its typed list as it stood, one a reference, as rich text. */
  references: string[]
  /** Whether the style was seen in the list, and not said. */
  guessed: boolean
  problems: Problem[]
}

/** @param wanted the style to take it for; otherwise the one that its typed list comes nearest to */
export function paperOfDraft(draft: ReadDraft, wanted?: Style): DraftPaper {
  const problems: Problem[] = []
  const listed = draft.noticed.find(({ what }) => what === 'reference list')
  const references = listed ? referencesIn(draft.doc, listed) : []
  const read = readReferences(references)
  problems.push(...read.problems.map(({ where, what }) => ({ where: `list, ${where}`, what })))
  // A document that went out of here brings the sources that its citations name.
  const own = asSources(read.proposals).map((source, i) => withOthers(source, read.proposals[i]!.original ?? ''))
  const sources = draft.brings?.length ? draft.brings : own
  const lines = byLine(references, read).map(proposal => (proposal ? own[read.proposals.indexOf(proposal)] : undefined))
  const numbered = listed !== undefined && isNumbered(draft.doc, listed)
  const taken = draft.heading ? [...draft.noticed, draft.heading] : draft.noticed
  const body = withoutNoticed(draft.doc, taken)
  const notes = citeNotes(body, sources)
  const byKey = new Map(sources.map(source => [source.id.toLowerCase(), source.id]))
  const typed = new TypedCitations(sources, draft.brings?.length ? {} : {
    numbered: numbered ? lines.map(source => source?.id) : [],
    marks: numberMarks(body, references.length),
    letters: lettersIn(references, i => lines[i]?.id),
  })
  const cite = (likely: boolean) => citeIn(notes.doc, key => byKey.get(key.toLowerCase()), typed, one => one.sure || (likely && one.data.form === 'suppress-author'))
  const certain = cite(false)
  const style = wanted ?? likeliest(references, lines, { notes: notes.made, typed: certain.made, numbered })
  // "As Okonjo argues, ponds fill (104)" is how styles of author and page cite.
  const doc = placeAll((style.citation.system === 'author-page' ? cite(true) : certain).doc)
  const alsoList = sources.map(source => source.id)
  const { writer, ...details } = draft.heading?.details ?? {}
  return {
    paper: {
      style, sources, doc, alsoList,
      composition: compose(style, sources, { citations: citationsOf(doc), alsoList: [...new Set([...alsoList, ...creditedIn(doc)])] }),
      passages: [],
      title: draft.title ?? draft.heading?.title ?? '',
      ...(draft.heading ? { details: { ...(writer ? { writer } : {}), ...details } } : {}),
    },
    references,
    guessed: !wanted,
    problems,
  }
}

/** A list that says "et al." says that there are others: its source is given as many, and is found by "Moss et al." */
function withOthers(source: Source, original: string): Source {
  const { author } = source.fields
  const head = original.slice(0, 400).split(/[“"(]|\d{4}/u)[0]!
  return author?.length && /\bet al\b/iu.test(head) ? { ...source, fields: { ...source.fields, author: [...author, OTHERS] } } : source
}

/** Signs and words, so that a style's commas and capitals count. */
const tokens = (text: string): string[] => stripRich(text).match(/[\p{L}\p{N}]+|[^\s\p{L}\p{N}]/gu) ?? []
/** So many references tell a style. */
const ENOUGH = 12

/** The style whose list comes nearest to the typed one; of those that cite as the text does, where that can be seen. */
export function likeliest(
  references: readonly string[], sources: readonly (Source | undefined)[],
  { notes, typed, numbered }: { notes: number, typed: number, numbered: boolean },
): Style {
  const cites = (style: Style): boolean => {
    const { system } = style.citation
    if (notes + typed === 0) return numbered ? system === 'numbers' : true
    return notes > typed ? system === 'notes' : numbered ? system === 'numbers' : system !== 'numbers' && system !== 'notes'
  }
  const pairs = sources.flatMap((source, i) => (source ? [{ source, wanted: tokens(references[i] ?? '') }] : [])).slice(0, ENOUGH)
  const score = (style: Style): number =>
    pairs.reduce((sum, { source, wanted }) => sum + inOrder(wanted, tokens(plain(listEntry(style, source) ?? []))), 0)
  const able = STYLES.filter(cites)
  return (able.length ? able : [...STYLES]).map(style => ({ style, near: score(style) })).sort((a, b) => b.near - a.near)[0]!.style
}
