/** How Debian's Chromium is started for tests and pictures, and how it gets onto the machine. */
import { existsSync } from 'node:fs'
import { run, say } from './env.mjs'

const PATHS = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].filter(Boolean)
const found = () => PATHS.find(path => existsSync(path))

export function installChromium() {
  if (found()) return
  say('Installing Chromium…')
  const sudo = process.getuid?.() === 0 ? [] : ['sudo']
  const apt = [...sudo, 'apt-get']
  run(apt[0], [...apt.slice(1), 'update', '-qq'])
  run(apt[0], [...apt.slice(1), 'install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  })
}

export const CHROMIUM = {
  executablePath: found() ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
}
