<script setup lang="ts">
// Which yard a view is about.
const view = useView()
const yards = useYards()
</script>

<template>
  <label class="choice"
    >Yard
    <select :value="view.yard?.id" data-testid="yard-choice" @change="view.chosen = typedIn($event)">
      <option v-for="yard in yards.yards" :key="yard.id" :value="yard.id">{{ yard.name }}</option>
    </select>
  </label>
</template>
