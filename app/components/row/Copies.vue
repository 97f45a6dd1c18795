<script setup lang="ts">
// Copies of hives: how many, what they are called, and whether what was noted comes along.
import * as deeds from '#core/hive/deeds'

const props = defineProps<{ picked: readonly Picked[] }>()
const emit = defineEmits<{ close: [] }>()
const MOST = 100
const many = useManyHives()
const count = ref<number | undefined>(1)
const names = ref('* #')
const withHistory = ref(false)
const hives = computed(() => props.picked.reduce((sum, one) => sum + one.hives.length, 0))
const copying = computed(() => ({ count: count.value ?? 0, names: names.value, withHistory: withHistory.value }))
const made = computed(() =>
  props.picked.flatMap(({ yard, hives: some }) => deeds.namesOfCopies(yard, some, copying.value)),
)
const wrong = computed(() => {
  if (!count.value || count.value < 1) return 'How many copies of each: a number from 1.'
  if (count.value * hives.value > MOST)
    return `That is ${count.value * hives.value} hives: at most ${MOST} are copied at once.`
  return names.value.trim() === '' ? 'The names are empty: write what the copies are called, such as * #.' : ''
})
function make() {
  if (!wrong.value && many.copy(props.picked, copying.value)) emit('close')
}
</script>

<template>
  <UiSheet :title="`Copy ${hivesInWords(picked)}`" width="min(480px, 94vw)" @close="emit('close')">
    <form @submit.prevent="make">
      <label for="copies">How many of each</label>
      <ElInputNumber id="copies" v-model="count" :min="1" :max="MOST" :precision="0" data-testid="copies" />
      <label for="copy-names">What they are called</label>
      <ElInput id="copy-names" v-model="names" maxlength="60" data-testid="copy-names" aria-describedby="copy-help" />
      <p id="copy-help" class="soft">* stands for the name of the hive, # for a number that counts on.</p>
      <label class="history"
        ><ElSwitch v-model="withHistory" aria-label="With what is noted, accepted and was held in its boxes" /> With
        what is noted, accepted and was held in its boxes</label
      >
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p v-else class="soft" role="status">
        Makes {{ made.slice(0, 4).join(', ')
        }}<template v-if="made.length > 4"> and {{ made.length - 4 }} more</template>.
      </p>
      <ElButton type="primary" native-type="submit" data-testid="make-copies">Make them</ElButton>
    </form>
  </UiSheet>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}

.history {
  display: flex;
  gap: 8px;
  align-items: center;
}

.soft {
  color: var(--soft-ink);
}

.wrong {
  color: var(--stop);
}
</style>
