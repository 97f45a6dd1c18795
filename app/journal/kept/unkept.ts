import { fieldOf } from '#core/units'
import type { NewAside } from '../machine'
import type { KeptEdit } from './device'

/** Why this browser does not keep what waits. */
export type Unkept = 'full' | 'lost' | 'forbidden'

/** What a browser answers whose database was cleared or closed under the page. */
const LOST = new Set(['InvalidStateError', 'NotFoundError'])

export function unkeptBy(error: unknown): Unkept {
  return LOST.has(String(fieldOf(error, 'name'))) ? 'lost' : 'full'
}

/** What was kept and cannot be read is put where the keeper finds it. */
export function unreadable({ yardId, entry }: KeptEdit): NewAside {
  return {
    yardId: yardId ?? null,
    why: 'It was kept half written, or by another version of Duvet, and cannot be read.',
    text: JSON.stringify(entry),
  }
}
