import type { Catalogue, Format, Pattern, PartKind } from '../catalogue'

const known = new WeakMap<Catalogue, Map<string, readonly Pattern[]>>()

/** The patterns of a kind in a format, gone through once for each catalogue. */
export function patternsOf(catalogue: Catalogue, kind: PartKind, format: Format | 'any' | undefined): readonly Pattern[] {
  let lists = known.get(catalogue)
  if (!lists) known.set(catalogue, (lists = new Map()))
  const key = `${kind} ${format}`
  let list = lists.get(key)
  if (!list) lists.set(key, (list = [...catalogue.patterns.values()].filter((pattern) => pattern.kind === kind && pattern.format === format)))
  return list
}
