import { customType } from 'drizzle-orm/sqlite-core'
import { Damaged } from './damage'

/**
 * A column of JSON, parsed when it is read. What cannot be read (an older, newer or damaged Dendle's) is there as `Damaged`,
 * so that one odd row cannot take a whole paper down; it is named where it is met, and never written over.
 */
export const json = <T>(name: string, read: (value: unknown) => T) => customType<{ data: T, driverData: string }>({
  dataType: () => 'text',
  toDriver: (value) => {
    if (value instanceof Damaged) throw value
    return JSON.stringify(value)
  },
  fromDriver: (value) => {
    try { return read(JSON.parse(value)) }
    catch { return new Damaged(name) as never }
  },
})(name)

/** A column of one word out of a few, checked when it is read. */
export const word = <T extends string>(name: string, read: (value: string) => T) =>
  customType<{ data: T, driverData: string }>({
    dataType: () => 'text',
    toDriver: (value) => {
      if (value as unknown instanceof Damaged) throw value as unknown as Damaged
      return value
    },
    fromDriver: (value) => {
      try { return read(value) }
      catch { return new Damaged(name) as never }
    },
  })(name)
