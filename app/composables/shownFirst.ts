/** More at a time, once the first are there. */
const MORE = 50

/** The first of a long list, and more of it as they are asked for: all at once would hold up the page. */
export function useShownFirst<T>(all: () => readonly T[], first: number) {
  const most = ref(first)
  const shown = computed(() => all().slice(0, most.value))
  const left = computed(() => Math.max(0, all().length - most.value))
  const more = () => {
    most.value += MORE
  }
  return { shown, left, more }
}
