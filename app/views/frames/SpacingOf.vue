<script setup lang="ts">
// How the frames of a box are kept apart, and where the room goes that is left.
import { isFrame, SLACK_PLACES, type Spacing } from '#core/parts'
import { isOneOf } from '#core/units'
import { capital, SLACK_WORDS, spacerWord, spacingInWords } from '#core/words'
import { spacedBy } from '#core/yard'

const frames = useFrames()
const preferences = usePreferences()
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
</script>

<template>
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
</template>

<style scoped>
label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}
</style>
