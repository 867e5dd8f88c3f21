/** A paper in every style, written in every way and opened again: its list, its citations and its details come back. */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { reported } from '../../check/job'
import { comparedWithOwn } from '../../compare/job'
import { writeWay } from '../../handin/ways'
import type { Way } from '../../handin/way-rows'
import { STYLES } from '../../styles'
import { readPaperJob } from '../paper-job'
import { openDraft } from './open'
import { paperOfDraft } from './paper'

const CITED = ['art-one', 'art-two', 'book-one', 'chapter-one', 'art-three', 'web-author']
const sources = (JSON.parse(readFileSync(new URL('../../../tests/conformance/sources.json', import.meta.url), 'utf8')) as { id: string }[])
  .filter(({ id }) => CITED.includes(id))
const details = { title: 'What the Ponds Remember', authors: ['Tamsin Vale'], course: 'HIST 201', instructor: 'Dr. Orla Nolan', institution: 'University of Northmere', date: '2026-03-14' }
const text = [
  'The ponds have silted for a century, and nobody measured them [ref: art-one, p. 104]. Others disagree [ref: art-two; book-one, p. 12].',
  'What is left is told by those who kept the gates, and by those who came to see them later in the day [ref: chapter-one, p. 50]. As [ref in-text: art-three] found, they agree.',
  'The rest is on a page that anyone can read [ref: web-author].',
].join('\n\n')
const WAYS: readonly Way[] = ['docx', 'odt', 'html', 'md', 'tex']

describe.each(STYLES.map(style => style.id))('in %s', (id) => {
  it.each(WAYS)('%s', async (way) => {
    const { paper } = readPaperJob({ style: id, sources, details, text })
    const { style, doc, title, details: said = {}, alsoList } = paper!
    const bytes = await writeWay(way, { style, title, details: said, body: doc, sources: paper!.sources, alsoList }, {
      keyOf: one => one, bibtex: () => '', faces: () => { throw new Error('no pages are laid') },
    })
    const draft = await openDraft(new Uint8Array(bytes).buffer, `paper.${way}`)
    if ('problem' in draft) throw new Error(draft.problem)
    const back = paperOfDraft(draft)
    // A name in its sentence is all that a style of author and page prints of a work cited as a whole.
    const namedInSentence = style.citation.system === 'author-page'
    const compared = comparedWithOwn(back.paper, back.references)
    const { findings } = reported(back.paper, [2026, 3, 20], 'paper', true).result
    expect({
      style: back.paper.style.id, problems: back.problems, title: back.paper.title,
      wrong: compared.entries.filter(one => !one.right).map(({ given, wanted }) => [given, wanted]), extra: compared.extra,
      cited: back.paper.composition.citations.length,
      found: findings.filter(({ rule }) => rule !== 'details.missing' && rule !== 'page.details').map(({ rule, excerpt }) => `${rule}: ${excerpt}`),
    }).toEqual({
      style: id, problems: [], title: details.title, wrong: [], extra: [], found: [],
      cited: paper!.composition.citations.length - (namedInSentence ? 1 : 0),
    })
  })
})
