/**
 * Notes of a draft as citations: "See Loveday Tremayne, *Working the Tide* (Saltmarsh Press, 2018), 41.", a short form,
 * "Ibid., 43.", several divided by semicolons. A note becomes one only when all of it is accounted for: the reference by
 * the source's own details, what leads it in and follows it as the writer's words. Otherwise it stays a note of words.
 */
import { leadNames } from '../../source/facts'
import type { CitationData, DocNode } from '../../sheet/document'
import { NAME_FIELDS } from '../../source/fields'
import { readLocator } from '../../source/locators'
import { namesOf, textOf, type Source } from '../../source/model'
import { givenName, surname } from '../../source/names'
import { foldWords } from '../../text/filing'
import { sliceRich, stripRich } from '../../text/rich'
import { wordsOf } from '../../text/words'

type Item = CitationData['items'][number]
interface Known { source: Source, first: string, given: string, title: string[], words: Set<string> }

/** Words of references that belong to no one source. */
const GLUE = new Set(
  'a an the of in on at for and or to by with from ed eds edn edited editor editors edition rev revised trans translated translator vol vols volume no nos number issue pt part series p pp page pages n d nd et al chap ch university press publishing publishers books journal accessed last modified updated retrieved available online doi org https http www phd diss thesis mimeo translation new york london oxford cambridge forthcoming january february march april may june july august september october november december jan feb mar apr jun jul aug sept sep oct nov dec spring summer autumn fall winter'.split(
    ' ',
  ),
)
const PLACE = String.raw`(?:(?:pp?|chaps?|ch|paras?|secs?|figs?|vols?|ll?|nn?)\.?\s*)?(?:\d{1,5}|[ivxlc]{1,7})(?:\s*[-–]\s*\d{1,5})?(?:,\s*\d{1,5}(?:\s*[-–]\s*\d{1,5})?)*|\d{1,2}(?::\d{2}){1,2}`
const IBID = new RegExp(String.raw`^(?:ibid(?:em)?|id)\.?(?:,?\s*(?:at\s+)?(${PLACE}))?[.\s]*$`, 'iu')
/** What leads a reference in at the head of a note; where it stands within brackets it has no capital. */
const LEAD = /^(?:See|Cf|Compare|For|As|But|And|In|On|Also|Quoted|Cited|Contrast|Especially)\b/u
const STOP =
  /(?<![\s.(]\p{Lu}|\b(?:[Vv]ols?|[Nn]os?|[Ee]ds?|[Tt]rans|pp?|[Cc]h|[Cc]hap|[Rr]ev|al|[Ss]t|[Dd]r|[Pp]t|cf|e\.g|i\.e))\.["”’]?\s+(?=[\p{Lu}“‘"])/gu

export class NoteReader {
  private readonly known: Known[]
  /** The one source of the note before, and every source met, for "Ibid." and for a name alone. */
  private last: Item | undefined
  private readonly met = new Set<string>()

  /** @param preferred ids of the sources that are meant where others fit as well: the paper's own */
  constructor(
    sources: readonly Source[],
    private readonly preferred: ReadonlySet<string> = new Set(),
  ) {
    this.known = sources.map((source) => {
      const [first] = leadNames(source)
      const details = Object.values(source.fields).flatMap((value) => (typeof value === 'string' ? [stripRich(value)] : []))
      const people = NAME_FIELDS.flatMap((name) => namesOf(source, name).map((one) => `${givenName(one)} ${surname(one)}`))
      return {
        source,
        first: first ? foldWords(surname(first)) : '',
        given: first ? foldWords(givenName(first)) : '',
        title: foldWords(stripRich(textOf(source, 'title')).split(/[:?!]/u)[0]!)
          .split(' ')
          .filter(Boolean),
        words: new Set(foldWords([...details, ...people].join(' ')).split(' ')),
      }
    })
  }

  /** @param note rich text; notes are read in the order of the text @returns undefined where it is not a reference through and through */
  read(note: string): CitationData | undefined {
    const text = stripRich(note)
    const again = IBID.exec(text)
    if (again)
      return this.last ? this.given([{ id: this.last.id, locator: again[1] ? readLocator(again[1]) : this.last.locator }]) : undefined
    const items: Item[] = []
    let words: CitationData['words']
    let at = 0
    for (;;) {
      const semicolon = nextPart(text, at)
      const one = this.one(note, text, at, semicolon < 0 ? text.length : semicolon)
      if (!one || (one.words?.before && items.length)) {
        this.last = undefined
        return undefined
      }
      items.push(one.item)
      if (one.words) words = { ...words, ...one.words }
      // Words that begin a sentence of their own go on to the note's end.
      if (one.words?.after || semicolon < 0) {
        if (one.words?.after && semicolon >= 0) words = { ...words, after: sliceRich(note, one.end, text.length).trim() }
        break
      }
      at = semicolon + 1
    }
    return this.given(items, words)
  }

  private given(items: Item[], words?: CitationData['words']): CitationData {
    items.forEach((item) => this.met.add(item.id))
    this.last = items.length === 1 ? items[0] : undefined
    return { items, form: 'parenthetical', ...(words && Object.keys(words).length ? { words } : {}) }
  }

