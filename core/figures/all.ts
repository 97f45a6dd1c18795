import { isOneOf, keysOf } from '../units'
import { BEE_SPACE } from './bee-space'
import { BEES } from './bees'
import { BOOK } from './book'
import { COMBS } from './combs'
import { PHYSICS_OF_WINTER } from './heat'
import { HONEY } from './honey'
import { uncrossed } from './pairs'
import { ROOM } from './room'
import { STAGES } from './stages'
import { STANDING } from './standing'
import { WARE } from './ware'
import { WINTER } from './winter'

const SHIPPED = {
  ...BEE_SPACE,
  ...COMBS,
  ...ROOM,
  ...HONEY,
  ...BEES,
  ...WARE,
  ...WINTER,
  ...PHYSICS_OF_WINTER,
  ...STANDING,
  ...STAGES,
  ...BOOK,
} as const
export type FigureName = keyof typeof SHIPPED

/** What a yard counts with: its own figures, and those that ship for the rest. */
export type Figures = Readonly<Record<FigureName, number>>

/**
 * The figures of the trade that Duvet counts with, as they ship; each can be overwritten for a yard. What they are, in
 * what unit and where they come from is told beside them, in `told/`.
 */
export const SHIPPED_FIGURES: Figures = SHIPPED
/** What every figure is called. */
export const FIGURE_NAMES = keysOf(SHIPPED)

/** Names of three figures each: a lowest, a typical and a highest. */
type Ranged = { [N in FigureName]: N extends `${infer R}Typical` ? R : never }[FigureName]

/** Three figures that go together. */
export function rangeOf(
  figures: Figures,
  name: Ranged,
): { readonly low: number; readonly middle: number; readonly high: number } {
  return { low: figures[`${name}Low`], middle: figures[`${name}Typical`], high: figures[`${name}High`] }
}

const PREFIX = 'limit.'

/** What a figure is overwritten under. */
export function figureKey(name: FigureName): string {
  return `${PREFIX}${name}`
}

/** What a figure of a yard may be: a hundredth to a hundred times what ships, in its own unit. */
export function figureLimits(name: FigureName): { readonly least: number; readonly most: number } {
  const value = SHIPPED[name]
  return { least: value / 100, most: value * 100 }
}

/** Whether a figure can be so: nothing that is divided by it runs away. */
export function isFigure(name: FigureName, value: number): boolean {
  const { least, most } = figureLimits(name)
  return value >= least && value <= most
}

/** The figure that is overwritten under a key, or undefined. */
export function figureNamed(key: string): FigureName | undefined {
  const name = key.slice(PREFIX.length)
  return key.startsWith(PREFIX) && isOneOf(FIGURE_NAMES, name) ? name : undefined
}

/** The figures of a yard that has overwritten these; what no figure is called, or cannot be, is left out. */
export function figuresWith(
  overrides: readonly { readonly key: string; readonly length: { readonly mm: number } }[],
): Figures {
  const own = overrides.flatMap(({ key, length: { mm } }) => {
    const name = figureNamed(key)
    return name && isFigure(name, mm) ? [[name, mm] as const] : []
  })
  return own.length === 0
    ? SHIPPED_FIGURES
    : uncrossed({ ...SHIPPED_FIGURES, ...Object.fromEntries(own) }, SHIPPED_FIGURES)
}
