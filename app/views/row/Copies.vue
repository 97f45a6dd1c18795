<script setup lang="ts">
// Copies of hives: how many, what they are called, and whether what was noted comes along.
import * as deeds from '#core/yard/deeds'
import { whole } from '#wire/fields'
import { nameSchema } from '#wire/names-schema'

const props = defineProps<{ picked: readonly Picked[] }>()
const emit = defineEmits<{ close: [] }>()
const MOST = 100
const many = useManyHives()
const model = reactive<{ count?: number | undefined; names: string }>({ count: 1, names: '* #' })
const withHistory = ref(false)
const hives = computed(() => props.picked.reduce((sum, one) => sum + one.hives.length, 0))
const copying = computed(() => ({ count: model.count ?? 0, names: model.names, withHistory: withHistory.value }))
const made = computed(() =>
  props.picked.flatMap(({ yard, hives: some }) => deeds.namesOfCopies(yard, some, copying.value)),
)
const most = computed(() => Math.max(1, Math.floor(MOST / Math.max(1, hives.value))))
const rules = computed(() => ({
  count: {
    schema: whole(1, most.value),
    sentence: `How many of each is not a number from 1 to ${most.value}: at most ${MOST} hives are copied at once.`,
  },
  names: { schema: nameSchema, sentence: 'The names are empty: write what the copies are called, such as * #.' },
}))
function make() {
  if (many.copy(props.picked, copying.value)) emit('close')
}
</script>

<template>
  <UiSheet :title="`Copy ${hivesInWords(picked)}`" width="min(480px, 94vw)" @close="emit('close')">
    <UiForm :model="model" :rules="rules" @sound="make">
      <UiField name="count" label="How many of each" for="copies">
        <UiNumber
          id="copies"
          v-model="model.count"
          always
          name="How many of each"
          :of="{ min: 1, max: MOST }"
          data-testid="copies"
        />
      </UiField>
      <UiField name="names" label="What they are called" for="copy-names">
        <ElInput
          id="copy-names"
          v-model="model.names"
          maxlength="60"
          data-testid="copy-names"
          aria-describedby="copy-help"
        />
      </UiField>
      <p id="copy-help" class="soft">* stands for the name of the hive, # for a number that counts on.</p>
      <label class="history"
        ><ElSwitch v-model="withHistory" aria-label="With what is noted, accepted and was held in its boxes" /> With
        what is noted, accepted and was held in its boxes</label
      >
      <p v-if="made.length > 0 && made.length <= MOST" class="soft" role="status">
        Makes {{ made.slice(0, 4).join(', ')
        }}<template v-if="made.length > 4"> and {{ made.length - 4 }} more</template>.
      </p>
      <ElButton type="primary" native-type="submit" data-testid="make-copies">Make them</ElButton>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.history {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  margin: var(--space-3) 0;
}

.soft {
  margin-bottom: var(--space-3);
  color: var(--soft-ink);
}
</style>
