import { type Catalogue, inWords } from '../parts'
import type { Figures } from '../figures'
import { showMass, showR, showTemperature } from '../units'
import type { CanGive, FaceState, HeatFace, Insulation, SensorPlace, StackOpening, WinterState } from '../heat'
import type { WinterFood, WinterWay, WinterWayGroup } from '../ask'
import { capital, type Reader } from './names'
import { inVocabulary } from './vocabulary'
import { rangeInWords } from './weight-words'

/** What belongs together among ways of wintering. */
export const WINTER_GROUP_WORDS: Readonly<Record<WinterWayGroup, string>> = {
  top: 'Top',
  wrap: 'Round the boxes',
  floor: 'Floor',
  door: 'Entrance',
  size: 'Boxes',
}

/** What a way of wintering is, at its best, what it gains and gives up, and what nobody knows of it. */
export interface WayCase {
  readonly best: string
  readonly gains: string
  readonly gives: string
  readonly unknown: string
}

const WIND = 'Wind and sun on the wall are not in these figures.'
const CASES = {
  slab: {
    best: 'Every hole above the bees shut, the slab dry and tight to the edge.',
    gains:
      'Least warmth goes up; the top drips last, so that water forms at the walls, where it runs down and is drunk.',
    gives: 'Damp air has the entrance alone to leave by: the inside stays damper.',
    unknown: 'How much of that water the bees drink, and how damp is too damp, was hardly measured.',
  },
  absorbing: {
    best: 'Screen under the chips, holes above them, chips loose and dry in autumn.',
    gains: 'Water that goes up is taken up before it can drip; the chips keep warmth in too.',
    gives: 'Chips that are full drip like a board: they must dry through their holes, or be changed.',
    unknown: 'How much of the water goes up and how much to the walls is not known.',
  },
  vented: {
    best: 'A small hole below the insulation, away from the wind.',
    gains: 'Damp air leaves at the top, also when dead bees or snow block the entrance.',
    gives: 'Warmth leaves with it, as much as the figures say; robbers and mice have a second entrance to try.',
    unknown: 'Wind at the hole is not in these figures, and bees close it with propolis as they like.',
  },
  bare: {
    best: 'A mild place, a hive in the lee.',
    gains: 'Nothing to own, to carry or to store.',
    gives: 'Under an aired roof the top is wet as soon as the walls: water may fall on the bees.',
    unknown: 'Where a winter is mild enough for it is a matter of the place.',
  },
  crown: {
    best: 'Insulation over it.',
    gains: 'Bees can be looked at without being let out.',
    gives: 'A thin sheet holds back little warmth by itself.',
    unknown: 'What bees make of light from above was hardly measured.',
  },
  'wrap-none': {
    best: 'A place in the lee.',
    gains: 'Nothing to own; the sun warms the wall.',
    gives: 'The walls lose most of the warmth.',
    unknown: WIND,
  },
  wrap: {
    best: 'Dry, tight to the wall, off again when bees build up.',
    gains: 'The walls lose less: they have the largest face of all. How much, the figures say.',
    gives: 'Under foam the sun warms the wall less, under black felt more; wet between wrap and wall does harm.',
    unknown: WIND,
  },
  solid: {
    best: 'A slight slope to the front, so that water runs out.',
    gains: 'No wind from below.',
    gives: 'Wet and dead bees stay on it until they are cleared.',
    unknown: WIND,
  },
  mesh: {
    best: 'A stand in the lee, closed round its feet.',
    gains: 'Wet drains, dead bees dry.',
    gives: 'Calm air is all these figures know: every wind takes more warmth through a mesh than they say.',
    unknown: 'How much a cluster suffers from wind below it was hardly measured.',
  },
  'mesh-and-insert': {
    best: 'The insert in, pulled for a mite count.',
    gains: 'Air under the mesh stands still; what falls on the insert can be read.',
    gives: 'The insert has to be cleaned, or wax moth lives on it.',
    unknown: WIND,
  },
  guard: {
    best: 'Its opening at the upper edge, swept clear on mild days.',
    gains: 'Mice stay out.',
    gives: 'Dead bees may block it.',
    unknown: WIND,
  },
  narrow: {
    best: 'Swept clear on mild days.',
    gains: 'Less air goes through, little to defend.',
    gives: 'Mice may get in; dead bees block it sooner.',
    unknown: WIND,
  },
  open: {
    best: 'A strong colony, no mice about.',
    gains: 'Dead bees do not block it.',
    gives: 'Mice walk in, and wind blows in.',
    unknown: WIND,
  },
  less: {
    best: 'Enough bees to fill what is left, and enough stores in it.',
    gains: 'Less wall to lose warmth by.',
    gives: 'Less food on the hive; what is in the box that leaves is gone through frame by frame.',
    unknown: 'How much room a colony of this size does best in, keepers do not agree on.',
  },
  more: {
    best: 'Full of stores, above the bees.',
    gains: 'More food on the hive.',
    gives: 'More wall to lose warmth by.',
    unknown: 'How much room a colony of this size does best in, keepers do not agree on.',
  },
  nucleus: {
    best: 'A small colony with frames of food beside it, moved on a mild day in good time.',
    gains: 'Few bees keep a small box warm; two beside each other share a wall.',
    gives: 'Little food fits: it is weighed and fed earlier.',
    unknown: 'Only what a box of this size loses is compared: a colony is not moved in the cold.',
  },
} as const satisfies Record<string, WayCase>

