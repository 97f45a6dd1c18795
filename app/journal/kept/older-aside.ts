import { fieldOf } from '#core/units'
import { isSlip, type SetAside } from '../machine'

type Older = Omit<SetAside, 'id' | 'at'>

/** What an older Duvet had set aside of books, each as it is set aside now. */
export function readOlderAside(text: string, now: string): Older[] {
  const left = (why: string, more: Partial<Older>): Older => ({ yardId: null, yardName: '', why, entries: [], ...more })
  try {
    const list: unknown = JSON.parse(text)
    return (Array.isArray(list) ? list : []).map((one: unknown, i) => {
      const why = String(fieldOf(one, 'sentence') ?? '')
      const made = { sort: 'entries', id: `older-${i}`, after: null, keptAt: now }
      const slip = { ...made, yardId: fieldOf(one, 'yardId'), entries: fieldOf(one, 'entries') }
      return isSlip(slip) ? left(why, { slip, yardId: slip.yardId }) : left(why, { text: JSON.stringify(one) })
    })
  } catch {
    return [left('It cannot be read any more.', { text })]
  }
}
