/** Any field's value as a person would type it. */
import type { Fields } from '~~/core/source/model'
import type { FieldName } from '~~/core/source/fields'
import { writeName } from '~~/core/source/names'
import { writeDate } from '~~/core/source/dates'
import { toEditable } from '~~/core/text/protection'

export const written = (value: Fields[FieldName] | undefined): string =>
  value === undefined
    ? ''
    : typeof value === 'string'
      ? toEditable(value)
      : Array.isArray(value)
        ? value.map(writeName).join('; ')
        : writeDate(value)
