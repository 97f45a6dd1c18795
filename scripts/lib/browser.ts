import { chromium, type Browser, type BrowserContext, type Locator, type Page } from 'playwright-core'

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
  options: { width?: number; height?: number; touch?: boolean; locale?: string; app?: boolean } = {},
): Promise<OpenPage> {
  const context = await browser.newContext({
    viewport: { width: options.width ?? 1280, height: options.height ?? 800 },
    hasTouch: options.touch ?? false,
    isMobile: options.touch ?? false,
    acceptDownloads: true,
    locale: options.locale ?? 'en-GB',
    // Kept by a service worker only where that is what is looked at.
    serviceWorkers: options.app ? 'allow' : 'block',
  })
  // Functions sent to the page keep their names through a helper that the page does not have.
  await context.addInitScript('globalThis.__name = (named) => named')
  const page = await context.newPage()
  const complaints: string[] = []
  page.on('pageerror', (error) => complaints.push(String(error)))
  page.on('console', (message) => {
    if (
      message.type() === 'error' &&
      !/ERR_(CONNECTION_\w+|FAILED|EMPTY_RESPONSE|INTERNET_DISCONNECTED)|status of (409|422)/.test(message.text())
    )
      complaints.push(message.text())
  })
  return { context, page, complaints }
}

/** Opens a list of choices and takes one by what is written on it. */
export async function choose(page: Page, which: string | Locator, written: string | RegExp): Promise<void> {
  await (typeof which === 'string' ? page.getByTestId(which) : which).click()
  // Frames on a drawing are options of a list as well.
  await page
    .locator('.el-select-dropdown')
    .getByRole('option', { name: written, exact: typeof written === 'string' })
    .first()
    .click()
}

/** Goes to the same view of another yard, from the head of the page. */
export async function chooseYard(page: Page, name: string): Promise<void> {
  await page.getByTestId('where').waitFor({ state: 'attached' })
  const wide = await page.getByTestId('yard-choice').isVisible()
  await page.getByTestId(wide ? 'yard-choice' : 'where').click()
  await page.getByTestId('finder').fill(name)
  await page
    .locator('[data-found]')
    .filter({ has: page.getByText(name, { exact: true }) })
    .click()
}
