<script setup lang="ts">
// What is asked before something due is put off, dropped, or said to be done that changes the stack.
import type { DueAnswers } from './dueAnswers'
import type { DueAt } from './useDueLines'

const props = defineProps<{ answers: DueAnswers; told: (line: DueAt) => { readonly text: string } }>()
// The answers are a state of the page that opens this: what is typed here is typed into them.
const state = props.answers
</script>

<template>
  <DueChanged v-if="state.changing" :line="state.changing" @close="state.changing = null" />
  <ElDialog
    :model-value="state.asking !== null"
    :title="state.asking?.what === 'put-off' ? 'Put it off' : 'Drop it'"
    width="min(420px, 94vw)"
    append-to-body
    @update:model-value="state.asking = null"
  >
    <template v-if="state.asking">
      <p>
        <b>{{ told(state.asking.line).text }}</b>
      </p>
      <EntryDay
        v-if="state.asking.what === 'put-off'"
        :model-value="state.until"
        name="Until"
        @update:model-value="state.until = $event ?? ''"
      />
      <EntryText v-else v-model="state.why" name="Why" :most="200" />
      <p class="large-acts">
        <ElButton
          v-if="state.asking.what === 'put-off'"
          type="primary"
          data-testid="due-put-off"
          :disabled="state.until === ''"
          @click="state.answer(state.asking.line, { answer: 'put-off', until: state.until })"
          >Put it off</ElButton
        >
        <ElButton
          v-else
          type="primary"
          data-testid="due-drop"
          :disabled="state.why.trim() === ''"
          @click="state.answer(state.asking.line, { answer: 'dropped', why: state.why.trim() })"
          >Drop it</ElButton
        >
        <ElButton @click="state.asking = null">Leave it as it is</ElButton>
      </p>
    </template>
  </ElDialog>
</template>
