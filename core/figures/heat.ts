import { COMMON, MEMORY, type Figure } from './figure'
import type { Source } from '../units'

const DESIGN_VALUES: Source = { mark: 'P', text: 'EN ISO 10456, table of design values, from memory' }
const ENERGY: Source = { mark: 'P', text: 'USDA FoodData Central, honey, 304 kcal in 100 g, from memory' }
const STOICHIOMETRY: Source = { mark: 'P', text: 'C₆H₁₂O₆ + 6 O₂ → 6 CO₂ + 6 H₂O, molar masses 180.16 and 18.015' }
const PHYSICS: Source = { mark: 'P', text: 'EN ISO 13788, properties of air and vapour, from memory' }
const STACK: Source = { mark: 'P', text: 'stack effect, ASHRAE Handbook Fundamentals, from memory' }
const HEAT = 'winter: heat'
const COLONY = 'winter: what the colony gives'

/** How heat, air and water go through a hive, and what a colony gives. */
export const PHYSICS_OF_WINTER = {
  plywoodConducts: { value: 0.13, unit: 'W/(m·K)', label: 'plywood conducts', usedIn: HEAT, source: DESIGN_VALUES },
  plasticConducts: {
    value: 0.2,
    unit: 'W/(m·K)',
    label: 'acrylic, polycarbonate and film conduct',
    usedIn: HEAT,
    source: DESIGN_VALUES,
  },
  metalConducts: { value: 50, unit: 'W/(m·K)', label: 'steel conducts', usedIn: HEAT, source: DESIGN_VALUES },
  masonryConducts: { value: 1.3, unit: 'W/(m·K)', label: 'concrete conducts', usedIn: HEAT, source: MEMORY },
  honeyConducts: { value: 0.5, unit: 'W/(m·K)', label: 'honey conducts', usedIn: HEAT, source: MEMORY },
  waxConducts: { value: 0.25, unit: 'W/(m·K)', label: 'wax conducts', usedIn: HEAT, source: MEMORY },
  airHolds: { value: 1256, unit: 'J/(m³·K)', label: 'air holds heat', usedIn: HEAT, source: MEMORY },
  vapourGas: { value: 461.5, unit: 'J/(kg·K)', label: 'gas constant of water vapour', usedIn: HEAT, source: PHYSICS },
  gravity: { value: 9.81, unit: 'm/s²', label: 'gravity', usedIn: 'winter: air', source: STACK },
  twoOpenings: { value: 0.6, unit: '', label: 'discharge of two openings', usedIn: 'winter: air', source: STACK },
  oneOpening: { value: 0.2, unit: '', label: 'discharge of one opening alone', usedIn: 'winter: air', source: STACK },
  clusterLeast: { value: 5, unit: 'W/kg', label: 'a resting cluster gives', usedIn: COLONY, source: MEMORY },
  clusterSlope: {
    value: 0.45,
    unit: 'W/(kg·K)',
    label: 'and more for each degree of cold',
    usedIn: COLONY,
    source: MEMORY,
  },
  clusterTurn: { value: 10, unit: '°C', label: 'below this air it heats', usedIn: COLONY, source: MEMORY },
  clusterMost: { value: 25, unit: 'W/kg', label: 'a cluster gives at most', usedIn: COLONY, source: MEMORY },
  honeyEnergy: { value: 12.7, unit: 'MJ/kg', label: 'energy of honey', usedIn: COLONY, source: ENERGY },
  waterOfSugar: { value: 0.6, unit: 'kg/kg', label: 'water of burnt sugar', usedIn: COLONY, source: STOICHIOMETRY },
  honeyHoldsWater: { value: 0.18, unit: '', label: 'honey holds water', usedIn: COLONY, source: COMMON },
  winterBees: { value: 1.6, unit: 'kg', label: 'bees of a usual winter cluster', usedIn: COLONY, source: MEMORY },
  dripsAlike: {
    value: 0.02,
    unit: '',
    label: 'faces that drip within so much humidity drip alike',
    usedIn: HEAT,
    source: MEMORY,
  },
} as const satisfies Record<string, Figure>
