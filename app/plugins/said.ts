import { said } from '~/composables/said'

/** Fixed text of a template is said in the words of the reader: the compiler puts `$said` round it. */
export default defineNuxtPlugin(({ vueApp }) => {
  vueApp.config.globalProperties.$said = said
})
