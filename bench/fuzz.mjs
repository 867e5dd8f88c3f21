// What a server says to whatever is sent: every route, with bodies of which one thing is other than it should be. Nothing
// may be answered by 500. `node bench/fuzz.mjs [requests] [seed]`; the browser tests do some hundreds.
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build, run, say, serve } from '../scripts/env.mjs'

/** A repeatable draw (mulberry32). */
function drawn(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6D2B79F5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}
const deep = n => (n ? { type: 'blockquote', content: [deep(n - 1)] } : { type: 'paragraph' })
const ODD = [
  null, true, 0, -1, 1.5, 1e308, 9e15, '', ' ', 'x', '\u0000', '\uD800', '💥', '__proto__', 'constructor', '../../etc/passwd', '<script>',
  'a'.repeat(70), 'a'.repeat(30_000), [], [[]], {}, [null], { a: 1 }, { constructor: 1 }, { toString: 'x' }, JSON.parse('{"__proto__":{"a":1}}'),
  '2021-13-45', 'javascript:alert(1)', 'data:image/png;base64,AAAA', deep(80), Array.from({ length: 300 }, () => 'x'),
]
const ODD_IDS = ODD.filter(one => typeof one === 'string' && one.length < 80 && !/\p{Surrogate}/u.test(one))
const paragraph = text => ({ type: 'paragraph', content: [{ type: 'text', text }] })
const cell = { type: 'tableCell', attrs: { colspan: 1, rowspan: 1 }, content: [paragraph('x')] }
const BODY = {
  type: 'doc',
  content: [
    { type: 'heading', attrs: { level: 1 }, content: [{ type: 'text', text: 'Mud' }] },
    { type: 'paragraph', content: [{ type: 'text', text: 'It silts.', marks: [{ type: 'italic' }, { type: 'link', attrs: { href: 'https://a.example' } }] }, { type: 'citation', attrs: { id: 'c1', data: { items: [{ id: 's', locator: { label: 'page', place: '4' } }], form: 'parenthetical', words: { after: 'x' } } } }] },
    { type: 'table', attrs: { title: 'T', credit: '', from: '' }, content: [{ type: 'tableRow', content: [cell, cell] }] },
    { type: 'figure', attrs: { src: 'data:image/png;base64,iVBORw0KGgo=', alt: 'x', credit: '', from: '' }, content: [{ type: 'text', text: 'A gate' }] },
    { type: 'orderedList', attrs: { start: 2 }, content: [{ type: 'listItem', content: [paragraph('x')] }] },
    { type: 'verse', content: [{ type: 'text', text: 'x' }, { type: 'hardBreak' }] }, { type: 'pageBreak' },
  ],
}
const FIELDS = { title: 'Tide', author: [{ family: 'Moss', given: 'Ada' }], issued: { start: { year: 2020, month: 2 } }, container: 'Mud', volume: '4', doi: '10.5555/x', url: 'https://a.example' }

