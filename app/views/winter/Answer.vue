<script setup lang="ts">
// What two hives beside each other come to: in two sentences, then figure by figure.
import { firstWet, dryByAir, type WinterState } from '#core/heat'
import { DAYS_A_MONTH, showTemperature, showMass } from '#core/units'
import {
  CAN_GIVE_WORDS,
  faceWord,
  rangeInWords,
  shareOf,
  showAirflow,
  showHumidity,
  showOpening,
  showSmallMass,
  showWatts,
} from '#core/words'
import type { WinterSide } from './winterAsked'

const props = defineProps<{ sides: readonly WinterSide[]; schools: boolean }>()
const preferences = usePreferences()
const mass = (kg: number) => showMass(kg, preferences.units)
const beside = ({ state }: WinterSide, place: 'top' | 'wall' | 'floor') =>
  firstWet(state.faces.filter(({ face }) => face.place === place))
const dripsSaid = (side: WinterSide, place: 'top' | 'wall') => {
  const face = beside(side, place)
  return face ? `${face.surfaceCelsius < 0 ? 'frost ' : ''}${showHumidity(face.dripsFrom)}` : '–'
}
const wetWord = ({ state, known }: WinterSide) => {
  const first = state.wetFirst
  return first ? faceWord(first.face, known.names(preferences.vocabulary), preferences.reader) : 'none'
}
const most = (state: WinterState) =>
  (['wall', 'top', 'floor'] as const)
    .map((place) => ({ place, share: shareOf(state, place) }))
    .sort((a, b) => b.share - a.share)[0]!
const PLURAL = { wall: 'walls lose', top: 'top loses', floor: 'floor loses' } as const
const dry = ({ winter, state, known }: WinterSide) =>
  dryByAir(winter.shell, state, known.context.figures.outsideHumidityShare, known.context.figures)
const airRows = (side: WinterSide) => {
  const air = dry(side)
  if (!air) return { needs: '–', passes: '–', opening: '–', costs: '–' }
  const none = !Number.isFinite(air.m3PerS)
  return {
    needs: none ? 'none is enough' : showAirflow(air.m3PerS, preferences.units),
    passes: showAirflow(air.passesM3PerS, preferences.units),
    opening:
      none || air.openingMm2 === undefined
        ? 'entrance too small for it'
        : showOpening(air.openingMm2, preferences.units),
    costs: none ? '–' : `${showSmallMass(air.honeyKgADay * DAYS_A_MONTH, preferences.units)} a month`,
  }
}
/** A temperature that is given leaves no bounds. */
const winterSaid = ({ food: { byHeat } }: WinterSide) =>
  byHeat.high - byHeat.low < 0.5
    ? showMass(byHeat.middle, preferences.units, 0)
    : rangeInWords(byHeat, preferences.reader, 0)
const through = ({ state }: WinterSide, place: 'top' | 'wall' | 'floor') =>
  showWatts(state.faces.reduce((sum, { face, watts }) => sum + (face.place === place ? watts : 0), 0))
