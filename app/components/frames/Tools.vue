<script setup lang="ts">
// How the frames of a box are spaced, what is painted on them, what is hung in.
import { isOneOf } from '#core/units'
import { frameInBox } from '#core/stack'
import {
  inWords,
  isFrame,
  isFramePattern,
  resolvePart,
  SLACK_PLACES,
  isFoundationless,
  COMB_HOLDS,
  COMB_STARTS,
  COMB_SUPPORTS,
  type Spacing,
} from '#core/parts'
import { alternated, spacedBy } from '#core/yard'
import { COMB_WORDS, SLACK_WORDS, SUPPORT_WORDS, capital, holdsWord, spacerWord, spacingInWords } from '#core/words'

const frames = useFrames()
const preferences = usePreferences()
const hanging = ref('')

const spacing = computed<Spacing>(() => frames.part?.spacing ?? { system: 'touching', slack: 'one-side' })
const frameKind = computed(() => frames.across?.places.find(isFrame)?.pattern)
const systems = computed<{ value: string; word: string; spacing: Spacing }[]>(() => {
  const slack = spacing.value.slack
  return [
    {
      value: 'touching',
      word: capital(spacingInWords({ system: 'touching', slack }, frameKind.value?.spacedBy)),
      spacing: { system: 'touching', slack },
    },
    ...[8, 9, 10, 11, 12].map((count) => ({
      value: `castellation-${count}`,
      word: `Castellation of ${count}`,
      spacing: { system: 'castellation' as const, count, slack: 'one-side' as const },
    })),
    ...[9, 8].map((count) => ({
      value: `spacer-${count}`,
      word: capital(spacerWord(count, frames.catalogue.figures, preferences.reader)),
      spacing: { system: 'spacer' as const, count, slack: 'both-sides' as const },
    })),
    { value: 'by-hand', word: 'By hand, spread evenly', spacing: { system: 'by-hand', slack: 'spread' } },
  ]
})
const system = computed(() =>
  spacing.value.system === 'castellation' || spacing.value.system === 'spacer'
    ? `${spacing.value.system}-${spacing.value.count ?? ''}`
    : spacing.value.system,
)
const slack = computed(() =>
  spacing.value.slack === 'one-side' && spacing.value.tightTo === 'far' ? 'far' : spacing.value.slack,
)
const slackMatters = computed(() => spacing.value.system === 'touching' || spacing.value.system === 'spacer')
function setSystem(value: string) {
  const chosen = systems.value.find((one) => one.value === value)
  if (chosen && frames.part) frames.change(spacedBy(frames.part, chosen.spacing))
}
function setSlack(value: string) {
  if (!frames.part) return
  const { tightTo: _old, ...rest } = spacing.value
  const slack = isOneOf(SLACK_PLACES, value) ? value : 'one-side'
  const next: Spacing = { ...rest, slack, ...(value === 'far' ? { tightTo: 'far' } : {}) }
  frames.change(spacedBy(frames.part, next))
}

/** What goes into this box, the frame it is made for first. */
const choices = computed(() => {
  if (!frames.part) return []
  const box = resolvePart(frames.part, frames.catalogue)
  const normal = box.pattern?.normalContents?.framePatternId
  return [...frames.catalogue.hanging.values()]
    .filter((pattern) => frameInBox(pattern, box, frames.context).verdict !== 'does-not-fit')
    .sort((a, b) => Number(b.id === normal) - Number(a.id === normal))
})
const others = computed(() =>
  [...frames.catalogue.hanging.values()].filter((pattern) => !choices.value.includes(pattern)),
)
watch(
  choices,
  (now) => {
    if (!now.some(({ id }) => id === hanging.value)) hanging.value = now[0]?.id ?? ''
  },
  { immediate: true },
)
const name = (id: string) => capital(inWords(frames.catalogue.hanging.get(id)!.label, preferences.vocabulary))
const hung = computed(() => frames.catalogue.hanging.get(hanging.value))
const some = computed(() => frames.selected.size > 0)
const allFrames = computed(() =>
  (frames.part?.contents ?? [])
    .filter(({ patternId }) => isFramePattern(frames.catalogue.hanging.get(patternId)))
    .map(({ id }) => id),
)
const bare = computed(() => (frames.part?.contents ?? []).filter(isFoundationless).length)
function alternate() {
  if (frames.part)
    frames.change(
      alternated(frames.part, isFoundationless, ({ patternId }) =>
        isFramePattern(frames.catalogue.hanging.get(patternId)),
      ),
    )
}
defineExpose({ hanging })
</script>

