import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { TYPES_BEGIN, typesSection, typeWords } from './lib/type-words'

// Writes the list of types in docs/words.md anew.

const root = fileURLToPath(new URL('..', import.meta.url))
const path = `${root}docs/words.md`
const [own = ''] = readFileSync(path, 'utf8').split(`${TYPES_BEGIN}\n`)
writeFileSync(path, `${own.trimEnd()}\n\n${typesSection(typeWords(root))}`)
