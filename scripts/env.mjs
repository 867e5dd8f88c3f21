/** Shared by the scripts: running a step, and knowing whether it need be run. */
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..')
export const say = text => console.log(`› ${text}`)

/** Runs a command with its output shown; ends the script when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options })
  if (done.status !== 0) {
    console.error(`✗ ${command} ${args.join(' ')} failed (${done.status ?? done.signal ?? done.error?.message}).`)
    process.exit(done.status ?? 1)
  }
}

/** Runs commands side by side: each uses one processor. Ends the script when one fails, after all have said what they have to say. */
export async function runTogether(...commands) {
  const statuses = await Promise.all(commands.map(([command, ...args]) => new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit' })
    child.on('error', error => resolve({ command, args, why: error.message }))
    child.on('exit', (code, signal) => resolve({ command, args, why: code === 0 ? undefined : code ?? signal }))
  })))
  for (const { command, args, why } of statuses.filter(one => one.why !== undefined)) {
    console.error(`✗ ${command} ${args.join(' ')} failed (${why}).`)
    process.exitCode = 1
  }
  if (process.exitCode) process.exit()
}

/** A fingerprint of files and folders, by content; tests and texts about them make no other build. */
export function fingerprint(paths) {
  const hash = createHash('sha256')
  const visit = (path) => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) if (name !== 'node_modules' && !name.startsWith('.') && !/\.test\.ts$|\.md$/.test(name)) visit(join(path, name))
    }
    else hash.update(path.slice(ROOT.length)).update(readFileSync(path))
  }
  paths.forEach(path => visit(join(ROOT, path)))
  return hash.digest('hex')
}

const STAMPS = join(ROOT, '.cache')
/** Runs a step only when what it depends on changed since it last went well. */
export function once(name, paths, present, step) {
  const mark = join(STAMPS, `${name}.stamp`)
  const now = fingerprint(paths)
  if (present() && existsSync(mark) && readFileSync(mark, 'utf8') === now) return false
  step()
  mkdirSync(STAMPS, { recursive: true })
  writeFileSync(mark, now)
  return true
}

export function install() {
  once('install', ['package.json', 'package-lock.json'], () => existsSync(join(ROOT, 'node_modules/nuxt')), () => {
    say('Installing packages (a few minutes the first time)…')
    run('npm', ['install', '--no-audit', '--no-fund'])
  })
}

export function build() {
  const done = once(
    'build',
    ['app', 'core', 'server', 'public', 'nuxt.config.ts', 'package-lock.json'],
    () => existsSync(join(ROOT, '.output/server/index.mjs')),
    () => {
      say('Building (some minutes)…')
      // Room for young objects: with the usual a sixth of the time goes into clearing them away.
      run(process.execPath, ['--max-semi-space-size=256', 'node_modules/nuxt/bin/nuxt.mjs', 'build'], {
        env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
        stdio: ['ignore', 'ignore', 'inherit'],
      })
    },
  )
  if (!done) say('Already built.')
}

/** Whether nobody listens there: what answers later is then what was started here. */
export const isFree = port => new Promise((resolve) => {
  const probe = createServer()
  probe.once('error', () => resolve(false))
  probe.listen(port, process.env.HOST ?? '127.0.0.1', () => probe.close(() => resolve(true)))
})

/** Starts the built server; resolves when it answers. */
export async function serve({ port, data, quiet = false }) {
  if (!(await isFree(port))) return { child: undefined, ended: Promise.resolve(1), ready: false, taken: true }
  const child = spawn(process.execPath, ['.output/server/index.mjs'], {
    cwd: ROOT,
    stdio: ['ignore', quiet ? 'ignore' : 'pipe', 'inherit'],
    env: {
      ...process.env,
      HOST: process.env.HOST ?? '127.0.0.1',
      PORT: String(port),
      NITRO_HOST: process.env.HOST ?? '127.0.0.1',
      NITRO_PORT: String(port),
      DENDLE_DATA: data,
    },
  })
  const ended = new Promise(resolve => child.once('exit', code => resolve(code ?? 0)))
  for (let i = 0; i < 200; i++) {
    const gone = await Promise.race([ended, new Promise(resolve => setTimeout(() => resolve(undefined), 100))])
    if (gone !== undefined) return { child, ended, ready: false }
    if (await fetch(`http://127.0.0.1:${port}/api/health`).then(r => r.ok, () => false)) return { child, ended, ready: true }
  }
  child.kill()
  return { child, ended, ready: false }
}