const PLAIN: Readonly<Record<string, readonly [word: string, told: keyof typeof CASES]>> = {
  'top:absorbing': ['absorbing, chips over the bees', 'absorbing'],
  'top:vented': ['vented, a hole under the insulation', 'vented'],
  'top:bare': ['bare, crown board and roof', 'bare'],
  'wrap:none': ['nothing', 'wrap-none'],
  'floor:solid': ['solid floor', 'solid'],
  'floor:mesh': ['mesh floor, open', 'mesh'],
  'floor:mesh-and-insert': ['mesh floor with insert', 'mesh-and-insert'],
  'door:guard': ['mouse guard', 'guard'],
  'door:narrow': ['entrance block', 'narrow'],
  'door:open': ['open', 'open'],
  'size:one': ['one brood box', 'less'],
  'size:box-less': ['one box less', 'less'],
  'size:box-more': ['one box more', 'more'],
}

function caseOf({ id, group, way, compare }: WinterWay): keyof typeof CASES {
  if (typeof compare === 'object') return 'nucleus'
  return PLAIN[id]?.[1] ?? (group === 'wrap' ? 'wrap' : way.winterParts?.crown ? 'crown' : 'slab')
}

/** What a way of wintering is called. */
export function winterWayWord(way: WinterWay, { vocabulary }: Pick<Reader, 'vocabulary'>): string {
  const plain = PLAIN[way.id]?.[0]
  if (plain) return inVocabulary(plain, vocabulary)
  const name = way.part ? inWords(way.part.label, vocabulary) : way.id
  return way.group === 'top' && !way.way.winterParts?.crown ? `closed, ${name}` : name
}

/** A top by its identity: one of the schools, or a part as made. */
export function winterTopWord(id: string, catalogue: Catalogue, reader: Pick<Reader, 'vocabulary'>): string {
  const part = catalogue.patterns.get(id.slice(id.indexOf(':') + 1))
  return winterWayWord({ id, group: 'top', way: {}, ...(part ? { part } : {}) }, reader)
}

/** Each school told as whoever keeps to it would, with what it gives up and what is not known. */
export function winterWayCase(way: WinterWay, { vocabulary }: Pick<Reader, 'vocabulary'>): WayCase {
  const { best, gains, gives, unknown } = CASES[caseOf(way)]
  const said = (text: string) => inVocabulary(text, vocabulary)
  return { best: said(best), gains: said(gains), gives: said(gives), unknown: said(unknown) }
}

/** A face of a hive: `top`, `left wall of the brood box`, `floor`. */
export function faceWord(
  { place, side, partId }: Pick<HeatFace, 'place' | 'side' | 'partId'>,
  names: ReadonlyMap<string, string>,
  { vocabulary }: Pick<Reader, 'vocabulary'>,
): string {
  if (place === 'wall') return `${side ?? ''} wall of ${names.get(partId ?? '') ?? 'the box'}`.trim()
  return inVocabulary(place, vocabulary)
}

/** A way for air: `door`, `hole in the crown board`. */
export function openingWord(what: StackOpening['what'], { vocabulary }: Pick<Reader, 'vocabulary'>): string {
  const word = { door: 'entrance', mesh: 'mesh', vent: 'upper opening', hole: 'hole in the crown board' }[what]
  return inVocabulary(word, vocabulary)
}

