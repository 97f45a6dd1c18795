import { readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { parse } from 'vue/compiler-sfc'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { root, sources } from '../../helpers/sources'

/** What of a file is code: all of it, or the script of a component and each of its expressions as Vue reads them. */
function codeOf(path: string): string[] {
  const text = readFileSync(path, 'utf8')
  if (path.endsWith('.ts')) return [text]
  const { script, scriptSetup, template } = parse(text).descriptor
  const expressions: string[] = []
  const visit = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return
    const { type, content, props, children, branches, exp } = node as Record<string, unknown>
    if (type === 4 && typeof content === 'string') expressions.push(`(${content})`)
    for (const list of [props, children, branches]) if (Array.isArray(list)) list.forEach(visit)
    visit(exp)
    if (type === 5) visit(content)
  }
  visit(template?.ast)
  return [script?.content ?? '', scriptSetup?.content ?? '', ...expressions]
}

function castsOf(code: string): string[] {
  const found: string[] = []
  const source = ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true)
  const visit = (node: ts.Node): void => {
    if (ts.isAsExpression(node) && node.type.getText() !== 'const') found.push(node.type.getText())
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

const casts = ['core', 'app', 'server', 'shared', 'cli']
  .flatMap((room) => [...sources(join(root, room))])
  .flatMap((path) => codeOf(path).flatMap((code) => castsOf(code).map((type) => `${relative(root, path)} as ${type}`)))

describe('types are proved, not claimed', () => {
  it('nothing is cast to never', () => {
    expect(casts.filter((cast) => cast.endsWith('as never'))).toEqual([])
  })

  it('casts are few', () => {
    expect(casts.length, casts.join('\n')).toBeLessThanOrEqual(20)
  })
})
