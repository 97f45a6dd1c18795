import { there } from '../units'
import { foundInBox } from './checks'
import { bySeverity, assembleHive, hasTwoSides, onSide } from '../stack'
import type { Finding } from './finding'
import { findingsOfBoth } from './both-sides'
import type { Context } from './context'
import { keptPromises, triedOut, type Judgement } from './promise'
import { trialOf } from './trial'
import { measure } from './measure'
import { emptyYard, HIVE_SIDES, type Hive, type HiveSide, type Placement } from '../yard'
import type { Part } from '../parts'

/** The findings about what hangs in one box, wherever it stands, worst first. */
export function assessBox(part: Part, placement: Placement, context: Context): Finding[] {
  const hive: Hive = {
    id: part.id,
    name: '',
    stage: context.stage,
    note: '',
    stack: [placement],
    attachments: [],
    accepted: [],
  }
  const judge = (own: Part): Judgement => {
    const box = assembleHive(hive, new Map([[own.id, own]]), context.catalogue)
    const found = (side: HiveSide) => {
      const measured = measure(onSide(box, side, context.catalogue), context)
      return { findings: foundInBox(measured, context), layout: measured.layout }
    }
    const sides = hasTwoSides(box) ? HIVE_SIDES.map(found) : [found('first')]
    const [first, other] = sides
    return {
      findings: other ? findingsOfBoth(there(first).findings, other.findings) : there(first).findings,
      sides: sides.map(({ layout }) => trialOf(layout, context)),
    }
  }
  const before = judge(part)
  const yard = { ...emptyYard('', ''), hives: [hive], parts: [part] }
  const after = triedOut(yard, ({ parts }) => judge(parts[0] ?? part))
  return before.findings
    .map((finding) => ({
      ...finding,
      ways: () => keptPromises(finding, before, after, context.band),
    }))
    .sort(bySeverity)
}
