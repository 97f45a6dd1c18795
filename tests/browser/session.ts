import type { Browser, Page } from 'playwright-core'
import { afterAll, afterEach, beforeAll, expect } from 'vitest'
import { launchBrowser, openPage, type OpenPage } from '../../scripts/lib/browser'
import { startServer, type RunningServer, type ServerOptions } from '../../scripts/lib/server'
import '../helpers/wire'
export { choose, chooseYard } from '../../scripts/lib/browser'

export interface Session {
  server: RunningServer
  browser: Browser
  /** A fresh profile; whatever it complains of fails the test. */
  open: (
    path?: string,
    options?: { width?: number; height?: number; touch?: boolean; locale?: string; app?: boolean },
  ) => Promise<Page>
  opened: OpenPage[]
}

/** One server and one browser for a test file. */
export function useSession(options: ServerOptions): Session {
  const session = { opened: [] as OpenPage[] } as Session
  beforeAll(async () => {
    session.server = await startServer(options)
    session.browser = await launchBrowser()
  })
  afterEach(async () => {
    const complaints = session.opened.flatMap((one) => one.complaints)
    for (const { context } of session.opened.splice(0)) await context.close()
    expect(complaints).toEqual([])
  })
  afterAll(async () => {
    await session.browser?.close()
    await session.server?.stop()
  })
  session.open = async (path = '/', pageOptions = {}) => {
    const opened = await openPage(session.browser, pageOptions)
    session.opened.push(opened)
    await opened.page.goto(session.server.url + path)
    return opened.page
  }
  return session
}

/** The address of a hive of an older Duvet: it leads on to the bench, in whichever yard it stands. */
export const hivePath = (id: string) => `/hives/${encodeURIComponent(id)}`

/** Waits until a hive is drawn. */
export async function drawn(page: Page): Promise<void> {
  await page.waitForSelector('[data-testid="drawing"] svg [data-part]')
}

/** The parts as they stand, bottom first. */
export function layers(page: Page): Promise<string[]> {
  return page.$$eval('[data-testid="drawing"] [data-part]', (parts) =>
    parts.map((part) => part.getAttribute('data-part')!),
  )
}

/** Every gap on the drawing with its figure. */
export function gaps(page: Page): Promise<{ key: string; mm: number; ghost: boolean }[]> {
  return page.$$eval('[data-testid="drawing"] [data-gap]', (marks) =>
    marks.map((mark) => ({
      key: mark.getAttribute('data-gap')!,
      mm: Number(mark.getAttribute('data-mm')),
      ghost: mark.hasAttribute('data-ghost-gap'),
    })),
  )
}

export const figures = async (page: Page) => (await gaps(page)).map(({ mm }) => mm)

/** Waits until nothing is left to be sent. */
export async function saved(page: Page): Promise<void> {
  await expect.poll(() => page.evaluate(waitingHere), { timeout: 30_000 }).toBe(0)
}

/** How much waits on this device, as its database has it. */
async function waitingHere(): Promise<number> {
  const done = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result)
      request.onerror = () => reject(new Error('the database of the browser'))
    })
  const database = await done(indexedDB.open('duvet'))
  const tx = database.transaction(['edits', 'slips'])
  const edits: { sentAs?: number }[] = await done(tx.objectStore('edits').getAll())
  const slips = await done(tx.objectStore('slips').count())
  database.close()
  return edits.filter(({ sentAs }) => sentAs === undefined).length + slips
}

/** The middle of a part on the drawing. */
export async function middleOf(page: Page, partId: string): Promise<{ x: number; y: number }> {
  const box = await page.locator(`[data-testid="drawing"] [data-part="${partId}"]`).boundingBox()
  if (!box) throw new Error(`${partId} is not drawn`)
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

/** Types a day, or a day and a time, as it is written on the screen. */
export async function typeDay(page: Page, which: string, written: string): Promise<void> {
  const field = page.getByTestId(which).locator('input')
  await field.fill(written)
  await field.press('Enter')
}

/** What is chosen in a list of choices, as it is written there. */
export function chosenIn(page: Page, which: string): Promise<string> {
  return page.getByTestId(which).innerText()
}
