/** Views of one hive, as they stand in an address. */
export type HiveView = 'bench' | 'weight' | 'winter' | 'book' | 'look' | 'visit'

/** Views of a yard, as they stand in an address. */
export type YardView = 'year' | 'shed' | 'due' | 'due/records' | 'boxes' | 'keepers'

/** Where a view of a yard is. */
export function yardPath(yardId: string, view: YardView): string {
  return `/yards/${encodeURIComponent(yardId)}/${view}`
}

/** Where a view of a hive is: a hive is known by its yard and its own identity. */
export function hivePath(yardId: string, hiveId: string, view: HiveView): string {
  return `/yards/${encodeURIComponent(yardId)}/hives/${encodeURIComponent(hiveId)}/${view}`
}

/** Where a box is looked at from above. */
export function boxPath(yardId: string, partId: string): string {
  return `/yards/${encodeURIComponent(yardId)}/boxes/${encodeURIComponent(partId)}`
}

/** What an address names: its yard, and its hive where it has one. */
export function namedBy(params: Readonly<Record<string, string | string[] | undefined>>): {
  readonly yardId: string | null
  readonly hiveId: string | null
} {
  const named = (name: string) => (params[name] === undefined ? null : String(params[name]))
  return { yardId: named('yard'), hiveId: named('hive') }
}
