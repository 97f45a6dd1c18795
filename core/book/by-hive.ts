/** Things put together by what they have in common, in their order. */
export function groupedBy<T>(all: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>()
  for (const one of all) {
    const key = keyOf(one)
    const list = found.get(key)
    if (list) list.push(one)
    else found.set(key, [one])
  }
  return found
}

/** Things of hives put together hive by hive, in their order. */
export function byHiveOf<T extends { readonly hiveId: string }>(all: readonly T[]): Map<string, T[]> {
  return groupedBy(all, ({ hiveId }) => hiveId)
}
