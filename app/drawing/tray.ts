import {
  HIVE_FORMATS,
  FORMATS,
  isRare,
  type Catalogue,
  type Pattern,
  TRAY_GROUPS,
  goesWith,
  isBox,
  trayGroupOf,
  type KindGroup,
} from '#core/parts'

/** Patterns of the tray that belong together. */
export interface TrayGroup {
  readonly title: string
  /** What usually goes on a stack like this. */
  readonly patterns: readonly Pattern[]
  /** What few keepers own, and boxes whose bee space is at the other end than those that stand. */
  readonly rare: readonly Pattern[]
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
  (format) => ({ format, name: HIVE_FORMATS[format].name }),
)

/**
 * The parts to choose from, those of a format and those of none; the yard's own always. What stands already is never
 * rare.
 */
export function trayFor(
  catalogue: Catalogue,
  format: Pattern['format'],
  standing: readonly { readonly pattern: Pattern | undefined }[] = [],
): TrayGroup[] {
  const here = new Set(standing.map(({ pattern }) => pattern?.id))
  const spaces = new Set(standing.filter(isBox).flatMap(({ pattern }) => pattern.space ?? []))
  const isOther = ({ id, space }: Pattern) =>
    !here.has(id) && space !== undefined && spaces.size > 0 && !spaces.has(space)
  const aside = (pattern: Pattern) => (isRare(pattern) && !here.has(pattern.id)) || isOther(pattern)
  const all = [...catalogue.patterns.values()].filter((pattern) => goesWith(pattern, format))
  return TRAY_GROUPS.map((group) => {
    const ofGroup = all.filter((pattern) => trayGroupOf(pattern) === group)
    return {
      title: GROUPS[group],
      patterns: ofGroup.filter((pattern) => !aside(pattern)),
      rare: ofGroup.filter(aside),
    }
  })
}
