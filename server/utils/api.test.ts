import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { ApiError, asProblem, bodyLimit, notFound, stale } from './api'

const sqlite = (code: string) => Object.assign(new Error(code), { code })

describe('every error leaves in one shape', () => {
  it.each<[string, unknown, number, string]>([
    ['what is not there', notFound('paper'), 404, 'not-found'], ['a stale save', stale({ revision: 2 }), 409, 'stale'], ['one of ours', new ApiError(422, { code: 'key-taken', message: 'x', field: 'key' }), 422, 'key-taken'],
    ['what does not parse', z.object({ title: z.string({ error: 'A title, please.' }) }).safeParse({}).error, 422, 'invalid'], ['a busy database', sqlite('SQLITE_BUSY'), 503, 'busy'], ['a full disk', sqlite('SQLITE_FULL'), 507, 'disk'], ['a disk that went away', sqlite('SQLITE_IOERR_WRITE'), 507, 'disk'], ['anything else', new Error('secret path /root/x'), 500, 'unexpected'],
  ])('%s', (_, error, status, code) => {
    const answer = asProblem(error)
    expect([answer.status, answer.problem.code]).toEqual([status, code])
    expect(answer.problem.message).not.toContain('secret')
  })
})

it.each([['/api/papers/abc', 25], ['/api/papers/abc/snapshots', 25], ['/api/papers', 5], ['/api/papers/abc/sources/many', 5], ['/api/catalogue', 5]])('%s takes up to %i MB', (path, mb) => expect(bodyLimit(path)).toBe(mb * 1024 * 1024))