  private one(
    note: string,
    text: string,
    from: number,
    to: number,
  ): { item: Item, words?: CitationData['words'], end: number } | undefined {
    const part = text.slice(from, to)
    const own = ({ known }: { known: Known }) => Number(this.preferred.has(known.source.id))
    const found = this.known
      .flatMap((known) => {
        const at = named(known, part)
        return at ? [{ known, ...at }] : []
      })
      .sort((a, b) => b.title - a.title || own(b) - own(a) || a.from - b.from)
    const titled = found.filter((one) => one.title > 0)
    // A surname alone is a short form of the one source met by that name.
    const bare = titled.length ? [] : found.filter((one) => this.met.has(one.known.source.id))
    const [best, next] = titled.length ? titled : bare
    if (!best || (next && next.title === best.title && own(next) === own(best))) return undefined
    const { known, begins, behind } = best
    const end = extent(known, part, behind)
    if (end === undefined) return undefined
    const place = placeIn(part.slice(behind, end.reference), known)
    if (!best.title && !place) return undefined
    const slice = (a: number, b: number) => sliceRich(note, from + a, from + b).trim()
    // Whole sentences before it are words of the note; what leads the reference in goes with it.
    const whole = [...part.slice(0, begins).matchAll(/[.?!]["”’]?(?=\s+\S|\s*$)/gu)]
      .filter(
        (match) =>
          !/\b(?:cf|e\.g|i\.e|esp|vs|al)\.$/iu.test(part.slice(0, match.index + 1))
          && !/(?:^|[\s(])\p{Lu}\.$/u.test(part.slice(0, match.index + 1)),
      )
      .at(-1)
    const cut = whole ? whole.index + whole[0].length : 0
    const ahead = slice(0, cut)
    const lead = slice(cut, begins).replace(/,$/u, '')
    const suffix = slice(end.reference, end.sentence)
      .replace(/^,\s*/u, '')
      .replace(/[.,;\s]+$/u, '')
    const after = slice(end.sentence, part.length).replace(/^[.\s]+/u, '')
    return {
      end: from + end.sentence,
      item: {
        id: known.source.id,
        locator: place,
        ...(lead ? { prefix: lead.replace(LEAD, (word) => word.toLowerCase()) } : {}),
        ...(suffix ? { suffix } : {}),
      },
      ...(ahead || after ? { words: { ...(ahead ? { before: ahead } : {}), ...(after ? { after } : {}) } } : {}),
    }
  }
}

/** The next semicolon outside brackets and quotation marks; -1 when none divides the note. */
function nextPart(text: string, from: number): number {
  let depth = 0
  for (let i = from; i < text.length; i++) {
    const char = text[i]!
    if ('([“'.includes(char)) depth++
    else if (')]”'.includes(char)) depth = Math.max(0, depth - 1)
    else if (char === ';' && depth === 0 && text.slice(i + 1).trim()) return i
  }
  return -1
}

/** Where a source is named: the place its name begins at, the place behind its title, and how many words of the title stand there. */
function named(known: Known, part: string): { begins: number, from: number, behind: number, title: number } | undefined {
  const tokens = wordsOf(part).map(({ word, at }) => ({ word: foldWords(word), at, end: at + word.length }))
  const run = (words: readonly string[], from: number): number => {
    let n = 0
    while (n < words.length && tokens[from + n]?.word === words[n]) n++
    return n
  }
  const first = known.first.split(' ').filter(Boolean)
  let name = 0
  if (first.length) {
    name = tokens.findIndex((_, i) => run(first, i) === first.length)
    if (name < 0 || name > 24) return undefined
  }
  let title = 0
  let at = name + first.length
  for (let i = at; i < Math.min(tokens.length, at + 24); i++) {
    // The article may be left out in a short form.
    const whole = run(known.title, i)
    const bare = /^(?:the|an?)$/u.test(known.title[0] ?? '') ? run(known.title.slice(1), i) : 0
    const n = Math.max(whole, bare)
    if (n > title && (n >= Math.min(2, known.title.length) || (n === 1 && known.title[0]!.length > 4))) { title = n; at = i + n }
    if (title >= 2) break
  }
  if (!first.length && title < Math.min(2, known.title.length)) return undefined
  let begins = first.length ? name : at - title
  if (first.length) {
    const given = known.given.split(' ')
    while (
      begins > 0
      && (given.includes(tokens[begins - 1]!.word)
        || (/^\p{L}$/u.test(tokens[begins - 1]!.word) && /^\.\s*$/u.test(part.slice(tokens[begins - 1]!.end, tokens[begins]!.at))))
    )
      begins--
  }
  let start = tokens[begins]!.at
  while (start > 0 && /[“"‘'(]/u.test(part[start - 1]!) && !first.length) start--
  return { begins: start, from: name, behind: tokens[at - 1]!.end, title }
}

/**
 * How far the reference goes, and the sentence it stands in; undefined when words in it belong neither to the source nor
 * behind a comma.
 */
function extent(known: Known, part: string, behind: number): { reference: number, sentence: number } | undefined {
  const stop = [...part.matchAll(STOP)].find(match => match.index >= behind)
  const sentence = stop ? stop.index + 1 + (/^\.["”’]/u.test(stop[0]) ? 1 : 0) : part.length
  let depth = 0
  for (const match of part.slice(behind, sentence).matchAll(/[([]|[)\]]|https?:\/\/\S+|[\p{L}\p{N}][\p{L}\p{M}\p{N}’'-]*/gu)) {
    const [token] = match
    if (/[([]/u.test(token)) depth++
    else if (/[)\]]/u.test(token)) depth--
    else if (
      depth <= 0
      && !/\d|^https?:/u.test(token)
      && !/^[ivxlc]+$/u.test(token)
      && foldWords(token)
        .split(' ')
        .some((word) => word && !known.words.has(word) && !GLUE.has(word))
    ) {
      const comma = part.lastIndexOf(',', behind + match.index)
      return comma >= behind ? { reference: comma, sentence } : undefined
    }
  }
  return { reference: sentence, sentence }
}

/** The place cited: the last number behind the title that is neither the year nor the pages of the whole work. */
function placeIn(tail: string, known: Known): Item['locator'] {
  const bare = tail
    .replace(/,?\s*(?:accessed|last modified|retrieved|available at)\b.*$/iu, '')
    .replace(/[,.]?\s*(?:https?:\/\/\S+|doi:?\s*\S+)\s*(?:\.\s*)?$/iu, '')
    .replace(/[.,;\s]+$/u, '')
  const match = new RegExp(String.raw`(?:^|[\s,:(])(${PLACE})$`, 'iu').exec(bare)
  const place = match?.[1]
  if (
    !place
    || !/[,:]["”’]?\s*$|^\s*$/u.test(
      bare.slice(0, match.index + match[0].length - place.length).replace(/[\s(]+$/u, (m) => (m.includes('(') ? 'x' : m)),
    )
  )
    return undefined
  const year = /^\d{4}$/u.test(place) && Number(place) === (known.source.fields.issued?.start?.year ?? 0)
  const pages = textOf(known.source, 'pages').replace(/\s*[-–]+\s*/u, '-')
  return year || (pages && place.replace(/^pp?\.\s*/iu, '').replace(/\s*[-–]+\s*/u, '-') === pages) ? undefined : readLocator(place)
}

/** The document with its notes of words read; `made` counts those that became citations. */
export function citeNotes(doc: DocNode, sources: readonly Source[], preferred?: ReadonlySet<string>): { doc: DocNode, made: number } {
  const reader = new NoteReader(sources, preferred)
  const byId = new Map(sources.map(source => [source.id, source]))
  let made = 0
  const visit = (node: DocNode): DocNode => {
    if (node.type === 'citation') {
      const data = node.attrs?.data as CitationData | undefined
      const found = data && !data.items.length ? reader.read(data.words?.after ?? '') : undefined
      if (!found) return node
      made++
      return { ...node, attrs: { ...node.attrs, data: found } }
    }
    if (!node.content) return node
    const content: DocNode[] = []
    for (const child of node.content.map(visit)) {
      const said = child.type === 'citation' && saidBefore(content, child, byId)
      if (!said) { content.push(child); continue }
      // Who is named in the sentence is set by the citation there, as each style names them.
      const [before] = content.splice(-said.nodes)
      if (said.rest) content.push({ ...before!, text: said.rest })
      content.push({ ...child, attrs: { ...child.attrs, data: { ...(child.attrs!.data as CitationData), form: 'narrative' } } })
    }
    return { ...node, content }
  }
  return { doc: visit(doc), made }
}

/**
 * "As Okonjo⁵ found", "As Okonjo *et al.*⁵ found": the words before a note end in the names of the one work that it cites.
 * `rest` is what stands before them in the first of the `nodes` that hold them.
 */
function saidBefore(
  content: readonly DocNode[], note: DocNode, byId: ReadonlyMap<string, Source>,
): { rest: string, nodes: number } | undefined {
  const slanted = /^et al\.? ?$/u.test(content.at(-1)?.text ?? '') && content.at(-1)?.marks?.length === 1
  const before = content.at(slanted ? -2 : -1)
  const data = note.attrs?.data as CitationData | undefined
  const [item, ...others] = data?.items ?? []
  if (before?.type !== 'text' || before.marks?.length || !item || others.length || data?.words || data?.form !== 'parenthetical') return undefined
  const names = (byId.has(item.id) ? leadNames(byId.get(item.id)!) : []).map(surname)
  if (!names.length || item.prefix) return undefined
  const [first, second] = names
  const called = names.length === 1 ? [first!] : names.length === 2 ? [`${first!} and ${second!}`, `${first!} & ${second!}`] : ['et al.', 'and others', 'and colleagues'].map(rest => `${first!} ${rest}`)
  const text = `${before.text ?? ''}${slanted ? 'et al.' : ''}`
  const said = called.find(name => text.endsWith(name) && !/[\p{L}\p{N}’'-]$/u.test(text.slice(0, -name.length)))
  return said === undefined ? undefined : { rest: text.slice(0, -said.length), nodes: slanted ? 2 : 1 }
}
