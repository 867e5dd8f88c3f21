import { describe, expect, it } from 'vitest'
import { TookTooLong, within } from './within'

describe('work that may take so long and no longer', () => {
  it('gives its answer', async () => expect(await within(Promise.resolve('read'), 50)).toBe('read'))
  it('gives its own failure', async () => expect(within(Promise.reject(new Error('no file')), 50)).rejects.toThrow('no file'))
  it('is given up when the time is over', async () => expect(within(new Promise(() => {}), 5)).rejects.toBeInstanceOf(TookTooLong))
})
