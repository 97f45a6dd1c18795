<script setup lang="ts">
// One finding of a card: what is there, what will happen, and why it may stay.
import { mayStay, type Finding } from '#core/rules'
import type { FindingWords } from '#core/words'
import { reasonSchema } from '#wire/names-schema'

const props = defineProps<{ finding: Finding; words: FindingWords; dry?: boolean }>()
const emit = defineEmits<{ show: []; accept: [reason: string]; withdraw: [] }>()
const accepting = ref(false)
const model = reactive({ reason: '' })
const rules = {
  reason: {
    schema: reasonSchema,
    sentence: 'The reason is empty: write in a few words why this may stay.',
  },
}
function accept() {
  emit('accept', model.reason.trim())
  accepting.value = false
  model.reason = ''
}
const severity = computed(() => (props.finding.acceptance ? 'accepted' : props.finding.severity))
</script>

<template>
  <div class="part toned" :class="severity">
    <ElButton class="bare title" @click="emit('show')">
      <ShellSeverityMark :grade="finding.severity" :marginal="finding.marginal" />
      <span
        ><b>{{ finding.acceptance ? 'Accepted' : words.severity }}</b> · {{ words.title }}</span
      >
    </ElButton>
    <p><UiTerms :text="`${words.what} ${words.fate}`" /></p>
    <p v-if="finding.acceptance" class="reason">“{{ finding.acceptance.reason }}”</p>
    <div v-if="!dry" class="ways">
      <slot />
      <ElButton v-if="finding.acceptance" text @click="emit('withdraw')"> Take back </ElButton>
      <ElButton v-else-if="!accepting && mayStay(finding)" text @click="accepting = true">Accept…</ElButton>
    </div>
    <UiForm v-if="accepting" :model="model" :rules="rules" line class="why" @sound="accept">
      <UiField name="reason" label="Why is it all right here?" :for="`reason-${finding.key}`">
        <ElInput
          :id="`reason-${finding.key}`"
          v-model="model.reason"
          maxlength="500"
          placeholder="It comes off on Sunday"
        />
      </UiField>
      <div class="ways">
        <ElButton type="primary" native-type="submit">Accept</ElButton>
        <ElButton text @click="accepting = false">Cancel</ElButton>
      </div>
    </UiForm>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  gap: var(--space-3);
  align-items: flex-start;
  width: 100%;
  padding: var(--space-1) 0;
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
  margin-top: var(--space-2);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin-top: var(--space-3);
  align-items: center;
}

.reason {
  color: var(--soft-ink);
}

.why {
  margin-top: var(--space-3);
}
</style>
