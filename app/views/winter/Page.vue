<script setup lang="ts">
// Where the heat of a hive goes in winter, where water forms, and what it costs in honey; two ways beside each other.
import {
  coldStageOf,
  hiveByWay,
  litresOfBees,
  roomOfBees,
  winterForm,
  winterOf,
  winterWays,
  withWay,
  type WinterWay,
} from '#core/ask'
import { SHIPPED_FIGURES } from '#core/figures'
import { coldestCelsius } from '#core/heat'
import { WINTER_CAUTION, showSmallMass, showWatts, winterWayWord } from '#core/words'
import { formatToAdd } from '#core/year'
import { hasBees, type Edit } from '#core/yard'
import { showTemperature, showVolume } from '#core/units'
import * as deeds from '#core/yard/deeds'
import { usePrintWinter } from './printWinter'
import { useWinterAir } from './winterAir'
import { asMeasured, CLUSTER, twoSchools, winterSide, type WinterSide } from './winterAsked'
import { drawnHeightMm } from '~/drawing/winter-section'

const route = useRoute()
const router = useRouter()
const view = useView()
const yards = useYards()
const preferences = usePreferences()
const moment = useMoment()
const MODES = [
  ['ways', 'Two ways'],
  ['schools', 'Cluster or cavity'],
  ['all', 'Every way'],
  ['sensors', 'Sensors'],
  ['yard', 'The whole yard'],
] as const
const AXES = [
  ['across', 'Across'],
  ['along', 'Along'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'ways')
const axis = useInAddress('cut', modeOf(AXES), 'across')
const place = computed(() => view.placeOf(String(route.params.hive)))
const stage = computed(() => (place.value ? coldStageOf(place.value.hive) : 'winter'))
const known = computed(() => (place.value ? winterForm(place.value.yard, place.value.hive) : null))
const winter = computed(() => (known.value ? winterOf(known.value) : null))
const ways = computed(() => (known.value ? winterWays(known.value) : []))
/** A hive of no frames or floor still has faces; one without a box has none. */
const hasRoom = computed(() => (winter.value?.shell.enclosure.faces.length ?? 0) > 0)
const outside = ref(-5)
const humidity = ref(0.8)
const bees = ref(SHIPPED_FIGURES.winterBeesKg)
const wayId = useInAddress<string>('beside', (written) => written, '')
const chosenWay = computed({
  get: () => (ways.value.some(({ id }) => id === wayId.value) ? wayId.value : (usualBeside.value?.id ?? '')),
  set: (id) => {
    wayId.value = id
  },
})
/** Beside a hive first what changes most: its top where it has none of its own, else what goes round it. */
const usualBeside = computed(() => {
  const own = known.value?.layout.parts.map(({ part }) => part.patternId) ?? []
  const slab = ways.value.find(({ group, part }) => group === 'top' && part && !own.includes(part.id))
  return own.some((id) => ways.value.some(({ group, part }) => group === 'top' && part?.id === id))
    ? (ways.value.find(({ group, part }) => group === 'wrap' && part) ?? slab)
    : slab
})
watch(
  () => place.value?.hive.id,
  () => {
    bees.value = winter.value?.beesKg ?? bees.value
    const { context } = known.value ?? {}
    outside.value = (context && coldestCelsius(context.climate, context.winterMeansCelsius)) ?? 10
  },
  { immediate: true },
)
const sensors = useWinterAir(place)
const isMeasured = computed(() => sensors.isTaken && sensors.measured !== undefined && mode.value === 'ways')
watch(
  [isMeasured, () => sensors.measured],
  () => {
    if (!isMeasured.value || !sensors.measured) return
    outside.value = Math.round(sensors.outsideCelsius ?? outside.value)
    humidity.value = (sensors.measured.humidityPercent ?? 100 * humidity.value) / 100
  },
  { immediate: true },
)
const asked = computed(() => ({
  outsideCelsius: outside.value,
  beesKg: bees.value,
}))
const way = computed(() => ways.value.find(({ id }) => id === chosenWay.value))
const sides = computed<WinterSide[]>(() => {
  const hive = known.value
  if (!hive || !place.value) return []
  if (mode.value === 'schools') return twoSchools(hive, asked.value, preferences.reader)
  const stands = place.value.hive.stage === stage.value
  const measured = isMeasured.value ? sensors.measured : undefined
  const own = measured
    ? asMeasured(hive, asked.value, measured.celsius, moment(measured.at))
    : winterSide(
        hive,
        asked.value,
        CLUSTER,
        stands ? 'As it stands' : 'As planned',
        stands ? stageSaid(stage.value) : `for ${stageSaid(stage.value)}`,
      )
  const other = way.value && hiveByWay(place.value.yard, place.value.hive, stage.value, way.value)
  return other && way.value
    ? [own, winterSide(other, asked.value, CLUSTER, 'Beside it', winterWayWord(way.value, preferences.reader))]
    : [own]
})
/** A drawing is so high at most, and so much of it is for arrows and words. */
const HIGHEST_PX = 392
const ROOM_FOR_WORDS_PX = 120
const tallestMm = computed(() => Math.max(300, ...sides.value.map(({ known: hive }) => drawnHeightMm(hive))))
const MOST_SCALE = 0.56
const scale = computed(() => Math.min(MOST_SCALE, (HIGHEST_PX - ROOM_FOR_WORDS_PX) / tallestMm.value))
const height = computed(() => Math.round(tallestMm.value * scale.value + ROOM_FOR_WORDS_PX))
/** How much room the bees take of their own, and the most that less of it would save. */
const cluster = computed(() => sides.value[0] && roomOfBees(sides.value[0].known, asked.value))
async function choose(wayId: string) {
  const query = { ...route.query, beside: wayId }
  Reflect.deleteProperty(query, 'see')
  await router.push({ path: route.path, query })
}
function keepBees() {
  const hive = place.value
  if (!hive) return
  yards.perform(
    hive.yard.id,
    deeds.setWay(hive.hive, { ...hive.hive.season, winterBeesKg: Math.round(bees.value * 100) / 100 }),
  )
}
const typing = ref(false)
function keepOwn(edit: Edit, wayId_: string) {
  const at = place.value
  if (!at) return
  yards.perform(at.yard.id, edit)
  typing.value = false
  wayId.value = wayId_
}
const page = usePrintWinter()
function print() {
  const [side] = sides.value
  if (place.value && side && known.value) void page.print(place.value, known.value, side, asked.value)
}
function keepWay({ way }: WinterWay) {
  const at = place.value
  if (!at) return
  yards.perform(at.yard.id, deeds.setWay(at.hive, { ...at.hive.season, way: withWay(at.hive.season?.way, way) }))
}
useHead({ title: computed(() => (place.value ? `Winter of ${place.value.hive.name} – Duvet` : 'Winter – Duvet')) })
</script>

<template>
  <ShellPage :title="place ? `Winter of ${place.hive.name}` : 'Winter'">
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
      <UiModes v-if="mode === 'ways' || mode === 'schools'" v-model="axis" :of="AXES" name="Cut" />
    </template>
    <ShellNothing v-if="!place || !known || !winter || !hasRoom" to="/" way="Start a hive in the row">
      No box stands here yet. Where its warmth goes in winter, and where water forms, is drawn here.
    </ShellNothing>
    <ShellNothing v-else-if="mode !== 'yard' && !hasBees(place.yard, place.hive.id)">
      No bees are in {{ place.hive.name }}. Its winter is worked out once a colony is in it again.
    </ShellNothing>
    <WinterWays
      v-else-if="mode === 'all'"
      :yard="place.yard"
      :hive="place.hive"
      :stage="stage"
      :ways="ways"
      :outside-celsius="outside"
      :bees-kg="bees"
      @choose="choose"
    />
    <WinterSensors
      v-else-if="mode === 'sensors'"
      :yard="place.yard"
      :hive="place.hive"
      :winter="winter"
      :air="sensors.air"
      :outside-celsius="outside"
      @changed="sensors.load"
    />
    <WinterYard
      v-else-if="mode === 'yard'"
      :yard="place.yard"
      :outside-celsius="outside"
      :drips-alike="known.context.figures.dripsAlikeShare"
    />
    <div v-else class="columns">
      <div class="main">
        <h2 class="where">
          Where the heat goes at {{ showTemperature(outside, preferences.units) }} outside
          <span class="soft legend"
            ><i class="scale" aria-hidden="true" /> as cold as outside to as warm as the air inside ·
            {{ preferences.units === 'mm' ? 'R in m²K/W' : 'US R' }}</span
          >
        </h2>
        <div class="pair">
          <figure v-for="(side, i) in sides" :key="side.title">
            <figcaption>
              <b>{{ side.title }}</b>
              <WinterPick v-if="mode === 'ways' && i === 1" v-model="chosenWay" :ways="ways" />
              <span v-else class="soft">{{ side.under }}</span>
            </figcaption>
            <WinterSection
              :known="side.known"
              :shell="side.winter.shell"
              :state="side.state"
              :humidity="humidity"
              :bees-kg="bees"
              :cluster-litres="litresOfBees(side.known, bees)"
              :axis="axis"
              :scale="scale"
              :height="height"
            />
          </figure>
        </div>
        <ShellInTurn><WinterFoodChart :sides="sides" /></ShellInTurn>
      </div>
      <aside class="right">
        <WinterAnswer :sides="sides" :schools="mode === 'schools'">
          <WinterSliders
            v-model:outside="outside"
            v-model:humidity="humidity"
            v-model:bees="bees"
            :months="winter.months"
            :comb="winter.comb"
            :figures="known.context.figures"
            :measured="isMeasured"
            @counted="keepBees"
          />
        </WinterAnswer>
        <label v-if="sensors.measured && mode === 'ways'" class="by-sensor"
          ><ElSwitch v-model="sensors.isTaken" aria-label="As the sensor says" data-testid="by-sensor" /> As the sensor
          says, {{ moment(sensors.measured.at) }}:
          {{ showTemperature(sensors.measured.celsius, preferences.units, 1) }} in the hive, in place of what is
          assumed</label
        >
        <p v-if="cluster" class="soft" data-testid="cluster">
          The bees take {{ showVolume(cluster.litres, preferences.units) }}, {{ Math.round(cluster.share * 100) }} % of
          the {{ showVolume(winter.shell.enclosure.litres, preferences.units) }} they have.
          <template v-if="cluster.narrower && cluster.narrower.savesWatts > 0"
            >Room for {{ cluster.narrower.seams }} frames instead of {{ cluster.narrower.frames }}, behind dummies that
            sealed, would save at most {{ showWatts(cluster.narrower.savesWatts) }},
            {{ showSmallMass(cluster.narrower.savesKgAMonth, preferences.units) }} of honey a month.</template
          >
        </p>
        <WinterChoose v-if="mode === 'ways'" :way="way" @keep="keepWay" />
        <div class="buttons">
          <ElButton data-testid="type-insulation" @click="typing = true">Type a slab or wrap of your own</ElButton>
          <ElButton data-testid="print-winter" :loading="page.printing" @click="print">Print its page</ElButton>
        </div>
        <p v-if="page.failed" class="wrong" role="alert">{{ page.failed }}</p>
        <p class="caution">{{ WINTER_CAUTION }}</p>
      </aside>
    </div>
    <WinterOwnInsulation
      v-if="typing && known"
      :format="formatToAdd(known.assembled.stack)"
      @keep="keepOwn"
      @close="typing = false"
    />
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) 400px;
  border-top: 2px dashed var(--seam);
}

.main {
  min-width: 0;
  padding-bottom: var(--space-5);
}

.where {
  padding: var(--space-3) var(--space-5) 0;
  font-size: var(--type-4);
}

.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
}

.legend {
  margin-left: var(--space-3);
  font-weight: 400;
}

.scale {
  display: inline-block;
  width: 70px;
  height: 9px;
  background: linear-gradient(90deg, rgb(39 92 150), rgb(247 221 160), rgb(196 62 40));
}

figcaption {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 44px;
}

figure {
  margin: 0;
  padding: var(--space-2) var(--space-5);
}

.right {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  padding: var(--space-3) var(--space-4) var(--space-5);
  border-left: 2px dashed var(--seam);
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.buttons .el-button {
  margin: 0;
}

.soft,
.caution {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

@media (max-width: 1020px) {
  .columns {
    display: flex;
    flex-direction: column;
  }

  .right {
    border: 0;
  }
}
</style>
