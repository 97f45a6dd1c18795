<script setup lang="ts">
// An address that leads nowhere: said plainly, with ways on.
useHead({ title: 'Nothing here – Duvet' })
</script>

<template>
  <ShellWayOn title="There is nothing at this address">
    <p>A letter may be missing, or it is from an older Duvet. Your hives are all where they were.</p>
  </ShellWayOn>
</template>
