import { computed } from 'vue'

/** A drawing is so high at most, and so much of it is for arrows and words. */
const HIGHEST_PX = 392
const ROOM_FOR_WORDS_PX = 120
const MOST_SCALE = 0.56
/** Lower than this a hive is not taken to be. */
const LEAST_MM = 300

/** The scale at which hives stand beside each other, pixels to a mm, and how high their pictures are. */
export function useDrawnSize(heightsMm: () => readonly number[]) {
  const tallestMm = computed(() => Math.max(LEAST_MM, ...heightsMm()))
  const scale = computed(() => Math.min(MOST_SCALE, (HIGHEST_PX - ROOM_FOR_WORDS_PX) / tallestMm.value))
  const height = computed(() => Math.round(tallestMm.value * scale.value + ROOM_FOR_WORDS_PX))
  return { scale, height }
}
