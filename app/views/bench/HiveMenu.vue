<script setup lang="ts">
// What can be done with the hive on the bench as a whole.
import { planOfHive } from '#core/yard'
import HiveSection from '~/drawing/HiveSection.vue'
import { download, drawingAsFile, fileName } from '~/composables/download'

const route = useRoute()
const router = useRouter()
const bench = useBench()
const open = useBenchOpen()
const preferences = usePreferences()
function go(view: 'look' | 'book', query = '') {
  if (bench.hive) void router.push(`${hivePath(String(route.params.yard), bench.hive.id, view)}${query}`)
}
function exportPlan() {
  if (!bench.yard || !bench.hive) return
  const plan = JSON.stringify(planOfHive(bench.yard, bench.hive), null, 1)
  download(`${fileName(bench.hive.name)}.json`, `${plan}\n`, 'application/json')
}
function exportDrawing() {
  const { assessment, names, axis, hive } = bench
  const { reader } = preferences
  const picture = { assessment, names, reader, axis }
  const props = { picture, size: { width: 900, height: 1000 }, standalone: true }
  download(`${fileName(hive?.name ?? '')}-${axis}.svg`, drawingAsFile(HiveSection, props), 'image/svg+xml')
}
</script>

<template>
  <ElDropdown trigger="click" :persistent="false">
    <ElButton text data-testid="hive-menu">Hive…</ElButton>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem data-testid="rename-hive" @click="open.nameHive">Rename</ElDropdownItem>
        <ElDropdownItem data-testid="open-look" @click="go('look')">Write down an inspection</ElDropdownItem>
        <ElDropdownItem data-testid="open-log" @click="go('book', '?see=changed')"
          >Log: as it stood before</ElDropdownItem
        >
        <ElDropdownItem data-testid="edit-note" @click="open.note">Note</ElDropdownItem>
        <ElDropdownItem data-testid="export-plan" @click="exportPlan">Save as plan file</ElDropdownItem>
        <ElDropdownItem data-testid="export-svg" @click="exportDrawing">Save the drawing (SVG)</ElDropdownItem>
      </ElDropdownMenu>
    </template>
  </ElDropdown>
</template>
