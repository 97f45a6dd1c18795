import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core'

/** Debian's Chromium without a monitor and without a network. */
export function launchBrowser(): Promise<Browser> {
  return chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
}

export interface OpenPage {
  readonly context: BrowserContext
  readonly page: Page
  /** What the page complained of: errors, refused resources, policy violations. */
  readonly complaints: string[]
}

/** A page in a profile of its own, with everything it complains of written down. */
export async function openPage(
  browser: Browser,
  options: { width?: number; height?: number; touch?: boolean } = {},
): Promise<OpenPage> {
  const context = await browser.newContext({
    viewport: { width: options.width ?? 1280, height: options.height ?? 800 },
    hasTouch: options.touch ?? false,
    isMobile: options.touch ?? false,
    acceptDownloads: true,
  })
  // Functions sent to the page keep their names through a helper that the page does not have.
  await context.addInitScript('globalThis.__name = (named) => named')
  const page = await context.newPage()
  const complaints: string[] = []
  page.on('pageerror', (error) => complaints.push(String(error)))
  page.on('console', (message) => {
    if (
      message.type() === 'error' &&
      !/ERR_(CONNECTION_\w+|FAILED|EMPTY_RESPONSE)|status of (409|422)/.test(message.text())
    )
      complaints.push(message.text())
  })
  return { context, page, complaints }
}
