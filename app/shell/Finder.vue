<script setup lang="ts">
// Finds a hive, a yard or a view by a few letters of its name.
import { capital } from '#core/words'
import type { Find } from './finds'
import type { Sought } from './store'

const props = defineProps<{ sought: Sought }>()
const emit = defineEmits<{ close: [] }>()
const SHOWN = 40
const route = useRoute()
const router = useRouter()
const shell = useShell()
const typed = ref('')
const TITLES = { anything: 'Find', yard: 'Which yard?', hive: 'Which hive?' } as const

const { hives, ofYards, views } = useFinds()
const all = computed(() => {
  if (props.sought === 'yard') return ofYards.value
  if (props.sought === 'hive') return hives.value
  return typed.value.trim() ? [...hives.value, ...ofYards.value, ...views.value] : [...views.value, ...hives.value]
})
const found = computed(() => {
  const asked = typed.value.trim().toLowerCase()
  if (!asked) return all.value
  const begins = (word: string) => word.toLowerCase().startsWith(asked)
  const has = all.value.filter(({ word }) => word.toLowerCase().includes(asked))
  const knownAs = all.value.filter((one) => !has.includes(one) && one.also?.split(' ').some(begins))
  return [...has.filter(({ word }) => begins(word)), ...has.filter(({ word }) => !begins(word)), ...knownAs]
})
function take(one: Find | undefined) {
  if (!one) return
  one.go?.()
  emit('close')
  if (one.path) void router.push(one.path)
}
const list = ref<HTMLElement | null>(null)
/** Up and down go from what is typed through what was found, and back. */
function step(by: 1 | -1) {
  const links = [...(list.value?.querySelectorAll('a') ?? [])]
  const next = links.findIndex((link) => link === document.activeElement) + by
  if (next < 0) field.value?.focus()
  else links[next]?.focus()
}
const field = ref<{ focus: () => void } | null>(null)
watch(
  () => shell.ahead,
  (ahead) => {
    if (!ahead) return
    const [letters = '', taken] = ahead.split('\n')
    typed.value += letters
    shell.ahead = ''
    if (taken !== undefined) void nextTick(() => take(found.value[0]))
  },
  { immediate: true, flush: 'sync' },
)
onMounted(() => {
  setTimeout(() => field.value?.focus(), 50)
})
</script>

<template>
  <UiSheet :title="TITLES[sought]" width="min(460px, 94vw)" @close="emit('close')">
    <div @keydown.down.prevent="step(1)" @keydown.up.prevent="step(-1)">
      <ElInput
        ref="field"
        v-model="typed"
        :aria-label="TITLES[sought]"
        placeholder="A few letters of its name"
        maxlength="80"
        clearable
        data-testid="finder"
        @keydown.enter.prevent="take(found[0])"
      />
      <ul ref="list" class="found">
        <li v-for="one in found.slice(0, SHOWN)" :key="one.key">
          <NuxtLink
            :to="one.path ?? route.fullPath"
            :class="{ here: one.here }"
            :aria-current="one.here || undefined"
            data-found
            @click.prevent="take(one)"
            ><b>{{ one.word }}</b> <span>{{ capital(one.detail) }}</span></NuxtLink
          >
        </li>
      </ul>
      <p class="count" role="status">
        <template v-if="found.length === 0">Nothing here is called that. Fewer letters find more.</template>
        <template v-else-if="found.length > SHOWN">{{ found.length - SHOWN }} more: type on to find them.</template>
      </p>
    </div>
  </UiSheet>
</template>

<style scoped>
.el-input {
  width: 100%;
}

.found {
  max-height: min(420px, 50vh);
  margin: var(--space-3) 0 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

a {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
  align-items: center;
  min-height: 44px;
  padding: var(--space-2) var(--space-4);
  border-bottom: 1px dashed var(--seam);
  color: var(--ink);
  text-decoration: none;
}

a:hover,
a:focus {
  background: var(--indigo-wash);
}

a:focus-visible {
  outline-offset: -3px;
}

a.here {
  box-shadow: inset 4px 0 0 var(--indigo);
}

a span {
  color: var(--soft-ink);
}

.count {
  min-height: 24px;
  padding-top: var(--space-2);
  color: var(--soft-ink);
}
</style>
