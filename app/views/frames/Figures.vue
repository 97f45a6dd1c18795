<script setup lang="ts">
// What the spacing makes of the comb: thickness, gap, honey, wax, the knife; and drain frames where there are some.
import { isDrainBox } from '#core/rules'
import { fullCount, combsFollowed, drainPlan, usualFrame } from '#core/stack'
import { proudMm } from '#core/ask'
import { honeyCapacityKg, honeyKg, waxKg } from '#core/loads'
import { honeyCombMm, isUndrawn, isFrame } from '#core/parts'
import { showLength, showMass, there } from '#core/units'
import { counted, rangeInWords } from '#core/words'

const frames = useFrames()
const preferences = usePreferences()
const mm = (value: number) => showLength(value, preferences.units)
const frame = computed(() => (frames.box ? usualFrame(frames.box, frames.catalogue) : undefined))
const counts = computed(() => ({
  frames: frames.across?.places.filter(isFrame).length ?? 0,
  others: frames.across?.places.filter((part) => !isFrame(part)).length ?? 0,
  full: frames.box ? fullCount(frames.box) : 0,
  undrawn: frames.shown?.contents.filter(isUndrawn).length ?? 0,
}))
const figures = computed(() => {
  if (!frames.box || !frames.across || !frame.value || counts.value.frames === 0) return null
  const { pitchMm, figures } = frames.across
  const combMm = honeyCombMm(pitchMm, figures)
  const honey = honeyKg([frames.box])
  return {
    pitchMm,
    combMm,
    honey,
    wax: waxKg(honeyCapacityKg([frames.box]), figures),
    honeyGapMm: pitchMm - combMm,
    broodGapMm: pitchMm - figures.broodCombMm,
    mixedGapMm: pitchMm - figures.broodCombMm / 2 - combMm / 2,
    proud: proudMm(frame.value, combMm),
  }
})
const drain = computed(() =>
  frames.box && frames.across && frame.value && isDrainBox({ across: frames.across })
    ? drainPlan(frames.box, frame.value.spacing.mm)
    : null,
)
const followed = computed(() => (frames.shown ? combsFollowed(frames.shown, frames.catalogue) : []))
const order = computed(() => new Map((frames.across?.places ?? []).map(({ content }, i) => [content.id, i + 1])))
</script>

<template>
  <section class="on-sheet" aria-label="What this spacing makes of the comb" data-testid="figures">
    <p class="head">
      <b>{{ counted(counts.frames, 'frame') }}</b>{{ counts.others > 0 ? ` and ${counts.others} more` : '' }}; the box
      is made for {{ counts.full }}.
    </p>
    <p v-if="counts.undrawn > 0">{{ counts.undrawn }} still to be drawn.</p>
    <dl v-if="figures">
      <dt>Middle to middle</dt>
      <dd>{{ mm(figures.pitchMm) }}</dd>
      <dt>Sealed honey comb</dt>
      <dd>{{ mm(figures.combMm) }} thick</dd>
      <dt>Between honey combs</dt>
      <dd>{{ mm(figures.honeyGapMm) }}</dd>
      <dt>Between brood combs</dt>
      <dd>{{ mm(figures.broodGapMm) }}</dd>
      <dt>Brood beside honey</dt>
      <dd>{{ mm(figures.mixedGapMm) }}</dd>
      <dt>Honey, box full</dt>
      <dd>
        <b>{{ showMass(figures.honey.middle, preferences.units) }}</b><small>{{
          rangeInWords(figures.honey, preferences.reader)
        }}</small>
      </dd>
      <dt>Wax in the combs</dt>
      <dd>
        {{ showMass(figures.wax.middle, preferences.units, 2)
        }}<small>{{ rangeInWords(figures.wax, preferences.reader, 2) }}</small>
      </dd>
      <dt>Uncapping knife</dt>
      <dd>
        {{ figures.proud > 0 ? 'clears the wood' : 'runs on the wood'
        }}<small>comb {{ mm(Math.abs(figures.proud)) }} {{ figures.proud > 0 ? 'proud' : 'behind' }} a side</small>
      </dd>
    </dl>
    <p v-else class="none">No frames hang here yet. Hang one in at the left.</p>
    <div v-if="drain" class="drain">
      <h3>Drain frames</h3>
      <p>
        {{ drain.fits }} fit, {{ drain.frames }} hang here. {{ mm(drain.playMm) }} of play:
        {{ mm(drain.eachSideMm) }} at each wall, taken up with a spacer. All closed before they go on. To empty them,
        lower the back by {{ mm(drain.backDownMm) }} ({{ drain.tiltDeg }}°), level from side to side. A colony in its
        first year may give nothing in a short season.
      </p>
    </div>
    <ul v-if="followed.length > 0" class="followed" aria-label="Which comb each frame without foundation follows">
      <li v-for="one in followed" :key="one.contentId">
        Frame {{ order.get(one.contentId) }}
        {{
          one.by === 'none'
            ? 'has no comb beside it to follow'
            : `follows ${one.by === 'drawn' ? 'the drawn comb' : 'the foundation'} of frame ${order.get(there(one.followsId))}`
        }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-3);
  margin: var(--space-3) 0 0;
  font-size: var(--type-2);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

h3 {
  margin: var(--space-3) 0 var(--space-1);
  font-size: var(--type-3);
}

.followed {
  margin: var(--space-3) 0 0;
  padding-left: var(--space-5);
}

.none {
  color: var(--soft-ink);
}
</style>
