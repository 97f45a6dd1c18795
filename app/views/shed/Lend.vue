<script setup lang="ts">
// Parts of this shed go to another yard, or to somebody who is no yard here.
import dayjs from 'dayjs'
import type { Loan, Part } from '#core/parts'
import type { Yard } from '#core/yard'
import { counted } from '#core/words'

const props = defineProps<{ yard: Yard; parts: readonly Part[] }>()
const emit = defineEmits<{ lend: [loan: Loan]; close: [] }>()
const yards = useYards()
const me = useMe()
const others = computed(() => yards.yards.filter(({ id }) => id !== props.yard.id && me.mayIn(id, 'keeper')))
const ELSE = ''
const to = ref(others.value[0]?.id ?? ELSE)
const name = ref('')
const backBy = ref('')
const isHeld = ref(false)
const wrong = ref('')
const brood = computed(() => props.parts.filter(({ hasHeld }) => hasHeld.includes('brood')).length)
function lend() {
  const yard = others.value.find(({ id }) => id === to.value)
  const called = yard?.name ?? name.value.trim()
  wrong.value = called ? '' : 'To whom is empty: type who has it, such as the school.'
  if (wrong.value) return
  const since = dayjs().format('YYYY-MM-DD')
  emit('lend', {
    ...(yard ? { yardId: yard.id } : {}),
    name: called,
    since,
    ...(backBy.value ? { backBy: backBy.value } : {}),
  })
}
</script>

<template>
  <UiSheet :title="`Lend ${counted(parts.length, 'part')}`" @close="emit('close')">
    <ElRadioGroup v-model="to" class="whom" aria-label="To whom">
      <ElRadio v-for="one in others" :key="one.id" :value="one.id" :data-lend-to="one.id"
        >{{ one.name }}: it comes into the shed there</ElRadio
      >
      <ElRadio :value="ELSE" data-lend-to="else">Somebody else, or a yard that is not here</ElRadio>
    </ElRadioGroup>
    <ElInput
      v-if="to === ELSE"
      v-model="name"
      maxlength="60"
      placeholder="who has it"
      aria-label="To whom"
      data-testid="lend-name"
    />
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-if="brood > 0">
      {{ counted(brood, 'part') }} of these {{ brood === 1 ? 'has' : 'have' }} held brood: no honey super for anybody.
    </p>
    <ShedLoanTerms v-model:back-by="backBy" :yard-id="yard.id" @held="isHeld = $event" />
    <ElButton type="primary" :disabled="isHeld" data-testid="lend-go" @click="lend">
      Lend {{ counted(parts.length, 'part') }}
    </ElButton>
  </UiSheet>
</template>

<style scoped>
.whom {
  display: grid;
  gap: var(--space-2);
  justify-items: start;
  margin-bottom: var(--space-3);
}
</style>
