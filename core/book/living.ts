import { rangeOf } from '../figures'
import type { HiveIn } from '../ask'
import { isCold } from '../yard'
import { isBox, isFrame, combAreaDm2 } from '../parts'
import { stageOn, type YardYear } from '../year'
import { massOfHive, times, usualWeighing, ZERO, type Range } from '../loads'
import { entriesOf } from './current'
import { dayOf, daysBetween } from './days'
import type { Entry } from './entries'
import { beesSeen, framesWithBrood, type Look } from './look'

/** Bees and brood of a colony, kg. */
export interface Living {
  readonly bees: Range
  readonly brood: Range
}

/**
 * Bees and brood of a colony on a day, kg: by the last look of these days that tells of them, else as its stage has
 * them; in the cold the cluster as it was last counted, or a usual one, and no brood. Every view that takes them off a
 * weighing asks this function. Common practice; a usual cluster from memory.
 */
export function livingOn(known: HiveIn, entries: readonly Entry[], at: string, year: YardYear): Living {
  const day = dayOf(at)
  const stage = stageOn(day, year)
  const { figures } = known.context
  const looks = entriesOf(entries, 'look').filter(
    (look) => dayOf(look.at) <= day && daysBetween(look.at, day) <= figures.lookSeasonDays,
  )
  const seen = looks.flatMap(({ body }) => beesSeen(body, known.assembled) ?? []).at(-1)
  if (isCold(stage)) {
    const clusterKg = known.hive.season?.winterBeesKg ?? figures.winterBeesKg
    const cluster = {
      low: clusterKg * (1 - figures.beesCountedOffShare),
      middle: clusterKg,
      high: clusterKg * (1 + figures.beesCountedOffShare),
    }
    return { bees: seen?.kg ?? cluster, brood: ZERO }
  }
  const usual = massOfHive(known.assembled, usualWeighing(stage)).items
  const brood = looks.flatMap(({ body }) => broodKg(known, body) ?? []).at(-1)
  return { bees: seen?.kg ?? usual.bees, brood: brood ?? usual.brood }
}

/** Brood by the combs that have it: those that were pressed by their own size, those counted by the mean of all. */
function broodKg({ assembled }: HiveIn, look: Look): Range | undefined {
  const combs = framesWithBrood(look)
  const boxes = assembled.stack.filter((layer) => isBox(layer) && layer.placement.role !== 'super')
  const areas = new Map(
    boxes.flatMap(({ hung }) => hung.filter(isFrame).map(({ content, pattern }) => [content.id, combAreaDm2(pattern)])),
  )
  if (combs === undefined || areas.size === 0) return undefined
  const { figures } = assembled
  const pressed = look.broodFrames ? [] : (look.combs ?? []).filter(({ brood }) => brood && brood.length > 0)
  const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0)
  const areaDm2 =
    pressed.length > 0
      ? sum(pressed.map(({ contentId }) => areas.get(contentId) ?? 0))
      : (combs * sum([...areas.values()])) / areas.size
  return times(rangeOf(figures, 'broodKgPerDm2'), areaDm2 * rangeOf(figures, 'broodOfCombShare').middle)
}
