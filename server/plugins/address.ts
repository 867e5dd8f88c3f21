import { createError } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { FOREIGN_HOST, isOwnHost } from '~~/server/utils/hosts'

/**
 * Dendle answers this computer alone unless HOST says otherwise, whatever starts it: a writer's papers are nobody else's.
 * Nitro reads the address after its plugins have run, and would listen on all of them.
 */
export default defineNitroPlugin((nitro) => {
  if (!process.env.NITRO_HOST && !process.env.HOST) process.env.HOST = '127.0.0.1'
  // Files are given out before any middleware is asked: here they too are refused to a name that was made to point here.
  nitro.hooks.hook('request', (event) => {
    if (!isOwnHost(event) && !event.path.startsWith('/api/'))
      throw createError({ statusCode: 403, statusMessage: 'Not an address of Dendle', message: FOREIGN_HOST })
  })
})
