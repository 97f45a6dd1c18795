/** Things of hives put together hive by hive, in their order. */
export function byHiveOf<T extends { readonly hiveId: string }>(all: readonly T[]): Map<string, T[]> {
  const found = new Map<string, T[]>()
  for (const one of all) {
    const list = found.get(one.hiveId)
    if (list) list.push(one)
    else found.set(one.hiveId, [one])
  }
  return found
}
