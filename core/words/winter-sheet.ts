import type { HiveIn, WinterFood } from '../ask'
import { mapWithin, showMass, showTemperature } from '../units'
import {
  isAbsorber,
  isBox,
  isCrown,
  isEntranceFitting,
  isExcluder,
  isFloorInsert,
  isSlab,
  isVent,
  isWrap,
  type ResolvedPart,
} from '../parts'
import { firstWet, type FaceState, type HeatFace, type WinterState } from '../heat'
import type { Sheet } from './build-sheet'
import { capital, listed, the, type Reader } from './names'
import { inVocabulary } from './vocabulary'
import { rangeInWords } from './weight-words'
import {
  faceFigures,
  faceWord,
  LEFT_OUT,
  showHumidity,
  showSmallMass,
  showWatts,
  twoNeedsInWords,
  WINTER_CAUTION,
} from './winter-words'
import { monthWord } from './day-words'

/** What the page of one hive is made from: how it stands, how it is to winter, and what both come to in one cold. */
export interface WinterPage {
  readonly standing: HiveIn
  readonly wintering: HiveIn
  readonly before: WinterState
  readonly state: WinterState
  readonly food: WinterFood
}

/** One page for a hive: what to close, what to put on and take off, why, with the figures. */
export function winterSheet(page: WinterPage, reader: Reader): Sheet {
  const own = [page.wintering.hive.name, ...page.wintering.names(reader.vocabulary).values()]
  return mapWithin(sheetOf(page, reader), (_key, inner) =>
    typeof inner === 'string' ? inVocabulary(inner, reader.vocabulary, own) : inner,
  )
}

function sheetOf(page: WinterPage, reader: Reader): Sheet {
  const { wintering, state, food } = page
  const { wetFirst } = state
  const names = wintering.names(reader.vocabulary)
  return {
    title: `Winter of ${wintering.hive.name}`,
    lines: [
      `At ${showTemperature(state.outsideCelsius, reader.units)} outside it loses ${showWatts(state.watts)}: ` +
        `${showSmallMass(state.honeyKgADay, reader.units)} of honey a day; water given off: ` +
        `${showSmallMass(state.waterKgADay, reader.units)} a day.`,
      ...(wetFirst
        ? [`Water forms first on ${the(faceWord(wetFirst.face, names, reader))}: ${wetInWords(state)}.`]
        : []),
      `${twoNeedsInWords(food, reader)} ${LEFT_OUT.rule} ${LEFT_OUT.heat}`,
      `In its boxes ${rangeInWords(food.stores, reader, 0)} by ${food.isByBook ? 'its book' : 'the model'}: ` +
        (food.short.high > 0 ? `short by ${rangeInWords(food.short, reader, 0)}.` : 'nothing is missing.'),
    ],
    steps: stepsOf(page, reader),
    tables: [
      {
        heading: 'Where the heat goes',
        columns: ['Face', 'Heat', 'Resists', 'Inside', 'Wet from'],
        rows: alike(state.faces, reader).map((faces) => [
          capital(facesWord(faces, names, reader)),
          showWatts(faces.reduce((sum, { watts }) => sum + watts, 0)),
          ...faceFigures(faces[0]!, reader),
          showHumidity(faces[0]!.dripsFrom),
        ]),
      },
      {
        heading: 'Honey month by month',
        columns: ['', ...food.months.map(({ month }) => monthWord(month)), ''],
        rows: [
          ['Outside', ...food.months.map(({ celsius }) => showTemperature(celsius, reader.units))],
          ['Burnt', ...food.months.map(({ honeyKg }) => showMass(honeyKg.middle, reader.units))],
        ],
      },
    ],
    caution: WINTER_CAUTION,
  }
}

const PLACES = ['top', 'wall', 'floor'] as const
const PLACE_NAMES = { top: 'top', wall: 'walls', floor: 'floor' } as const

/** Each place with the humidity that it is wet from: `top from 98 %, walls from 82 %, floor from 76 %`. */
function wetInWords(state: WinterState): string {
  return PLACES.flatMap((place) => {
    const face = firstWet(state.faces.filter((one) => one.face.place === place))
    return face ? [`${PLACE_NAMES[place]} from ${showHumidity(face.dripsFrom)}`] : []
  }).join(', ')
}

/** Faces of one part that have the same figures, told together. */
function alike(faces: readonly FaceState[], reader: Reader): FaceState[][] {
  const groups = new Map<string, FaceState[]>()
  for (const face of faces) {
    const { partId, place } = face.face
    const key = [partId, place, ...faceFigures(face, reader), showHumidity(face.dripsFrom)].join()
    groups.set(key, [...(groups.get(key) ?? []), face])
  }
  return [...groups.values()]
}

