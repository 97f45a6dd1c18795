import { launchBrowser, openPage } from './lib/browser'
import { startServer } from './lib/server'
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
const main = async () => {
  const s = await startServer({ seed: 'demo/demo-plan.json' })
  const b = await launchBrowser()
  const { page } = await openPage(b)
  const t0 = Date.now()
  const got: [string, number, string][] = []
  page.on('response', (r) => { const n = new URL(r.url()).pathname.split('/').at(-1)!; if (n.endsWith('.js')) got.push([n, Date.now() - t0, r.request().frame ? '' : 'w']) })
  await page.goto(s.url)
  await page.waitForSelector('[data-hive="Flannel"]')
  console.log('row at', Date.now() - t0)
  const n = got.length
  await page.waitForTimeout(8000)
  const made = JSON.parse(readFileSync('.nuxt/made-of.json', 'utf8'))
  const seen = new Set()
  for (const [i, [name, at]] of got.entries()) {
    if (i === n) console.log('------- after the row')
    if (seen.has(name)) continue
    seen.add(name)
    const kB = gzipSync(readFileSync('.output/public/_nuxt/' + name).toString(), { level: 9 }).length / 1000
    const ms = Object.entries(made[name] ?? {}).sort((a: any, b: any) => b[1] - a[1]) as [string, number][]
    const whole = ms.reduce((x, [, l]) => x + l, 0)
    console.log(`${at}ms ${name} ${kB.toFixed(1)} kB: ` + ms.slice(0, +(process.argv[2] ?? 6)).map(([m, l]) => `${m.replace(/.*node_modules\//, '~').replace('/work/main/', '')} ${(kB * l / whole).toFixed(1)}`).join(', ') + (ms.length > 6 ? ` … ${ms.length}` : ''))
  }
  await b.close(); await s.stop(); process.exit(0)
}
void main()
