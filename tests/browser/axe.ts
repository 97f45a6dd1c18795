import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from 'playwright-core'

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

interface Violation {
  readonly id: string
  readonly impact: string
  readonly nodes: readonly { readonly html: string }[]
}

/** What axe finds on a page, as far as its impact counts. */
export async function axeFinds(page: Page, counts: (impact: string) => boolean): Promise<string[]> {
  await page.evaluate(source)
  const violations = await page.evaluate(
    async () =>
      (await (globalThis as unknown as { axe: { run: () => Promise<{ violations: Violation[] }> } }).axe.run())
        .violations,
  )
  return violations.filter(({ impact }) => counts(impact)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)
}
