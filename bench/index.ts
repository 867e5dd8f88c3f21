/**
 * Benchmarks, as ratios within one run: machines differ, ratios tell whether growth is straight, whether a keystroke is
 * free, and what our readers cost beside the machine's own. Run: npm run bench [name or style …], as in
 * `npm run bench composing apa-7`
 */
import '../core/text/with-lists'
import { checking } from './checking'
import { composing } from './composing'
import { pages } from './pages'
import { reading } from './reading'

const ALL = { checking, composing, pages, reading }
const wanted = process.argv.slice(2)
for (const [name, run] of Object.entries(ALL)) {
  if (wanted.some(one => one in ALL) && !wanted.includes(name)) continue
  console.log(`\n${name}`)
  await run(wanted.filter(one => !(one in ALL)))
}
