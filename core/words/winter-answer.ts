import { dryAir, wetOf, type HiveInWinter } from '../ask'
import type { WinterState } from '../heat'
import { DAYS_A_MONTH, showMass, showTemperature } from '../units'
import type { Reader } from './names'
import { rangeInWords } from './weight-words'
import { faceWord, shareOf, showAirflow, showHumidity, showOpening, showSmallMass, showWatts } from './winter-words'

/** Less than this is said to be no difference, W and kg. */
const NO_DIFFERENCE = 0.05
/** Bounds that are nearer, in kg, are one figure: a temperature that is given leaves none. */
const ONE_FIGURE = 0.5
const PLACES = ['wall', 'top', 'floor'] as const
const LOSES = { wall: 'walls lose', top: 'top loses', floor: 'floor loses' } as const

/** The honey of a whole winter. */
function winterSaid({ food: { byHeat } }: HiveInWinter, reader: Reader): string {
  return byHeat.high - byHeat.low < ONE_FIGURE
    ? showMass(byHeat.middle, reader.units, 0)
    : rangeInWords(byHeat, reader, 0)
}

/** The figures of a hive in winter, each with its word; a dash where there is none. */
export function winterFigures(
  side: HiveInWinter,
  reader: Reader,
): readonly (readonly [word: string, figure: string])[] {
  const { state, known } = side
  const { units } = reader
  const wet = wetOf(side)
  const through = (place: 'top' | 'wall' | 'floor') =>
    showWatts(state.faces.reduce((sum, { face, watts }) => sum + (face.place === place ? watts : 0), 0))
  const drips = (face: typeof wet.top) =>
    face ? `${face.surfaceCelsius < 0 ? 'frost ' : ''}${showHumidity(face.dripsFrom)}` : '–'
  const first = state.wetFirst
  return [
    ['Heat lost', showWatts(state.watts)],
    ['Top, walls', `${through('top')}, ${through('wall')}`],
    ['Floor, air', `${through('floor')}, ${showWatts(state.airWatts)}`],
    ['In the hive', showTemperature(state.insideCelsius, units, 1)],
    ['Honey a day', showSmallMass(state.honeyKgADay, units)],
    ['Honey a month', showMass(state.honeyKgADay * DAYS_A_MONTH, units)],
    ['Honey a winter', winterSaid(side, reader)],
    ['Water a day', showSmallMass(state.waterKgADay, units)],
    ['Wet first', first ? faceWord(first.face, known.names(reader.vocabulary), reader) : 'none'],
    ['Top drips from', drips(wet.top)],
    ['Walls drip from', drips(wet.wall)],
    ...airFigures(side, units),
  ]
}

function airFigures(side: HiveInWinter, units: Reader['units']): (readonly [string, string])[] {
  const air = dryAir(side)
  const isNone = !air || !Number.isFinite(air.m3PerS)
  const opening =
    isNone || air.openingMm2 === undefined ? 'entrance too small for it' : showOpening(air.openingMm2, units)
  const cost = isNone ? '–' : `${showSmallMass(air.honeyKgADay * DAYS_A_MONTH, units)} a month`
  return [
    ['Air to keep top dry', !air ? '–' : isNone ? 'none is enough' : showAirflow(air.m3PerS, units)],
    ['Air that passes', air ? showAirflow(air.passesM3PerS, units) : '–'],
    ['Opening for it', air ? opening : '–'],
    ['Honey it costs', cost],
  ]
}

function mostLost(state: WinterState): string {
  const [most] = PLACES.map((place) => ({ place, share: shareOf(state, place) })).sort((a, b) => b.share - a.share)
  return most ? `The ${LOSES[most.place]} most: ${Math.round(most.share * 100)} %.` : ''
}

/** What the two differ by at the cold that is set. */
function nowSaid({ state: own }: HiveInWinter, { state: other }: HiveInWinter, { units }: Reader): string {
  const watts = own.watts - other.watts
  if (Math.abs(watts) < NO_DIFFERENCE) return ''
  const cold = showTemperature(own.outsideCelsius, units)
  return `; at ${cold} outside ${showWatts(Math.abs(watts))} ${watts > 0 ? 'less' : 'more'}`
}

const isMeshed = ({ winter }: HiveInWinter) => winter.shell.openings.some(({ what }) => what === 'mesh')

/**
 * What two hives beside each other come to, in two sentences.
 * @param areSchools it is one hive, thought of in two ways
 */
export function winterSentence(sides: readonly HiveInWinter[], areSchools: boolean, reader: Reader): string {
  const [first, other] = sides
  if (!first) return ''
  const loses = mostLost(first.state)
  if (!other) return loses
  if (areSchools)
    return (
      `${loses} With the whole cavity warm a winter would take ${winterSaid(other, reader)}, ` +
      `with only the cluster warm ${winterSaid(first, reader)}.`
    )
  // An open mesh has two still surfaces in these sums, which no wind leaves it: what it seems to save is not said.
  if (isMeshed(first) !== isMeshed(other))
    return (
      `${loses} In still air they cost about alike; ` +
      'every wind through the open mesh takes more, which no figure here knows.'
    )
  const saved = first.food.byHeat.middle - other.food.byHeat.middle
  if (Math.abs(saved) < NO_DIFFERENCE) return `${loses} The other costs as much honey.`
  const mass = showMass(Math.abs(saved), reader.units)
  const [does, more] = saved > 0 ? ['saves', ''] : ['costs', ' more']
  return (
    `${loses} The other ${does} about ${mass} of honey a winter${more}, ` +
    `by the months of this climate${nowSaid(first, other, reader)}.`
  )
}

/** Where its water forms first, and what that means for the bees. */
export function winterWater(side: HiveInWinter): string {
  const { top, wall, floor, isFloorFirst, isTopAsSoon, airCarriesOff } = wetOf(side)
  if (!top || !wall) return 'has no top or no walls that could be reckoned.'
  const [topFrom, wallFrom] = [showHumidity(top.dripsFrom), showHumidity(wall.dripsFrom)]
  const floorFirst = floor && isFloorFirst ? `the floor is wet first, from ${showHumidity(floor.dripsFrom)}; ` : ''
  if (!isTopAsSoon) return `${floorFirst}the walls are wet from ${wallFrom}, the top later, from ${topFrom}.`
  return airCarriesOff
    ? `${floorFirst}the top is as cold as the walls (wet from ${topFrom}), ` +
        'but by these figures the air that goes through carries the water off first.'
    : `${floorFirst}the top is wet from ${topFrom}, as soon as the walls (${wallFrom}): water may fall on the bees.`
}
