<script setup lang="ts">
// The devices of one kind at a hive, and how another one is set up.
import { PLACE_WORDS } from '#core/words'
import type { ListedDevice } from '#wire/answers'
import { nameSchema } from '#wire/names-schema'
import { readingKind, type ReadingKind } from '#wire/readings/kinds'
import { server } from '~/client/server'

const props = defineProps<{ yardId: string; hiveId: string; kind: ReadingKind; devices: readonly ListedDevice[] }>()
const emit = defineEmits<{ changed: [] }>()
const moment = useMoment()
/** Where a device on this machine reaches this Duvet. */
const { origin } = location
const known = readingKind(props.kind)
const model = reactive({ name: '', place: known.places[0] })
const rules = {
  name: {
    schema: nameSchema,
    sentence: `Name of the ${known.device} is empty: give it one, such as ${known.example}.`,
  },
}
const wrong = ref('')
const added = ref<{ id: string; key: string } | null>(null)
async function setUp() {
  wrong.value = ''
  const { yardId, hiveId, kind } = props
  const answer = await server.addDevice({ yardId, hiveId, kind, place: model.place, name: model.name.trim() })
  if (answer.ok) {
    added.value = answer.value
    model.name = ''
  } else wrong.value = answer.problem.sentence
  emit('changed')
}
</script>

<template>
  <div class="devices">
    <h2>{{ known.heading }}</h2>
    <ul v-if="devices.length > 0">
      <li v-for="one in devices" :key="one.id">
        <b>{{ one.name }}</b>{{ known.places.length > 1 ? `, ${PLACE_WORDS[one.place]}` : '' }}:
        {{ one.seenAt ? `last heard of ${moment(one.seenAt)}` : 'not heard of yet'
        }}{{ one.batteryPercent === null ? '' : `, battery ${Math.round(one.batteryPercent)} %` }}
      </li>
    </ul>
    <UiForm :model="model" :rules="rules" line @sound="setUp">
      <UiField name="name" :label="`Name of the ${known.device}`" :for="`${known.device}-name`">
        <ElInput
          :id="`${known.device}-name`"
          v-model="model.name"
          maxlength="60"
          :data-testid="`${known.device}-name`"
        />
      </UiField>
      <UiField v-if="known.places.length > 1" name="place" label="Where">
        <ElSelect v-model="model.place" aria-label="Where" :data-testid="`${known.device}-place`">
          <ElOption v-for="one in known.places" :key="one" :value="one" :label="PLACE_WORDS[one]" />
        </ElSelect>
      </UiField>
      <ElButton native-type="submit" :data-testid="`add-${known.device}`">Set it up</ElButton>
    </UiForm>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-if="added" class="key" :data-testid="`${known.device}-key`">
      Its key is shown this once. To try a simulated one:<br /><code
        >npm run device -- {{ kind }} --id {{ added.id }} --key {{ added.key }} --url {{ origin
        }}{{ known.places.length > 1 ? ` --place ${model.place}` : '' }}</code
      >
    </p>
  </div>
</template>

<style scoped>
.devices {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-width: 0;
}

ul {
  padding: 0;
  list-style: none;
}

.key code {
  overflow-wrap: anywhere;
}
</style>
