/** A catalogue over HTTP, against a small server that misbehaves in every way it can. */
import { createServer, type RequestListener, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { lookUp, type Outcome } from './index'
import { isPrivate, overHttp } from './over-http'

const RECORD = { type: 'book', title: 'Working the tide', author: [{ family: 'Moss', given: 'Ada' }], issued: { 'date-parts': [[2018]] } }
const WAYS: Record<string, RequestListener> = {
  '/10.5555/book': (asked, answer) => {
    expect(asked.headers.accept).toContain('json')
    answer.end(JSON.stringify(RECORD))
  },
  '/10.5555/list': (_, answer) => { answer.end(JSON.stringify([RECORD])) },
  '/10.5555/none': (_, answer) => { answer.writeHead(404).end('{}') },
  '/10.5555/empty': (_, answer) => { answer.end('[]') },
  '/10.5555/broken': (_, answer) => { answer.writeHead(500).end() },
  '/10.5555/page': (_, answer) => { answer.end('<html>Please log in</html>') },
  '/10.5555/half': (_, answer) => { answer.write('{"type":"book","tit'); answer.destroy() },
  '/10.5555/huge': (_, answer) => {
    const more = () => { if (!answer.destroyed) answer.write('x'.repeat(65_536), () => setImmediate(more)) }
    more()
  },
  '/10.5555/drip': (_, answer) => { const timer = setInterval(() => answer.write(' '), 20); answer.on('close', () => clearInterval(timer)) },
  '/10.5555/silent': () => undefined,
  '/10.5555/sent-on': (_, answer) => { answer.writeHead(302, { location: '/10.5555/book' }).end() },
  '/10.5555/round': (_, answer) => { answer.writeHead(302, { location: '/10.5555/round' }).end() },
  '/10.5555/file': (_, answer) => { answer.writeHead(302, { location: 'file:///etc/passwd' }).end() },
}
let server: Server
let base = ''
beforeAll(async () => {
  server = createServer((asked, answer) => {
    const url = new URL(asked.url!, 'http://x')
    if (url.searchParams.get('isbn') === '9789999901086') { answer.end(JSON.stringify([RECORD])); return }
    if (url.searchParams.get('title') === 'Working the tide') { answer.end(JSON.stringify([{ type: 'book', title: 'Tides' }, RECORD])); return }
    // A title that is called as a way of misbehaving is answered so.
    const asTitle = WAYS[`/10.5555/${url.searchParams.get('title')}`]
    if (asTitle) { asTitle(asked, answer); return }
    const way = WAYS[url.pathname]
    if (way) way(asked, answer)
    else answer.writeHead(404).end()
  })
  await new Promise<void>(listening => server.listen(0, '127.0.0.1', listening))
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => { server.closeAllConnections(); server.close() })

const ask = (value: string, type: 'doi' | 'isbn' | 'title' = 'doi', allowPrivate = true): Promise<Outcome> =>
  lookUp(overHttp(base, { allowPrivate }), { type, value }, 400)

describe('a catalogue over HTTP', () => {
  it.each<[string, string, Outcome['outcome']]>([
    ['a record behind its DOI', '10.5555/book', 'found'],
    ['a list of one', '10.5555/list', 'found'],
    ['a record that lies elsewhere', '10.5555/sent-on', 'found'],
    ['nothing there', '10.5555/none', 'none'],
    ['an empty list', '10.5555/empty', 'none'],
    ['a service that is down', '10.5555/broken', 'down'],
    ['a page in the place of a record', '10.5555/page', 'nonsense'],
    ['an answer that breaks off', '10.5555/half', 'down'],
    ['an answer without end', '10.5555/huge', 'down'],
    ['an answer drop by drop', '10.5555/drip', 'slow'],
    ['no answer', '10.5555/silent', 'slow'],
    ['sent round and round', '10.5555/round', 'down'],
    ['sent to a file', '10.5555/file', 'down'],
  ])('%s', async (_, doi, outcome) => {
    const answer = await ask(doi)
    expect(answer.outcome).toBe(outcome)
    if (answer.outcome === 'found') expect(answer.proposal.fields).toMatchObject({ title: 'Working the tide', doi })
    else expect(answer.says).toContain(doi)
  })
  it('an ISBN is asked for', async () => expect((await ask('9789999901086', 'isbn')).outcome).toBe('found'))
  it('a title is asked for, and of what comes the one that agrees is taken', async () => {
    expect(await ask('Working the tide', 'title')).toMatchObject({ outcome: 'found', proposal: { fields: { title: 'Working the tide' } } })
    expect((await ask('Nobody wrote this', 'title')).outcome).toBe('none')
    for (const [title, outcome] of [['page', 'nonsense'], ['half', 'down'], ['huge', 'down'], ['silent', 'slow'], ['broken', 'down']] as const)
      expect([title, (await ask(title, 'title')).outcome]).toEqual([title, outcome])
  })
  it('its own network is not asked unless that is said', async () => expect((await ask('10.5555/book', 'doi', false)).outcome).toBe('down'))
  it('nor by a name that leads there', async () => {
    const named = overHttp(base.replace('127.0.0.1', 'localhost'))
    expect((await lookUp(named, { type: 'doi', value: '10.5555/book' }, 400)).outcome).toBe('down')
  })
  it.each(['127.0.0.1', '10.1.2.3', '172.20.0.1', '192.168.1.1', '169.254.169.254', '100.64.0.9', '0.0.0.0', '::1', 'fd00::1', 'fe80::1', '::ffff:10.0.0.1', 'not an address'])(
    '%s is of this network', address => expect(isPrivate(address)).toBe(true))
  it.each(['93.184.216.34', '172.32.0.1', '2606:2800:220:1::1'])('%s is not', address => expect(isPrivate(address)).toBe(false))
})
