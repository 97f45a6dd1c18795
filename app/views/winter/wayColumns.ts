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
const isEnough = ({ dry }: WayFigures) => dry !== null && Number.isFinite(dry.m3PerS)

/** The figures of every way of wintering, a column each. */
export function wayColumns(
  nameOf: (row: WayFigures) => string,
  reader: () => Reader,
): readonly TableColumn<WayFigures>[] {
  const number = true
  const units = () => reader().units
  return columnsFor<WayFigures>(
    { key: 'way', label: 'Way', width: 230, by: nameOf },
    { key: 'watts', label: 'Heat lost', number, text: ({ watts }) => showWatts(watts), by: ({ watts }) => watts },
    {
      key: 'inside',
      label: 'In the hive',
      number,
      text: ({ insideCelsius }) => showTemperature(insideCelsius, units(), 1),
      by: ({ insideCelsius }) => insideCelsius,
    },
    {
      key: 'month',
      label: 'Honey a month',
      number,
      width: 110,
      text: ({ honeyKgADay }) => showMass(honeyKgADay * DAYS_A_MONTH, units()),
      by: ({ honeyKgADay }) => honeyKgADay,
    },
    {
      key: 'winter',
      label: 'A winter',
      number,
      width: 110,
      text: ({ winterKg }) => rangeInWords(winterKg, reader(), 0),
      by: ({ winterKg }) => winterKg.middle,
    },
    {
      key: 'top',
      label: 'Top drips from',
      number,
      width: 115,
      text: ({ topDrips }) => humidity(topDrips),
      by: ({ topDrips }) => topDrips ?? 0,
    },
    {
      key: 'walls',
      label: 'Walls from',
      number,
      text: ({ wallsDrip }) => humidity(wallsDrip),
      by: ({ wallsDrip }) => wallsDrip ?? 0,
    },
    {
      key: 'air',
      label: 'Air to keep top dry',
      number,
      width: 140,
      text: ({ dry }) => (dry && Number.isFinite(dry.m3PerS) ? showAirflow(dry.m3PerS, units()) : 'none is enough'),
      by: ({ dry }) => dry?.m3PerS ?? 0,
    },
    {
      key: 'opening',
      label: 'Opening for it',
      number,
      width: 110,
      text: ({ dry }) => (dry?.openingMm2 === undefined ? 'entrance too small' : showOpening(dry.openingMm2, units())),
      by: ({ dry }) => dry?.openingMm2 ?? Infinity,
    },
    {
      key: 'costs',
      label: 'Honey it costs a month',
      number,
      width: 130,
      text: ({ dry }) =>
        dry && Number.isFinite(dry.honeyKgADay) ? showSmallMass(dry.honeyKgADay * DAYS_A_MONTH, units()) : '–',
      by: ({ dry }) => dry?.honeyKgADay ?? 0,
    },
  )
}
