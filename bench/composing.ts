/**
 * What composing costs: every form of many sources against parsing their JSON; a large paper whole, after one more
 * citation, after a letter, in another style; what it holds in memory.
 */
import { execFileSync } from 'node:child_process'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import { compose, composeAlone, Composer, type Citation, type Paper } from '../core/compose/compose'
import { runJob } from '../core/intake/job'
import { fromCsl } from '../core/source/csl'
import type { Source } from '../core/source/model'
import { STYLES, type Style } from '../core/styles'
import { least, ms, trial, type Trial } from './median'
import { mixed } from './mixed'

const MANY = 10_000
let salt = 1
/** Sources that no run has seen: neither their fields nor their titles. */
const fresh = (many: number): Source[] => mixed(many, MANY * salt++).map(fromCsl)

const forms = (style: Style) => (sources: readonly Source[]) => { for (const source of sources) composeAlone(style, source) }

/** @param styles the ids of those to measure; all where none is named */
export function composing(styles: readonly string[] = []) {
  const text = JSON.stringify(mixed(MANY))
  const parsing = trial(() => JSON.parse(text) as unknown)
  console.log(
    `${MANY.toLocaleString('en')} mixed sources, ${(text.length / 1e6).toFixed(1)} MB of JSON, parsed in ${ms(least(9, parsing)[0]!)}; least of several runs in turn`,
  )
  console.log('style                     every form of each / JSON.parse   growth x4   through the command / JSON.parse')
  const wanted = STYLES.filter(style => !styles.length || styles.includes(style.id))
  for (const style of wanted) {
    const [parse, all, quarter, command] = least(
      4,
      parsing,
      { make: () => fresh(MANY), run: forms(style) },
      { make: () => fresh(MANY / 4), run: forms(style) },
      {
        make: () => JSON.stringify({ style: style.id, sources: mixed(MANY, MANY * salt++) }),
        run: (job) => JSON.stringify(runJob(JSON.parse(job)).result, null, 2),
      },
    ) as [number, number, number, number]
    console.log(
      `${style.id.padEnd(24)}  ${(all / parse).toFixed(1).padStart(32)}   ${(all / quarter).toFixed(1).padStart(9)}   ${(command / parse).toFixed(1).padStart(33)}`,
    )
  }
  cold(wanted[0]!)
  if (styles.length) return
  papers()
  memory()
}

/** What people run: the command in a process of its own, started cold, against parsing the same text warm. */
function cold(style: Style) {
  const text = JSON.stringify({ style: style.id, sources: mixed(MANY, MANY * salt++) })
  const command = () => execFileSync(process.execPath, ['bin/dendle.mjs', 'cite'], { input: text, maxBuffer: 1e9 })
  command()
  const [parse, run] = least(5, trial(() => JSON.parse(text) as unknown), trial(command)) as [number, number]
  console.log(`the command, cold, ${MANY.toLocaleString('en')} sources in ${style.id}: ${ms(run)}, ${(run / parse).toFixed(1)} × JSON.parse`)
}

const WORKS = 600
const CITED = 1500

/** A paper of many sources and citations, a fifth of them of several works. */
function paper(): { sources: Source[], paper: Paper } {
  const sources = fresh(WORKS)
  const citations = Array.from({ length: CITED }, (_, i): Citation => {
    const at = (n: number) => `s${(i * 13 + n * 7) % WORKS}`
    return { items: [{ id: at(0), locator: { label: 'page', place: String(i + 1) } }, ...(i % 5 ? [] : [{ id: at(1) }])] }
  })
  return { sources, paper: { citations } }
}

type Made = ReturnType<typeof paper>
/** A paper composed, and then another state of it. */
const change = (
  style: Style,
  after: (made: Made) => [readonly Source[], Paper],
  from = style,
): Trial<{ composer: Composer, now: [readonly Source[], Paper] }> => ({
  make: () => {
    const made = paper()
    const composer = new Composer()
    composer.compose(from, made.sources, made.paper)
    return { composer, now: after(made) }
  },
  run: ({ composer, now: [sources, paper] }) => composer.compose(style, sources, paper),
})

function papers() {
  console.log(`\na paper of ${WORKS} sources and ${CITED.toLocaleString('en')} citations; shares of composing it whole`)
  console.log('style                     whole       one more citation   a letter   one source changed   into this style')
  for (const style of STYLES) {
    const other = STYLES[(STYLES.indexOf(style) + 1) % STYLES.length]!
    const [whole, more, letter, source, into] = least(
      8,
      { make: paper, run: ({ sources, paper }: Made) => compose(style, sources, paper) },
      change(style, ({ sources, paper: { citations } }) => [
        sources,
        { citations: [...citations.slice(0, 700), { items: [{ id: 's3' }] }, ...citations.slice(700)] },
      ]),
      change(style, ({ sources, paper }) => [sources, { ...paper, citations: [...paper.citations] }]),
      change(style, ({ sources, paper }) => [
        sources.map((one, i) => (i === 30 ? { ...one, fields: { ...one.fields, title: 'Another Title' } } : one)),
        paper,
      ]),
      change(style, ({ sources, paper }) => [sources, paper], other),
    ) as [number, number, number, number, number]
    const part = (time: number) => `1/${Math.round(whole / time)}`
    console.log(
      `${style.id.padEnd(24)}  ${ms(whole).padStart(9)}   ${part(more).padStart(18)}   ${part(letter).padStart(8)}   ${part(source).padStart(18)}   ${(into / whole).toFixed(2).padStart(15)}`,
    )
  }
}

function memory() {
  setFlagsFromString('--expose-gc')
  const collect = runInNewContext('gc') as () => void
  const used = () => { collect(); return process.memoryUsage().heapUsed }
  const style = STYLES[0]!
  const before = used()
  const sources = fresh(MANY)
  const read = used()
  const held = sources.map(source => composeAlone(style, source))
  const composed = used()
  console.log(
    `\nmemory: ${MANY.toLocaleString('en')} sources ${((read - before) / 1e6).toFixed(0)} MB, every form of each in ${style.id} ${((composed - read) / 1e6).toFixed(0)} MB more (${held.length} held)`,
  )
}
