import { browserStorage } from '~/composables/kept'

const PREFIX = 'duvet.tab.'
const KEY = 'duvet.tab'
/** A page that is loaded again waits so long for the page before it to be gone. */
const PATIENCE_MS = 400
const LOOK_MS = 40

const locks = (): LockManager | undefined => globalThis.navigator?.locks

export interface Claim {
  /** The identity of this page, held by a lock as long as it lives. */
  readonly id: string
  /** The page that this tab showed before; where the tab was duplicated, that page may live on. */
  readonly before: string | null
}

/** An identity of its own for every page: what an earlier page of this tab left behind is never written over. */
export async function claimTab(): Promise<Claim> {
  const session = browserStorage('sessionStorage')
  const before = session.getItem(KEY)
  const id = crypto.randomUUID()
  if (locks()) {
    await new Promise<void>((resolve) => {
      void locks()!.request(PREFIX + id, () => {
        resolve()
        return new Promise<void>(() => {})
      })
    })
  }
  try {
    session.setItem(KEY, id)
  } catch {
    // Without it the page after this one does not wait for it to be gone: what is left is then found a little later.
  }
  return { id, before }
}

/** Which of these pages are gone. One of them may just be going: it is waited for a moment. */
export async function goneTabs(ids: readonly string[], going: string | null = null): Promise<string[]> {
  if (!locks()) return [...ids]
  for (let waited = 0; ; waited += LOOK_MS) {
    const { held = [], pending = [] } = await locks()!.query()
    const live = new Set([...held, ...pending].map(({ name }) => name))
    const isGoing = going !== null && ids.includes(going) && live.has(PREFIX + going)
    if (!isGoing || waited >= PATIENCE_MS) return ids.filter((id) => !live.has(PREFIX + id))
    await new Promise((resolve) => setTimeout(resolve, LOOK_MS))
  }
}
