import { FOOTPRINTS, FORMATS, type Catalogue, type Pattern } from '#core/catalogue'
import { TRAY_GROUPS, trayGroupOf, type KindGroup } from '#core/parts'

export interface TrayGroup {
  readonly title: string
  readonly patterns: readonly Pattern[]
}

const GROUPS: Readonly<Record<KindGroup, string>> = {
  boxes: 'Boxes',
  'stand-and-floor': 'Stand and floor',
  between: 'Between',
  'on-top': 'On top',
  fittings: 'Fittings',
}

/** What the tray can show: one format at a time, or patterns of the keeper's own. */
export const TRAY_FORMATS: readonly { readonly format: Pattern['format']; readonly name: string }[] = FORMATS.map(
  (format) => ({ format, name: FOOTPRINTS[format].name }),
)

/** The parts to choose from, those of a format and those of none; the yard's own always. */
export function trayFor(catalogue: Catalogue, format: Pattern['format']): TrayGroup[] {
  const fits = (pattern: Pattern) => pattern.format === 'any' || pattern.format === format || pattern.own
  return TRAY_GROUPS.map((group) => ({
    title: GROUPS[group],
    patterns: [...catalogue.patterns.values()].filter((pattern) => trayGroupOf(pattern) === group && fits(pattern)),
  }))
}
