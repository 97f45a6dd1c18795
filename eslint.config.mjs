// @ts-check
import withNuxt from './.nuxt/eslint.config.mjs'

// The configuration tool of this version asks for Object.groupBy, which Node 20 does not have yet.
Object.groupBy ??= (items, keyOf) => {
  const groups = Object.create(null)
  let at = 0
  for (const item of items) (groups[keyOf(item, at++)] ??= []).push(item)
  return groups
}

const OUTER = [
  'vue',
  'vue/*',
  '#app',
  '#imports',
  'nuxt',
  'nuxt/*',
  'pinia',
  'element-plus',
  'element-plus/*',
  'drizzle-orm',
  'drizzle-orm/*',
  '@libsql/*',
  'h3',
  'nitropack/*',
  'yup',
  'node:*',
]

/** Imports point down only: app and server to shared and core, cli to shared and core, shared to core. */
const only = (...patterns) => ({
  'no-restricted-imports': [
    'error',
    { patterns: [{ group: patterns, message: 'Imports point down only: see docs/decisions/0001-house.md.' }] },
  ],
})

export default withNuxt(
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-dynamic-delete': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
    },
  },
  {
    files: ['{core,app,server,shared,cli,scripts}/**/*.{ts,vue}'],
    rules: { 'max-lines-per-function': ['error', { max: 60 }] },
  },
  {
    files: ['core/**/*.ts'],
    rules: only(...OUTER, '#wire/*', '~/*', '**/server/**', '**/app/**', '**/shared/**', '**/cli/**'),
  },
  {
    files: ['shared/**/*.ts'],
    rules: only(
      '~/*',
      '**/server/**',
      '**/app/**',
      '**/cli/**',
      'vue',
      '#app',
      'pinia',
      'drizzle-orm',
      'drizzle-orm/*',
      '@libsql/*',
      'h3',
    ),
  },
  { files: ['server/**/*.ts'], rules: only('~/*', '**/app/**', '**/cli/**', 'vue', 'pinia', 'element-plus') },
  {
    files: ['app/**/*.{ts,vue}'],
    rules: only(
      '**/server/database/**',
      '**/server/api/**',
      '**/cli/**',
      'drizzle-orm',
      'drizzle-orm/*',
      '@libsql/*',
      'node:*',
    ),
  },
)
