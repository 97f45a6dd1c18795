import { there } from '../../units'
import type { Catalogue, Part } from '../../parts'
import { assembleHive, type AssembledHive, type PartLookup } from '../../stack'
import {
  type Attachment,
  type Hive,
  type Placement,
  type Stage,
  type TravelTask,
  type VisitStep,
  meaningOf,
} from '../../yard'
import { massOfPart, mayHold, usualWeighing, type Range } from '../../loads'
import { boxesToSortInto, mayHoldColony } from './going-down'
import { changeoverMoves } from './moves'
import type { Changeover, Handling } from './model'

/** A hive with all the parts that it is made of. */
export interface HiveWithParts {
  readonly hive: Hive
  readonly parts: PartLookup
}

/** What a changeover does to a part that stays: its hole, or the frames in it. */
export interface PartChange {
  readonly partId: string
  readonly change: 'close-hole' | 'open-hole' | 'space-frames'
  readonly frames: number
}

/** What all moves may weigh, kg: by the bounds of every part. */
export interface Bounds {
  readonly low: number
  readonly high: number
}

/** From one stack to the next, for one hive. */
export interface HiveChangeover extends Changeover {
  readonly hiveId: string
  readonly toStage: Stage
  /** Parts by identity, from before and after. */
  readonly parts: PartLookup
  readonly bounds: Bounds
  readonly fittingsOff: readonly Attachment[]
  readonly fittingsOn: readonly Attachment[]
  readonly changes: readonly PartChange[]
  /** What must be in the van, and what comes home, layers and fittings. */
  readonly coming: readonly string[]
  readonly leaving: readonly string[]
  readonly steps: readonly VisitStep[]
}

const standingOf = ({ turnedOver, yawDeg, offsetMm }: Placement) =>
  `${turnedOver ? 'over' : 'up'} ${yawDeg} ${offsetMm.x},${offsetMm.y}`

const sameFitting = (a: Attachment) => (b: Attachment) =>
  a.partId === b.partId && a.place === b.place && (a.edge ?? 'lower') === (b.edge ?? 'lower')

interface Weighed extends Handling {
  readonly range: Range
}

function handled(assembled: AssembledHive, stage: Stage, isDrawn: (partId: string) => boolean): Weighed[] {
  const weighing = mayHold(usualWeighing(stage))
  return assembled.stack.map(({ part, placement, resolved }) => {
    const range = massOfPart(
      resolved,
      placement.role,
      isDrawn(part.id) ? { ...weighing, fullness: 'drawn' } : weighing,
    ).kg
    const isLift = range.middle >= resolved.figures.liftFromKg
    return { partId: part.id, kg: range.middle, isLift, range, standing: standingOf(placement) }
  })
}

/**
 * The changeover of a hive from one stage to another: moves with the fewest lifts, fittings by hand, and what goes in
 * the van and comes home. Masses are those that parts have as they are found; what comes weighs what it will.
 */
export function changeoverOf(
  before: HiveWithParts,
  after: HiveWithParts,
  catalogue: Catalogue,
  places?: number,
): HiveChangeover {
  const from = assembleHive(before.hive, before.parts, catalogue)
  const to = assembleHive(after.hive, after.parts, catalogue)
  const [standing, staying] = [
    new Set(before.hive.stack.map(({ partId }) => partId)),
    new Set(after.hive.stack.map(({ partId }) => partId)),
  ]
  // What comes is empty or drawn; what leaves the colony is drawn comb, once its frames were gone through.
  const goal = handled(to, after.hive.stage, (id) => !standing.has(id))
  const sorted = new Map(
    from.stack
      .filter((box) => !staying.has(box.part.id) && mayHoldColony(box))
      .map((box) => [box.part.id, boxesToSortInto(box, from, staying, catalogue)]),
  )
  const now = new Map(handled(from, before.hive.stage, (id) => sorted.has(id)).map((part) => [part.partId, part]))
  const plan = changeoverMoves(
    [...now.values()],
    goal.map((part) => {
      const { kg, isLift } = now.get(part.partId) ?? part
      return { ...part, kg, isLift }
    }),
    places,
  )
  const fittingsOff = before.hive.attachments.filter((one) => !after.hive.attachments.some(sameFitting(one)))
  const fittingsOn = after.hive.attachments.filter((one) => !before.hive.attachments.some(sameFitting(one)))
  const ids = ({ stack, attachments }: Hive) => [
    ...stack.map(({ partId }) => partId),
    ...attachments.map(({ partId }) => partId),
  ]
  const [was, is] = [new Set(ids(before.hive)), new Set(ids(after.hive))]
  const parts: PartLookup = { get: (id) => after.parts.get(id) ?? before.parts.get(id) }
  const changes = [...is]
    .filter((id) => was.has(id))
    .flatMap((id) => changeOf(before.parts.get(id), after.parts.get(id)))
  const ranges = new Map([...goal, ...now.values()].map(({ partId, range }) => [partId, range]))
  const bounds: Bounds = {
    low: plan.moves.reduce((sum, { partId }) => sum + there(ranges.get(partId)).low, 0),
    high: plan.moves.reduce((sum, { partId }) => sum + there(ranges.get(partId)).high, 0),
  }
  const changeover = {
    ...plan,
    bounds,
    hiveId: after.hive.id,
    toStage: after.hive.stage,
    parts,
    fittingsOff,
    fittingsOn,
    changes,
    coming: [...is].filter((id) => !was.has(id)),
    leaving: [...was].filter((id) => !is.has(id)),
  }
  return { ...changeover, steps: stepsOf({ changeover, before, after, sorted }) }
}

