<script setup lang="ts" generic="T extends string | object">
// A button that opens a list of things to do or choose; the list is loaded when it is first asked for.
import { there } from '#core/units'
import type { ButtonInstance } from 'element-plus'
import type { MenuEntry } from './menuEntry'

defineOptions({ inheritAttrs: false })
defineProps<{ entries: readonly MenuEntry<T>[] }>()
defineEmits<{ command: [command: T] }>()
const id = useId()
const button = ref<ButtonInstance | null>(null)
const wanted = ref(false)
</script>

<template>
  <ElButton :id="id" ref="button" aria-haspopup="menu" v-bind="$attrs" @click="wanted = true"><slot /></ElButton>
  <LazyUiMenuList
    v-if="wanted"
    :of="there(button).$el as HTMLElement"
    :entries="entries"
    @command="$emit('command', $event as T)"
  />
</template>
