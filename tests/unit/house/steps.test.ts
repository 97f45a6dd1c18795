import { readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { root, sources } from '../../helpers/sources'

/** Every declaration of style, with where it stands. */
const STYLES = [...sources(join(root, 'app'), /\.(vue|css)$/)].flatMap((path) => {
  const text = readFileSync(path, 'utf8')
  const styles = path.endsWith('.css')
    ? [text]
    : [...text.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/g)].map(([, s]) => s!)
  return styles.flatMap((style) => style.split('\n').map((line) => `${relative(root, path)}: ${line.trim()}`))
})
const without = (pattern: RegExp) => STYLES.filter((line) => pattern.test(line))

describe('everything is set in the steps of tokens.css', () => {
  it('type in six', () => {
    const sizes = without(/font-size: /)
    expect(sizes.length).toBeGreaterThan(100)
    expect(sizes.filter((line) => !/font-size: (var\(--type-[1-6]\)|inherit)/.test(line))).toEqual([])
  })

  it('space in six: what is wider than the widest is room for something that stands there', () => {
    const spaces = without(/: (gap|(padding|margin)[a-z-]*|(row|column)-gap): /)
    expect(spaces.length).toBeGreaterThan(500)
    const raw = spaces.filter((line) => [...line.matchAll(/(?<![\w.])(\d+)px/g)].some(([, px]) => Number(px) < 44))
    // A border that is dragged lies over the edge of its stage by half its width.
    expect(raw.filter((line) => !/margin-left: -\d+px/.test(line))).toEqual([])
  })

  it('and widths break at two', () => {
    const breaks = without(/@media .*width/)
    expect(breaks.length).toBeGreaterThan(20)
    expect(breaks.filter((line) => !/(max-width: (760|1020)px|min-width: (761|1021)px)/.test(line))).toEqual([])
  })
})

describe('a layout piece is one thing everywhere', () => {
  const rulesOf = (style: string) => [...style.matchAll(/([^{}]+)\{([^{}]*)\}/g)]
  const bare = (style: string) => style.replace(/\/\*[\s\S]*?\*\//g, '')
  const layout = bare(readFileSync(join(root, 'app/assets/layout.css'), 'utf8'))
  const pieces = new Set([...layout.matchAll(/^(?:html |svg )?\.([a-z-]+)/gm)].map(([, name]) => name!))

  it('a view may give a piece more room, not make another thing of its name', () => {
    expect(pieces.size).toBeGreaterThan(6)
    const clashes = [...sources(join(root, 'app'), /\.vue$/)].flatMap((path) => {
      const text = readFileSync(path, 'utf8')
      const styles = [...text.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/g)].map(([, style]) => bare(style!))
      return styles
        .flatMap(rulesOf)
        .filter(([, selectors]) => selectors!.split(',').some((one) => pieces.has(one.trim().replace(/^\./, ''))))
        .filter(([, , body]) => /\b(position|display|border|background|grid-template)\b/.test(body!))
        .map(([, selectors]) => `${relative(root, path)}: ${selectors!.trim()}`)
    })
    expect(clashes).toEqual([])
  })
})
