import { readFile } from 'node:fs/promises'
import { gzipSync } from 'node:zlib'
import type { Browser } from 'playwright-core'
import { openPage } from '../lib/browser'
import { tell } from '../lib/measure'

const LIMITS_KB = { untilTheRow: 170, firstMinute: 280 } as const

/** A script as it came, in kB as it would travel. */
interface Script {
  readonly name: string
  /** When it was asked for, ms since 1970. */
  readonly askedAt: number
  readonly kB: number
}

/** What a keeper's device reads before the row of hives is drawn, and what it has read after the first minute. */
export async function benchFirstView(browser: Browser, url: string): Promise<void> {
  const { page, context } = await openPage(browser, { app: true })
  const scripts = new Map<string, Promise<Script>>()
  page.on('requestfinished', (request) => {
    const name = new URL(request.url()).pathname.split('/').at(-1)!
    // A worker takes a script that the page has from what the browser keeps: it travels once.
    if (!name.endsWith('.js') || scripts.has(name)) return
    const askedAt = request.timing().startTime
    const body = request.response().then((response) => response?.body() ?? Buffer.alloc(0))
    scripts.set(
      name,
      body.then((text) => ({ name, askedAt, kB: gzipSync(text, { level: 9 }).length / 1000 })),
    )
  })
  await page.addInitScript(() => {
    new MutationObserver((_seen, observer) => {
      if (!document.querySelector('[data-hive]')) return
      observer.disconnect()
      performance.mark('first-hive')
    }).observe(document, { childList: true, subtree: true })
  })
  await page.goto(url)
  await page.waitForSelector('[data-hive="Flannel"]')
  await page.waitForTimeout(60_000)
  const rowAt = await page.evaluate(
    () => performance.timeOrigin + (performance.getEntriesByName('first-hive')[0]?.startTime ?? 0),
  )
  const all = await Promise.all(scripts.values())
  await context.close()
  const first = all.filter(({ askedAt }) => askedAt < rowAt)
  tellSize('JavaScript until the row is drawn, gzipped', first, LIMITS_KB.untilTheRow)
  tellSize('JavaScript of the first minute, gzipped', all, LIMITS_KB.firstMinute)
  const madeOf: MadeOf = JSON.parse(await readFile('.nuxt/made-of.json', 'utf8'))
  for (const [room, kB] of sharesOf(first, madeOf).slice(0, 16)) tell(`  until the row, ${room}`, `${kB.toFixed(1)} kB`)
  const later = all.filter(({ name }) => !first.some((one) => one.name === name))
  for (const [room, kB] of sharesOf(later, madeOf).slice(0, 10)) tell(`  after it, ${room}`, `${kB.toFixed(1)} kB`)
}

function tellSize(what: string, scripts: readonly Script[], mostKb: number): void {
  const total = scripts.reduce((sum, { kB }) => sum + kB, 0)
  tell(what, `${total.toFixed(0)} kB in ${scripts.length} files`, total <= mostKb, `${mostKb} kB`)
}

/** Of each script its modules by their length before they are made small. */
type MadeOf = Readonly<Record<string, Readonly<Record<string, number>>>>

function sharesOf(scripts: readonly Script[], madeOf: MadeOf): [room: string, kB: number][] {
  const shares = new Map<string, number>()
  for (const { name, kB } of scripts) {
    const modules = Object.entries(madeOf[name] ?? { [name]: 1 })
    const whole = modules.reduce((sum, [, length]) => sum + length, 0)
    for (const [module, length] of modules) {
      const room = roomOf(module)
      shares.set(room, (shares.get(room) ?? 0) + (kB * length) / whole)
    }
  }
  return [...shares].sort(([, a], [, b]) => b - a)
}

/** Which room of ours or which package a module belongs to. */
function roomOf(module: string): string {
  const [, ...packages] = module.split('node_modules/')
  const [scope = '', name = ''] = (packages.at(-1) ?? '').split('/')
  if (packages.length > 0) return scope.startsWith('@') ? `${scope}/${name}` : scope
  return /\/(core\/\w+|app|shared|demo)\//.exec(module)?.[1] ?? 'nuxt'
}
