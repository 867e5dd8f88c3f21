import * as z from 'zod'
import { MOST_NAMES, tooMany } from '../../core/check/bars'

const ink = z.string().regex(/^[a-z]{1,20}$/u, { error: 'is the name of a colour of the page, such as "woad".' })

export const barsSchema = z
  .object({
    width: z.number().int().min(40).max(4000),
    height: z.number().int().min(40).max(20_000),
    lying: z.boolean().default(false),
    names: z.array(z.string().max(300)).max(MOST_NAMES),
    parts: z.array(z.object({ ink, values: z.array(z.number().min(0).max(1e9)).max(MOST_NAMES) })).max(MOST_NAMES),
  })
  .refine(given => !tooMany(given), { error: 'These are more bars than a picture can show.' })
