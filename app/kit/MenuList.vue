<script setup lang="ts" generic="T extends string | object">
// The entries of a menu, loaded when it is pressed for the first time and open from then.
import type { DropdownInstance } from 'element-plus'
import type { MenuEntry } from './menuEntry'

defineProps<{ of: HTMLElement; entries: readonly MenuEntry<T>[] }>()
defineEmits<{ command: [command: T] }>()
const dropdown = ref<DropdownInstance | null>(null)
onMounted(() => dropdown.value?.handleOpen())
</script>

<template>
  <ElDropdown
    :id="of.id"
    ref="dropdown"
    trigger="click"
    virtual-triggering
    :virtual-ref="of"
    :persistent="false"
    max-height="min(420px, 70vh)"
    popper-class="ui-menu"
    @command="$emit('command', $event)"
  >
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem
          v-for="({ command, word, divided, disabled, chosen, testid }, i) in entries"
          :key="i"
          :command="command"
          :divided="divided"
          :disabled="disabled"
          :data-testid="testid"
          ><span v-if="chosen !== undefined" class="mark" aria-hidden="true">{{ chosen ? '✓' : '' }}</span
          >{{ word }}<span v-if="chosen" class="visually-hidden">, chosen</span></ElDropdownItem
        >
      </ElDropdownMenu>
    </template>
  </ElDropdown>
</template>

<style scoped>
.mark {
  display: inline-block;
  width: 22px;
  color: var(--indigo);
  font-weight: 700;
}
</style>
