/** The one form of an id of a paper, source, passage or earlier state: what routes, packed files and the command all take. */
import * as z from 'zod'

export const idSchema = z.string().regex(/^[\w-]{1,64}$/u, { error: 'is no id of Dendle: letters, digits, hyphens and underscores, at most 64.' })
