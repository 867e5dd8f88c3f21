// Builds when needed and starts Dendle with the writer's own data; `demo` does the same with made-up papers.
import { build, install, isFree, run, say, serve } from './env.mjs'

export async function start({ demo = false } = {}) {
  const data = process.env.DENDLE_DATA ?? (demo ? 'data/demo.sqlite' : 'data/dendle.sqlite')
  const port = Number(process.env.PORT ?? 4370)
  const command = `npm run ${demo ? 'demo' : 'start'}`
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    console.error(`✗ PORT is ${process.env.PORT}, which is no port; give a number from 1 to 65535: PORT=4371 ${command}`)
    process.exit(1)
  }
  if (!(await isFree(port))) {
    console.error(`✗ Port ${port} is taken, so Dendle did not start. End what listens there, or set another: PORT=${port + 1} ${command}`)
    process.exit(1)
  }
  install()
  build()
  if (demo) run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
  const { child, ended, ready } = await serve({ port, data })
  if (!ready) {
    console.error('✗ Dendle did not start; what it said is above.')
    process.exit((await ended) || 1)
  }
  say(`Dendle is ready: http://127.0.0.1:${port}   (Ctrl-C stops it)`)
  const stop = () => child.kill('SIGTERM')
  process.on('SIGINT', stop)
  process.on('SIGTERM', stop)
  await ended
  say('Stopped.')
  process.exit(0)
}

if (process.argv[1]?.endsWith('start.mjs')) await start()
