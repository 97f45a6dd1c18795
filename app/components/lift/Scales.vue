<script setup lang="ts">
// The scales under a hive, and how another one is set up.
import { server } from '~/sync/server'
import type { HiveWeighIns } from '#wire/answers'
import { nameSchema } from '#wire/names-schema'

const props = defineProps<{ yardId: string; hiveId: string; scales: HiveWeighIns['scales'] }>()
const emit = defineEmits<{ changed: [] }>()
const moment = useMoment()
/** Where a device on this machine reaches this Duvet. */
const { origin } = location
const name = ref('')
const wrong = ref('')
const made = ref<{ id: string; key: string } | null>(null)
async function setUpScale() {
  wrong.value = ''
  if (!nameSchema.isValidSync(name.value.trim())) {
    wrong.value = 'Name of the scale is empty: give it one, such as Left stand.'
    return
  }
  const answer = await server.addScale({ yardId: props.yardId, hiveId: props.hiveId, name: name.value.trim() })
  if (answer.ok) made.value = answer.value
  else wrong.value = answer.problem.sentence
  name.value = ''
  emit('changed')
}
</script>

<template>
  <div class="scales">
    <h2>A scale under the hive</h2>
    <ul v-if="scales.length > 0">
      <li v-for="scale in scales" :key="scale.id">
        {{ scale.name }}:
        {{
          scale.seenAt
            ? `last heard of ${moment(scale.seenAt)}, battery ${scale.batteryPercent ?? '?'} %`
            : 'not heard of yet'
        }}
      </li>
    </ul>
    <form @submit.prevent="setUpScale">
      <label>Name of the scale <ElInput v-model="name" maxlength="60" data-testid="scale-name" /></label>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <ElButton native-type="submit" data-testid="add-scale">Set it up</ElButton>
    </form>
    <p v-if="made" class="key" data-testid="scale-key">
      Its key is shown this once. To try a simulated one:<br /><code
        >npm run scale -- --id {{ made.id }} --key {{ made.key }} --url {{ origin }}</code
      >
    </p>
  </div>
</template>

<style scoped>
.scales {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}

h2 {
  font-size: 16px;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}

label {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 130px;
  font-size: 14px;
}

.wrong {
  flex-basis: 100%;
  color: var(--stop);
}

.key code {
  overflow-wrap: anywhere;
}
</style>
