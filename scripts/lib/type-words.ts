import { readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import ts from 'typescript'

/** A type that others may use: its name, what it means, and the folder it is of. */
export interface TypeWord {
  readonly name: string
  readonly means: string
  readonly folder: string
}

const ROOMS = ['core', 'shared', 'server', 'app'] as const
export const TYPES_BEGIN = '## Every type'

function* filesOf(folder: string): Generator<string> {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) yield* filesOf(path)
    else if (name.endsWith('.ts')) yield path
  }
}

/** The first sentence of what stands over a declaration. */
function meaningOf(node: ts.Node): string {
  const [doc] = ts.getJSDocCommentsAndTags(node).filter((one) => ts.isJSDoc(one))
  const text = ts.getTextOfJSDocComment(doc?.comment) ?? ''
  const [first = ''] = text.replace(/\s+/g, ' ').split(/(?<=[.:;])\s/)
  return first.replace(/[.:;]$/, '').replaceAll('|', '\\|')
}

function isExportedType(node: ts.Statement): node is ts.InterfaceDeclaration | ts.TypeAliasDeclaration {
  if (!ts.isInterfaceDeclaration(node) && !ts.isTypeAliasDeclaration(node)) return false
  return node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword) ?? false
}

/** Every type that is exported anywhere in the project, by its name. */
export function typeWords(root: string): TypeWord[] {
  const files = ROOMS.flatMap((room) => [...filesOf(join(root, room))])
  const words = files.flatMap((path) => {
    const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true)
    const folder = dirname(relative(root, path))
    return source.statements
      .filter(isExportedType)
      .map((node) => ({ name: node.name.text, means: meaningOf(node), folder }))
  })
  return words.sort((a, b) => (a.name < b.name ? -1 : a.name > b.name ? 1 : 0))
}

/** The list of types as docs/words.md has it. */
export function typesSection(words: readonly TypeWord[]): string {
  return [
    TYPES_BEGIN,
    '',
    'Written by `npm run words` from what stands over each in the code; a test holds it.',
    '',
    '| type | means | in |',
    '| --- | --- | --- |',
    ...words.map(({ name, means, folder }) => `| \`${name}\` | ${means} | ${folder} |`),
    '',
  ].join('\n')
}
