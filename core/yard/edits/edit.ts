import { isOneOf, mapWithin, type Length } from '../../units'
import type { DimensionName, HangingPattern, Pattern, Condition, Content, Part, Reading, Spacing } from '../../parts'
import type { HiveSeason, Visit, YardSeason } from '../model/season'
import type { Stage } from '../stages'
import {
  partIdsOf,
  type Acceptance,
  type Attachment,
  type BandPreset,
  type Hive,
  type HiveOfYard,
  type Placement,
  type Yard,
} from '../model/yard'

/** Everything that can be done to a yard, as data. Every edit has an inverse that is an edit. */
export type Edit =
  | {
      readonly kind: 'add-part'
      readonly hiveId: string
      readonly at: number
      readonly part: Part
      readonly placement: Placement
    }
  | { readonly kind: 'discard-part'; readonly hiveId: string; readonly partId: string }
  | { readonly kind: 'place-part'; readonly hiveId: string; readonly at: number; readonly placement: Placement }
  | { readonly kind: 'take-off'; readonly hiveId: string; readonly partId: string }
  | {
      readonly kind: 'move-part'
      readonly partId: string
      readonly fromHiveId: string
      readonly toHiveId: string
      readonly at: number
    }
  | { readonly kind: 'set-placement'; readonly hiveId: string; readonly placement: Placement }
  | {
      readonly kind: 'attach-part'
      readonly hiveId: string
      readonly at: number
      readonly attachment: Attachment
      readonly part: Part
    }
  | { readonly kind: 'detach-part'; readonly hiveId: string; readonly partId: string }
  | { readonly kind: 'change-part'; readonly partId: string; readonly change: PartFields; readonly order?: PartOrder }
  | { readonly kind: 'set-part'; readonly part: Part }
  | {
      readonly kind: 'set-hive'
      readonly hiveId: string
      readonly name?: string
      readonly stage?: Stage
      readonly note?: string
    }
  | { readonly kind: 'accept-finding'; readonly hiveId: string; readonly acceptance: Acceptance }
  | { readonly kind: 'withdraw-acceptance'; readonly hiveId: string; readonly findingKey: string }
  | {
      readonly kind: 'add-hive'
      readonly at: number
      readonly hive: Hive
      readonly parts: readonly PartAt[]
      /** Where its book comes from: what was written there comes along. */
      readonly book?: HiveOfYard
    }
  /** With where its book goes to: what was written here goes back along. */
  | { readonly kind: 'remove-hive'; readonly hiveId: string; readonly book?: HiveOfYard }
  | { readonly kind: 'replace-hive'; readonly hive: Hive; readonly parts: readonly Part[] }
  | {
      readonly kind: 'restore-hive'
      readonly hive: Hive
      readonly parts: readonly Part[]
      readonly partOrder: readonly string[]
    }
  | {
      readonly kind: 'set-yard'
      readonly name?: string
      readonly note?: string
      readonly band?: BandPreset
      readonly prolific?: boolean
    }
  | { readonly kind: 'set-override'; readonly key: string; readonly length: Length | null; readonly at?: number }
  | {
      readonly kind: 'set-pattern'
      readonly patternId: string
      readonly pattern: Pattern | null
      readonly at?: number
      readonly evenInUse?: boolean
    }
  | {
      readonly kind: 'set-hanging'
      readonly patternId: string
      readonly pattern: HangingPattern | null
      readonly at?: number
      readonly evenInUse?: boolean
    }
  | { readonly kind: 'stock-part'; readonly at: number; readonly part: Part }
  | { readonly kind: 'drop-part'; readonly partId: string }
  /** Out of the shed to others: the part as it goes, with its loan. */
  | { readonly kind: 'lend-part'; readonly part: Part }
  /** Back from others: the part as it comes. */
  | { readonly kind: 'take-back'; readonly part: Part }
  /** From others into the shed: the part with its loan. */
  | { readonly kind: 'borrow-part'; readonly at: number; readonly part: Part }
  | { readonly kind: 'give-back'; readonly partId: string }
  | { readonly kind: 'set-year'; readonly season: YardSeason | null }
  | { readonly kind: 'set-way'; readonly hiveId: string; readonly season: HiveSeason | null }
  | {
      readonly kind: 'set-visit'
      readonly hiveId: string
      readonly visit: Visit | null
      readonly doneBefore: number | null
    }
  | { readonly kind: 'batch'; readonly edits: readonly Edit[] }