<template>
  <div class="tools">
    <section aria-labelledby="tool-spacing">
      <h2 id="tool-spacing">Spacing</h2>
      <label
        >Kept apart by
        <ElSelect :model-value="system" data-testid="spacing-system" @change="setSystem(String($event))">
          <template #prefix><FramesSpacingPicture :spacing="spacing" /></template>
          <ElOption v-for="one in systems" :key="one.value" :value="one.value" :label="one.word">
            <FramesSpacingPicture :spacing="one.spacing" /> {{ one.word }}
          </ElOption>
        </ElSelect>
      </label>
      <label
        >Room that is left
        <ElSelect
          :model-value="slack"
          :disabled="!slackMatters"
          data-testid="spacing-slack"
          @change="setSlack(String($event))"
        >
          <ElOption
            v-for="one in SLACK_PLACES"
            :key="one"
            :value="one"
            :label="`${capital(SLACK_WORDS[one])}${one === 'one-side' ? ', upper' : ''}`"
          />
          <ElOption value="far" label="Frames tight to one wall, lower" />
        </ElSelect>
      </label>
    </section>
    <section aria-labelledby="tool-hang">
      <h2 id="tool-hang">Hang in</h2>
      <label class="visually-hidden" for="hang-what">What to hang in</label>
      <ElSelect id="hang-what" v-model="hanging" data-testid="hang-what" filterable>
        <template #prefix><FramesHangingPicture v-if="hung" :pattern="hung" /></template>
        <ElOptionGroup label="Goes into this box">
          <ElOption v-for="one in choices" :key="one.id" :value="one.id" :label="name(one.id)">
            <FramesHangingPicture :pattern="one" /> {{ name(one.id) }}
          </ElOption>
        </ElOptionGroup>
        <ElOptionGroup label="Made for another box">
          <ElOption v-for="one in others" :key="one.id" :value="one.id" :label="name(one.id)">
            <FramesHangingPicture :pattern="one" /> {{ name(one.id) }}
          </ElOption>
        </ElOptionGroup>
      </ElSelect>
      <div class="row">
        <ElButton type="primary" data-testid="hang" @click="frames.hang(hanging)"> Hang one in </ElButton>
        <ElButton data-testid="replace" :disabled="!some" @click="frames.replaceBy(hanging)"> Replace </ElButton>
      </div>
      <div v-if="frames.isDivided" class="row" role="group" aria-label="Half of the box">
        <ElButton :disabled="!some" data-testid="to-near" @click="frames.toHalf('near')">Into the upper half</ElButton>
        <ElButton :disabled="!some" data-testid="to-far" @click="frames.toHalf('far')">Into the lower half</ElButton>
      </div>
    </section>
    <section aria-labelledby="tool-paint">
      <h2 id="tool-paint">What is in them</h2>
      <p class="hint">
        {{ some ? `${frames.selected.size} selected` : 'Press frames on the drawing; with Shift, several.' }}
        <ElButton text data-testid="select-all" @click="frames.select(allFrames)"> All frames </ElButton>
      </p>
      <div class="paints" role="group" aria-label="What the comb holds">
        <ElButton
          v-for="one in COMB_HOLDS"
          :key="one"
          class="paint"
          :disabled="!some"
          :data-paint="one"
          @click="frames.paint({ holds: one })"
        >
          <i :class="one" aria-hidden="true" />{{ capital(holdsWord(one, preferences.reader)) }}
        </ElButton>
      </div>
      <div class="paints" role="group" aria-label="How far the comb is">
        <ElButton
          v-for="one in COMB_STARTS"
          :key="one"
          class="paint"
          :disabled="!some"
          :data-paint="one"
          @click="frames.paint({ comb: one })"
        >
          <i :class="one" aria-hidden="true" />{{ capital(COMB_WORDS[one]) }}
        </ElButton>
      </div>
      <div class="paints" role="group" aria-label="What holds the comb">
        <ElButton
          v-for="one in COMB_SUPPORTS"
          :key="one"
          class="paint"
          :disabled="!some"
          :data-paint="one"
          @click="frames.paint({ support: one })"
        >
          <i :class="`support-${one}`" aria-hidden="true" />{{ capital(SUPPORT_WORDS[one]) }}
        </ElButton>
      </div>
      <ElButton v-if="bare > 0" data-testid="alternate" @click="alternate">
        Hang the {{ bare }} without foundation between the others
      </ElButton>
    </section>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

section {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.hint {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.hint .el-button {
  min-height: 30px;
  padding: 0 var(--space-3);
  color: var(--indigo);
  text-decoration: underline;
}

.paints {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-2);
}

.paint {
  justify-content: flex-start;
  min-height: 32px;
  padding: 0 var(--space-2);
  font-size: var(--type-1);
  line-height: 1.05;
  font-weight: 400;
  text-align: left;
}

i {
  flex: none;
  width: 14px;
  height: 14px;
  border: 1px solid #8a5b2b;
}

.capped-honey {
  background: repeating-linear-gradient(45deg, #f3cd6d 0 4px, #d29d25 4px 6px);
}
.nectar {
  background: #f7e3a4;
}
.pollen {
  background: radial-gradient(circle, #a9853c 30%, #e4cfa0 32%);
}
.brood {
  background: radial-gradient(circle, #8f5c2d 25%, #cf9a63 27%) 0 0 / 7px 7px;
}
.empty {
  background: #efe0c2;
}
.support-none {
  background: linear-gradient(#efe0c2, #efe0c2);
}
.support-mid-bar {
  background: linear-gradient(90deg, #efe0c2 42%, #6f4f22 42% 58%, #efe0c2 58%);
}
.support-wires {
  background: repeating-linear-gradient(#efe0c2 0 3px, #4c545d 3px 4px);
}
.wax-foundation {
  background: linear-gradient(#fff 42%, #d29d25 42% 58%, #fff 58%);
}
.plastic-foundation {
  background: linear-gradient(#fff 42%, #5d6c6c 42% 58%, #fff 58%);
}
.starter-strip {
  background: linear-gradient(90deg, #d29d25 30%, #fff 30%);
}
.foundationless {
  border-style: dashed;
  background: #fff;
}
.drawn {
  background: #dcb68a;
}

.row {
  display: flex;
  gap: var(--space-3);
}

.row .el-button {
  flex: 1;
  padding: var(--space-1) var(--space-3);
}
</style>
