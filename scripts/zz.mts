import { launchBrowser, openPage } from './lib/browser'
import { startServer } from './lib/server'
import { benchImport } from './bench/weights'
for (let i = 0; i < 3; i++) {
const s = await startServer({ seed: 'demo/demo-plan.json' })
const b = await launchBrowser()
const { page } = await openPage(b)
await benchImport(page, s.url)
await b.close(); await s.stop()
}
