import type { WayFigures } from '#core/ask'
import { DAYS_A_MONTH, showMass, showTemperature } from '#core/units'
import {
  rangeInWords,
  showAirflow,
  showHumidity,
  showOpening,
  showSmallMass,
  showWatts,
  type Reader,
} from '#core/words'
import { columnsFor, type TableColumn } from '~/kit/tableColumn'

const humidity = (share: number | null) => (share === null ? '–' : showHumidity(share))

/** A column of figures. */
const figures = (
  key: string,
  label: string,
  text: (row: WayFigures) => string,
  by: (row: WayFigures) => number,
  width?: number,
): TableColumn<WayFigures> => ({ key, label, number: true, text, by, ...(width ? { width } : {}) })

/** The figures of every way of wintering, a column each. */
export function wayColumns(
  nameOf: (row: WayFigures) => string,
  reader: () => Reader,
): readonly TableColumn<WayFigures>[] {
  const units = () => reader().units
  const mass = (kgADay: number) => showMass(kgADay * DAYS_A_MONTH, units())
  const inside = ({ insideCelsius }: WayFigures) => showTemperature(insideCelsius, units(), 1)
  return columnsFor<WayFigures>(
    { key: 'way', label: 'Way', width: 230, by: nameOf },
    figures(
      'watts',
      'Heat lost',
      ({ watts }) => showWatts(watts),
      ({ watts }) => watts,
    ),
    figures('inside', 'In the hive', inside, ({ insideCelsius }) => insideCelsius),
    figures(
      'month',
      'Honey a month',
      ({ honeyKgADay }) => mass(honeyKgADay),
      ({ honeyKgADay }) => honeyKgADay,
      110,
    ),
    figures(
      'winter',
      'A winter',
      ({ winterKg }) => rangeInWords(winterKg, reader(), 0),
      ({ winterKg }) => winterKg.middle,
      110,
    ),
    figures(
      'top',
      'Top drips from',
      ({ topDrips }) => humidity(topDrips),
      ({ topDrips }) => topDrips ?? 0,
      115,
    ),
    figures(
      'walls',
      'Walls from',
      ({ wallsDrip }) => humidity(wallsDrip),
      ({ wallsDrip }) => wallsDrip ?? 0,
    ),
    ...airColumns(units),
  )
}

function airColumns(units: () => Reader['units']): TableColumn<WayFigures>[] {
  const isAny = (dry: WayFigures['dry']) => dry !== null && Number.isFinite(dry.m3PerS)
  const air = ({ dry }: WayFigures) => (dry && isAny(dry) ? showAirflow(dry.m3PerS, units()) : 'none is enough')
  const opening = ({ dry }: WayFigures) =>
    dry?.openingMm2 === undefined ? 'entrance too small' : showOpening(dry.openingMm2, units())
  const costs = ({ dry }: WayFigures) =>
    dry && isAny(dry) ? showSmallMass(dry.honeyKgADay * DAYS_A_MONTH, units()) : '–'
  return [
    figures('air', 'Air to keep top dry', air, ({ dry }) => dry?.m3PerS ?? 0, 140),
    figures('opening', 'Opening for it', opening, ({ dry }) => dry?.openingMm2 ?? Infinity, 110),
    figures('costs', 'Honey it costs a month', costs, ({ dry }) => dry?.honeyKgADay ?? 0, 130),
  ]
}
