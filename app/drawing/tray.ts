import { FOOTPRINTS, FORMATS, type Catalogue, type Pattern } from '#core/catalogue'
import type { AssembledHive } from '#core/geometry'

export interface TrayGroup {
  readonly title: string
  readonly patterns: readonly Pattern[]
}

const GROUPS: readonly (readonly [title: string, kinds: readonly Pattern['kind'][]])[] = [
  ['Boxes', ['box']],
  ['Stand and floor', ['stand', 'floor']],
  ['Between', ['excluder', 'eke', 'feeder', 'division', 'adapter']],
  ['On top', ['crown', 'absorber', 'slab', 'roof']],
  ['Fittings', ['entrance-fitting', 'floor-insert', 'ballast']],
]

/** What the tray can show: one format at a time, or patterns of the keeper's own. */
export const TRAY_FORMATS: readonly { readonly format: Pattern['format']; readonly name: string }[] = FORMATS.map((format) => ({ format, name: FOOTPRINTS[format].name }))

/** The format that most of a hive's parts are of. */
export function formatOf(hive: AssembledHive): Pattern['format'] {
  return hive.stack.map(({ pattern }) => pattern?.format).find((format) => format && format !== 'any') ?? 'any'
}

/** The parts to choose from, those of a format and those of none; the yard's own always. */
export function trayFor(catalogue: Catalogue, format: Pattern['format']): TrayGroup[] {
  const fits = (pattern: Pattern) => pattern.format === 'any' || pattern.format === format || pattern.own
  return GROUPS.map(([title, kinds]) => ({ title, patterns: [...catalogue.patterns.values()].filter((pattern) => kinds.includes(pattern.kind) && fits(pattern)) }))
}
