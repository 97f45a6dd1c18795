import { assembleHive, betterWaysIn, judgingOf, partsById, type Judging, type PartLookup } from '../../stack'
import { catalogueOf, type Catalogue, type Part } from '../../parts'
import {
  colonyIn,
  isBare,
  isSound,
  keptAsFood,
  shedOf,
  type Attachment,
  type Hive,
  type Stage,
  type Way,
  type Yard,
} from '../../yard'
import { stagesOfYear, yearOf } from '../calendar'
import { asNucleus, formatToAdd, usualWay, wayOf } from '../ways'
import { byHand } from './by-hand'
import { partsWith, type PlannedStage } from './planned'
import { fittingsAt } from './fittings'
import { layersAt } from './layers'
import type { PlannedLayer, Writing } from './writing'
import { poolOf, type Promised } from './pool'

/** A hive through the year. */
export interface PlannedHive {
  readonly hiveId: string
  readonly way: Way
  readonly stages: ReadonlyMap<Stage, PlannedStage>
}

/** The stages that a yard's year has, in their order from the turn of the year, each once. */
export function stagesOf(yard: Yard): Stage[] {
  return [...new Set(stagesOfYear(yearOf(yard)).map(({ stage }) => stage))]
}

/** Every hive of a yard through its year, from what stands there now; no shed part is planned for two hives. */
export function writeYear(yard: Yard, stages: readonly Stage[] = stagesOf(yard)): PlannedHive[] {
  return [...writingYear(yard, stages, yard.hives.length)].flat()
}

/** The same, so many hives at a time, for whoever has to look up in between. */
export function* writingYear(yard: Yard, stages: readonly Stage[], atATime: number): Generator<PlannedHive[]> {
  const promised: Promised = new Map()
  const owned = ownedKinds(yard)
  for (let at = 0; at < yard.hives.length; at += atATime)
    yield yard.hives.slice(at, at + atATime).map((hive) => writeHive(yard, hive, stages, promised, owned))
}

/** Which hive each part of the shed is planned for, as `writeYear` deals them out, without the rest of the work. */
export function promisesOf(yard: Yard, stages: readonly Stage[] = stagesOf(yard)): Promised {
  const promised: Promised = new Map()
  const owned = ownedKinds(yard)
  if (owned.size === 0) return promised
  const parts = partsById(yard)
  for (const hive of yard.hives) {
    const begun = beginWriting(yard, hive, parts, promised, owned, judgingOf(yard))
    for (const stage of stages) begun(stage)
  }
  return promised
}

/** Kinds of parts that lie in the shed. */
export function ownedKinds(yard: Yard, catalogue: Catalogue = catalogueOf(yard)): ReadonlySet<string> {
  return new Set(shedOf(yard).flatMap(({ patternId }) => catalogue.patterns.get(patternId)?.kind ?? []))
}

/** One hive through the year; plans by hand stand in for what is written. */
export function writeHive(
  yard: Yard,
  hive: Hive,
  stages: readonly Stage[],
  promised: Promised = new Map(),
  owned: ReadonlySet<string> = ownedKinds(yard),
): PlannedHive {
  const judging = judgingOf(yard)
  const { catalogue } = judging
  const parts = partsById(yard)
  const begun = beginWriting(yard, hive, parts, promised, owned, judging)
  // What is dead, gone or closed is left as it stands: no plan moves anything of it. What is bare is planned for.
  if (!isSound(yard, hive.id) && !colonyKeepsCombs(yard, hive.id) && !isPlannedOnly(yard, hive))
    return { hiveId: hive.id, way: begun.way, stages: new Map(stages.map((stage) => [stage, asItStands(stage, hive)])) }
  const written = stages.map((stage): [Stage, PlannedStage] => {
    const planned = writeStage(begun(stage), hive, parts, judging)
    const hand = hive.season?.byHand?.[stage]
    return [stage, hand ? byHand(hand, planned, hive, parts, catalogue) : planned]
  })
  return { hiveId: hive.id, way: begun.way, stages: new Map(written) }
}

const isPlannedOnly = (yard: Yard, hive: Hive) => isBare(yard, hive) && !colonyIn(yard, hive.id)

/** Only its combs are held: it is worked on as any other. */
const colonyKeepsCombs = (yard: Yard, hiveId: string) => colonyIn(yard, hiveId)?.holds === 'combs'

function asItStands(stage: Stage, hive: Hive): PlannedStage {
  return { stage, hive: { ...hive, stage, accepted: [] }, parts: [], byHand: false, lacks: [] }
}

/** What one stage is made of. */
interface Draft {
  readonly stage: Stage
  readonly layers: readonly PlannedLayer[]
  readonly fittings: readonly { readonly part: Part; readonly attachment: Attachment }[]
}

/** Drafts the stages of one hive, one after the other, from the same pool of parts. */
function beginWriting(
  yard: Yard,
  hive: Hive,
  parts: PartLookup,
  promised: Promised,
  owned: ReadonlySet<string>,
  { catalogue }: Judging,
): ((stage: Stage) => Draft) & { readonly way: Way } {
  const assembled = assembleHive(hive, parts, catalogue)
  const way = asNucleus(wayOf(yard, hive, usualWay(assembled, owned, catalogue)), assembled)
  const pool = poolOf(yard, hive, parts, catalogue, promised)
  const format = formatToAdd(assembled.stack)
  const kept = keptAsFood(yard, hive)
  const { climate } = yearOf(yard).calendar
  return Object.assign(
    (stage: Stage): Draft => {
      pool.begin()
      const writing: Writing = { stage, way, assembled, catalogue, pool, format, climate, keptAsFood: kept }
      const layers = layersAt(writing)
      return { stage, layers, fittings: fittingsAt(writing, layers) }
    },
    { way },
  )
}

function writeStage({ stage, layers, fittings }: Draft, hive: Hive, known: PartLookup, judging: Judging): PlannedStage {
  const changed = [...layers, ...fittings].map(({ part }) => part).filter((part) => known.get(part.id) !== part)
  const plain: Hive = {
    ...hive,
    stage,
    stack: layers.map(({ placement }) => placement),
    attachments: fittings.map(({ attachment }) => attachment),
    accepted: [],
  }
  return { stage, hive: rightWayUp(plain, changed, known, judging), parts: changed, byHand: false, lacks: [] }
}

/** Crown and excluder the way up that leaves the bees the better space. */
function rightWayUp(hive: Hive, changed: readonly Part[], known: PartLookup, judging: Judging): Hive {
  const ways = betterWaysIn(assembleHive(hive, partsWith(known, { parts: changed }), judging.catalogue), judging)
  const turn = new Set(ways.filter(({ better }) => better === 'turned').map(({ partId }) => partId))
  return turn.size === 0
    ? hive
    : {
        ...hive,
        stack: hive.stack.map((placement) =>
          turn.has(placement.partId) ? { ...placement, turnedOver: !placement.turnedOver } : placement,
        ),
      }
}
