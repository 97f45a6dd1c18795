import { browserStorage } from '~/composables/kept'

const PREFIX = 'duvet.tab.'
/** A page that is loaded again waits so long for the lock of the page before it. */
const PATIENCE_MS = 400

const locks = () => globalThis.navigator?.locks as LockManager | undefined

/** Holds a lock as long as this page lives; false where another page holds it. */
function hold(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    const given = AbortSignal.timeout(PATIENCE_MS)
    locks()!.request(name, { signal: given }, () => {
      resolve(true)
      return new Promise<void>(() => {})
    }).catch(() => resolve(false))
  })
}

/**
 * The identity of this tab, held by a lock: a tab that was duplicated, and with it what it remembers, gets one of its
 * own. Where the browser has no locks every page is a tab of its own.
 */
export async function claimTab(): Promise<string> {
  const session = browserStorage('sessionStorage')
  const before = session.getItem('duvet.tab')
  if (locks() && before && await hold(PREFIX + before)) return before
  const id = crypto.randomUUID()
  if (locks()) await hold(PREFIX + id)
  try {
    session.setItem('duvet.tab', id)
  } catch {
    // A full storage costs this tab its name after a reload, nothing else: what waits is found by whoever comes next.
  }
  return id
}

/** Which of these tabs no page holds any more. */
export async function goneTabs(ids: readonly string[]): Promise<string[]> {
  if (!locks()) return [...ids]
  const { held = [], pending = [] } = await locks()!.query()
  const live = new Set([...held, ...pending].map(({ name }) => name))
  return ids.filter((id) => !live.has(PREFIX + id))
}
