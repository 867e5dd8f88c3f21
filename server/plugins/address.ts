import { defineEventHandler, setResponseStatus } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { FOREIGN_HOST, isOwnHost } from '~~/server/utils/hosts'

/**
 * Dendle answers this computer alone unless HOST says otherwise, whatever starts it: a writer's papers are nobody else's.
 * Nitro reads the address after its plugins have run, and would listen on all of them.
 */
export default defineNitroPlugin((nitro) => {
  if (!process.env.NITRO_HOST && !process.env.HOST) process.env.HOST = '127.0.0.1'
  // Files are given out before any middleware is asked: a name that was made to point here is refused before them.
  nitro.h3App.stack.unshift({
    route: '/',
    handler: defineEventHandler((event) => {
      if (isOwnHost(event)) return undefined
      setResponseStatus(event, 403)
      return { code: 'host', message: FOREIGN_HOST }
    }),
  })
})
