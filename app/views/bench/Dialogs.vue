<script setup lang="ts">
// What is asked over the bench: a name, or the sizes of the selected part.
const open = useBenchOpen()
const selected = useSelectedPart()
</script>

<template>
  <ShellNaming
    v-if="open.naming"
    :title="open.naming.title"
    :value="open.naming.value"
    :long="open.naming.long ?? false"
    :required="open.naming.required ?? false"
    @take="open.takeName"
    @close="open.naming = null"
  />
  <BenchSizes
    v-if="open.sizing && selected.one"
    :part="selected.one.part"
    :pattern="selected.one.pattern"
    :name="selected.name"
    :focus="open.measuring"
    swappable
    @swap="open.swap"
    @take="open.takeSizes"
    @close="open.sizing = false"
  />
</template>