/** Sends so many requests. @returns how many of each status, and the first few that were answered by 500 or more */
export async function fuzz(base, count, seed = 1) {
  const next = drawn(seed)
  const pick = list => list[Math.floor(next() * list.length)]
  const json = async (method, path, body) => (await fetch(base + path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })).json()
  const paper = await json('POST', '/api/papers', { title: 'Fuzz', style: 'apa-7' })
  const source = await json('POST', `/api/papers/${paper.id}/sources`, { kind: 'book', fields: { title: 'Tide' } })
  const passage = await json('POST', `/api/papers/${paper.id}/passages`, { sourceId: source.id, form: 'quotation', words: 'x' })
  const at = `/api/papers/${paper.id}`
  const revision = async () => (await (await fetch(base + at)).json()).paper?.revision ?? 1
  const ROUTES = [
    ['GET', '/api/papers'], ['GET', at], ['GET', '/api/sources'], ['GET', '/api/styles'], ['GET', `/api/sources/${source.id}`], ['GET', `${at}/snapshots`],
    ['POST', '/api/papers', { title: 'Fuzz', style: 'apa-7', sort: 'paper' }],
    ['PATCH', at, { revision: 1, by: 'w', save: 's', title: 'Fuzz', style: 'mla-9', details: { writer: 'Ada', course: 'x' }, left: ['x'], body: BODY }],
    ['PATCH', at, { revision: 1, blocks: { from: 0, to: 1, of: 1, blocks: BODY.content } }],
    ['POST', `${at}/snapshots`, { reason: 'x', title: 'x', body: BODY }],
    ['POST', `${at}/sources`, { kind: 'book', fields: FIELDS, key: 'x', origin: { a: 1 } }],
    ['POST', `${at}/sources/many`, { sources: [{ kind: 'book', fields: FIELDS }, { kind: 'web-page', fields: FIELDS }] }],
    ['POST', `${at}/sources/use`, { ids: [source.id] }], ['POST', `${at}/sources/drop`, { ids: [source.id] }],
    ['POST', `${at}/sources/merge`, { keep: source.id, drop: 'x', revision: 1, kind: 'book', fields: FIELDS }],
    ['PATCH', `${at}/sources/${source.id}`, { revision: 1, key: 'x', listed: true, leftOut: false, annotation: 'x', division: 'x' }],
    ['PATCH', `/api/sources/${source.id}`, { revision: 1, kind: 'book', fields: FIELDS, parked: FIELDS, settled: ['x'] }],
    ['POST', `${at}/passages`, { sourceId: source.id, form: 'quotation', words: 'x', original: 'x', locator: '4', comment: 'x', tags: ['x'] }],
    ['PATCH', `/api/passages/${passage.id}`, { revision: 1, form: 'summary', words: 'x', tags: ['x'] }],
    ['POST', '/api/passages/move', { ids: [passage.id], sourceId: source.id }],
    ['POST', '/api/catalogue', { type: 'doi', value: '10.5555/x' }],
    ['GET', `${at}/take/html`], ['GET', `${at}/take/docx`], ['GET', `${at}/take/tex`], ['GET', `${at}/take/md`], ['GET', `${at}/take/txt`],
    ['POST', '/api/archive', 'PK'], ['GET', '/api/archive/progress?job=x'], ['GET', '/faces/tinos/x.ttf'],
  ]
  /** A copy with one thing replaced, taken out or added, wherever it is. */
  function spoilt(value) {
    const copy = JSON.parse(JSON.stringify(value))
    let here = copy
    for (;;) {
      const keys = Object.keys(here)
      const key = pick(keys)
      if (key === undefined) return copy
      if (typeof here[key] === 'object' && here[key] !== null && next() < 0.75) { here = here[key]; continue }
      if (next() < 0.15) delete here[key]
      else if (next() < 0.1) here[pick(['x', '__proto__x', 'constructor'])] = pick(ODD)
      else here[key] = pick(ODD)
      return copy
    }
  }
  const statuses = new Map()
  const bad = []
  for (let i = 0; i < count; i++) {
    let [method, path, body] = pick(ROUTES)
    if (next() < 0.1) path = path.replace(/[0-9a-f-]{36}/u, () => encodeURIComponent(pick(ODD_IDS) || 'x'))
    if (next() < 0.05) path += `?style=${encodeURIComponent(pick(['x', 'mla-9', '__proto__']))}&day=x`
    let sent
    if (body !== undefined && typeof body !== 'string') {
      if ('revision' in body && next() < 0.7) body = { ...body, revision: await revision() }
      sent = next() < 0.04 ? pick(['', '{', 'null', '[]', '"x"', '{"a":'.repeat(400) + '1' + '}'.repeat(400)]) : JSON.stringify(next() < 0.1 ? body : spoilt(body))
    }
    else sent = body
    const headers = { 'content-type': next() < 0.03 ? 'text/plain' : 'application/json' }
    const request = { method, headers, ...(sent === undefined ? {} : { body: sent }) }
    const answer = await fetch(base + path, request).catch(error => ({ status: 599, text: async () => String(error) }))
    const text = await answer.text()
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1)
    if (answer.status >= 500 && bad.length < 20) bad.push(`${method} ${path} ${String(sent).slice(0, 300)} → ${answer.status} ${text.slice(0, 200)}`)
  }
  return { statuses: Object.fromEntries([...statuses].sort()), bad }
}

if (process.argv[1] && resolve(process.argv[1]) === fileURLToPath(import.meta.url)) {
  build()
  const data = join(mkdtempSync(join(tmpdir(), 'dendle-fuzz-')), 'dendle.sqlite')
  run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
  process.env.DENDLE_CATALOGUE_LIMIT = '300'
  const { child, ready } = await serve({ port: 4395, data, quiet: true })
  if (!ready) process.exit(1)
  const { statuses, bad } = await fuzz('http://127.0.0.1:4395', Number(process.argv[2] ?? 6000), Number(process.argv[3] ?? 1))
  say(JSON.stringify(statuses))
  bad.forEach(one => say(one))
  child.kill()
  process.exit(bad.length ? 1 : 0)
}
