import { launchBrowser, openPage } from './lib/browser'
import { startServer } from './lib/server'
const s = await startServer({ seed: 'demo/demo-plan.json' })
const b = await launchBrowser()
const phone = (await openPage(b, { width: 390, height: 844, touch: true })).page
const h = (id: string) => encodeURIComponent(`${id}/0`)
await phone.goto(`${s.url}/lift/${h('twill')}`)
await phone.waitForTimeout(1500)
console.log(await phone.evaluate(`[document.documentElement.scrollWidth, ...[...document.querySelectorAll('*')].filter((e) => e.getBoundingClientRect().right > 391).map((e) => e.tagName + '.' + e.className + ' ' + e.getBoundingClientRect().left + ' ' + e.getBoundingClientRect().right).slice(0, 12)].join('\\n')`))
await b.close(); await s.stop()
