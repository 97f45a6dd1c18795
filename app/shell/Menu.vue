<script setup lang="ts">
// Undo and redo by their names, units, words and help: one menu.
import { there } from '#core/units'
import type { History } from '#core/yard'
import { capital, editInWords } from '#core/words'
import type { MenuEntry } from '~/kit/menuEntry'

const props = defineProps<{ history: History }>()
const shell = useShell()
const view = useView()
const me = useMe()
const router = useRouter()
const preferences = usePreferences()
const turnBack = useTurnBack()
type Entry = MenuEntry<() => void>
const steps = computed<Entry[]>(() =>
  (['undo', 'redo'] as const).map((how) => {
    const step = props.history[how].at(-1)
    const none = how === 'undo' ? 'Nothing to undo' : 'Nothing to do again'
    return {
      command: () => turnBack(how),
      word: step ? `${capital(how)}: ${capital(editInWords(step.done))}` : none,
      disabled: !step,
      testid: `menu-${how}`,
    }
  }),
)
const UNITS = [
  ['inches', 'Inches and pounds'],
  ['mm', 'Millimetres and kilograms'],
] as const
const VOCABULARIES = [
  ['british', 'British words'],
  ['northAmerican', 'North American words'],
] as const
const entries = computed<Entry[]>(() => [
  ...steps.value,
  ...UNITS.map(([units, word], i) => ({
    command: () => void (preferences.units = units),
    word,
    divided: i === 0,
    chosen: preferences.units === units,
    testid: `units-${units}`,
  })),
  ...VOCABULARIES.map(([vocabulary, word], i) => ({
    command: () => void (preferences.vocabulary = vocabulary),
    word,
    divided: i === 0,
    chosen: preferences.vocabulary === vocabulary,
    testid: `words-${vocabulary}`,
  })),
  ...(view.yard
    ? [
        {
          command: () => void router.push(yardPath(there(view.yard).id, 'keepers')),
          word: me.me?.keeper ? `Keepers: you are ${me.me.keeper.name}` : 'Keepers: share these yards',
          divided: true,
          testid: 'open-keepers',
        },
      ]
    : []),
  {
    command: () => void (shell.ofDevice = true),
    word: 'This device: what waits, take along, its name',
    testid: 'open-device',
  },
  {
    command: () => void (shell.helping = true),
    word: 'Help: words of the trade, keys',
    testid: 'open-help',
  },
])
</script>

<template>
  <UiMenu text :entries="entries" aria-label="Menu: undo, units, words, help" data-testid="menu" @command="$event()">
    <ElIconMenu class="icon" aria-hidden="true" /><span class="wide">Menu</span>
  </UiMenu>
</template>

<style scoped>
.icon {
  width: 20px;
  height: 20px;
}

/* The word gives way where something waits. */
.tools:has([data-testid='waiting']) .wide {
  display: none;
}

@media (max-width: 760px) {
  .wide {
    display: none;
  }
}
</style>
