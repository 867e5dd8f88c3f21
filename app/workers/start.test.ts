import { describe, expect, it } from 'vitest'
import { orFault } from './start'

const faulty = (message: string) => Object.assign(new Event('error'), { message })

function begun(read: (...given: unknown[]) => Promise<unknown>) {
  const thread = new EventTarget()
  return { thread, remote: orFault(thread as unknown as Worker, { read }) }
}

describe('what is asked of a worker', () => {
  it('is answered with what was given', async () => {
    const { remote } = begun(async (...given) => given)
    expect(await remote.read('a', 2)).toEqual(['a', 2])
  })
  it('fails as the worker says', async () =>
    expect(begun(async () => { throw new Error('no list') }).remote.read()).rejects.toThrow('no list'))
  it('is rejected when the worker ends before it answers, and from then on', async () => {
    const { thread, remote } = begun(async () => new Promise(() => {}))
    const [first, second] = [remote.read(), remote.read()]
    thread.dispatchEvent(faulty('out of memory'))
    await expect(first).rejects.toThrow('out of memory')
    await expect(second).rejects.toThrow('out of memory')
    await expect(remote.read()).rejects.toThrow('out of memory')
  })
  it('is rejected when its script could not be had, of which nothing is said', async () => {
    const { thread, remote } = begun(async () => new Promise(() => {}))
    const asked = remote.read()
    thread.dispatchEvent(faulty(''))
    await expect(asked).rejects.toThrow('its worker ended')
  })
  it('can be handed on by what is awaited', async () => {
    const { remote } = begun(async () => 'read')
    expect(await (await Promise.resolve(remote)).read()).toBe('read')
  })
})
