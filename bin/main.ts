/**
 * The `dendle` command: reads arguments, standard input or a file; writes standard output. The work is in core. What one
 * verb alone needs is loaded when it is called: a citation does not wait for what writes PDFs.
 */
import '../core/text/with-lists'
import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { READ_AS, WRITTEN } from '../core/intake/formats'
import { decode, NO_TEXT } from '../core/intake/decode'
import { runJob, type JobResult, type Output, type Problem } from '../core/intake/job'
import { STYLES, styleOf, type Style } from '../core/styles'
import { NO_JSON, readJson as asJson } from '../core/text/json'
import { PAPERS } from '../core/intake/draft/endings'
import { EXPORTED } from './exported'
import { isPaper } from './named'
import { capitaliseText } from '../core/text/capitals'
import { rowOf } from '../core/text/lookup'

const USAGE = `dendle cite [FILE] [--to markup|html|text]    a job, or an array of jobs, as JSON
dendle convert [FILE] --to csl-json|bibtex|biblatex|ris [--from csl-json|bibtex|ris|html|text]   sources
dendle case --style STYLE [--role title|container]   one title a line
dendle check [FILE …] [--style STYLE] [--json]   a paper job as JSON, papers as they are (.docx, .odt, .md, .tex, .html, .txt), or a folder of them: what a careful marker would circle
dendle compare [FILE] --list LISTFILE         a job as JSON, and a list made elsewhere (.docx, .html, .txt)
dendle compare FILE … [--style STYLE] [--json]   papers as they are: each typed list beside what it should be
dendle export [FILE …] --to ${EXPORTED.join('|')} --out OUT   a paper job, a packed paper, or papers as they are, as files
dendle import [FILE.zip]                      a packed file's papers as jobs
dendle styles                                 the styles`

class WrongCall extends Error {}

async function main(args: string[]): Promise<number> {
  const [verb, ...rest] = args
  const problems: Problem[] = []
  switch (verb) {
    case 'cite': {
      const { values, positionals } = options(rest, { to: { type: 'string' } })
      const to = (values.to ?? 'markup') as Output
      if (!['markup', 'html', 'text'].includes(to)) throw new WrongCall(`--to takes markup, html or text, not ${String(values.to)}.`)
      const input = readJson(positionals[0], problems)
      if (input === undefined) break
      const many = Array.isArray(input)
      const results = (many ? input : [input]).map((job, i): JobResult | null => {
        const done = runJob(job, { where: many ? `job[${i}]` : 'job', to })
        problems.push(...done.problems)
        return done.result
      })
      write(JSON.stringify(many ? results : results[0], null, 2))
      break
    }
    case 'convert': {
      const { values, positionals } = options(rest, { to: { type: 'string' }, from: { type: 'string' } })
      const to = WRITTEN.find(one => one === values.to)
      if (!to) throw new WrongCall(`--to takes ${WRITTEN.join(', ')}, not ${String(values.to ?? 'nothing')}.`)
      const from = values.from === undefined ? undefined : rowOf(READ_AS, values.from)
      if (values.from !== undefined && !from) throw new WrongCall(`--from takes ${Object.keys(READ_AS).join(', ')}, not ${values.from}.`)
      // A paper has its sources in its list; a saved page and a list are what convert has always read.
      if (positionals.length && positionals.every(name => isPaper(name) && (/\.(?:docx|odt|md|markdown|tex)$/iu.test(name) || !PAPERS.test(name)))) {
        const { listsOf } = await import('./look-through')
        write((await listsOf(positionals, to, problems)).replace(/\n$/u, ''))
        break
      }
      const given = decode(bytesOf(positionals[0]))
      if (given.noText) { problems.push({ where: positionals[0] ?? 'standard input', what: NO_TEXT }); break }
      const { convert } = await import('../core/intake/convert')
      const done = convert(given.text, { to, ...(from ? { from } : {}), name: positionals[0] ?? '' })
      problems.push(...done.problems)
      write(done.text.replace(/\n$/u, ''))
      break
    }
    case 'case': {
      const { values, positionals } = options(rest, { style: { type: 'string' }, role: { type: 'string' } })
      const style = styleOf(values.style ?? '')
      if (!style) throw new WrongCall(`--style takes one of ${STYLES.map(s => s.id).join(', ')}.`)
      if (values.role && !['title', 'container'].includes(values.role)) throw new WrongCall('--role takes title or container.')
      const rule = values.role === 'container' ? style.capitals.italic : style.capitals.roman
      write(read(positionals[0]).replace(/\r?\n$/u, '').split(/\r?\n/u).map(line => capitaliseText(line, rule)).join('\n'))
      break
    }
    case 'check': {
      const { values, positionals } = options(rest, { style: { type: 'string' }, json: { type: 'boolean' } })
      if (isPaper(positionals[0])) {
        const { checkPapers } = await import('./look-through')
        write(await checkPapers({ names: positionals, style: styleNamed(values.style), json: values.json === true, problems }))
        break
      }
      const input = readJson(positionals[0], problems)
      if (input === undefined) break
      const now = new Date()
      const { runCheck } = await import('../core/check/job')
      const done = runCheck(input, [now.getFullYear(), now.getMonth() + 1, now.getDate()])
      problems.push(...done.problems)
      if (done.result) write(JSON.stringify(done.result, null, 2))
      break
    }
    case 'compare': {
      const { values, positionals } = options(rest, { list: { type: 'string' }, style: { type: 'string' }, json: { type: 'boolean' } })
      if (!values.list && isPaper(positionals[0])) {
        const { comparePapers } = await import('./look-through')
        write(await comparePapers({ names: positionals, style: styleNamed(values.style), json: values.json === true, problems }))
        break
      }
      if (!values.list) throw new WrongCall('--list takes the file of a list made elsewhere (.docx, .html or .txt).')
      const input = readJson(positionals[0], problems)
      if (input === undefined) break
      const { runCompare } = await import('../core/compare/job')
      const done = runCompare(input, { bytes: bytesOf(values.list), name: values.list })
      problems.push(...done.problems)
      if (done.result) write(JSON.stringify(done.result, null, 2))
      break
    }
    case 'export': {
      const { values, positionals } = options(rest, { to: { type: 'string' }, out: { type: 'string' }, style: { type: 'string' } })
      const to = EXPORTED.find(one => one === values.to)
      if (!to) throw new WrongCall(`--to takes ${EXPORTED.join(', ')}, not ${String(values.to ?? 'nothing')}.`)
      if (!values.out) throw new WrongCall('--out takes the file to write.')
      const { exported, exportPapers, putFile } = await import('./export')
      if (isPaper(positionals[0])) {
        await exportPapers({ names: positionals, style: styleNamed(values.style), to, out: values.out, problems })
        break
      }
      const bytes = await exported(bytesOf(positionals[0]), positionals[0] ?? 'standard input', to, problems)
      if (bytes) putFile(values.out, bytes, problems)
      break
    }
    case 'import': {
      const { positionals } = options(rest, {})
      const { jobsOf } = await import('./export')
      const jobs = await jobsOf(bytesOf(positionals[0]), positionals[0] ?? 'standard input', problems)
      if (jobs.length) write(JSON.stringify(jobs.length === 1 ? jobs[0] : jobs, null, 2))
      break
    }
    case 'styles': {
      options(rest, {})
      const rows = [['id', 'name', 'edition', 'kind'], ...STYLES.map(s => [s.id, s.name, s.edition, s.citation.system])]
      const widths = [0, 1, 2, 3].map(i => Math.max(...rows.map(row => row[i]!.length)))
      write(rows.map(row => row.map((cell, i) => cell.padEnd(widths[i]!)).join('  ').trimEnd()).join('\n'))
      break
    }
    default: throw new WrongCall(verb ? `there is no verb ${verb}.` : 'a verb is missing.')
  }
  for (const { where, what } of problems) process.stderr.write(`${where}: ${what}\n`)
  return problems.length ? 1 : 0
}

