// How long a save waits while five large papers are being written and packed: p50 and p99 in milliseconds, alone and beside
// them, and what memory the server takes at most. `node bench/saving.mjs [seconds]`
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, say, serve } from '../scripts/env.mjs'

const SECONDS = Number(process.argv[2] ?? 10)
build()
const data = join(mkdtempSync(join(tmpdir(), 'dendle-saving-')), 'dendle.sqlite')
const port = 4394
const { child, ready } = await serve({ port, data, quiet: true })
if (!ready) process.exit(1)
process.on('exit', () => child.kill())
const base = `http://127.0.0.1:${port}`
const send = async (method, path, body) => {
  const answer = await fetch(base + path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`)
  return answer.json()
}
// A paper of 90,000 words with sources cited, as large as papers are; and six pictures' worth of letters that do not pack.
let n = 1
const word = () => { n = (n * 48_271) % 2_147_483_647; return n.toString(36) }
const paragraph = i => ({ type: 'paragraph', content: [{ type: 'text', text: `${Array.from({ length: 90 }, word).join(' ')} ${i}.` }] })
async function large(title) {
  const { id } = await send('POST', '/api/papers', { title, style: 'apa-7' })
  await send('PATCH', `/api/papers/${id}`, { revision: 1, body: { type: 'doc', content: Array.from({ length: 1000 }, (_, i) => paragraph(i)) } })
  return id
}
const papers = []
for (let i = 0; i < 5; i++) papers.push(await large(`Large ${i}`))
const writers = []
for (let i = 0; i < 10; i++) writers.push({ id: (await send('POST', '/api/papers', { title: `Writer ${i}`, style: 'apa-7' })).id, revision: 1 })

const memory = () => Number(/VmHWM:\s+(\d+)/u.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))?.[1] ?? 0) / 1024
/** Each writer saves a letter two times a second, as people do, until it is over. */
async function saves(over) {
  const took = []
  await Promise.all(writers.map(async (writer, i) => {
    await new Promise(resolve => setTimeout(resolve, i * 50))
    while (!over()) {
      const from = performance.now()
      writer.revision = (await send('PATCH', `/api/papers/${writer.id}`, { revision: writer.revision, title: `Writer ${writer.revision}` })).revision
      took.push(performance.now() - from)
      await new Promise(resolve => setTimeout(resolve, 450))
    }
  }))
  took.sort((a, b) => a - b)
  const at = share => Math.round(took[Math.min(took.length - 1, Math.floor(took.length * share))])
  return `${took.length} saves, p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, longest ${at(1)} ms`
}
const until = Date.now() + SECONDS * 1000
say(`Alone:             ${await saves(() => Date.now() > until)}`)
let done = false
const from = Date.now()
const exports = Promise.all(papers.map(async (id, i) => {
  const way = ['pdf', 'docx', 'zip', 'odt', 'zip'][i]
  const answer = await fetch(`${base}/api/papers/${id}/take/${way}`)
  if (!answer.ok) throw new Error(`${way}: ${answer.status}`)
  return (await answer.arrayBuffer()).byteLength
})).then((sizes) => { done = true; return sizes })
say(`With five exports: ${await saves(() => done)}`)
say(`The exports took ${((Date.now() - from) / 1000).toFixed(1)} s; ${(await exports).map(size => `${(size / 1e6).toFixed(1)} MB`).join(', ')}. The server took ${memory().toFixed(0)} MB of memory at most.`)
child.kill()
process.exit(0)
