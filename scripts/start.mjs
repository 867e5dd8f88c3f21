// Builds when needed and starts Dendle with the writer's own data; `demo` does the same with made-up papers.
import { build, install, run, say, serve } from './env.mjs'

export async function start({ demo = false } = {}) {
  install()
  build()
  const data = process.env.DENDLE_DATA ?? (demo ? 'data/demo.sqlite' : 'data/dendle.sqlite')
  const port = Number(process.env.PORT ?? 4370)
  if (demo) run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
  const { child, ended, ready } = await serve({ port, data })
  if (!ready) {
    console.error(`✗ Dendle did not start. If port ${port} is taken, set another: PORT=4371 npm run ${demo ? 'demo' : 'start'}`)
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
