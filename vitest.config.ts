import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const root = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = [
  { find: /^#core\/(.*)$/, replacement: root('./core/$1') },
  { find: /^#wire\/(.*)$/, replacement: root('./shared/$1') },
  { find: /^~\/(.*)$/, replacement: root('./app/$1') },
]

// `npm test -- --long`: ten times as many tries of every property, and the time for them.
const LONG = process.env.DUVET_LONG ? 10 : 1
const PROPERTIES = { testTimeout: 60_000 * LONG, ...(LONG > 1 ? { setupFiles: ['./tests/helpers/long.ts'] } : {}) }

// Servers wait for each other more than for the machine: a worker more than a small machine has cores.
const SIDE_BY_SIDE = { maxWorkers: 3, sequence: { groupOrder: 1 } }

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          ...PROPERTIES,
          ...SIDE_BY_SIDE,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'api',
          include: ['tests/api/**/*.test.ts'],
          ...PROPERTIES,
          hookTimeout: 60_000,
          ...SIDE_BY_SIDE,
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
          sequence: { groupOrder: 2 },
        },
      },
    ],
  },
})
