<script setup lang="ts">
// Whether it stands: load, centre of mass, wind, strap; level; the site as things to tick.
import { TYPED, type Hive, type Yard } from '#core/yard'
import { hiveStands } from '#core/ask'
import { useKept } from '~/composables/kept'
import { useWeighedHive } from './weighedHive'
import { bodyHeights, tiltMeaning } from '#core/loads'
import {
  inchesFromMm,
  mmFromInches,
  parseLength,
  parseNumber,
  roundTo,
  showLength,
  showMass,
  showWind,
} from '#core/units'
import { lengthProblemInWords, rangeInWords } from '#core/words'

const preferences = usePreferences()
const view = useView()
const props = defineProps<{ yard: Yard; hive: Hive }>()
const weighing = useWeighing()
const weighed = useWeighedHive(props)
/** How far apart the feet stand, by hive; stays on this device. */
const feet = useKept<Record<string, number>>('duvet.feet', {})
const feetMm = computed(() => feet.value[props.hive.id] ?? null)
const of = computed(() => hiveStands(props.yard, props.hive, weighed.now, feetMm.value ?? undefined))
const standing = computed(() => of.value.standing)
const topHandMm = computed(() => weighed.lifts.highest?.from.handMm ?? null)
const shoulderMm = computed(() => bodyHeights(weighing.own).shoulderMm)
function keepFeet(mm: number | null) {
  const { [props.hive.id]: _old, ...others } = feet.value
  feet.value = mm === null ? others : { ...others, [props.hive.id]: mm }
}
const feetProblem = ref('')
function setFeet(text: string) {
  feetProblem.value = ''
  if (text.trim() === '') return keepFeet(null)
  const read = parseLength(text, preferences.units, TYPED.betweenFeet)
  if (read.ok) keepFeet(read.mm)
  else
    feetProblem.value = lengthProblemInWords(
      'Feet apart',
      read.problem,
      TYPED.betweenFeet,
      preferences.units,
      read.readings,
    )
}
const along = ref('0')
const across = ref('0')
const isMetric = computed(() => preferences.units === 'mm')
/** A level reads so far over so much: a spirit level of 400 mm, or of 16 in. */
const slopeUnit = computed(() => (isMetric.value ? 'mm in 400' : 'inches in 16'))
const typedMm = (text: string) => {
  const value = text.trim() === '' ? 0 : parseNumber(text, 2)
  return value === undefined ? undefined : isMetric.value ? value : mmFromInches(value)
}
watch(isMetric, (metric) => {
  for (const one of [along, across]) {
    const value = parseNumber(one.value, 2)
    if (value !== undefined)
      one.value = String(roundTo(metric ? mmFromInches(value) : inchesFromMm(value), metric ? 1 : 3))
  }
})
const tilt = computed(() => {
  const [a, b] = [typedMm(along.value), typedMm(across.value)]
  const overMm = isMetric.value ? 400 : mmFromInches(16)
  return a === undefined || b === undefined ? null : tiltMeaning(a, b, overMm, of.value.drains, view.catalogue.figures)
})
const TILT = {
  level: 'level',
  forward: 'a little forward: rain runs off',
  'far-forward': 'too far forward: frames swing',
  back: 'back: rain runs in; right for drain frames only',
  sideways: 'sideways: comb hangs crooked in the frames',
} as const
const wind = (ms: number | null) =>
  ms === null ? said('no roof') : !Number.isFinite(ms) ? 'nothing to blow at' : showWind(ms, preferences.units)
const SITE = [
  ['firm', 'Firm ground, or slabs', 'a full hive sinks into soft ground on one side'],
  ['grass', 'Nothing growing up to it', 'grass and twigs are bridges for ants'],
  ['ants', 'Ant barrier on every leg', 'where ants rob hives; cups are narrower than legs and can slip'],
  ['beetles', 'Gravel or slabs under it', 'small hive beetle pupates in soil, where it occurs'],
  ['splash', 'Entrance clear of splash and grass', 'mud and stems block it'],
  ['animals', 'Out of reach of skunks, toads, badgers', 'where they occur: higher, or fenced'],
] as const
const ticked = useKept<Record<string, string[]>>('duvet.site', {})
function tick(key: string) {
  const now = ticked.value[props.hive.id] ?? []
  ticked.value = {
    ...ticked.value,
    [props.hive.id]: now.includes(key) ? now.filter((one) => one !== key) : [...now, key],
  }
}
</script>

