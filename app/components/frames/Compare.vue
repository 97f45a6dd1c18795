<script setup lang="ts">
// Spacings side by side, for one box or for many: what each gives and asks, and the way there.
import { compareSpacings, spacedFor, stepsTo, type SpacingOption } from '#core/frames'
import { hangAcross, isFrame, type ResolvedPart } from '#core/parts'
import { isUndrawn } from '#core/comb'
import { fullCount } from '#core/checks'
import type { Catalogue } from '#core/catalogue'
import { showLength, showMass } from '#core/units'
import { askInWords, capital, rangeInWords, spacingInWords, spacingStepInWords } from '#core/wording'

const props = defineProps<{ boxes: readonly ResolvedPart[]; catalogue: Catalogue; one?: boolean }>()
const emit = defineEmits<{ take: [box: ResolvedPart] }>()
const preferences = usePreferences()
const mm = (value: number) => showLength(value, preferences.units)
const options = computed(() => compareSpacings(props.boxes, props.catalogue))
const most = computed(() => Math.max(1, ...options.value.map(({ honeyKg }) => honeyKg.high)))
const chosen = ref(0)
/** Honey against full count, where the geometry and what is mostly said differ. */
const honeyAgainstFull = computed(() => {
  const [full, ...fewer] = options.value
  return full && full.honeyKg.middle > 0
    ? fewer.map(({ honeyKg }) => Math.round((honeyKg.middle / full.honeyKg.middle - 1) * 100))
    : []
})
const percent = (value: number) => `${value < 0 ? '−' : '+'}${Math.abs(value)} %`
const now = computed(() => {
  const box = props.boxes[0]
  return box
    ? {
        count: hangAcross(box).places.filter(isFrame).length,
        undrawn: box.part.contents.filter(isUndrawn).length,
        full: fullCount(box),
      }
    : { count: 0, undrawn: 0, full: 0 }
})
const way = computed(() => {
  const option = options.value[chosen.value]
  return option ? stepsTo(option, now.value).map((step) => spacingStepInWords(step, preferences.reader)) : []
})
function take(option: SpacingOption) {
  const box = props.boxes[0] && spacedFor(props.boxes[0], option.count, props.catalogue)
  if (box) emit('take', box)
}
</script>

<template>
  <div class="compare" data-testid="compare">
    <div class="wide" tabindex="0" role="group" aria-label="Spacings side by side">
      <table v-if="options.length > 0">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Figure</span></th>
            <th
              v-for="(option, i) in options"
              :key="i"
              scope="col"
              :class="{ chosen: i === chosen }"
              :data-option="option.count"
            >
              <button type="button" class="plain-button" :aria-pressed="i === chosen" @click="chosen = i">
                {{ one ? `${option.count} frames` : i === 0 ? 'Full count' : `${i} less in each` }}
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Spacing</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ capital(spacingInWords(option.spacing)) }}, {{ mm(option.pitchMm) }}
            </td>
          </tr>
          <tr>
            <th scope="row">Comb, and the gap between</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ mm(option.combMm) }}, {{ mm(option.combGapMm) }}
            </td>
          </tr>
          <tr>
            <th scope="row">Honey</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }" data-figure="honey">
              <b>{{ showMass(option.honeyKg.middle, preferences.units) }}</b>
              <small>{{ rangeInWords(option.honeyKg, preferences.reader) }}</small>
              <svg viewBox="0 0 100 9" preserveAspectRatio="none" aria-hidden="true">
                <rect width="100" height="9" fill="#f4efe4" />
                <rect :width="(100 * option.honeyKg.high) / most" height="9" fill="#f6e4a8" />
                <rect :width="(100 * option.honeyKg.middle) / most" height="9" fill="#d29d25" />
              </svg>
            </td>
          </tr>
          <tr>
            <th scope="row">Wax</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ showMass(option.waxKg.middle, preferences.units, 2) }}
              <small>{{ rangeInWords(option.waxKg, preferences.reader, 2) }}</small>
            </td>
          </tr>
          <tr>
            <th scope="row">Frames to uncap</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ option.framesToUncap }}
            </td>
          </tr>
          <tr>
            <th scope="row">Frames freed for other boxes</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }" data-figure="freed">
              {{ option.framesFreed }}
            </td>
          </tr>
          <tr>
            <th scope="row">{{ one ? 'Weight, box full' : 'Weight, all full' }}</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ showMass(option.massKg.middle, preferences.units) }}
              <small>{{ rangeInWords(option.massKg, preferences.reader) }}</small><small v-if="!one"
                >heaviest box {{ showMass(option.heaviestKg, preferences.units) }}</small
              >
            </td>
          </tr>
          <tr>
            <th scope="row">Uncapping knife</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ option.proudMm > 0 ? `clears the wood by ${mm(option.proudMm)} a side` : 'runs on the top bars' }}
            </td>
          </tr>
          <tr>
            <th scope="row">Goes in</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              {{ option.fits ? 'yes' : 'no: these frames are too wide' }}
            </td>
          </tr>
          <tr>
            <th scope="row">Asks for</th>
            <td v-for="(option, i) in options" :key="i" :class="{ chosen: i === chosen }">
              <ul>
                <li v-for="ask in option.asks" :key="ask">{{ askInWords(ask) }}</li>
                <li v-if="option.asks.length === 0">nothing</li>
              </ul>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-else class="none">There are no boxes with frames here yet.</p>
    </div>
    <p v-if="honeyAgainstFull.length > 0" class="schools" data-testid="honey-schools">
      Most keepers say that fewer frames hold the same honey. By the geometry it is
      {{ honeyAgainstFull.map(percent).join(' and ') }} against full count: there are fewer gaps between the combs, and
      comb is drawn no thicker than about {{ mm(40) }}.
    </p>
    <section v-if="one && options[chosen]" class="way">
      <h2>From {{ now.count }} frames to {{ options[chosen]!.count }}</h2>
      <ol v-if="way.length > 0">
        <li v-for="step in way" :key="step">{{ step }}</li>
      </ol>
      <p v-else>That is how many hang here now.</p>
      <button class="plain-button filled" type="button" data-testid="take-spacing" @click="take(options[chosen]!)">
        Space this box so
      </button>
    </section>
  </div>
</template>

<style scoped>
.compare {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 30px;
  padding: 8px 16px 30px;
}

.schools {
  flex-basis: 100%;
  max-width: 760px;
  color: var(--soft-ink);
}

.wide {
  position: relative;
  overflow-x: auto;
}

table {
  border-collapse: collapse;
}

th,
td {
  min-width: 140px;
  max-width: 215px;
  padding: 5px 10px;
  border-bottom: 1px solid var(--seam);
  text-align: left;
  vertical-align: top;
}

tbody th {
  min-width: 130px;
  color: var(--soft-ink);
  font-weight: 400;
}

.chosen {
  background: var(--sheet);
}

button[aria-pressed='true'] {
  background: var(--indigo);
  color: #fff;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: 13.5px;
}

td svg {
  display: block;
  width: 130px;
  height: 9px;
  margin-top: 3px;
}

ul {
  margin: 0;
  padding-left: 16px;
}

.way {
  flex: 1;
  min-width: 260px;
  max-width: 560px;
  padding-top: 12px;
}

.way h2 {
  font-size: 17px;
}

.none {
  padding: 30px 0;
  color: var(--soft-ink);
}
</style>
