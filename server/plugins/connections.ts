import type { Server } from 'node:http'
import { defineNitroPlugin } from 'nitropack/runtime'

/** Longer than a writer who is reading lets a connection rest. */
const KEPT_OPEN = 75_000

/**
 * A connection that rests is kept for more than a minute. Node ends it after five seconds, and what is sent in that very
 * moment, a save among it, is lost with it (ECONNRESET) although nothing was wrong.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    const { server } = event.node.req.socket as { server?: Server }
    if (server && server.keepAliveTimeout < KEPT_OPEN) server.keepAliveTimeout = KEPT_OPEN
  })
})
