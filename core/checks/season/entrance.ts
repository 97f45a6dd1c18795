import { isCold, type Stage } from '../../hive'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { attach, detach } from '../remedies'

const NARROW: ReadonlySet<Stage> = new Set(['settling', 'after-crop', 'dearth'])
const FREE: ReadonlySet<Stage> = new Set(['flow', 'crop'])
const WARM: ReadonlySet<Stage> = new Set(['supering', 'flow', 'crop'])

/** What is at the door and in the floor, against the stage: guarded in the cold, narrow for a small colony, free in the flow (common practice). */
export function checkEntrance({ layout, assembled }: Measured, { stage, catalogue }: Context): Finding[] {
  const floor = layout.parts.find(({ pattern }) => pattern?.kind === 'floor')
  if (!floor) return []
  const fittings = assembled.attached.filter(({ pattern }) => pattern?.kind === 'entrance-fitting')
  const insert = assembled.attached.find(({ pattern }) => pattern?.kind === 'floor-insert')
  const add = (patternId: string) => {
    const pattern = catalogue.patterns.get(patternId)
    return pattern ? [attach(assembled.hive, pattern, catalogue)] : []
  }
  const guarded = fittings.some(({ pattern }) => pattern?.id === 'mouse-guard')
  const found: Finding[] = []
  if (isCold(stage) && !guarded) found.push(findingOf('season.no-guard', fittings.length > 0 ? 'note' : 'watch', [floor.part.id], { facts: { narrow: fittings.length > 0 }, remedies: add('mouse-guard') }))
  if (NARROW.has(stage) && fittings.length === 0) found.push(findingOf('season.wide-entrance', 'note', [floor.part.id], { facts: { stage }, remedies: add('entrance-block') }))
  if (FREE.has(stage)) for (const one of fittings) found.push(findingOf('season.narrow-entrance', 'note', [one.part.id], { remedies: [detach(assembled.hive, one)] }))
  if (WARM.has(stage) && insert) found.push(findingOf('season.insert-in', 'note', [insert.part.id], { remedies: [detach(assembled.hive, insert)] }))
  if (stage === 'moving' && !fittings.some(({ pattern }) => pattern?.id === 'entrance-mesh')) found.push(findingOf('season.travel-open', 'mend', [floor.part.id], { remedies: add('entrance-mesh') }))
  return found
}
