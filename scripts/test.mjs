// One command: installs what is missing, then lint, types, unit tests, build, browser tests.
import { build, install, run, runTogether, say } from './env.mjs'
import { installChromium } from './chromium.mjs'
import { installReaders } from './readers.mjs'

const steps = [
  ['Packages', install],
  ['Chromium', installChromium],
  ['Other readers', installReaders],
  ['Types prepared', () => run('npx', ['nuxt', 'prepare'], { stdio: ['ignore', 'ignore', 'inherit'] })],
  ['Lint and types', () => runTogether(['npx', 'eslint', '.', '--max-warnings', '0'], ['npm', 'run', '-s', 'types'])],
  ['Unit tests', () => run('npx', ['vitest', 'run'])],
  ['Build', build],
  ['Browser tests', () => run('npx', ['playwright', 'test'])],
]
const began = Date.now()
for (const [name, step] of steps) {
  const at = Date.now()
  say(`${name}…`)
  await step()
  say(`${name}: ${((Date.now() - at) / 1000).toFixed(0)} s`)
}
say(`All passed in ${((Date.now() - began) / 60_000).toFixed(1)} min.`)
