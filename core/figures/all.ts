import { keysOf, recordOf } from '../plain'
import { BEE_SPACE } from './bee-space'
import { BEES } from './bees'
import { COMBS } from './combs'
import { HONEY } from './honey'
import { ROOM } from './room'
import { STANDING } from './standing'
import { WARE } from './ware'
import { WINTER } from './winter'

/** Every figure of the trade that Duvet counts with; each can be overwritten for a yard. */
export const FIGURES = { ...BEE_SPACE, ...COMBS, ...ROOM, ...HONEY, ...BEES, ...WARE, ...WINTER, ...STANDING } as const
export type FigureName = keyof typeof FIGURES

/** What a yard counts with: its own figures, and those that ship for the rest. */
export type Figures = Readonly<Record<FigureName, number>>

/** The figures as they ship. */
export const SHIPPED_FIGURES: Figures = recordOf(keysOf(FIGURES), (name): number => FIGURES[name].value)

const PREFIX = 'limit.'

/** What a figure is overwritten under. */
export function figureKey(name: FigureName): string {
  return `${PREFIX}${name}`
}

/** The figures of a yard that has overwritten these; what no figure is called is left out. */
export function figuresWith(
  overrides: readonly { readonly key: string; readonly length: { readonly mm: number } }[],
): Figures {
  const own = overrides.filter(({ key }) => key.startsWith(PREFIX) && key.slice(PREFIX.length) in FIGURES)
  return own.length === 0
    ? SHIPPED_FIGURES
    : { ...SHIPPED_FIGURES, ...Object.fromEntries(own.map(({ key, length }) => [key.slice(PREFIX.length), length.mm])) }
}
