import {
  type Pattern,
  type Use,
  isAbsorber,
  isBox,
  isEke,
  isEntranceFitting,
  isExcluder,
  isFeeder,
  isFloor,
  isFloorInsert,
  isSlab,
  isStand,
  isVent,
  isWrap,
} from '../../parts'
import {
  isCold,
  TRAVEL_TASKS,
  type Placement,
  type Stage,
  type VisitStep,
  meaningOf,
  type StageMeaning,
} from '../../yard'

export const STEP_REASONS = [
  'in-the-way',
  'goes-back',
  'crop',
  'winter-form',
  'queen-to-food',
  'clean-crop',
  'room-for-nectar',
  'room-for-brood',
  'winter-top',
  'winter-top-off',
  'settling',
  'mice',
  'robbing',
  'full-entrance',
  'insert-in',
  'insert-out',
  'sort-frames',
  'guard-instead',
  'another-door',
  'feed',
  'feed-off',
  'feed-too-late',
  'vent-on',
  'vent-off',
  'wrap-on',
  'wrap-off',
  'they-fly',
  'floor',
  'travel',
  'air-for-the-road',
  'apart-on-the-road',
  ...TRAVEL_TASKS,
  'cover',
] as const

/** Why a step is taken. */
export type StepReason = (typeof STEP_REASONS)[number]

/** Where the door is opened for the traffic. */
const OPENED: ReadonlySet<StageMeaning['door']> = new Set(['narrow-after-winter', 'stays-narrow', 'free', 'wide'])

/** Why a step is taken: what only gives way, what comes and what goes, by its kind and the stage that is made. */
export function reasonOf(
  step: Pick<VisitStep, 'from' | 'to' | 'attachment' | 'sortInto' | 'task'>,
  pattern: Pattern | undefined,
  role: Placement['role'],
  stage: Stage,
): StepReason {
  if (step.task) return step.task
  if (step.sortInto) return 'sort-frames'
  if (step.from !== 'van' && step.to !== 'van' && !step.attachment)
    return step.to === 'hive' ? 'goes-back' : 'in-the-way'
  const part = { pattern }
  const [coming, going] = reasonsOf(part, role, stage)
  return step.to === 'hive' ? coming : going
}

/** Why a part comes on, and why it goes. */
function reasonsOf(
  part: { readonly pattern: Pattern | undefined },
  role: Placement['role'],
  stage: Stage,
): readonly [coming: StepReason, going: StepReason] {
  if (isExcluder(part)) return ['clean-crop', 'queen-to-food']
  if (isBox(part))
    return role === 'super'
      ? ['room-for-nectar', 'crop']
      : ['room-for-brood', meaningOf(stage).isSettling ? 'settling' : 'winter-form']
  if (isSlab(part) || isAbsorber(part)) return ['winter-top', 'winter-top-off']
  if (isVent(part)) return ['vent-on', 'vent-off']
  if (isFeeder(part) || isEke(part)) return ['feed', isCold(stage) ? 'feed-too-late' : 'feed-off']
  if (isWrap(part)) return ['wrap-on', 'wrap-off']
  if (isFloor(part) || isStand(part)) return ['floor', 'floor']
  if (isFloorInsert(part)) return ['insert-in', 'insert-out']
  if (isEntranceFitting(part))
    return [
      DOOR_REASONS[part.pattern.use ?? 'narrow'] ?? 'robbing',
      isCold(stage)
        ? 'guard-instead'
        : part.pattern.use === 'guard'
          ? 'they-fly'
          : OPENED.has(meaningOf(stage).door)
            ? 'full-entrance'
            : 'another-door',
    ]
  if (meaningOf(stage).isOnTheRoad) return ['air-for-the-road', 'apart-on-the-road']
  return ['cover', 'cover']
}

/** Why a fitting comes to the door, by what it is for. */
const DOOR_REASONS: Readonly<Partial<Record<Use, StepReason>>> = { guard: 'mice', shut: 'travel' }
