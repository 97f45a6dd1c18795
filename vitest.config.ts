import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const root = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = [
  { find: /^#core\/(.*)$/, replacement: root('./core/$1') },
  { find: /^#wire\/(.*)$/, replacement: root('./shared/$1') },
  { find: /^~\/(.*)$/, replacement: root('./app/$1') },
]

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'api',
          include: ['tests/api/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          expect: { poll: { timeout: 10_000 } },
          testTimeout: 90_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
    ],
  },
})
