/** For tests: a browser's own database as a map. Mocked as `vi.mock('idb-keyval', () => import('../../tests/unit/in-memory'))`. */
export const browser = new Map<string, unknown>()
export const get = (key: string) => Promise.resolve(browser.get(key))
export const set = (key: string, value: unknown) => Promise.resolve(void browser.set(key, value))
export const del = (key: string) => Promise.resolve(void browser.delete(key))
export const keys = () => Promise.resolve([...browser.keys()])