function changeOf(before: Part | undefined, after: Part | undefined): PartChange[] {
  if (!before || !after || before === after) return []
  if (before.hole !== after.hole)
    return [{ partId: after.id, change: after.hole === 'closed' ? 'close-hole' : 'open-hole', frames: 0 }]
  return before.contents.length === after.contents.length
    ? []
    : [{ partId: after.id, change: 'space-frames', frames: after.contents.length }]
}

interface Stepping {
  readonly changeover: Omit<HiveChangeover, 'steps'>
  readonly before: HiveWithParts
  readonly after: HiveWithParts
  /** Boxes whose frames are gone through before they leave, and the boxes that the frames go into. */
  readonly sorted: ReadonlyMap<string, readonly string[]>
}

/** A step at the hive that moves nothing: what else is done says the caller. */
function stepAt(partId: string, { changeover }: Stepping): VisitStep {
  const patternId = changeover.parts.get(partId)?.patternId ?? ''
  return { partId, patternId, from: 'hive', to: 'hive', kg: 0, turned: false }
}

const changedIds = ({ changeover }: Stepping) => new Set(changeover.changes.map(({ partId }) => partId))

/** What is done at the hive, step by step: fittings off, moves, what is changed where it stands, fittings on. */
function stepsOf(stepping: Stepping): VisitStep[] {
  const { fittingsOff, fittingsOn, toStage } = stepping.changeover
  const steps = [
    ...fittingsOff.map((one) => fittingStep(one, false, stepping)),
    ...carriedSteps(stepping),
    ...stepsInPlace(stepping),
    ...fittingsOn.map((one) => fittingStep(one, true, stepping)),
  ]
  if (!meaningOf(toStage).isOnTheRoad || steps.length === 0) return steps
  const floor = stepping.after.hive.stack[0]?.partId ?? ''
  const tasks = (...names: readonly TravelTask[]) => names.map((task) => ({ ...stepAt(floor, stepping), task }))
  const closing = steps.findIndex(({ attachment, to }) => attachment && to === 'hive')
  const shut = closing < 0 ? steps.length : closing
  return [
    ...tasks('distance'),
    ...steps.slice(0, shut),
    ...tasks('fix'),
    ...steps.slice(shut),
    ...tasks('shade', 'water', 'open-again'),
  ]
}

function carriedSteps(stepping: Stepping): VisitStep[] {
  const { changeover, after, sorted } = stepping
  const { moves } = changeover
  const placements = new Map(after.hive.stack.map((placement) => [placement.partId, placement]))
  const changed = changedIds(stepping)
  const lastOn = new Map(moves.map(({ partId, to }, i) => [to === 'hive' ? partId : '', i]))
  const sortedAt = new Map([...sorted.keys()].map((id) => [moves.findIndex(({ partId }) => partId === id), id]))
  return moves.flatMap(({ partId, from, to, kg, turned }, i): VisitStep[] => {
    const placement = placements.get(partId)
    const part = after.parts.get(partId)
    const first = sortedAt.get(i)
    const isNew = lastOn.get(partId) === i && (from === 'van' || changed.has(partId))
    return [
      ...(first === undefined ? [] : [{ ...stepAt(first, stepping), sortInto: there(sorted.get(first)) }]),
      {
        ...stepAt(partId, stepping),
        from,
        to,
        kg,
        turned,
        ...(to === 'hive' && placement ? { placement } : {}),
        ...(to === 'hive' && part && isNew ? { part } : {}),
      },
    ]
  })
}

function stepsInPlace(stepping: Stepping): VisitStep[] {
  const { changeover, before, after } = stepping
  const changed = changedIds(stepping)
  const carried = new Set(changeover.moves.map(({ partId }) => partId))
  const roles = new Map(before.hive.stack.map(({ partId, role }) => [partId, role]))
  return after.hive.stack
    .filter(({ partId, role }) => !carried.has(partId) && (changed.has(partId) || roles.get(partId) !== role))
    .map((placement): VisitStep => {
      const part = after.parts.get(placement.partId)
      return {
        ...stepAt(placement.partId, stepping),
        ...(roles.get(placement.partId) === placement.role ? {} : { placement }),
        ...(part && changed.has(placement.partId) ? { part } : {}),
      }
    })
}

function fittingStep(attachment: Attachment, on: boolean, stepping: Stepping): VisitStep {
  const part = stepping.after.parts.get(attachment.partId)
  return {
    ...stepAt(attachment.partId, stepping),
    from: on ? 'van' : 'hive',
    to: on ? 'hive' : 'van',
    attachment,
    ...(on && part ? { part } : {}),
  }
}
