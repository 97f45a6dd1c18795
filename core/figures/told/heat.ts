import type { PHYSICS_OF_WINTER } from '../heat'
import { COMMON, MEMORY, type Told } from './told'
import type { Source } from '../../units'

const DESIGN_VALUES: Source = { mark: 'P', text: 'EN ISO 10456, table of design values, from memory' }
const ENERGY: Source = { mark: 'P', text: 'USDA FoodData Central, honey, 304 kcal in 100 g, from memory' }
const STOICHIOMETRY: Source = { mark: 'P', text: 'C₆H₁₂O₆ + 6 O₂ → 6 CO₂ + 6 H₂O, molar masses 180.16 and 18.015' }
const PHYSICS: Source = { mark: 'P', text: 'EN ISO 13788, properties of air and vapour, from memory' }
const STACK: Source = { mark: 'P', text: 'stack effect, ASHRAE Handbook Fundamentals, from memory' }
const HEAT = 'winter: heat'
const COLONY = 'winter: what the colony gives'

/** What is told of them: how heat, air and water go through a hive, and what a colony gives. */
export const PHYSICS_OF_WINTER_TOLD = {
  plywoodConducts: { unit: 'W/(m·K)', label: 'plywood conducts', usedIn: HEAT, source: DESIGN_VALUES },
  plasticConducts: {
    unit: 'W/(m·K)',
    label: 'acrylic, polycarbonate and film conduct',
    usedIn: HEAT,
    source: DESIGN_VALUES,
  },
  metalConducts: { unit: 'W/(m·K)', label: 'steel conducts', usedIn: HEAT, source: DESIGN_VALUES },
  masonryConducts: { unit: 'W/(m·K)', label: 'concrete conducts', usedIn: HEAT, source: MEMORY },
  polyurethaneConducts: {
    unit: 'W/(m·K)',
    label: 'polyurethane board conducts',
    usedIn: HEAT,
    source: DESIGN_VALUES,
  },
  woolConducts: { unit: 'W/(m·K)', label: 'wool conducts', usedIn: HEAT, source: MEMORY },
  strawConducts: { unit: 'W/(m·K)', label: 'straw conducts', usedIn: HEAT, source: MEMORY },
  honeyConducts: { unit: 'W/(m·K)', label: 'honey conducts', usedIn: HEAT, source: MEMORY },
  waxConducts: { unit: 'W/(m·K)', label: 'wax conducts', usedIn: HEAT, source: MEMORY },
  airHolds: { unit: 'J/(m³·K)', label: 'air holds heat', usedIn: HEAT, source: MEMORY },
  vapourGas: { unit: 'J/(kg·K)', label: 'gas constant of water vapour', usedIn: HEAT, source: PHYSICS },
  gravity: { unit: 'm/s²', label: 'gravity', usedIn: 'winter: air', source: STACK },
  twoOpenings: { unit: '', label: 'discharge of two openings', usedIn: 'winter: air', source: STACK },
  oneOpening: { unit: '', label: 'discharge of one opening alone', usedIn: 'winter: air', source: STACK },
  meshOpen: { unit: '', label: 'of a mesh floor is open', usedIn: 'winter: air', source: MEMORY },
  clusterLeast: { unit: 'W/kg', label: 'a resting cluster gives', usedIn: COLONY, source: MEMORY },
  clusterSlope: {
    unit: 'W/(kg·K)',
    label: 'and more for each degree of cold',
    usedIn: COLONY,
    source: MEMORY,
  },
  clusterTurn: { unit: '°C', label: 'below this air it heats', usedIn: COLONY, source: MEMORY },
  clusterMost: { unit: 'W/kg', label: 'a cluster gives at most', usedIn: COLONY, source: MEMORY },
  honeyEnergy: { unit: 'MJ/kg', label: 'energy of honey', usedIn: COLONY, source: ENERGY },
  waterOfSugar: { unit: 'kg/kg', label: 'water of burnt sugar', usedIn: COLONY, source: STOICHIOMETRY },
  honeyHoldsWater: { unit: '', label: 'honey holds water', usedIn: COLONY, source: COMMON },
  winterBees: { unit: 'kg', label: 'bees of a usual winter cluster', usedIn: COLONY, source: MEMORY },
  clusterBounds: {
    unit: '',
    label: 'what is known of a cluster’s heat may be off by so much',
    usedIn: COLONY,
    source: MEMORY,
  },
  deadUnderWatts: {
    unit: 'W',
    label: 'less than this by a sensor: no living cluster, or the sensor is not in it',
    usedIn: 'winter: sensors',
    source: MEMORY,
  },
  wholeCavityWarm: {
    unit: '°C',
    label: 'the whole cavity warm: usual claim',
    usedIn: COLONY,
    source: COMMON,
  },
  broodEats: { unit: '', label: 'with brood they eat so many times as much', usedIn: COLONY, source: MEMORY },
  chipsTakeUp: {
    unit: 'kg/kg',
    label: 'chips take up so much of their dry mass in water',
    usedIn: 'winter top',
    source: MEMORY,
  },
  chipsDensity: { unit: 'kg/m³', label: 'dry chips, loose', usedIn: 'winter top', source: MEMORY },
  outsideHumidity: { unit: '', label: 'humidity outside in winter', usedIn: HEAT, source: MEMORY },
  dripsAlike: {
    unit: '',
    label: 'faces that drip within so much humidity drip alike',
    usedIn: HEAT,
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof PHYSICS_OF_WINTER, Told>
