<script setup lang="ts">
// The queen and her cells.
import type { Look } from '#core/book'
import { entriesOf } from '#core/units'
import { QUEEN_WORDS } from '#core/words'
import { localToday } from '~/composables/localTime'
import { YES_NO, type LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const { field, yesNo } = props.draft
const [queen, cells, playCups, born] = [field('queen'), field('cells'), field('playCups'), field('queenBorn')]
const [isMarked, isClipped] = [yesNo('queenMarked'), yesNo('queenClipped')]
type Cells = NonNullable<Look['cells']>
/** One thing said of the cells; where nothing is said of them any more, there are none. */
function ofCells<K extends keyof Cells>(name: K) {
  return computed({
    get: () => cells.value?.[name],
    set: (value: Cells[K] | readonly unknown[] | undefined) => {
      const { [name]: _before, ...rest } = cells.value ?? {}
      const next = value === undefined || Array.isArray(value) ? rest : { ...rest, [name]: value }
      cells.value = Object.keys(next).length > 0 ? next : undefined
    },
  })
}
const [openCells, sealedCells, where] = [ofCells('open'), ofCells('sealed'), ofCells('where')]
const CELL_PLACES = [
  ['edge', 'at the edge'],
  ['middle', 'in the middle'],
  ['bottom', 'at the bottom'],
] as const
const thisYear = Number(localToday().slice(0, 4))
</script>

<template>
  <EntryPick v-model="queen" name="Queen" :of="entriesOf(QUEEN_WORDS)" />
  <EntryCount v-model="openCells" name="Queen cells, open" />
  <EntryCount v-model="sealedCells" name="Queen cells, sealed" />
  <EntryPick v-if="cells" v-model="where" name="They hang" :of="CELL_PLACES" />
  <EntryCount v-model="playCups" name="Play cups" />
  <EntryPick v-model="isMarked" name="Marked" :of="YES_NO" />
  <EntryPick v-model="isClipped" name="Clipped" :of="YES_NO" />
  <EntryNumber v-model="born" :of="{ min: 1980, max: 2100, start: thisYear }" name="Born in the year" />
</template>
