<script setup lang="ts">
// What is done at one hive to bring it to a stage: step by step, why, with what; and to begin it.
import { meaningOf, colonyIn, type Yard } from '#core/yard'
import type { LaidHive } from '#core/ask'
import { cautionsOfStage, visitTimeOf, yearOf, type HiveChangeover } from '#core/year'
import { autumnInWords, waitsInWords, cautionInWords, treatByInWords, workInWords } from '#core/words'
import { stepsInWords } from './stepsInWords'

const props = defineProps<{
  yard: Yard
  changeover: HiveChangeover
  /** The hive before and after. */
  between: { readonly from: LaidHive; readonly to: LaidHive }
  name: string
  begun: boolean
  fromNow: boolean
  /** Its plan is being made of what is known now. */
  beginning: boolean
}>()
defineEmits<{ begin: [] }>()
const preferences = usePreferences()
const done = ref(0)
watch(
  () => props.changeover,
  () => (done.value = 0),
)
/** From the crop on the day by which mites are treated is told. */
const byWhen = computed(() =>
  meaningOf(props.changeover.toStage).isCropTaken ? treatByInWords(yearOf(props.yard), preferences.reader) : undefined,
)
const time = computed(() => visitTimeOf(props.changeover.toStage, localToday(), props.yard))
const waits = computed(() => waitsInWords(props.changeover.steps, time.value.parting, props.yard, preferences.reader))
const steps = computed(() => stepsInWords(props.yard, props.changeover, preferences.reader, localToday()))
</script>

<template>
  <section class="changes" data-testid="changes">
    <h2>{{ name }}: to {{ stageSaid(changeover.toStage) }}</h2>
    <ShellColonyNote
      v-if="steps.length === 0 && colonyIn(yard, changeover.hiveId)"
      :yard="yard"
      :hive="between.from.hive"
    />
    <p v-else-if="steps.length === 0">Nothing to do: it stands as it should.</p>
    <template v-else>
      <p v-if="waits" class="waits" role="note" data-testid="change-waits">{{ waits }}</p>
      <p>
        <b>{{ workInWords(changeover.work, preferences.reader, changeover.bounds) }}</b>{{
          changeover.provedLeast
            ? ', the least there is'
            : `; no plan has less than ${workInWords(changeover.atLeast, preferences.reader)}`
        }}.
      </p>
      <YearPiles v-model="done" :from="between.from" :to="between.to" :changeover="changeover" :words="steps" />
      <ol>
        <li v-for="({ text, why, cautions }, i) in steps" :key="i" data-step :class="{ now: i === done - 1 }">
          <ElButton class="bare step" :aria-pressed="i === done - 1" @click="done = i + 1">{{ text }}</ElButton><span
            class="why"
            ><UiTerms :text="why" /></span
          ><span v-for="one in cautions" :key="one" class="beside"><UiTerms :text="one" /></span>
        </li>
      </ol>
      <ul class="caution">
        <li v-if="byWhen" data-testid="treat-by">
          <b>{{ byWhen }}</b>
        </li>
        <li v-for="one in autumnInWords(changeover.toStage, yard, preferences.reader)" :key="one">
          <b>{{ one }}</b>
        </li>
        <li v-for="caution in cautionsOfStage(changeover.toStage, time)" :key="caution">
          <UiTerms :text="cautionInWords(caution, preferences.reader)" />
        </li>
      </ul>
      <p>
        <NuxtLink
          :to="{ path: hivePath(yard.id, changeover.hiveId, 'bench'), query: { stage: changeover.toStage } }"
          class="plain-button quiet"
          data-testid="change-plan"
          >Change this plan on the bench</NuxtLink
        >
      </p>
      <p v-if="begun">
        A visit is under way at this hive.
        <NuxtLink :to="hivePath(yard.id, changeover.hiveId, 'visit')">Go on with it</NuxtLink>
      </p>
      <ElButton
        v-else-if="fromNow"
        type="primary"
        data-testid="begin-visit"
        :loading="beginning"
        @click="$emit('begin')"
      >
        Do this at {{ between?.to.hive.name ?? 'the hive' }}
      </ElButton>
    </template>
  </section>
</template>

<style scoped>
.changes {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.waits {
  margin: 0;
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
  font-weight: 700;
}

ol {
  margin: 0;
  padding-left: var(--space-6);
}

ol li {
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--seam);
}

.el-button.bare.step {
  font-weight: 700;
  text-align: left;
  white-space: normal;
}

li.now {
  background: var(--indigo-wash);
}

.why {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.beside {
  display: block;
  color: var(--watch);
  font-size: var(--type-2);
}

.caution {
  padding-left: var(--space-5);
  color: var(--soft-ink);
  font-size: var(--type-2);
}
</style>
