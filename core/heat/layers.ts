import type { FigureName, Figures } from '../figures'
import type { SolidMaterial } from '../parts'
import { airLayer, type HeatWay } from './still-air'

/** What a layer is of: a body, air that is shut in, or a panel whose resistance its maker gives. */
type LayerOf = SolidMaterial | 'air' | 'given'

/** A layer of a face, from the inside outwards. */
export interface HeatLayer {
  readonly of: LayerOf
  readonly thickMm: number
  readonly m2KPerW: number
}

/** What conducts as what; nothing where air goes through it. */
const CONDUCTS: Readonly<Record<SolidMaterial, FigureName | null>> = {
  timber: 'woodConductsWPerMK',
  plywood: 'plywoodConductsWPerMK',
  polystyrene: 'polystyreneConductsWPerMK',
  foam: 'foamConductsWPerMK',
  masonry: 'masonryConductsWPerMK',
  metal: 'metalConductsWPerMK',
  cladding: 'metalConductsWPerMK',
  plastic: 'plasticConductsWPerMK',
  chips: 'chipsConductWPerMK',
  syrup: 'honeyConductsWPerMK',
  honey: 'honeyConductsWPerMK',
  bar: 'woodConductsWPerMK',
  brood: 'waxConductsWPerMK',
  comb: 'waxConductsWPerMK',
  unknown: 'woodConductsWPerMK',
  mesh: null,
  screen: null,
  sheet: null,
  rods: null,
}

/** True for what holds back heat: air goes through a mesh, a screen, a grid. */
export const isLayer = (material: SolidMaterial): boolean => CONDUCTS[material] !== null

/** A layer of a material, m²·K/W: thickness / conductivity (EN ISO 6946, Eq. 3). */
export function layerOf(material: SolidMaterial, thickMm: number, figures: Figures): HeatLayer {
  const name = CONDUCTS[material]
  return { of: material, thickMm, m2KPerW: name === null ? 0 : thickMm / 1000 / figures[name] }
}

/** A layer of air that is shut in (EN ISO 6946, table 8). */
export function airOf(thickMm: number, way: HeatWay): HeatLayer {
  return { of: 'air', thickMm, m2KPerW: airLayer(thickMm, way) }
}

/** Layers one after another, m²·K/W, without surfaces (EN ISO 6946, Eq. 4). */
export function resistanceOf(layers: readonly HeatLayer[]): number {
  return layers.reduce((sum, { m2KPerW }) => sum + m2KPerW, 0)
}

/** So much of a face, with what lies one after another there, surfaces included. */
export interface Path {
  readonly share: number
  readonly m2KPerW: number
}

/** Paths side by side that do not mix, m²·K/W: the upper limit of EN ISO 6946, Eq. 6. */
export function sideBySide(paths: readonly Path[]): number {
  return 1 / paths.reduce((sum, { share, m2KPerW }) => sum + share / m2KPerW, 0)
}
