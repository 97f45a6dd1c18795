import type { HiveIn } from '../hive-in'
import { isCrown, isEntranceFitting } from '../parts'
import { firstWet, type WinterState } from '../winter'
import type { WinterFood } from '../wintering'
import { showMass, showTemperature } from '../units'
import type { Sheet } from './build-sheet'
import { capital, the, type Reader } from './names'
import { rangeInWords } from './weight-words'
import {
  faceFigures,
  faceWord,
  LEFT_OUT,
  monthWord,
  showHumidity,
  showSmallMass,
  showWatts,
  twoNeedsInWords,
  WINTER_CAUTION,
} from './winter-words'

/** What the page of one hive is made from: how it stands, how it is to winter, and what that comes to. */
export interface WinterPage {
  readonly standing: HiveIn
  readonly wintering: HiveIn
  readonly state: WinterState
  readonly food: WinterFood
}

/** One page for a hive: what to close, what to put on and take off, why, with the figures. */
export function winterSheet({ standing, wintering, state, food }: WinterPage, reader: Reader): Sheet {
  const names = wintering.names(reader.vocabulary)
  const walls = firstWet(state.faces.filter(({ face }) => face.place === 'wall'))
  const top = firstWet(state.faces.filter(({ face }) => face.place === 'top'))
  const mass = (kg: number) => showMass(kg, reader.units)
  return {
    title: `Winter of ${wintering.hive.name}`,
    lines: [
      `At ${showTemperature(state.outsideCelsius, reader.units)} outside it loses ${showWatts(state.watts)}: ` +
        `${showSmallMass(state.honeyKgADay, reader.units)} of honey a day; water given off: ` +
        `${showSmallMass(state.waterKgADay, reader.units)} a day.`,
      ...(top && walls
        ? [
            `Water forms on the walls from ${showHumidity(walls.dripsFrom)} of humidity inside, on the top from ` +
              `${showHumidity(top.dripsFrom)}.`,
          ]
        : []),
      `${twoNeedsInWords(food, reader)} ${LEFT_OUT.rule} ${LEFT_OUT.heat}`,
      `In its boxes ${rangeInWords(food.stores, reader, 0)} by the model: ` +
        (food.short.high > 0 ? `short by ${rangeInWords(food.short, reader, 0)}.` : 'nothing is missing.'),
    ],
    steps: stepsOf(standing, wintering, reader).map((text) => ({ text, mistake: '' })),
    tables: [
      {
        heading: 'Where the heat goes',
        columns: ['Face', 'Heat', 'Resists', 'Inside', 'Wet from'],
        rows: state.faces.map((face) => [
          capital(faceWord(face.face, names, reader)),
          showWatts(face.watts),
          ...faceFigures(face, reader),
          showHumidity(face.dripsFrom),
        ]),
      },
      {
        heading: 'Honey month by month',
        columns: ['Month', 'Outside', 'Burnt'],
        rows: food.months.map(({ month, celsius, honeyKg }) => [
          monthWord(month),
          showTemperature(celsius, reader.units),
          mass(honeyKg.middle),
        ]),
      },
    ],
    caution: WINTER_CAUTION,
  }
}

/** What is to be done, in the order of work: off, on, closed. */
function stepsOf(standing: HiveIn, wintering: HiveIn, { vocabulary }: Reader): string[] {
  const parts = (hive: HiveIn) => [...hive.assembled.stack, ...hive.assembled.attached]
  const [before, after] = [parts(standing), parts(wintering)]
  const [namesBefore, namesAfter] = [standing.names(vocabulary), wintering.names(vocabulary)]
  const gone = before.filter(({ part }) => !after.some((one) => one.part.id === part.id))
  const come = after.filter(({ part }) => !before.some((one) => one.part.id === part.id))
  const crowns = after
    .filter(isCrown)
    .filter(({ part, dimensions }) => dimensions.holeLength && part.hole !== undefined)
  return [
    ...gone.map(
      ({ part }) => `Off: ${namesBefore.get(part.id) ?? part.patternId}. What holds bees, brood or food stays.`,
    ),
    ...come.map(({ part }) => `On: ${namesAfter.get(part.id) ?? part.patternId}.`),
    ...crowns.map(
      ({ part }) =>
        `${part.hole === 'open' ? 'Open' : 'Close'}: the hole of ${the(namesAfter.get(part.id) ?? part.patternId)}.`,
    ),
    ...wintering.assembled.attached
      .filter(isEntranceFitting)
      .filter(({ attachment }) => attachment.edge === 'upper')
      .map(({ part }) => `Turn ${the(namesAfter.get(part.id) ?? part.patternId)} so that it opens at its upper edge.`),
    'Count mites and weigh or heft before it is closed; on mild days clear the door. No box is parted in the cold.',
  ]
}
