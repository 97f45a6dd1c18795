import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { launchBrowser } from './lib/browser'

// The icon of the app as pictures of fixed size, for devices that take no drawing: on linen, with room for a round mask.

const SIZES_PX = [180, 192, 512]
const drawing = readFileSync('public/icon.svg', 'utf8').replace('<svg ', '<svg width="62%" ')
const browser = await launchBrowser()
mkdirSync('public/icons', { recursive: true })
for (const size of SIZES_PX) {
  const page = await browser.newPage({ viewport: { width: size, height: size } })
  await page.setContent(
    `<body style="margin:0;height:100vh;display:grid;place-items:center;background:#f4efe4">${drawing}</body>`,
  )
  writeFileSync(`public/icons/${size}.png`, await page.screenshot())
}
await browser.close()
