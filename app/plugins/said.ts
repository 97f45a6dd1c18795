import { drawWithin } from '~/composables/download'
import { said } from '~/composables/said'

/** What a template says of its own is said in the words of the reader: the compiler puts `$said` round it. */
export default defineNuxtPlugin(({ vueApp }) => {
  drawWithin(vueApp._context)
  vueApp.config.globalProperties.$said = (text: unknown) => (typeof text === 'string' ? said(text) : text)
})
