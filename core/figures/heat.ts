import type { Source } from '../units'
import { COMMON, MEMORY, figure } from './figure'

const DESIGN_VALUES: Source = { mark: 'P', text: 'EN ISO 10456, table of design values, from memory' }
const PHYSICS: Source = { mark: 'P', text: 'EN ISO 13788, properties of air and vapour, from memory' }
const STACK: Source = { mark: 'P', text: 'stack effect, ASHRAE Handbook Fundamentals, from memory' }
const ENERGY: Source = { mark: 'P', text: 'USDA FoodData Central, honey, 304 kcal in 100 g, from memory' }
const STOICHIOMETRY: Source = { mark: 'P', text: 'C₆H₁₂O₆ + 6 O₂ → 6 CO₂ + 6 H₂O, molar masses 180.16 and 18.015' }

/** How heat, air and water go through a hive, and what a colony gives. */
export const PHYSICS_OF_WINTER = {
  plywoodConductsWPerMK: figure(0.13, 'W/(m·K)', 'plywood conducts', 'winter: heat', DESIGN_VALUES),
  plasticConductsWPerMK: figure(
    0.2,
    'W/(m·K)',
    'acrylic, polycarbonate and film conduct',
    'winter: heat',
    DESIGN_VALUES,
  ),
  metalConductsWPerMK: figure(50, 'W/(m·K)', 'steel conducts', 'winter: heat', DESIGN_VALUES),
  masonryConductsWPerMK: figure(1.3, 'W/(m·K)', 'concrete conducts', 'winter: heat', MEMORY),
  polyurethaneConductsWPerMK: figure(0.025, 'W/(m·K)', 'polyurethane board conducts', 'winter: heat', DESIGN_VALUES),
  woolConductsWPerMK: figure(0.04, 'W/(m·K)', 'wool conducts', 'winter: heat', MEMORY),
  strawConductsWPerMK: figure(0.07, 'W/(m·K)', 'straw conducts', 'winter: heat', MEMORY),
  honeyConductsWPerMK: figure(0.5, 'W/(m·K)', 'honey conducts', 'winter: heat', MEMORY),
  waxConductsWPerMK: figure(0.25, 'W/(m·K)', 'wax conducts', 'winter: heat', MEMORY),
  airHoldsJPerM3K: figure(1256, 'J/(m³·K)', 'air holds heat', 'winter: heat', MEMORY),
  vapourGasJPerKgK: figure(461.5, 'J/(kg·K)', 'gas constant of water vapour', 'winter: heat', PHYSICS),
  gravityMPerS2: figure(9.81, 'm/s²', 'gravity', 'winter: air', STACK),
  twoOpeningsFactor: figure(0.6, '', 'discharge of two openings', 'winter: air', STACK),
  oneOpeningFactor: figure(0.2, '', 'discharge of one opening alone', 'winter: air', STACK),
  meshOpenShare: figure(0.4, '', 'of a mesh floor is open', 'winter: air', MEMORY),
  clusterLeastWPerKg: figure(5, 'W/kg', 'a resting cluster gives', 'winter: what the colony gives', MEMORY),
  clusterSlopeWPerKgK: figure(
    0.45,
    'W/(kg·K)',
    'and more for each degree of cold',
    'winter: what the colony gives',
    MEMORY,
  ),
  clusterTurnCelsius: figure(10, '°C', 'below this air it heats', 'winter: what the colony gives', MEMORY),
  clusterMostWPerKg: figure(25, 'W/kg', 'a cluster gives at most', 'winter: what the colony gives', MEMORY),
  honeyEnergyMjPerKg: figure(12.7, 'MJ/kg', 'energy of honey', 'winter: what the colony gives', ENERGY),
  waterOfSugarKgPerKg: figure(0.6, 'kg/kg', 'water of burnt sugar', 'winter: what the colony gives', STOICHIOMETRY),
  honeyWaterShare: figure(0.18, '', 'honey holds water', 'winter: what the colony gives', COMMON),
  winterBeesKg: figure(1.6, 'kg', 'bees of a usual winter cluster', 'winter: what the colony gives', MEMORY),
  clusterBoundsShare: figure(
    0.4,
    '',
    'what is known of a cluster’s heat may be off by so much',
    'winter: what the colony gives',
    MEMORY,
  ),
  wholeCavityWarmCelsius: figure(
    21,
    '°C',
    'the whole cavity warm: usual claim',
    'winter: what the colony gives',
    COMMON,
  ),
  deadUnderWatts: figure(
    1,
    'W',
    'less than this by a sensor: no living cluster, or the sensor is not in it',
    'winter: sensors',
    MEMORY,
  ),
  broodEatsTimes: figure(1.5, '', 'with brood they eat so many times as much', 'winter: what the colony gives', MEMORY),
  chipsTakeUpKgPerKg: figure(0.2, 'kg/kg', 'chips take up so much of their dry mass in water', 'winter top', MEMORY),
  chipsDensityKgPerM3: figure(150, 'kg/m³', 'dry chips, loose', 'winter top', MEMORY),
  outsideHumidityShare: figure(0.85, '', 'humidity outside in winter', 'winter: heat', MEMORY),
  dripsAlikeShare: figure(0.02, '', 'faces that drip within so much humidity drip alike', 'winter: heat', MEMORY),
} as const
