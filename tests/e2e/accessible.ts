/** What axe finds wrong in a page. Asked in the page as it stands: only what is wrong is told, so that it is soon told. */
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { AxeResults, RunOptions } from 'axe-core'
import type { Page } from '@playwright/test'

const SCRIPT = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** @param but rules that are not asked */
export async function violations(page: Page, but: readonly string[] = []): Promise<string[]> {
  if (!await page.evaluate(() => 'axe' in window)) await page.evaluate(SCRIPT)
  const options: RunOptions = { resultTypes: ['violations'], rules: Object.fromEntries(but.map(rule => [rule, { enabled: false }])) }
  const { violations: found } = await page.evaluate(
    asked => (window as unknown as { axe: { run: (of: Document, by: RunOptions) => Promise<AxeResults> } }).axe.run(document, asked),
    options,
  )
  return found.map(one => `${one.id}: ${one.nodes.map(node => node.html.slice(0, 120)).join(' | ')}`)
}
