<script setup lang="ts">
// What is owned, drawn on its shelves: what lies there first, so many of each as there are, or a few and how many; what
// stands on hives keeps its place, faint.
import { there } from '#core/units'
import { counted } from '#core/words'
import type { Owned } from './owned'

const props = defineProps<{ rows: readonly Owned[] }>()
defineEmits<{ open: [patternId: string] }>()
const MOST_DRAWN = 3
const shelved = computed(() => [...props.rows].sort((a, b) => Number(b.inShed > 0) - Number(a.inShed > 0)))
</script>

<template>
  <section class="shelves" aria-label="On the shelves" data-testid="shelves">
    <ElButton
      v-for="row in shelved"
      :key="row.patternId"
      :class="['bare pile', { away: row.inShed === 0 }]"
      :data-shelf="row.patternId"
      @click="$emit('open', row.patternId)"
    >
      <span class="stack">
        <DrawingPatternPicture
          v-for="n in row.pattern ? Math.max(1, Math.min(row.inShed, MOST_DRAWN)) : 0"
          :key="n"
          :pattern="there(row.pattern)"
        />
      </span>
      <span class="board" />
      <span class="label"
        ><template v-if="row.inShed > 0"
          ><b>{{ row.inShed }} ×</b> {{ row.name
          }}<small v-if="row.framesInShed > 0">with {{ counted(row.framesInShed, 'frame') }}</small></template
        ><template v-else
          >{{ row.name
          }}<small
            >none here, {{ row.standing }} on hives{{ row.lent > 0 ? `, ${row.lent} lent` : '' }}</small
          ></template
        ></span
      >
    </ElButton>
  </section>
</template>

<style scoped>
.shelves {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: var(--space-3) 0;
  padding: var(--space-2) 0 var(--space-5);
}

.el-button.bare.pile {
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  min-height: 112px;
  font-size: var(--type-1);
  text-align: center;
}

.pile:hover {
  background: rgb(39 64 139 / 7%);
}

.stack {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  min-height: 44px;
}

.away .stack {
  opacity: 0.35;
}

.label {
  display: block;
  height: 54px;
}

small {
  display: block;
  color: var(--soft-ink);
}

.board {
  display: block;
  height: 9px;
  margin-bottom: var(--space-2);
  border-top: 3px solid #7a6a45;
  background: linear-gradient(#d9c9a3, #e8dcc0);
}
</style>
