import dayjs from 'dayjs'
import updateLocale from 'dayjs/plugin/updateLocale.js'

dayjs.extend(updateLocale)

/** A calendar begins its weeks on the day that its reader does: Monday in Britain, Sunday in North America. */
export default defineNuxtPlugin(() => {
  const preferences = usePreferences()
  watch(
    () => preferences.vocabulary,
    (vocabulary) => dayjs.updateLocale('en', { weekStart: vocabulary === 'british' ? 1 : 0 }),
    { immediate: true },
  )
})
