import type { Figures } from '../../figures'
import { daysLater } from '../days'
import type { Look } from './look'

/** What queen cells say: the days by which things happen, and whether a swarm may be gone already. */
export interface CellsSeen {
  readonly open: number
  readonly sealed: number
  /** With eggs or larvae: the first may be sealed from this day on, and about then a swarm leaves. */
  readonly sealedFrom: string | undefined
  readonly sealedBy: string | undefined
  /** Sealed cells: a virgin comes out between these days. */
  readonly virginFrom: string | undefined
  readonly virginBy: string | undefined
  readonly mayBeGone: boolean
}

/**
 * Queen cells of a look: one with a larva may be sealed tomorrow, one with an egg is within 8½ days; a virgin comes out
 * of a sealed one within 8; a swarm leaves about when the first is sealed (standard biology: egg 3, larva 5½, capped
 * 7½, queen 16 days). Undefined where there are none.
 */
export function cellsSeen({ cells }: Look, day: string, figures: Figures): CellsSeen | undefined {
  const [open, sealed] = [cells?.open ?? 0, cells?.sealed ?? 0]
  if (open + sealed === 0) return undefined
  return {
    open,
    sealed,
    sealedFrom: open > 0 ? daysLater(day, 1) : undefined,
    sealedBy: open > 0 ? daysLater(day, Math.floor(figures.eggDays + figures.queenOpenDays)) : undefined,
    virginFrom: sealed > 0 ? day : undefined,
    virginBy: sealed > 0 ? daysLater(day, figures.queenCappedDays) : undefined,
    mayBeGone: sealed > 0,
  }
}

/** The last days on which a queen must have been there: seen, or her eggs, which stay eggs for three days. */
export function queenSince(look: Look, day: string, { eggDays }: Figures): { from: string; to: string } | undefined {
  if (look.queen === 'seen') return { from: day, to: day }
  const hasEggs = look.queen === 'eggs' || (look.broodFrames?.eggs ?? 0) > 0
  const tappedEggs = look.combs?.some(({ brood }) => brood?.includes('eggs')) === true
  return hasEggs || tappedEggs ? { from: daysLater(day, -eggDays), to: day } : undefined
}
