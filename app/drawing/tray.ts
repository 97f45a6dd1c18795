import { CATALOGUE, type Pattern } from '#core/catalogue'
import type { AssembledHive } from '#core/geometry'

export interface TrayGroup {
  readonly title: string
  readonly patterns: readonly Pattern[]
}

const GROUPS: readonly (readonly [title: string, kinds: readonly Pattern['kind'][]])[] = [
  ['Stand and floor', ['stand', 'floor']],
  ['Boxes', ['box']],
  ['Between', ['excluder', 'eke', 'feeder']],
  ['On top', ['crown', 'absorber', 'slab', 'roof']],
  ['Fittings', ['entrance-fitting', 'floor-insert', 'ballast']],
]

/** The format that most of a hive's parts are of. */
export function formatOf(hive: AssembledHive): Pattern['format'] {
  const found = hive.stack.map(({ pattern }) => pattern?.format).filter((format) => format && format !== 'any')
  return found[0] ?? 'any'
}

/** The parts to choose from, from the ground up; those of the hive's format, or all. */
export function trayFor(format: Pattern['format']): TrayGroup[] {
  const fits = (pattern: Pattern) => format === 'any' || pattern.format === 'any' || pattern.format === format
  return GROUPS.map(([title, kinds]) => ({ title, patterns: [...CATALOGUE.patterns.values()].filter((pattern) => kinds.includes(pattern.kind) && fits(pattern)) }))
}