/** What stands beside a face: how it resists, how warm it is inside: `R 0.33`, `1.2 °C`. */
export function faceFigures(
  { face, surfaceCelsius }: FaceState,
  { units }: Pick<Reader, 'units'>,
): readonly [resists: string, warm: string] {
  return [showR(face.m2KPerW, units), showTemperature(surfaceCelsius, units, 1)]
}

/** What insulation is made of. */
export const INSULATION_WORDS: Readonly<Record<Insulation, string>> = {
  foam: 'foam board',
  polyurethane: 'polyurethane board',
  polystyrene: 'polystyrene',
  wool: 'wool',
  straw: 'straw',
  wood: 'wood',
}

/** Where a sensor is. */
export const PLACE_WORDS: Readonly<Record<SensorPlace | 'under', string>> = {
  under: 'under the hive',
  inside: 'among the combs',
  crown: 'under the crown',
  outside: 'outside',
}

/** What a sensor says of the cluster: what it gives, or that nothing warms the hive. */
export function clusterInWords(watts: number, { deadUnderWatts }: Pick<Figures, 'deadUnderWatts'>): string {
  return watts < deadUnderWatts
    ? 'The hive is hardly warmer than the air outside: the colony may be dead, or the sensor is not in the cluster. ' +
        'Put an ear to the wall, or heft it, before anything else.'
    : `By the difference the cluster gives about ${showWatts(watts)}.`
}

/** Watts as they are told, to a tenth below ten. */
export function showWatts(watts: number): string {
  return `${watts.toFixed(Math.abs(watts) < 9.95 ? 1 : 0)} W`
}

/** Grams or ounces a day, or kilograms or pounds from a kilogram on. */
export function showSmallMass(kg: number, units: Reader['units']): string {
  if (kg >= 1) return showMass(kg, units)
  return units === 'mm' ? `${Math.round(kg * 1000)} g` : `${(kg * 35.273_96).toFixed(1)} oz`
}

/** `76 %`. */
export function showHumidity(share: number): string {
  return `${Math.round(share * 100)} %`
}

/** Air moved, `1.3 m³ an hour`, `46 ft³ an hour`. */
export function showAirflow(m3PerS: number, units: Reader['units']): string {
  const perHour = m3PerS * 3600
  return units === 'mm'
    ? `${perHour.toFixed(perHour < 10 ? 1 : 0)} m³ an hour`
    : `${Math.round(perHour * 35.314_67)} ft³ an hour`
}

/** An opening by its area: `25 cm²`, `3.9 in²`. */
export function showOpening(mm2: number, units: Reader['units']): string {
  return units === 'mm' ? `${Math.round(mm2 / 100)} cm²` : `${(mm2 / 645.16).toFixed(1)} in²`
}

/** Whether so many bees can keep the whole cavity warm. */
export const CAN_GIVE_WORDS: Readonly<Record<CanGive, string>> = {
  yes: 'so many bees can give that',
  perhaps: 'only the strongest by the figures can give that',
  no: 'more than so many bees can give',
}

/** The share of all heat that goes through faces of a place, 0 to 1. */
export function shareOf({ faces, watts }: WinterState, place: HeatFace['place']): number {
  return watts > 0 ? faces.reduce((sum, { face, watts: w }) => sum + (face.place === place ? w : 0), 0) / watts : 0
}

/** Which of the two needs asks for more, and what each leaves out. */
export function twoNeedsInWords({ need, byHeat, more, byKg }: WinterFood, reader: Reader): string {
  const rule = `The rule of this climate asks for ${rangeInWords(need, reader, 0)}`
  const heat = `the heat of this form burns ${rangeInWords(byHeat, reader, 0)}`
  const which =
    more === 'alike'
      ? 'They agree.'
      : `${capital(`the ${more}`)} asks for about ${showMass(byKg, reader.units, 0)} more, middle to middle.`
  return `${rule}; ${heat}. ${which}`
}

export const LEFT_OUT = {
  rule:
    'The rule is for the usual winter form: it knows neither your boxes nor your bees, but holds cold snaps, flights ' +
    'and a late spring.',
  heat:
    'The heat knows boxes, bees and months, but no wind, sun, damp wood, cold snaps, flights or robbing; brood only ' +
    'as half as much again.',
} as const

/** What always stands beside these figures. */
export const WINTER_CAUTION =
  'Guidance from general figures: what a cluster gives is known to ± 40 %; wind, sun and damp wood are not in it, ' +
  'brood only as more food. A starving or sick colony is not helped by foam: food and mites first. Boxes are not ' +
  'parted in the cold.'
