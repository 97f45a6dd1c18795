<script setup lang="ts">
// What a view says where there is nothing to draw yet: a bare stand, what will be seen here, and the way there.
defineProps<{ to?: string; way?: string }>()
const router = useRouter()
const yards = useYards()
</script>

<template>
  <p v-if="!yards.loaded" class="nothing" role="status">Fetching the yards…</p>
  <ElEmpty v-else class="nothing" data-testid="nothing">
    <template #image>
      <svg viewBox="0 0 200 130" width="200" aria-hidden="true" stroke-width="2.5">
        <path d="M10 120H190" fill="none" stroke="var(--soft-ink)" />
        <path d="M62 96h76v8H62zM70 104v16M130 104v16" stroke="var(--soft-ink)" fill="var(--sheet)" />
        <path d="M66 52h68v40H66zM66 14h68v34H66z" fill="none" stroke="#a99d84" stroke-dasharray="7 5" />
      </svg>
    </template>
    <template #description
      ><p><slot /></p
    ></template>
    <ElButton v-if="to" type="primary" @click="router.push(to)">{{ way }}</ElButton>
  </ElEmpty>
</template>

<style scoped>
.nothing {
  flex: 1;
}

p.nothing {
  padding: var(--space-6) var(--space-5);
  text-align: center;
}

p {
  padding: 0 var(--space-4);
  max-width: 46ch;
  margin: 0 auto;
  color: var(--ink);
}
</style>