/** Fields of a part with what they become; null takes one away. Sizes and readings are changed one by one. */
export interface PartFields {
  readonly name?: string | null
  readonly measured?: Readonly<Partial<Record<DimensionName, Length | null>>>
  readonly contents?: readonly Content[]
  readonly spacing?: Spacing | null
  readonly hasHeld?: Part['hasHeld']
  readonly readings?: Readonly<Record<string, Reading | null>>
  readonly condition?: Condition | null
  readonly hole?: NonNullable<Part['hole']> | null
  readonly lacks?: NonNullable<Part['lacks']> | null
}

/** The order that fields had, where taking a change back has to give them again. */
interface PartOrder {
  readonly part?: readonly string[]
  readonly measured?: readonly string[]
  readonly readings?: readonly string[]
}

/** A part with the place it has in the yard's list, so that the inverse gives back the same list. */
interface PartAt {
  readonly at: number
  readonly part: Part
}

export type EditOf<K extends Edit['kind']> = Extract<Edit, { kind: K }>

/** True for an edit of one of these sorts. */
export function isEdit<K extends Edit['kind']>(edit: Edit | undefined, ...sorts: readonly K[]): edit is EditOf<K> {
  return edit !== undefined && isOneOf(sorts, edit.kind)
}

/** The edits that an edit is made of, in their order; itself where it is one. */
export function leavesOf(edit: Edit): readonly Edit[] {
  return isEdit(edit, 'batch') ? edit.edits.flatMap(leavesOf) : [edit]
}

/** Stands for the yard itself among what an edit touches. */
export const WHOLE_YARD = '*'

/** The hives of a yard that an edit touches; `WHOLE_YARD` for the yard's own settings. */
export function hivesTouchedBy(edit: Edit, yard: Yard): string[] {
  switch (edit.kind) {
    case 'move-part':
      return [edit.fromHiveId, edit.toHiveId]
    case 'add-hive':
    case 'replace-hive':
    case 'restore-hive':
      return [edit.hive.id]
    case 'batch':
      return [...new Set(edit.edits.flatMap((each) => hivesTouchedBy(each, yard)))]
    case 'set-part':
      return hivesWith(yard, edit.part.id)
    case 'change-part':
      return hivesWith(yard, edit.partId)
    case 'set-yard':
    case 'set-year':
    case 'set-override':
    case 'set-pattern':
    case 'set-hanging':
      return [WHOLE_YARD]
    case 'stock-part':
    case 'drop-part':
    case 'lend-part':
    case 'take-back':
    case 'borrow-part':
    case 'give-back':
      return []
    default:
      return [edit.hiveId]
  }
}

function hivesWith(yard: Yard, partId: string): string[] {
  return yard.hives.filter((hive) => partIdsOf(hive).includes(partId)).map(({ id }) => id)
}

/** The same edit with every placeholder identity (`new:…`) replaced by one of its own. */
export function withFreshIdentities(edit: Edit, makeId: () => string): Edit {
  const fresh = new Map<string, string>()
  return mapWithin(edit, (_key, value) => {
    if (typeof value !== 'string' || !value.startsWith(PLACEHOLDER)) return value
    if (!fresh.has(value)) fresh.set(value, makeId())
    return fresh.get(value)
  })
}

/** What the identity of a part that does not exist yet begins with. */
export const PLACEHOLDER = 'new:'
