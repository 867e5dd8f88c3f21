import '~~/core/text/with-lists'
import { defineNitroPlugin } from 'nitropack/runtime'

/** What the server composes and checks is decided by the word lists. */
export default defineNitroPlugin(() => {})
