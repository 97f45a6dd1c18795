import { FIGURES, figureLimits, isFigure, type FigureName } from '#core/figures'

/** What is wrong with a figure of a yard, after its field; undefined where it can be so. */
export function problemOfFigure(name: FigureName, value: number): string | undefined {
  if (isFigure(name, value)) return undefined
  const { least, most } = figureLimits(name)
  const { label, unit } = FIGURES[name]
  return `cannot be ${label}: from ${least} to ${most} ${unit}`.trim()
}
