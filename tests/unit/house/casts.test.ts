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

/** What `told` says of every node of a file, where it says anything. */
function found(code: string, told: (node: ts.Node) => string | undefined): string[] {
  const all: string[] = []
  const visit = (node: ts.Node): void => {
    const one = told(node)
    if (one !== undefined) all.push(one)
    ts.forEachChild(node, visit)
  }
  visit(ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true))
  return all
}

const everywhere = (told: (node: ts.Node) => string | undefined) =>
  ['core', 'app', 'server', 'shared', 'cli']
    .flatMap((room) => [...sources(join(root, room))])
    .flatMap((path) => codeOf(path).flatMap((code) => found(code, told).map((one) => `${relative(root, path)} ${one}`)))

const casts = everywhere((node) =>
  ts.isAsExpression(node) && node.type.getText() !== 'const' ? `as ${node.type.getText()}` : undefined,
)
/** After a find, a get, an optional field: what the code has not bounded just before. */
const hopes = everywhere((node) =>
  ts.isNonNullExpression(node) && !ts.isElementAccessExpression(node.expression) ? node.getText() : undefined,
)

describe('types are proved, not claimed', () => {
  it('nothing is cast to never', () => {
    expect(casts.filter((cast) => cast.endsWith('as never'))).toEqual([])
  })

  it('nothing is hoped: only what a table has at a place that was just bounded is read with a “!”', () => {
    expect(hopes).toEqual([])
  })

  it('casts are few', () => {
    expect(casts.length, casts.join('\n')).toBeLessThanOrEqual(20)
  })
})
