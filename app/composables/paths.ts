import { addressOf, VIEWS } from '#wire/views'

type Of<What extends 'yard' | 'hive'> = {
  [V in keyof typeof VIEWS]: (typeof VIEWS)[V]['of'] extends What ? V : never
}[keyof typeof VIEWS]

/** Views of one hive, as they stand in an address. */
export type HiveView = Of<'hive'>
/** Views of a yard, as they stand in an address. */
export type YardView = Exclude<Of<'yard'>, 'row'>

/** Where a view of a yard is. */
export function yardPath(yardId: string, view: YardView): string {
  return addressOf(VIEWS[view], yardId)
}

/** Where a view of a hive is: a hive is known by its yard and its own identity. */
export function hivePath(yardId: string, hiveId: string, view: HiveView): string {
  return addressOf(VIEWS[view], yardId, hiveId)
}

/** Where a box is looked at from above. */
export function boxPath(yardId: string, partId: string): string {
  return addressOf(VIEWS.frames, yardId, partId)
}

/** What an address names: its yard, and its hive where it has one. */
export function namedBy(params: Readonly<Record<string, string | string[] | undefined>>): {
  readonly yardId: string | null
  readonly hiveId: string | null
} {
  const named = (name: string) => (params[name] === undefined ? null : String(params[name]))
  return { yardId: named('yard'), hiveId: named('hive') }
}
