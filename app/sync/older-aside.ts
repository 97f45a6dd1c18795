import { fieldOf } from '#core/units'
import { browserStorage } from '~/composables/kept'
import type { NewAside } from '~/stores/aside'
import { isSlip } from './slips'

/** Where an older Duvet kept what it had set aside of books. */
const OF_BOOKS = 'duvet.book.set-aside'

/** What an older Duvet had set aside of books, each as it is set aside now. */
export function olderAside(): NewAside[] {
  const text = browserStorage().getItem(OF_BOOKS)
  if (!text) return []
  const left = (why: string, more: object) => ({ yardId: null, yardName: '', why, entries: [], ...more })
  try {
    const list: unknown = JSON.parse(text)
    return (Array.isArray(list) ? list : []).map((one: unknown) => {
      const why = String(fieldOf(one, 'sentence') ?? '')
      const made = { sort: 'entries', id: crypto.randomUUID(), after: null, keptAt: new Date().toISOString() }
      const slip = { ...made, yardId: fieldOf(one, 'yardId'), entries: fieldOf(one, 'entries') }
      return isSlip(slip) ? left(why, { slip, yardId: slip.yardId }) : left(why, { text: JSON.stringify(one) })
    })
  } catch {
    return [left('It cannot be read any more.', { text })]
  }
}

export const forgetOlderAside = (): void => browserStorage().removeItem(OF_BOOKS)
