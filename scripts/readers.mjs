/**
 * Programs that read what is handed in, for the tests that ask them (tests/unit/other-programs.test.ts): an office writer
 * and Poppler. Where they cannot be had the tests go on without them, and say which they left out.
 */
import { spawnSync } from 'node:child_process'
import { say } from './env.mjs'

const PACKAGES = { soffice: 'libreoffice-writer-nogui', pdftotext: 'poppler-utils' }

export function installReaders() {
  const missing = Object.entries(PACKAGES).filter(([program]) => spawnSync('which', [program]).status !== 0).map(([, name]) => name)
  if (!missing.length) return
  const [program, ...before] = process.getuid?.() === 0 ? ['apt-get'] : ['sudo', '-n', 'apt-get']
  const apt = (...args) => spawnSync(program, [...before, ...args], { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } }).status === 0
  say(`Installing ${missing.join(' and ')}…`)
  if (!apt('update', '-qq') || !apt('install', '-y', '-qq', '--no-install-recommends', ...missing)) say(`${missing.join(' and ')} cannot be had here: what they read is not tested.`)
}
