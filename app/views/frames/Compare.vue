<script setup lang="ts">
// Spacings side by side, for one box or for many: what each gives and asks, and the way there.
import { compareSpacings, type SpacingOption } from '#core/ask'
import { spacedFor, stepsTo, fullCount } from '#core/stack'
import { hangAcross, isFrame, type ResolvedPart, isUndrawn, type Catalogue } from '#core/parts'
import { showLength, showMass } from '#core/units'
import { askInWords, capital, counted, listed, rangeInWords, spacingInWords, spacingStepInWords } from '#core/words'

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
const spaced = (option: SpacingOption) => props.boxes[0] && spacedFor(props.boxes[0], option.count, props.catalogue)
/** The box as it will be, beside the one that is there. */
const asChosen = computed(() => {
  const option = options.value[chosen.value]
  return option && spaced(option)
})
function take(option: SpacingOption) {
  const box = spaced(option)
  if (box) emit('take', box)
}
interface Row {
  readonly key: string
  readonly word: string
  readonly text: (option: SpacingOption) => string
  readonly more?: (option: SpacingOption) => string
}
const none = () => ''
const ROWS: readonly Row[] = [
  { key: 'choose', word: '', text: none },
  {
    key: 'spacing',
    word: 'Spacing',
    text: ({ spacing, pitchMm }) => `${capital(spacingInWords(spacing))}, ${mm(pitchMm)}`,
  },
  {
    key: 'comb',
    word: 'Comb, and the gap between',
    text: ({ combMm, combGapMm }) => `${mm(combMm)}, ${mm(combGapMm)}`,
  },
  { key: 'honey', word: 'Honey', text: none },
  {
    key: 'wax',
    word: 'Wax',
    text: ({ waxKg }) => showMass(waxKg.middle, preferences.units, 2),
    more: ({ waxKg }) => rangeInWords(waxKg, preferences.reader, 2),
  },
  { key: 'uncap', word: 'Frames to uncap', text: ({ framesToUncap }) => String(framesToUncap) },
  { key: 'freed', word: 'Frames freed for other boxes', text: ({ framesFreed }) => String(framesFreed) },
  {
    key: 'weight',
    word: props.one ? 'Weight, box full' : 'Weight, all full',
    text: ({ massKg }) => showMass(massKg.middle, preferences.units),
    more: ({ massKg, heaviestKg }) =>
      `${rangeInWords(massKg, preferences.reader)}${props.one ? '' : `; heaviest box ${showMass(heaviestKg, preferences.units)}`}`,
  },
  {
    key: 'knife',
    word: 'Uncapping knife',
    text: ({ proudMm }) => (proudMm > 0 ? `clears the wood by ${mm(proudMm)} a side` : 'runs on the top bars'),
  },
  { key: 'fits', word: 'Goes in', text: ({ fits }) => (fits ? 'yes' : 'no: these frames are too wide') },
  { key: 'asks', word: 'Asks for', text: none },
]
const columns = computed(() =>
  columnsFor<Row>(
    { key: 'word', label: 'Figure', unsaid: true, width: 130, text: ({ word }) => word },
    ...options.value.map(({ count }, i) => ({
      key: `o${i}`,
      label: counted(count, 'frame'),
      unsaid: true,
      width: 140,
    })),
  ),
)
</script>

<template>
  <div class="compare" data-testid="compare">
    <div v-if="one && boxes[0] && asChosen" class="drawn" data-testid="both-boxes">
      <FramesBoxAcross :box="boxes[0]" :title="`As it hangs now: ${counted(now.count, 'frame')}`" />
      <FramesBoxAcross :box="asChosen" :title="`Spaced for ${counted(options[chosen]!.count, 'frame')}`" />
    </div>
    <div class="wide" tabindex="0" role="group" aria-label="Spacings side by side">
      <UiTable v-if="options.length > 0" :rows="ROWS" :columns="columns" :key-of="({ key }) => key">
        <template v-for="(option, i) in options" :key="i" #[`o${i}`]="{ row }">
          <ElButton
            v-if="row.key === 'choose'"
            :aria-pressed="i === chosen"
            :data-option="option.count"
            @click="chosen = i"
          >
            {{ one ? counted(option.count, 'frame') : i === 0 ? 'Full count' : `${i} less in each` }}
          </ElButton>
          <span v-else :class="{ chosen: i === chosen }" :data-figure="row.key">
            <template v-if="row.key === 'honey'"
              ><b>{{ showMass(option.honeyKg.middle, preferences.units) }}</b>
              <small>{{ rangeInWords(option.honeyKg, preferences.reader) }}</small>
              <svg viewBox="0 0 100 9" preserveAspectRatio="none" aria-hidden="true">
                <rect width="100" height="9" fill="#f4efe4" />
                <rect :width="(100 * option.honeyKg.high) / most" height="9" fill="#f6e4a8" />
                <rect :width="(100 * option.honeyKg.middle) / most" height="9" fill="#d29d25" />
              </svg>
            </template>
            <ul v-else-if="row.key === 'asks'">
              <li v-for="ask in option.asks" :key="ask">{{ askInWords(ask) }}</li>
              <li v-if="option.asks.length === 0">nothing</li>
            </ul>
            <template v-else
              >{{ row.text(option) }}<small v-if="row.more">{{ row.more(option) }}</small></template
            >
          </span>
        </template>
      </UiTable>
      <p v-else class="none">There are no boxes with frames here yet.</p>
    </div>
    <p v-if="honeyAgainstFull.length > 0" class="schools" data-testid="honey-schools">
      Most keepers say that fewer frames hold the same honey. By the geometry it is
      {{ listed(honeyAgainstFull.map(percent)) }} against full count: there are fewer gaps between the combs, and comb
      is drawn no thicker than about {{ mm(40) }}.
    </p>
    <section v-if="one && options[chosen]" class="way">
      <h2>From {{ counted(now.count, 'frame') }} to {{ options[chosen]!.count }}</h2>
      <ol v-if="way.length > 0">
        <li v-for="step in way" :key="step"><UiTerms :text="step" /></li>
      </ol>
      <p v-else>That is how many hang here now.</p>
      <ElButton type="primary" data-testid="take-spacing" @click="take(options[chosen]!)"> Space this box so </ElButton>
    </section>
  </div>
</template>

<style scoped>
.compare {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
  padding: var(--space-3) var(--space-5) var(--space-6);
}

.drawn {
  display: flex;
  flex: 1 0 100%;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
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

.chosen {
  background: var(--sheet);
}

.el-button[aria-pressed='true'] {
  background: var(--indigo);
  color: #fff;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-2);
}

td svg {
  display: block;
  width: 130px;
  height: 9px;
  margin-top: var(--space-2);
}

ul {
  margin: 0;
  padding-left: var(--space-5);
}

.way {
  flex: 1;
  min-width: 260px;
  max-width: 560px;
  padding-top: var(--space-4);
}

.way h2 {
  font-size: var(--type-4);
}

.none {
  padding: var(--space-6) 0;
  color: var(--soft-ink);
}
</style>
