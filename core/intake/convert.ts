/** One format of source details into another, as the `dendle convert` command and Hand in do it. */
import { freeKey, plainKey } from '../source/keys'
import { FIELDS } from '../source/fields'
import { toCsl } from '../source/csl'
import type { Source } from '../source/model'
import { readForm } from './anything'
import { detect, type Form } from './detect'
import { writeBibtex } from './bibtex/bibtex'
import { BIBLATEX } from './bibtex/dialects'
import type { Written } from './formats'
import { readSources } from './job'
import type { Intake, Problem, Proposal } from './proposal'
import { withoutPlace, writeRis } from './ris/ris'

/** Proposals as sources: keys from the file where it gave any, else surname and year, one each. */
export function asSources(proposals: readonly Proposal[]): Source[] {
  const taken = new Set<string>()
  return proposals.map(({ kind, fields, key, origin }) => {
    const id = freeKey(key ?? plainKey({ id: '', kind, fields }), taken)
    taken.add(id)
    return { id, kind, fields, ...(origin ? { origin } : {}) }
  })
}

/** Sources in a format; ids are their keys. */
export function writeSources(sources: readonly Source[], to: Written): string {
  switch (to) {
    case 'csl-json': return JSON.stringify(sources.map(toCsl), null, 2)
    case 'bibtex': return writeBibtex(sources, bibtexKeys())
    case 'biblatex': return writeBibtex(sources, bibtexKeys(), BIBLATEX)
    case 'ris': return writeRis(sources, source => source.id)
  }
}

/** BibTeX keys may hold no space, comma or brace, and differ in more than that. */
function bibtexKeys(): (source: Source) => string {
  const taken = new Set<string>()
  return (source) => {
    const key = freeKey(source.id.replace(/[\s,{}()"#%~\\=]+/gu, '-').replace(/^-+|-+$/gu, '') || 'source', taken)
    taken.add(key)
    return key
  }
}

/** Reads text in any form and writes it in one; what was wrong is named and the rest is written. */
export function convert(
  text: string,
  { to, from, name = '' }: { to: Written, from?: Form, name?: string },
): { text: string, problems: Problem[] } {
  const form = from ?? detect(text, name)
  const problems: Problem[] = []
  let sources: Source[]
  if (form === 'csl-json') {
    const { value, problem } = parseJson(text)
    if (problem) return { text: writeSources([], to), problems: [problem] }
    sources = readSources(Array.isArray(value) ? value : [value], 'input', problems)
  } else {
    const read: Intake =
      form === 'title' || form === 'identifiers'
        ? {
            proposals: [],
            problems: [
              {
                where: 'input',
                what:
                  form === 'title'
                    ? 'nothing in it could be read as sources; say what it is with --from.'
                    : 'it holds identifiers alone, and the command has no catalogue; look them up in Gather.',
              },
            ],
          }
        : readForm(form, text)
    problems.push(...read.problems)
    sources = asSources(read.proposals)
  }
  if (to === 'ris') {
    for (const source of sources) {
      const left = withoutPlace(source)
      if (left.length)
        problems.push({
          where: source.id,
          what: `RIS has no place for ${left.map((field) => FIELDS[field].label.toLowerCase()).join(', ')}; left out.`,
        })
    }
  }
  return { text: writeSources(sources, to), problems }
}

function parseJson(text: string): { value?: unknown, problem?: Problem } {
  try { return { value: JSON.parse(text) as unknown } }
  catch (error) { return { problem: { where: 'input', what: `is not JSON: ${(error as Error).message}` } } }
}
