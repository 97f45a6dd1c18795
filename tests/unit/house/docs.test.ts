import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { ENTRY_SORTS } from '#core/book'
import { TYPES_BEGIN, typesSection, typeWords } from '../../../scripts/lib/type-words'
import { root } from '../../helpers/sources'

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

describe('what docs/words.md says', () => {
  const words = typeWords(root)

  it('is a meaning for every type that others may use', () => {
    expect(words.length).toBeGreaterThan(500)
    expect(words.filter(({ means }) => means === '').map(({ name, folder }) => `${folder} ${name}`)).toEqual([])
  })

  it('lists every one of them (npm run words)', () => {
    const [, listed = ''] = read('docs/words.md').split(`${TYPES_BEGIN}\n`)
    expect(`${TYPES_BEGIN}\n${listed}`).toBe(typesSection(words))
  })
})

describe('the guides', () => {
  const guides = readdirSync(`${root}/docs`).filter((name) => name.startsWith('adding-'))

  /** Code that a guide shows, with the file that it says it is of. */
  const shownIn = (guide: string) =>
    [...read(`docs/${guide}`).matchAll(/`([\w/.-]+\.(?:ts|vue|json))`[^`\n]*:\n\n\s*```\w+\n([\s\S]*?)```/g)].map(
      ([, file, code]) => ({ file: file!, lines: code!.split('\n').map((line) => line.trim()) }),
    )

  it.each(guides)('%s shows code that is there', (guide) => {
    const shown = shownIn(guide)
    expect(shown.length).toBeGreaterThan(0)
    for (const { file, lines } of shown) {
      const there = new Set(
        read(file)
          .split('\n')
          .map((line) => line.trim()),
      )
      expect(lines.filter((line) => line !== '' && !line.includes('…') && !there.has(line))).toEqual([])
    }
  })
})
