<script setup lang="ts">
// Where the heat of a hive goes in winter, where water forms, and what it costs in honey; two ways beside each other.
import { coldStageOf, wayToTryFirst, winterForm, winterOf, winterWays } from '#core/ask'
import { SHIPPED_FIGURES } from '#core/figures'
import { coldestCelsius } from '#core/heat'
import { WINTER_CAUTION } from '#core/words'
import { formatToAdd } from '#core/year'
import { hasBees, type Edit } from '#core/yard'
import { showTemperature } from '#core/units'
import { usePrintWinter } from './printWinter'
import { useWinterAir } from './winterAir'
import { useDrawnSize } from '~/drawing/drawn-size'
import { drawnHeightMm } from '~/drawing/winter-section'

const route = useRoute()
const router = useRouter()
const view = useView()
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
const firstId = computed(() => (known.value ? wayToTryFirst(ways.value, known.value)?.id : undefined) ?? '')
const chosenWay = computed({
  get: () => (ways.value.some(({ id }) => id === wayId.value) ? wayId.value : firstId.value),
  set: (id) => {
    wayId.value = id
  },
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
const measured = computed(() => (sensors.isTaken && mode.value === 'ways' ? sensors.measured : undefined))
watch(
  measured,
  (read) => {
    if (!read) return
    outside.value = Math.round(sensors.outsideCelsius ?? outside.value)
    humidity.value = (read.humidityPercent ?? 100 * humidity.value) / 100
  },
  { immediate: true },
)
const asked = computed(() => ({
  outsideCelsius: outside.value,
  beesKg: bees.value,
}))
const way = computed(() => ways.value.find(({ id }) => id === chosenWay.value))
const sides = useSides({ place, known, stage, asked, way, areSchools: () => mode.value === 'schools', measured })
const { scale, height } = useDrawnSize(() => sides.value.map((side) => drawnHeightMm(side.known)))
async function choose(wayId: string) {
  const query = { ...route.query, beside: wayId }
  Reflect.deleteProperty(query, 'see')
  await router.push({ path: route.path, query })
}
const { keepBees, keepWay, keepOwn } = useKeepWinter(place, bees)
const typing = ref(false)
function keepTyped(edit: Edit, id: string) {
  if (!keepOwn(edit)) return
  typing.value = false
  wayId.value = id
}
const page = usePrintWinter()
function print() {
  const [side] = sides.value
  if (place.value && side && known.value) void page.print(place.value, known.value, side, asked.value)
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
              :side="side"
              :humidity="humidity"
              :bees-kg="bees"
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
            :measured="measured !== undefined"
            @counted="keepBees"
          />
        </WinterAnswer>
        <label v-if="sensors.measured && mode === 'ways'" class="by-sensor"
          ><ElSwitch v-model="sensors.isTaken" aria-label="As the sensor says" data-testid="by-sensor" /> As the sensor
          says, {{ moment(sensors.measured.at) }}:
          {{ showTemperature(sensors.measured.celsius, preferences.units, 1) }} in the hive, in place of what is
          assumed</label
        >
        <WinterRoomOfBees v-if="sides[0]" :known="sides[0].known" :asked="asked" />
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
      @keep="keepTyped"
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
