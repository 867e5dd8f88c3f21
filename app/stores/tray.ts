/**
 * The tray: what came in and is not yet taken. It reads, looks up, finds what the paper has already, and takes, merges or
 * drops; each of these is one step that can be undone. What lies in it is kept in this browser.
 */
import { computed, ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { del, get, set } from 'idb-keyval'
import { proxy } from 'comlink'
import { FORM_WORDS } from '~~/core/intake/detect'
import { readIdentifiers, type Identifier } from '~~/core/intake/identifiers'
import type { Problem, Proposal } from '~~/core/intake/proposal'
import { Duplicates, type SameBy } from '~~/core/source/duplicates'
import { compareFields, mergeFields } from '~~/core/source/merging'
import type { FieldName } from '~~/core/source/fields'
import type { KindId } from '~~/core/source/kinds'
import { count } from '~/utils/words'
import { startTask } from '~/workers/start'
import type { Given, ReadBack } from '~/workers/intake.worker'
import { within } from '~/workers/within'
import { ask, askEach, type Question, type Refusal } from './asking'
import { useNotices } from './notices'
import { usePaper } from './paper'
import { useSources, type PaperSource } from './sources'
import { useShelf } from './shelf'
import { useUndo } from './undo'

export interface TrayItem {
  id: string
  proposal: Proposal
  /** The source of this paper that it repeats, and by what. */
  same?: { id: string, by: SameBy }
  /** An earlier item of the tray that it repeats. */
  twin?: { id: string, by: SameBy }
  /** What the catalogue has under its title, beside what was typed. */
  found?: Proposal
}
/** What is being taken in: each item of the tray with the id that its source has, so that it can be gone on with. */
type Taking = { item: string, source: string }[]
interface Kept { items: TrayItem[], problems: Problem[], taking?: Taking }

export const useTray = defineStore('tray', () => {
  const paper = usePaper()
  const owned = useSources()
  const shelf = useShelf()
  const undo = useUndo()
  const items = shallowRef<TrayItem[]>([])
  const problems = shallowRef<Problem[]>([])
  /** What is being done, in words, and how far it is from 0 to 1. */
  const doing = ref<{ says: string, done: number } | undefined>()
  let next = 1
  let cancel: (() => void) | undefined

  const fresh = computed(() => items.value.filter(item => !item.same && !item.twin))
  /** The paper whose tray this is. */
  let paperId = ''
  let taking: Taking | undefined
  const home = (id = paperId) => `dendle-tray:${id}`
  let keeping: Promise<void> = Promise.resolve()
  function keep() {
    const place = home()
    const kept: Kept = { items: items.value, problems: problems.value, ...(taking ? { taking } : {}) }
    const write = () => set(place, kept).catch(() => set(place, JSON.parse(JSON.stringify(kept)) as Kept))
    // One behind the other: a slow earlier one must not stand over a later.
    keeping = keeping
      .then(() => (kept.items.length || kept.problems.length ? write() : del(place)))
      .catch(() => useNotices().say('This browser keeps nothing, so the tray will be gone when this page is loaded again. Take what is in it now.', { bad: true }))
  }
  async function open() {
    const id = paper.paper?.id ?? ''
    // What lies here, or is being read or taken in, is this paper's already.
    if (id === paperId) { compare(); return }
    cancel?.()
    paperId = id
    items.value = []
    problems.value = []
    doing.value = undefined
    taking = undefined
    const kept = await get<Kept>(home(id)).catch(() => undefined)
    if (!kept || paperId !== id) return
    // What came in while the browser was asked stands behind it.
    const later = items.value
    next = Math.max(0, ...kept.items.map(item => Number(item.id))) + 1
    items.value = [...kept.items, ...later.map(item => ({ ...item, id: String(next++) }))]
    problems.value = [...kept.problems, ...problems.value]
    compare()
    // It was begun in a page that is gone: it is gone on with.
    if (kept.taking?.length) await take(kept.taking)
  }

  /** Finds again what the paper has already: after anything came in, or a source changed. */
  function compare() {
    const known = new Duplicates(owned.sources)
    const here = new Duplicates<Proposal>()
    const idOf = new Map<Proposal, string>()
    items.value = items.value.map(({ id, proposal, found }) => {
      const same = known.find(proposal)
      const twin = same ? undefined : here.find(proposal)
      here.add(proposal)
      idOf.set(proposal, id)
      return {
        id,
        proposal,
        ...(found ? { found } : {}),
        ...(same ? { same: { id: same.source.id, by: same.by } } : {}),
        ...(twin ? { twin: { id: idOf.get(twin.source)!, by: twin.by } } : {}),
      }
    })
  }
  function lay(proposals: readonly Proposal[], wrong: readonly Problem[]) {
    items.value = [...items.value, ...proposals.map(proposal => ({ id: String(next++), proposal }))]
    problems.value = [...problems.value, ...wrong]
    compare()
    keep()
  }

  /** In the tray of a paper that is not open now. */
  async function layElsewhere(of: string, proposals: readonly Proposal[], wrong: readonly Problem[]) {
    if (!proposals.length && !wrong.length) return
    const kept = await get<Kept>(home(of)).catch(() => undefined) ?? { items: [], problems: [] }
    const last = Math.max(0, ...kept.items.map(item => Number(item.id)))
    const items = [...kept.items, ...proposals.map((proposal, i) => ({ id: String(last + 1 + i), proposal }))]
    await set(home(of), { ...kept, items, problems: [...kept.problems, ...wrong] })
  }

  // Coming in --------------------------------------------------------------------------------------------------------

  /** Takes anything: text, rich text, a file's bytes. Returns what it was, or undefined when it was given up. */
  async function takeIn(given: Given): Promise<ReadBack['form'] | undefined> {
    // From Write or Compare as well: it is this paper's tray, with what lies in it.
    await open()
    if (!given.bytes && given.text !== undefined && given.text.length < 20_000) {
      const identifiers = readIdentifiers(given.text)
      if (identifiers) { await lookUp(identifiers); return 'identifiers' }
    }
    const { thread: worker, remote } = startTask('intake')
    const name = given.name ?? 'what was pasted'
    doing.value = { says: `Reading ${name}`, done: 0 }
    try {
      const read = await Promise.race([
        within(remote.read(given, proxy((done: number) => { if (doing.value) doing.value = { ...doing.value, done } }))),
        new Promise<undefined>((resolve) => { cancel = () => resolve(undefined) }),
      ])
      if (!read) { useNotices().say(`${name} was given up; nothing of it was taken.`); return undefined }
      const named = given.name ? read.problems.map(problem => ({ ...problem, where: `${given.name}, ${problem.where}` })) : read.problems
      if (read.form === 'identifiers') { await lookUp(readIdentifiers(read.text ?? '') ?? []); return 'identifiers' }
      if (read.form === 'title') {
        if (given.name)
          lay(
            [],
            [
              {
                where: given.name,
                what: 'nothing in it could be read as sources. Dendle reads .bib, .ris, .json, .html, .pdf, .docx and lists of references.',
              },
            ],
          )
        return 'title'
      }
      lay(
        read.proposals,
        !read.proposals.length && !named.length
          ? [
              {
                where: name,
                what: `no source was found in it${read.form in FORM_WORDS ? `, though it looks like ${FORM_WORDS[read.form as keyof typeof FORM_WORDS]}` : ''}.`,
              },
            ]
          : named,
      )
      if (read.form === 'pdf') await beside(read.proposals)
      return read.form
    }
    catch (error) {
      lay([], [{ where: name, what: `could not be read (${(error as Error).message}). Nothing of it was taken.` }])
      return undefined
    }
    finally {
      worker.terminate()
      doing.value = undefined
      cancel = undefined
    }
  }

  /** Asks the catalogue about each of several; given up, there are the answers that had come until then. */
  async function asking<T>(asked: readonly T[], says: string, question: (one: T) => Question) {
    const of = paperId
    let going = true
    const given = new Promise<void>((resolve) => { cancel = () => { going = false; resolve() } })
    doing.value = { says, done: 0 }
    const answers = await askEach(asked.map(question), given, (done) => { if (going) doing.value = { says, done } })
    if (!going) useNotices().say('Given up. What had been found until then lies in the tray.')
    // Another paper's tray is open by now: what it does is its own.
    if (paperId !== of) return answers
    doing.value = undefined
    cancel = undefined
    return answers
  }
  /** Looks identifiers up; what is not found is named. */
  async function lookUp(identifiers: readonly Identifier[]) {
    const of = paperId
    const says = identifiers.length === 1 ? `Looking up ${identifiers[0]!.value}` : `Looking up ${count(identifiers.length, 'identifier')}`
    const answers = (await asking(identifiers, says, one => one)).filter(answer => answer !== undefined)
    const found = answers.filter(answer => 'kind' in answer)
    const wrong = answers.filter((answer): answer is Refusal => 'outcome' in answer).map(({ where, what }) => ({ where, what }))
    if (paperId === of) lay(found, wrong)
    else await layElsewhere(of, found, wrong)
  }
  /** A title that says something. */
  const SHORTEST = 3
  /** What was typed or pasted without an identifier, and has a title to be looked up by. */
  const unconfirmed = computed(() => items.value.filter(({ proposal: { fields, from }, found, same }) =>
    !found && !same && (fields.title?.trim().length ?? 0) >= SHORTEST && !fields.doi && !fields.isbn && from.title?.by !== 'catalogue'))
  /** Looks a pasted list up by its titles: what the catalogue has lies beside what was typed, and changes nothing in it. */
  async function lookUpTitles() {
    const asked = unconfirmed.value
    const of = paperId
    const answers = await asking(asked, `Looking up ${count(asked.length, 'title')}`, ({ proposal: { fields } }) => {
      const first = (fields.author ?? fields.editor)?.[0]
      const family = first?.family ?? first?.literal
      const year = fields.issued?.start?.year
      return { type: 'title', value: fields.title!.slice(0, 2000), ...(family ? { family: family.slice(0, 200) } : {}), ...(year ? { year } : {}) }
    })
    if (paperId !== of) return
    const found = new Map(asked.flatMap((item, i) => { const answer = answers[i]; return answer && 'kind' in answer ? [[item.id, answer] as const] : [] }))
    items.value = items.value.map(item => (found.has(item.id) ? { ...item, found: found.get(item.id)! } : item))
    keep()
    // That one is not in it is no news of each; that it could not be asked is.
    const down = answers.find(answer => answer && 'outcome' in answer && answer.outcome !== 'none')
    if (down && 'what' in down) useNotices().say(down.what, { bad: true })
    else if (asked.length)
      useNotices().say(found.size
        ? `The catalogue has ${found.size === asked.length ? 'all' : `${found.size} of`} ${count(asked.length, 'title')}. What it says otherwise stands beside each.`
        : `The catalogue has none of ${count(asked.length, 'title')}. They stay as they were typed.`)
  }
  /** Takes into an item what only the catalogue has, and its word where that is chosen; one step. */
  function takeFound({ id, proposal, found }: TrayItem, take: ReadonlySet<FieldName>) {
    if (!found) return
    const fields = mergeFields(proposal.fields, found.fields, take)
    const changed = (Object.keys(fields) as FieldName[]).filter(name => fields[name] !== proposal.fields[name])
    const from = { ...proposal.from, ...Object.fromEntries(changed.map(name => [name, found.from[name]])) }
    const put = (now: Proposal, beside: Proposal | undefined) => {
      items.value = items.value.map(item => (item.id === id ? { id, proposal: now, ...(beside ? { found: beside } : {}) } : item))
      compare()
      keep()
    }
    // Doubts are of what was typed: they go where none of it stands against the catalogue.
    const doubts = compareFields(fields, found.fields).differ.some(one => !one.lightly) ? proposal.doubts : []
    put({ ...proposal, fields, from, doubts }, undefined)
    undo.did('Taken from the catalogue.', async () => put(proposal, found))
  }
  /** A PDF that names its DOI is looked up: what the catalogue says lies beside what was read. */
  async function beside(read: readonly Proposal[]) {
    const dois = read.map(proposal => proposal.fields.doi).filter(doi => doi !== undefined)
    for (const doi of dois) {
      const answer = await ask({ type: 'doi', value: doi })
      if (!('kind' in answer)) continue
      items.value = items.value.map((item) =>
        item.proposal.fields.doi === doi && item.proposal.from.doi?.by !== 'catalogue'
          ? {
              ...item,
              proposal: {
                ...item.proposal,
                kind: answer.kind,
                fields: { ...item.proposal.fields, ...answer.fields },
                from: { ...item.proposal.from, ...answer.from },
                doubts: [],
              },
            }
          : item,
      )
    }
    compare()
    keep()
  }

  // Going out --------------------------------------------------------------------------------------------------------

  const leave = (ids: ReadonlySet<string>) => {
    items.value = items.value.filter(item => !ids.has(item.id))
    if (!items.value.length && !problems.value.length) doing.value = undefined
    compare()
    keep()
  }
  const putBack = (gone: readonly TrayItem[]) => {
    items.value = [...items.value, ...gone].sort((a, b) => Number(a.id) - Number(b.id))
    compare()
    keep()
  }
  const asNew = ({ proposal: { kind, fields, origin, key, original } }: TrayItem) => {
    const custom = original ? { custom: { ...(origin?.custom as object | undefined), original } } : {}
    const plainKey = key?.toLowerCase().replace(/[^a-z0-9]+/gu, '-').replace(/^-+|-+$/gu, '').slice(0, 60)
    return { kind, fields, ...(plainKey ? { key: plainKey } : {}), ...(origin || original ? { origin: { ...origin, ...custom } } : {}) }
  }

  /** Takes items into the paper, as one step. */
  const accept = (ids: readonly string[]): Promise<PaperSource[]> => {
    const wanted = new Set(ids)
    return take(items.value.filter(item => wanted.has(item.id)).map(({ id }) => ({ item: id, source: crypto.randomUUID() })))
  }
  async function take(given: Taking): Promise<PaperSource[]> {
    const sourceOf = new Map(given.map(one => [one.item, one.source]))
    const taken = items.value.filter(item => sourceOf.has(item.id))
    if (!taken.length) { taking = undefined; keep(); return [] }
    const of = paperId
    let going = true
    cancel = () => { going = false }
    if (taken.length > 400) doing.value = { says: `Taking in ${count(taken.length, 'source')}`, done: 0 }
    // Kept before the first is sent: a page that is loaded again goes on with the same.
    taking = given
    keep()
    let added: PaperSource[] = []
    try {
      added = await shelf.add(taken.map(item => ({ ...asNew(item), id: sourceOf.get(item.id)! })), (done) => {
        if (doing.value) doing.value = { ...doing.value, done: done / taken.length }
        return going
      })
    }
    finally {
      if (paperId === of) {
        doing.value = undefined
        cancel = undefined
        taking = undefined
        keep()
      }
    }
    const gone = taken.slice(0, added.length)
    const goneIds = new Set(gone.map(item => item.id))
    if (paperId !== of) {
      // Another paper is open by now: what was taken leaves the tray of its own.
      const kept = await get<Kept>(home(of)).catch(() => undefined)
      if (kept) await set(home(of), { items: kept.items.filter(item => !goneIds.has(item.id)), problems: kept.problems })
      useNotices().say(`${count(added.length, 'source')} were taken into the paper you were in.`)
      return added
    }
    leave(goneIds)
    const idsIn = added.map(source => source.id)
    undo.did(`${count(added.length, 'source')} taken in.`, async () => { await shelf.letGo(idsIn); putBack(gone) })
    return added
  }
  const acceptAll = () => accept(fresh.value.map(item => item.id))
  function drop(ids: readonly string[]) {
    const wanted = new Set(ids)
    const gone = items.value.filter(item => wanted.has(item.id))
    leave(wanted)
    undo.did(`${count(gone.length, 'source')} dropped from the tray.`, async () => putBack(gone), 'Put back')
  }
  /** Joins an item to the source it repeats: what only the item has, and its word in the fields taken. */
  async function mergeInto(item: TrayItem, source: PaperSource, take: ReadonlySet<FieldName>) {
    const before = { kind: source.kind, fields: source.fields }
    owned.changeSource(source.id, { fields: mergeFields(source.fields, item.proposal.fields, take) })
    leave(new Set([item.id]))
    undo.did('Merged with the source you have.', async () => { owned.changeSource(source.id, before); putBack([item]) })
  }
  const changeKind = (id: string, kind: KindId) => {
    items.value = items.value.map((item) =>
      item.id === id
        ? { ...item, proposal: { ...item.proposal, kind, from: { ...item.proposal.from, kind: { by: 'read', says: 'your choice' } } } }
        : item,
    )
    keep()
  }
  const clearProblems = () => { problems.value = []; keep() }
  const stop = () => cancel?.()

  return {
    items,
    problems,
    doing,
    fresh,
    open,
    takeIn,
    lookUp,
    unconfirmed,
    lookUpTitles,
    takeFound,
    accept,
    acceptAll,
    drop,
    mergeInto,
    changeKind,
    clearProblems,
    compare,
    stop,
  }
})
