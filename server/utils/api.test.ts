import { createServer, request } from 'node:http'
import type { AddressInfo } from 'node:net'
import { describe, expect, it } from 'vitest'
import * as z from 'zod'
import { isTooDeep } from '../../core/text/json'
import { readLimited, TooLong } from './body'
import { ApiError, asProblem, bodyLimit, notFound, stale } from './api'

const sqlite = (code: string) => Object.assign(new Error(code), { code })

describe('every error leaves in one shape', () => {
  it.each<[string, unknown, number, string]>([
    ['what is not there', notFound('paper'), 404, 'not-found'],
    ['a stale save', stale({ revision: 2 }), 409, 'stale'],
    ['one of ours', new ApiError(422, { code: 'key-taken', message: 'x', field: 'key' }), 422, 'key-taken'],
    ['what does not parse', z.object({ title: z.string({ error: 'A title, please.' }) }).safeParse({}).error, 422, 'invalid'],
    ['a busy database', sqlite('SQLITE_BUSY'), 503, 'busy'],
    ['a full disk', sqlite('SQLITE_FULL'), 507, 'disk'],
    ['a disk that went away', sqlite('SQLITE_IOERR_WRITE'), 507, 'disk'],
    ['anything else', new Error('secret path /root/x'), 500, 'unexpected'],
  ])('%s', (_, error, status, code) => {
    const answer = asProblem(error)
    expect([answer.status, answer.problem.code]).toEqual([status, code])
    expect(answer.problem.message).not.toContain('secret')
  })
})

it.each([
  ['/api/papers/abc', 25],
  ['/api/papers/abc/snapshots', 25],
  ['/api/papers', 5],
  ['/api/papers/abc/sources/many', 5],
  ['/api/catalogue', 5],
  ['/api/archive', 2048],
  ['/api/archive?sources=take', 2048],
])('%s takes up to %i MB', (path, mb) => expect(bodyLimit(path)).toBe(mb * 1024 * 1024))

describe('what is sent', () => {
  it.each<[string, string, boolean]>([
    ['a paper of nested lists', `${'{"content":['.repeat(60)}${']}'.repeat(60)}`, false],
    ['a thousand levels', `${'['.repeat(1000)}${']'.repeat(1000)}`, true],
    ['brackets in words', `"${'['.repeat(5000)}"`, false],
    ['a quotation mark in words', `"\\"${'['.repeat(5000)}"`, false],
    ['many beside each other', `[${'{},'.repeat(5000)}{}]`, false],
  ])('%s', (_, json, deep) => expect(isTooDeep(json)).toBe(deep))

  it('in pieces without a length is read no further than it may be long', async () => {
    let read = 0
    const server = createServer((req, res) => {
      req.on('data', (chunk: Buffer) => { read += chunk.length })
      readLimited(req, res, 1000).then(text => res.end(text), error => { res.statusCode = error instanceof TooLong ? 413 : 500; res.end() })
    })
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
    const send = (pieces: number) => new Promise<number | undefined>((resolve) => {
      const out = request({ port: (server.address() as AddressInfo).port, method: 'POST' }, (answer) => {
        answer.resume()
        resolve(answer.statusCode)
      })
      out.on('error', () => resolve(undefined))
      const piece = Buffer.alloc(64 * 1024, 'x')
      const write = (left: number): void => { if (!left || out.destroyed) out.end(); else out.write(piece, () => write(left - 1)) }
      if (pieces) write(pieces)
      else out.end('short')
    })
    expect(await send(0)).toBe(200)
    expect([413, undefined]).toContain(await send(2000))
    expect(read).toBeLessThan(8 * 1024 * 1024)
    server.close()
  })
})
