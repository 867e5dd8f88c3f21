/** Pages as a reader meets them: what is clicked waits until the page's own scripts are there and quiet. */
import { test as base, type Page } from '@playwright/test'

const awake = (page: Page) => page.waitForLoadState('networkidle', { timeout: 6000 }).catch(() => undefined)
export const test = base.extend({
  page: async ({ page }, use) => {
    const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)]
    page.goto = async (...given) => { const answer = await goto(...given); await awake(page); return answer }
    page.reload = async (...given) => { const answer = await reload(...given); await awake(page); return answer }
    await use(page)
  },
})
