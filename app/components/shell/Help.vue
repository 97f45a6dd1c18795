<script setup lang="ts">
// The keys, and the name of this device.
const open = defineModel<boolean>({ required: true })
const preferences = usePreferences()
const KEYS: readonly (readonly [string, string])[] = [
  ['Up, Down', 'select the part above or below; with a part in the hand: hold it higher or lower'],
  ['Alt + Up, Alt + Down', 'move the selected part'],
  ['A', 'add a part above the selected one'],
  ['T', 'turn it over'],
  ['S', 'swap it for another pattern'],
  ['Delete', 'take it off; it goes to the shed'],
  ['Enter, Escape', 'put down what is in the hand, or let it go'],
  ['F', 'open the selected box from above, frame by frame; Escape goes back'],
  ['In a box: Shift + Up, Down', 'select several frames; Alt moves one, Delete takes it out, T turns it round'],
  ['W', 'weights on the drawing, and what they are made of'],
  ['X', 'see the section across or along the frames'],
  ['G', 'go to the next gap'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['U', 'inches or millimetres'],
  ['?', 'this list'],
]
</script>

<template>
  <ElDialog v-model="open" title="Keys, and this device" width="min(620px, 94vw)" append-to-body>
    <dl>
      <template v-for="[key, what] in KEYS" :key="key"
        ><dt>{{ key }}</dt>
        <dd>{{ what }}</dd></template
      >
    </dl>
    <label for="device-name">Name of this device, kept with every change</label>
    <ElInput id="device-name" v-model="preferences.deviceTyped" maxlength="60" placeholder="this browser" />
    <p v-if="preferences.deviceTyped.trim() === ''" role="status">
      The name is empty: changes will say “this browser”.
    </p>
  </ElDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 5px 18px;
  margin: 0 0 18px;
}

dt {
  font-weight: 700;
}

dd {
  margin: 0;
}
</style>
