<script setup lang="ts">
// An invitation that is taken up. Its token stands behind the # of the link: no server and no log sees it on the way.
const me = useMe()
const router = useRouter()
const token = useRoute().hash.slice(1)
const wrong = ref('')
async function take(name?: string, passphrase?: string): Promise<string> {
  const problem = await me.join(token, name, passphrase)
  if (problem === '') await router.replace('/')
  return problem
}
async function takeAsMe() {
  wrong.value = await take()
}
useHead({ title: 'An invitation – Duvet' })
</script>

<template>
  <main class="join" data-testid="join">
    <h1>You are invited to a yard</h1>
    <template v-if="me.me?.keeper">
      <p>You are signed in as {{ me.me.keeper.name }}: the yard comes to those that you keep already.</p>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p><ElButton type="primary" data-testid="join-as-me" @click="takeAsMe">Take it up</ElButton></p>
    </template>
    <template v-else>
      <p>The link is good for a day and for one. Choose how you sign in from now on.</p>
      <ShellNewKeeper go="Take it up" :take="take" />
    </template>
  </main>
</template>

<style scoped>
.join {
  display: grid;
  gap: 12px;
  width: calc(100% - 24px);
  max-width: 480px;
  margin: 8vh auto 0;
  padding: 24px;
  border: 2px dashed var(--seam);
  border-radius: 12px;
  background: var(--paper);
}

h1 {
  font-size: 24px;
}

.wrong {
  color: var(--stop);
}
</style>
