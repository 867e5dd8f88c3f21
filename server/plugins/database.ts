import { DatabaseTrouble } from '../db/open'
import { useDb } from '~~/server/utils/db'
import { defineNitroPlugin } from 'nitropack/runtime'

/** Opens the database before the first request; a database that cannot be used ends the server with a plain message. */
export default defineNitroPlugin(() => {
  if (import.meta.prerender) return
  try { useDb() }
  catch (error) {
    if (!(error instanceof DatabaseTrouble)) throw error
    console.error(`Dendle did not start. ${error.message}`)
    process.exit(3)
  }
})
