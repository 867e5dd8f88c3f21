import { defineEventHandler, sendRedirect } from 'h3'
import * as store from '~~/server/db/papers'
import { PAPER_LIMIT } from '~~/server/utils/api'
import { readLimited } from '~~/server/utils/body'
import { useDb } from '~~/server/utils/db'
import { newPaperSchema } from '~~/server/utils/schemas'

/** The Desk's form as a browser sends it by itself, before any script is there: a paper is begun, and gone to. */
export default defineEventHandler(async (event) => {
  const given = new URLSearchParams(await readLimited(event.node.req, event.node.res, PAPER_LIMIT))
  const parsed = newPaperSchema.safeParse({
    title: given.get('title') ?? '', style: given.get('style') ?? '', sort: given.get('sort') ?? undefined,
  })
  return sendRedirect(
    event,
    parsed.success
      ? `/papers/${store.createPaper(useDb(), parsed.data).id}/gather`
      : `/?title=${encodeURIComponent((given.get('title') ?? '').slice(0, 500))}`,
    303,
  )
})
