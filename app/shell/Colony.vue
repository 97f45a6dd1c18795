<script setup lang="ts">
// On every view of a hive: what its book says of its colony.
const view = useView()
const route = useRoute()
const place = computed(() => {
  const id = route.params.hive
  return typeof id === 'string' ? view.placeOf(id) : null
})
</script>

<template>
  <ShellColonyNote v-if="place" :yard="place.yard" :hive="place.hive" />
</template>
