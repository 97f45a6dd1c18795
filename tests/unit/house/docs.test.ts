import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { ENTRY_SORTS } from '#core/book'

const read = (path: string) => readFileSync(new URL(`../../../${path}`, import.meta.url), 'utf8')

describe('what docs/plan-format.md says', () => {
  const doc = read('docs/plan-format.md')

  it('names every kind of edit that the server takes', () => {
    const kinds = [...read('shared/edit-schema.ts').matchAll(/\bedit\('([a-z-]+)'/g)].map(([, kind]) => kind!)
    expect(kinds.length).toBeGreaterThan(20)
    expect(kinds.filter((kind) => !doc.includes(`\`${kind}\``))).toEqual([])
  })

  it('names every sort of entry', () => {
    const [, sorts = ''] = /`sort` \(([^)]+)\)/.exec(doc) ?? []
    expect(sorts.split(/,\s*/)).toEqual([...ENTRY_SORTS])
  })
})
