<template>
  <main>Duvet</main>
</template>
