import { customType } from 'drizzle-orm/sqlite-core'

/**
 * A column of JSON, parsed when it is read. What `read` makes of a value that an older or newer Dendle wrote is for each
 * column to say; it never throws for a writer's own words, so that one odd row cannot take a whole paper down.
 */
export const json = <T>(name: string, read: (value: unknown) => T) => customType<{ data: T, driverData: string }>({
  dataType: () => 'text',
  toDriver: value => JSON.stringify(value),
  fromDriver: value => read(JSON.parse(value)),
})(name)

/** A column of one word out of a few, checked when it is read. */
export const word = <T extends string>(name: string, read: (value: string) => T) =>
  customType<{ data: T, driverData: string }>({ dataType: () => 'text', fromDriver: read })(name)
