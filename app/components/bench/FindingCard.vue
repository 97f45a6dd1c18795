<script setup lang="ts">
// One finding: what is there, what will happen, and the ways out as buttons.
import { remediesOf, type Finding, type Remedy } from '#core/checks'
import type { FindingWords } from '#core/wording'

const props = defineProps<{ finding: Finding; words: FindingWords; tried: Remedy | null; dry?: boolean }>()
const emit = defineEmits<{
  show: []
  try: [remedy: Remedy | null]
  apply: [remedy: Remedy]
  accept: [reason: string]
  withdraw: []
}>()

const accepting = ref(false)
const reason = ref('')
const missing = ref(false)
function accept() {
  missing.value = reason.value.trim() === ''
  if (missing.value) return
  emit('accept', reason.value.trim())
  accepting.value = false
  reason.value = ''
}
const severity = computed(() => (props.finding.acceptance ? 'accepted' : props.finding.severity))
</script>

<template>
  <article class="finding" :class="severity" :data-rule="finding.rule" :data-severity="finding.severity">
    <ElButton class="bare title" @click="emit('show')">
      <ShellSeverityMark :grade="finding.severity" :marginal="finding.marginal" />
      <span
        ><b>{{ finding.acceptance ? 'Accepted' : words.severity }}</b> · {{ words.title }}</span
      >
    </ElButton>
    <p><UiTerms :text="`${words.what} ${words.fate}`" /></p>
    <p v-if="finding.acceptance" class="reason">“{{ finding.acceptance.reason }}”</p>
    <div v-if="!dry" class="ways">
      <template v-for="(remedy, i) in remediesOf(finding)" :key="i">
        <template v-if="tried === remedy">
          <span class="trying">Shown on the drawing: {{ words.remedies[i] }}</span>
          <ElButton type="primary" @click="emit('apply', remedy)">Do it</ElButton>
          <ElButton @click="emit('try', null)">Leave it</ElButton>
        </template>
        <ElButton v-else @click="emit('try', remedy)">{{ words.remedies[i] }}</ElButton>
      </template>
      <ElButton v-if="finding.acceptance" text @click="emit('withdraw')"> Take back </ElButton>
      <ElButton v-else-if="!accepting" text @click="accepting = true">Accept…</ElButton>
    </div>
    <form v-if="accepting" @submit.prevent="accept">
      <label :for="`reason-${finding.key}`">Why is it all right here?</label>
      <ElInput :id="`reason-${finding.key}`" v-model="reason" maxlength="500" placeholder="It comes off on Sunday" />
      <p v-if="missing" class="wrong" role="alert">The reason is empty: write in a few words why this may stay.</p>
      <div class="ways">
        <ElButton type="primary" native-type="submit">Accept</ElButton>
        <ElButton text @click="accepting = false">Cancel</ElButton>
      </div>
    </form>
  </article>
</template>

<style scoped>
.finding {
  padding: 9px 12px 10px;
  border: 1px solid var(--seam);
  border-left: 6px solid var(--tone);
  border-radius: 8px;
  background: var(--sheet);
  --tone: var(--note);
}

.stop {
  --tone: var(--stop);
  background: #fff6f5;
}
.mend {
  --tone: var(--mend);
}
.watch {
  --tone: var(--watch);
}
.accepted {
  --tone: var(--seam);
}

.title {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  width: 100%;
  padding: 2px 0;
  border: 0;
  background: none;
  color: var(--tone);
  text-align: left;
  font-weight: 700;
  cursor: pointer;
}

.accepted .title {
  color: var(--soft-ink);
}

.title:hover span {
  text-decoration: underline;
}

p {
  margin-top: 3px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
  align-items: center;
}

.trying {
  width: 100%;
  color: var(--indigo);
}

.reason {
  color: var(--soft-ink);
}

form {
  margin-top: 8px;
}

.wrong {
  color: var(--stop);
}
</style>