/** The style named by its id, if one is. */
function styleNamed(id: string | undefined): Style | undefined {
  const style = id === undefined ? undefined : styleOf(id)
  if (id !== undefined && !style) throw new WrongCall(`--style takes one of ${STYLES.map(s => s.id).join(', ')}.`)
  return style
}

type Options = NonNullable<NonNullable<Parameters<typeof parseArgs>[0]>['options']>
function options<T extends Options>(args: string[], known: T) {
  try { return parseArgs({ args, options: known, allowPositionals: true }) }
  catch (error) { throw new WrongCall((error as Error).message) }
}

const read = (file: string | undefined): string => bytesOf(file).toString('utf8')

function bytesOf(file: string | undefined): Buffer {
  try { return readFileSync(file === undefined || file === '-' ? 0 : file) }
  catch (error) { throw new WrongCall(`${file ?? 'standard input'} cannot be read: ${(error as Error).message}`) }
}

function readJson(file: string | undefined, problems: Problem[]): unknown {
  const text = read(file).replace(/^\uFEFF/u, '')
  const json = asJson(text)
  if ('value' in json) return json.value
  const where = file ?? 'standard input'
  if (json.trouble !== NO_JSON) { problems.push({ where, what: json.trouble }); return undefined }
  // Where it stops being JSON.
  try { JSON.parse(text) }
  catch (error) { problems.push({ where, what: `is not JSON: ${(error as Error).message}` }) }
  return undefined
}

// Whoever reads may stop reading (`| head`): that is no error of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => { if (error.code === 'EPIPE') process.exit(0) })
const write = (text: string) => process.stdout.write(`${text}\n`)

main(process.argv.slice(2)).then((code) => { process.exitCode = code }, (error: unknown) => {
  const wrong = error instanceof WrongCall
  process.stderr.write(
    `dendle: ${wrong ? (error as Error).message : `it could not be done (${(error as Error).message}). Nothing was written.`}\n${wrong ? `${USAGE}\n` : ''}`,
  )
  process.exitCode = wrong ? 2 : 1
})
