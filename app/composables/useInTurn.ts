import { onScopeDispose, ref, watch, type Ref } from 'vue'

/** What waits to be drawn, over the whole page: one with each frame, so that nothing keeps the page busy. */
const waiting: (() => void)[] = []
let running = false
function next(): void {
  waiting.shift()?.()
  if (waiting.length > 0) requestAnimationFrame(() => requestAnimationFrame(next))
  else running = false
}
function wait(turn: () => void): void {
  waiting.push(turn)
  if (running) return
  running = true
  requestAnimationFrame(next)
}
function forget(turn: () => void): void {
  const at = waiting.indexOf(turn)
  if (at >= 0) waiting.splice(at, 1)
}

/** Goes on once what was asked for before has been drawn. */
export const afterDrawing = (): Promise<void> =>
  new Promise((resolve) => {
    wait(() => setTimeout(resolve))
  })

/**
 * How many of so many things are to be drawn now: one more with every turn, and turns are shared by all that is drawn
 * so.
 */
export function useInTurn(count: Ref<number> | number): Ref<number> {
  const most = ref(count)
  const shown = ref(0)
  let asked = false
  function turn(): void {
    asked = false
    shown.value = Math.min(most.value, shown.value + 1)
    more()
  }
  function more(): void {
    if (asked || shown.value >= most.value) return
    asked = true
    wait(turn)
  }
  watch(most, more, { immediate: true })
  onScopeDispose(() => forget(turn))
  return shown
}