type Figure = (side: WinterSide) => string
const ROWS: readonly (readonly [word: string, figure: Figure])[] = [
  ['Heat lost', (side: WinterSide) => showWatts(side.state.watts)],
  ['Top, walls', (side: WinterSide) => `${through(side, 'top')}, ${through(side, 'wall')}`],
  ['Floor, air', (side: WinterSide) => `${through(side, 'floor')}, ${showWatts(side.state.airWatts)}`],
  ['In the hive', (side: WinterSide) => showTemperature(side.state.insideCelsius, preferences.units, 1)],
  ['Honey a day', (side: WinterSide) => showSmallMass(side.state.honeyKgADay, preferences.units)],
  ['Honey a month', (side: WinterSide) => showMass(side.state.honeyKgADay * DAYS_A_MONTH, preferences.units)],
  ['Honey a winter', (side: WinterSide) => winterSaid(side)],
  ['Water a day', (side: WinterSide) => showSmallMass(side.state.waterKgADay, preferences.units)],
  ['Wet first', wetWord],
  ['Top drips from', (side: WinterSide) => dripsSaid(side, 'top')],
  ['Walls drip from', (side: WinterSide) => dripsSaid(side, 'wall')],
  ['Air to keep top dry', (side: WinterSide) => airRows(side).needs],
  ['Air that passes', (side: WinterSide) => airRows(side).passes],
  ['Opening for it', (side: WinterSide) => airRows(side).opening],
  ['Honey it costs', (side: WinterSide) => airRows(side).costs],
]
const rows = computed(() => ROWS.map(([word, figure]) => ({ word, figures: props.sides.map(figure) })))
const meshed = ({ winter }: WinterSide) => winter.shell.openings.some(({ what }) => what === 'mesh')
/** What the two differ by at the cold that is set. */
const nowSaid = ({ state: own }: WinterSide, { state: other }: WinterSide) => {
  const watts = own.watts - other.watts
  const cold = showTemperature(own.outsideCelsius, preferences.units)
  return Math.abs(watts) < 0.05
    ? ''
    : `; at ${cold} outside ${showWatts(Math.abs(watts))} ${watts > 0 ? 'less' : 'more'}`
}
const sentence = computed(() => {
  const [first, other] = props.sides
  if (!first) return ''
  const { place, share } = most(first.state)
  const loses = said(`The ${PLURAL[place]} most: ${Math.round(share * 100)} %.`)
  if (!other) return loses
  if (props.schools)
    return `${loses} With the whole cavity warm a winter would take ${winterSaid(other)}, with only the cluster warm ${winterSaid(first)}.`
  // An open mesh has two still surfaces in these sums, which no wind leaves it: what it seems to save is not said.
  if (meshed(first) !== meshed(other))
    return `${loses} In still air they cost about alike; every wind through the open mesh takes more, which no figure here knows.`
  const saved = first.food.byHeat.middle - other.food.byHeat.middle
  const change =
    Math.abs(saved) < 0.05
      ? 'The other costs as much honey.'
      : `The other ${saved > 0 ? 'saves' : 'costs'} about ${mass(Math.abs(saved))} of honey a winter${saved > 0 ? '' : ' more'}, by the months of this climate${nowSaid(first, other)}.`
  return said(`${loses} ${change}`)
})
const water = computed(() =>
  props.sides.map((side) => {
    const [top, wall] = [beside(side, 'top'), beside(side, 'wall')]
    if (!top || !wall) return { title: side.title, text: 'has no top or no walls that could be reckoned.' }
    const { dripsAlikeShare } = side.known.context.figures
    const first = top.dripsFrom - wall.dripsFrom < dripsAlikeShare
    const air = dry(side)
    const floor = beside(side, 'floor')
    const floorFirst =
      floor && side.state.wetFirst === floor ? `the floor is wet first, from ${showHumidity(floor.dripsFrom)}; ` : ''
    if (first && air && air.passesM3PerS >= air.m3PerS)
      return {
        title: side.title,
        text: `${floorFirst}the top is as cold as the walls (wet from ${showHumidity(top.dripsFrom)}), but by these figures the air that goes through carries the water off first.`,
      }
    return {
      title: side.title,
      text: first
        ? `${floorFirst}the top is wet from ${showHumidity(top.dripsFrom)}, as soon as the walls (${showHumidity(wall.dripsFrom)}): water may fall on the bees.`
        : `${floorFirst}the walls are wet from ${showHumidity(wall.dripsFrom)}, the top later, from ${showHumidity(top.dripsFrom)}.`,
    }
  }),
)
const cavity = computed(() => (props.schools ? props.sides[1] : undefined))
</script>

<template>
  <section aria-label="What it comes to">
    <h2>What it comes to</h2>
    <div class="answer" data-testid="winter-answer" role="status">
      <p>
        <b>{{ sentence }}</b>
      </p>
      <p v-for="one in water" :key="one.title">{{ said(`${one.title}: ${one.text}`) }}</p>
      <p v-if="cavity" data-testid="can-give">
        Warm all over takes {{ showWatts(cavity.state.colonyWatts) }}: <b>{{ CAN_GIVE_WORDS[cavity.canGive] }}</b>.
      </p>
    </div>
    <slot />
    <div class="figures" role="table" aria-label="Figures" :style="{ '--columns': sides.length }">
      <div role="row" class="row heads">
        <span role="columnheader" class="unseen">Figure</span>
        <b v-for="side in sides" :key="side.title" role="columnheader">{{ side.title }}</b>
      </div>
      <div v-for="row in rows" :key="row.word" role="row" class="row" :data-row="row.word">
        <span role="rowheader">{{ said(row.word) }}</span>
        <span v-for="(figure, i) in row.figures" :key="i" role="cell">{{ figure }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.answer {
  display: grid;
  gap: var(--space-2);
  margin: var(--space-3) 0 var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

.row {
  display: grid;
  grid-template-columns: minmax(84px, 128px) repeat(var(--columns), minmax(0, 1fr));
  gap: var(--space-1) var(--space-3);
  padding: var(--space-1) 0;
  font-variant-numeric: tabular-nums;
}

.heads {
  border-bottom: 1px solid var(--seam);
}

.heads > :nth-child(2) {
  grid-column: 2;
}

.row > [role='rowheader'] {
  color: var(--soft-ink);
}
</style>
