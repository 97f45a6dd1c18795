<script setup lang="ts">
// Who has what: kit of this shed that others have, and kit of others that is here, each with its way home.
import dayjs from 'dayjs'
import type { Catalogue, Loan, Part } from '#core/parts'
import { counterparts, loansOf, shedOf, type Edit, type Yard } from '#core/yard'
import { loanProblemInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard; catalogue: Catalogue }>()
const emit = defineEmits<{ change: [edit: Edit] }>()
const yards = useYards()
const preferences = usePreferences()
const today = dayjs().format('YYYY-MM-DD')

interface Pile {
  readonly key: string
  readonly loan: Loan
  readonly isLent: boolean
  readonly parts: readonly Part[]
}
const piles = computed<Pile[]>(() => {
  const { lent, borrowed } = loansOf(props.yard)
  const found = new Map<string, Pile>()
  const add = (part: Part, loan: Loan, isLent: boolean) => {
    const key = [isLent, loan.yardId ?? loan.name, loan.since, loan.backBy].join(' ')
    const pile = found.get(key)
    found.set(key, { key, loan, isLent, parts: [...(pile?.parts ?? []), part] })
  }
  for (const part of lent) add(part, part.lent, true)
  for (const part of borrowed) add(part, part.borrowed, false)
  return [...found.values()].sort((a, b) => Number(b.isLent) - Number(a.isLent))
})
const lying = computed(() => new Set(shedOf(props.yard).map(({ id }) => id)))
/** What brings home as much of a pile as can go now, and why the rest cannot. */
function wayHome({ isLent, parts }: Pile): { readonly edit: Edit | null; readonly why: string } {
  if (!isLent) {
    const free = parts.filter(({ id }) => lying.value.has(id))
    const left = parts.length - free.length
    return {
      edit: free.length > 0 ? deeds.giveBack(free) : null,
      why: left > 0 ? `${left} of them ${left === 1 ? 'stands' : 'stand'} on a hive: take off first.` : '',
    }
  }
  const edit = deeds.takeBack(parts)
  const found = counterparts(props.yard, edit, (id) => yards.yards.find((one) => one.id === id))
  return found.ok ? { edit, why: '' } : { edit: null, why: loanProblemInWords(found.problem) }
}
/** `2 × National super, 1 × crown`. */
function named(parts: readonly Part[]): string {
  const counts = new Map<string, number>()
  for (const { patternId } of parts) counts.set(patternId, (counts.get(patternId) ?? 0) + 1)
  return [...counts]
    .map(([patternId, count]) => `${count} × ${kitName(patternId, props.catalogue, preferences.vocabulary)}`)
    .join(', ')
}
const shown = computed(() =>
  piles.value.map((pile) => ({
    ...pile,
    ...wayHome(pile),
    words: named(pile.parts),
    isLate: pile.loan.backBy !== undefined && pile.loan.backBy < today,
    pattern: props.catalogue.patterns.get(pile.parts[0]!.patternId),
    there: yards.yards.some(({ id }) => id === pile.loan.yardId),
  })),
)
</script>

<template>
  <section v-if="shown.length > 0" class="loans" aria-label="Who has what" data-testid="loans">
    <h2>Who has what</h2>
    <ul class="pictured">
      <li v-for="pile in shown" :key="pile.key" :data-loan="pile.isLent ? 'lent' : 'borrowed'">
        <DrawingPatternPicture v-if="pile.pattern" :pattern="pile.pattern" />
        <p>
          <b>{{ pile.isLent ? 'Lent to' : 'Borrowed from' }} {{ pile.loan.name }}</b
          >: {{ pile.words }}
          <small
            >since {{ preferences.day(pile.loan.since)
            }}<template v-if="pile.loan.backBy"
              >, back by <span :class="{ late: pile.isLate }">{{ preferences.day(pile.loan.backBy) }}</span></template
            ></small
          >
          <small v-if="pile.isLate" class="late">It should be back by now.</small>
          <small v-if="pile.why">{{ pile.why }}</small>
        </p>
        <span class="ways">
          <ElButton v-if="pile.edit" data-testid="loan-home" @click="emit('change', pile.edit)">
            {{ pile.isLent ? 'It is back' : 'Give back' }}
          </ElButton>
          <NuxtLink v-if="pile.loan.yardId && pile.there" :to="yardPath(pile.loan.yardId, 'shed')">Its shed</NuxtLink>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.loans {
  margin-bottom: var(--space-5);
  padding: var(--space-2) var(--space-5) var(--space-3);
  border: 1px dashed var(--seam);
  border-radius: 8px;
  background: var(--paper);
}

h2 {
  margin: var(--space-3) 0 0;
  font-size: var(--type-3);
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li + li {
  border-top: 1px solid var(--seam);
}

small {
  display: block;
  color: var(--soft-ink);
}

.late {
  color: var(--stop);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: center;
  justify-content: flex-end;
}

@media (max-width: 760px) {
  li {
    grid-template-columns: 60px minmax(0, 1fr);
  }

  .ways {
    grid-column: 1 / -1;
  }
}
</style>