function facesWord(faces: readonly FaceState[], names: ReadonlyMap<string, string>, reader: Reader): string {
  const [first] = faces
  const one = first ? faceWord(first.face, names, reader) : ''
  if (faces.length < 2 || !first) return one
  const sides = listed(faces.flatMap(({ face }) => face.side ?? []))
  const whole = faces.length === 4 ? 'four' : sides
  return one.replace(`${first.face.side} wall`, `${whole} walls`)
}

/** What is to be done, in the order of work: off, on, closed; each with why, in figures where heat is the reason. */
function stepsOf({ standing, wintering, before, state }: WinterPage, { vocabulary }: Reader): Sheet['steps'] {
  const parts = (hive: HiveIn): ResolvedPart[] => [...hive.assembled.stack, ...hive.assembled.attached]
  const [stand, winter] = [parts(standing), parts(wintering)]
  const [namesBefore, namesAfter] = [standing.names(vocabulary), wintering.names(vocabulary)]
  const called = (names: ReadonlyMap<string, string>, { part }: ResolvedPart) => names.get(part.id) ?? part.patternId
  const lacks = (all: readonly ResolvedPart[], one: ResolvedPart) => !all.some(({ part }) => part.id === one.part.id)
  const loses = (of: WinterState, place: HeatFace['place']) =>
    of.faces.reduce((sum, { face, watts }) => sum + (face.place === place ? watts : 0), 0)
  const heat = (place: HeatFace['place']) =>
    `The ${PLACE_NAMES[place]} ${place === 'wall' ? 'lose' : 'loses'} ${showWatts(loses(before, place))} ` +
    `as it stands, ${showWatts(loses(state, place))} so.`
  const wet = `Wet from: ${wetInWords(state)}.`
  const supers = new Set(
    standing.assembled.stack.filter(({ placement }) => placement.role === 'super').map(({ part }) => part.id),
  )
  const turned = new Set(
    standing.assembled.attached.filter(({ attachment }) => attachment.edge === 'upper').map(({ part }) => part.id),
  )
  const offBecause = (part: ResolvedPart): string => {
    if (isExcluder(part)) return 'So that the cluster can follow its food up with the queen among it.'
    if (!isBox(part)) return isSlab(part) || isAbsorber(part) || isVent(part) || isCrown(part) ? heat('top') : ''
    return supers.has(part.part.id)
      ? 'With the crop, while it is warm: nothing that the bees are to eat goes with it.'
      : 'Only while it is warm, and never with bees, brood or food in it: those go into the boxes that stay first.'
  }
  const onBecause = (part: ResolvedPart): string => {
    if (isWrap(part)) return heat('wall')
    if (isFloorInsert(part)) return heat('floor')
    if (isEntranceFitting(part)) return 'Mice stay out, air goes through.'
    return isSlab(part) || isAbsorber(part) || isVent(part) || isCrown(part) ? `${heat('top')} ${wet}` : ''
  }
  const step = (text: string, note = '') => ({ text, note })
  return [
    ...stand
      .filter((one) => lacks(winter, one))
      .map((one) => step(`Off: ${called(namesBefore, one)}.`, offBecause(one))),
    ...winter.filter((one) => lacks(stand, one)).map((one) => step(`On: ${called(namesAfter, one)}.`, onBecause(one))),
    ...winter
      .filter((one) => isCrown(one) && one.dimensions.holeLength && one.part.hole !== undefined)
      .map((one) =>
        step(`${holeWord(one, stand)} the hole of ${the(called(namesAfter, one))}.`, `${heat('top')} ${wet}`),
      ),
    ...wintering.assembled.attached
      .filter((one) => isEntranceFitting(one) && one.attachment.edge === 'upper' && !turned.has(one.part.id))
      .map((one) =>
        step(
          `Turn ${the(called(namesAfter, one))} so that it opens at its upper edge.`,
          'Dead bees on the floor do not stop it up; look again on mild days.',
        ),
      ),
    step(
      'Count mites, and weigh or heft it, before it is closed.',
      'A starving or sick colony is not helped by foam. No box is parted in the cold.',
    ),
  ]
}

/** What is done to the hole of a board, by how it is now. */
function holeWord({ part }: ResolvedPart, before: readonly ResolvedPart[]): string {
  const now = before.find((one) => one.part.id === part.id)?.part.hole
  if (now === part.hole) return part.hole === 'open' ? 'Leave open:' : 'Leave closed:'
  return part.hole === 'open' ? 'Open:' : 'Close:'
}
