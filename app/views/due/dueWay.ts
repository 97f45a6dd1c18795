import type { DueLine } from '#core/book'
import { hivePath, yardPath } from '~/composables/paths'
import type { DueAt } from './useDueLines'

type Due = DueLine['reason']['due']
type Place = 'look' | 'book' | 'bench' | 'visit' | 'weigh' | 'year' | 'shed'

/** Where each thing that is due is done: the form that it asks for, or the yard’s year. */
const PLACES: Readonly<Record<Due, Place>> = {
  look: 'look',
  cells: 'look',
  act: 'look',
  visit: 'year',
  'visit-under-way': 'visit',
  weigh: 'weigh',
  box: 'bench',
  'hive-nucleus': 'bench',
  headspace: 'bench',
  back: 'bench',
  loan: 'shed',
  count: 'book',
  'count-after': 'book',
  'treatment-end': 'book',
  'treatment-open': 'book',
  battery: 'book',
  feed: 'book',
  task: 'book',
  inspect: 'book',
  'close-door': 'book',
  kit: 'book',
  'let-out': 'book',
}

/** The way to where a line is done. */
export function wayOf({ reason, hiveId, yard }: DueAt): string {
  const place = PLACES[reason.due]
  if (place === 'shed') return yardPath(yard.id, 'shed')
  if (place === 'weigh') return `${hivePath(yard.id, hiveId, 'weight')}?see=weigh`
  if (place !== 'year') return hivePath(yard.id, hiveId, place)
  const stage = 'stage' in reason ? `stage=${reason.stage}&` : ''
  return `${yardPath(yard.id, 'year')}?${stage}hive=${encodeURIComponent(hiveId)}`
}
