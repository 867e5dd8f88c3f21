/** Characters that a document can hold: XML 1.0, section 2.2, allows no others, and a program that reads one refuses the whole file. */
const UNPRINTABLE = /[^\t\n\r\u{20}-\u{D7FF}\u{E000}-\u{FFFD}\u{10000}-\u{10FFFF}]/gu

/** The same value with such characters taken out of every text in it; parts without any are shared. */
export function printable<T>(value: T): T {
  if (typeof value === 'string') return value.replace(UNPRINTABLE, '') as T
  if (Array.isArray(value)) {
    const cleaned = value.map(printable)
    return cleaned.some((one, i) => one !== value[i]) ? cleaned as T : value
  }
  if (value instanceof Map) return new Map([...value].map(([name, one]) => [name as unknown, printable(one as unknown)])) as T
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value
  const cleaned = Object.entries(value).map(([name, one]) => [name, printable(one as unknown)] as const)
  return cleaned.some(([name, one]) => one !== (value as Record<string, unknown>)[name]) ? Object.fromEntries(cleaned) as T : value
}
