// One command from a fresh clone to Dendle with its demo papers in the browser.
import { start } from './start.mjs'

await start({ demo: true })