<template>
  <div class="standing" data-testid="standing">
    <WeightStandingDrawing :standing="standing" :layout="weighed.known.layout" />
    <section>
      <h2>Load and balance</h2>
      <dl>
        <dt>Height, and stand</dt>
        <dd>
          {{ showLength(standing.heightMm, preferences.units) }}, of it
          {{ showLength(standing.standMm, preferences.units) }} stand
        </dd>
        <dt>On the stand</dt>
        <dd>
          <b>{{ showMass(standing.loadKg.middle, preferences.units) }}</b> ({{
            rangeInWords(standing.loadKg, preferences.reader)
          }})
        </dd>
        <dt>Stand is good for</dt>
        <dd :class="{ bad: standing.overloaded }">
          {{
            standing.ratingKg === null
              ? 'not known: no stand here'
              : `${showMass(standing.ratingKg, preferences.units)}${standing.overloaded ? ': too little for this hive when it is full' : ' by a usual figure from memory, never proved: go by what its maker says'}`
          }}
        </dd>
        <dt>Centre of mass</dt>
        <dd>{{ showLength(standing.centreOfMassMm, preferences.units) }} above the ground</dd>
        <dt>Top hand-hold</dt>
        <dd v-if="topHandMm === null">no box to lift off</dd>
        <dd v-else :class="{ bad: topHandMm > shoulderMm }">
          {{ showLength(topHandMm, preferences.units) }}:
          {{
            topHandMm > shoulderMm
              ? `${showLength(topHandMm - shoulderMm, preferences.units)} above the shoulder, so lower the stand or the stack`
              : `below the shoulder (${showLength(shoulderMm, preferences.units)})`
          }}
        </dd>
        <dt>Strap</dt>
        <dd>{{ showLength(standing.strapMm, preferences.units) }} with a tail to pull on</dd>
        <dt>Wrap down to the floor</dt>
        <dd>
          {{
            standing.wrapRoomMm < 0
              ? `the stand is ${showLength(-standing.wrapRoomMm, preferences.units)} narrower than the hive a side: a wrap clears it`
              : `has ${showLength(standing.wrapRoomMm, preferences.units)} a side before it meets the stand`
          }}
        </dd>
        <template v-for="one in of.wraps" :key="one.name"
          ><dt>Wrap for {{ one.name }}</dt>
          <dd>
            {{
              one.leavesMm === 0
                ? `covers the boxes of the winter (${showLength(of.winterBoxesMm, preferences.units)})`
                : `leaves ${showLength(one.leavesMm, preferences.units)} of the winter’s boxes bare`
            }}
          </dd></template
        >
      </dl>
    </section>
    <section>
      <h2>Wind</h2>
      <dl>
        <dt>Tips it as it stands</dt>
        <dd>
          <b>{{ wind(standing.winds.asItStands) }}</b>
        </dd>
        <dt>Empty</dt>
        <dd>{{ wind(standing.winds.empty) }}</dd>
        <dt>With a brick on top</dt>
        <dd>{{ wind(standing.winds.withBrick) }}</dd>
        <dt>Strapped to its stand</dt>
        <dd>{{ wind(standing.winds.strapped) }}</dd>
        <dt>Takes the roof</dt>
        <dd>{{ wind(standing.winds.roof) }}</dd>
        <dt>The roof with a brick</dt>
        <dd>{{ wind(standing.winds.roofWithBrick) }}</dd>
      </dl>
      <div class="level">
        <label
          >Feet this far apart, where legs stand in cups or are narrow
          <UiTyped
            :value="feetMm === null ? '' : showLength(feetMm, preferences.units)"
            placeholder="as wide as the stand"
            data-testid="feet"
            @change="setFeet($event)"
        /></label>
      </div>
      <p v-if="feetProblem" class="bad" role="alert">{{ feetProblem }}</p>
      <p v-if="feetMm !== null" class="caution">
        Closer feet tip sooner, as counted above; cups and pails can also slip or break under them, which is not
        counted.
      </p>
      <p class="caution">
        Screening figures from a plain formula: gusts, slopes and loose ground do worse. An exposed yard ties down.
      </p>
      <h2>Level</h2>
      <div class="level">
        <label
          >Entrance lower than the back, {{ slopeUnit }}
          <ElInput v-model="along" inputmode="decimal" data-testid="tilt-along"
        /></label>
        <label
          >Left lower than right, {{ slopeUnit }}
          <ElInput v-model="across" inputmode="decimal" data-testid="tilt-across"
        /></label>
      </div>
      <p v-if="tilt" role="status" :class="{ bad: !tilt.good }">
        Along: {{ TILT[tilt.along] }}. Across: {{ TILT[tilt.across] }}.
      </p>
      <p v-else class="bad" role="alert">
        Level is not a figure, {{ slopeUnit }}: type one such as {{ isMetric ? '2, or −2' : '1/16, or −1/16' }} the
        other way.
      </p>
    </section>
    <section>
      <h2>Site</h2>
      <ul>
        <li v-for="[key, what, why] in SITE" :key="key">
          <ElCheckbox class="tick" :model-value="(ticked[hive.id] ?? []).includes(key)" @change="tick(key)">
            <span
              ><b>{{ what }}</b
              >: {{ why }}</span
            ></ElCheckbox
          >
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.standing {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(310px, 100%), 1fr));
  gap: var(--space-4) var(--space-6);
  padding: var(--space-2) 0 var(--space-5);
}

h2 {
  margin: var(--space-2) 0;
  font-size: var(--type-4);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-4);
  margin: 0;
}

dt,
.caution {
  color: var(--soft-ink);
}

.level {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-3);
  align-items: end;
}

.level label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.level .el-input {
  width: 100%;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.tick {
  display: flex;
  gap: var(--space-3);
  align-items: flex-start;
  min-height: 36px;
}

.tick .el-input {
  flex: none;
  width: 22px;
}
</style>
