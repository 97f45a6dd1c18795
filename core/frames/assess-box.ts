import {
  checkComb,
  checkDrainFrames,
  checkFrameSpacing,
  checkSideRoom,
  bySeverity,
  findingsOfBoth,
  type Context,
  type Finding,
} from '../checks'
import { checkEndBars } from '../checks/bee-space'
import { checkFrames } from '../checks/fit'
import { measure } from '../measure'
import { assembleHive, hasTwoSides, onSide } from '../geometry'
import type { HiveSide, Part, Placement } from '../hive'

const CHECKS = [checkFrames, checkEndBars, checkFrameSpacing, checkSideRoom, checkComb, checkDrainFrames]

/** The findings about what hangs in one box, wherever it stands, worst first. */
export function assessBox(part: Part, placement: Placement, context: Context): Finding[] {
  const hive = {
    id: part.id,
    name: '',
    stage: context.stage,
    note: '',
    stack: [placement],
    attachments: [],
    accepted: [],
  }
  const box = assembleHive(hive, new Map([[part.id, part]]), context.catalogue)
  const found = (side: HiveSide) => {
    const measured = measure(onSide(box, side, context.catalogue), context)
    return CHECKS.flatMap((check) => check(measured, context))
  }
  return (hasTwoSides(box) ? findingsOfBoth(found('first'), found('other')) : found('first')).sort(bySeverity)
}
