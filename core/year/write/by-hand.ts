import type { Catalogue, Part } from '../../parts'
import type { PartLookup } from '../../stack'
import { newPart, WANTED, type HandPlan, type Hive } from '../../yard'
import { partsWith, type PlannedStage } from './planned'

/** What was written, in a few signs: the same as long as the same parts stand the same way. */
export function fingerprint({ hive }: Pick<PlannedStage, 'hive'>): string {
  return [
    ...hive.stack.map(({ partId, turnedOver, role }) => `${partId}${turnedOver ? '^' : ''}${role ? `:${role}` : ''}`),
    ...hive.attachments.map(({ partId }) => `+${partId}`),
  ].join(' ')
}

/** A plan by hand of what stands in `planned`, to be kept. */
export function handPlanOf(
  planned: Pick<PlannedStage, 'hive' | 'parts'>,
  parts: PartLookup,
  writtenFrom: string,
): HandPlan {
  const all = partsWith(parts, planned)
  const patternOf = (partId: string) => all.get(partId)?.patternId ?? ''
  return {
    layers: planned.hive.stack.map((placement) => {
      const hole = all.get(placement.partId)?.hole
      return { placement, patternId: patternOf(placement.partId), ...(hole ? { hole } : {}) }
    }),
    attachments: planned.hive.attachments.map((attachment) => ({
      ...attachment,
      patternId: patternOf(attachment.partId),
    })),
    writtenFrom,
  }
}

/** The stage as it was planned by hand; what the yard no longer has is to be had again, and said. */
export function byHand(
  hand: HandPlan,
  written: PlannedStage,
  hive: Hive,
  parts: PartLookup,
  catalogue: Catalogue,
): PlannedStage {
  const fresh: Part[] = []
  const lacks: string[] = []
  const pool = partsWith(parts, written)
  const used = new Set<string>()
  /** A part stands once, even where a plan names it twice. */
  const partFor = (partId: string, patternId: string, hole?: Part['hole']): string | undefined => {
    if (used.has(partId)) return undefined
    used.add(partId)
    const there = pool.get(partId)
    const known = there && hole && there.hole !== hole ? { ...there, hole } : there
    if (known) {
      if (parts.get(partId) !== known) fresh.push(known)
      return partId
    }
    const pattern = catalogue.patterns.get(patternId)
    if (!partId.startsWith(WANTED)) lacks.push(patternId)
    if (!pattern) return undefined
    const id = partId.startsWith(WANTED) ? partId : `${WANTED}${partId}`
    let n = 0
    fresh.push({ ...newPart(pattern, catalogue, () => `${id}/${n++}`), id, ...(hole ? { hole } : {}) })
    return id
  }
  const stack = hand.layers.flatMap(({ placement, patternId, hole }) => {
    const partId = partFor(placement.partId, patternId, hole)
    return partId ? [{ ...placement, partId }] : []
  })
  const attachments = hand.attachments.flatMap(({ partId: old, patternId, ...rest }) => {
    const partId = partFor(old, patternId)
    return partId ? [{ ...rest, partId }] : []
  })
  return {
    stage: written.stage,
    hive: { ...hive, stage: written.stage, stack, attachments, accepted: [] },
    parts: fresh,
    byHand: true,
    lacks,
    ...(hand.writtenFrom === fingerprint(written) ? {} : { conflict: written }),
  }
}
