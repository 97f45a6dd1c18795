import { useEventListener } from '@vueuse/core'
import { usePreferences } from '~/stores/preferences'
import { useShell } from './store'
import { useView } from '~/stores/view'
import { useTurnBack } from './turnBack'
import { waysFrom } from '~/composables/ways'

/** How long G waits for the letter of a view. */
const LETTER_MS = 1500

/** Keys rest while something is typed or a dialog is open. */
export function keysRest(event: KeyboardEvent): boolean {
  return elementOf(event)?.closest('input, textarea, select, [contenteditable], .el-overlay') != null
}

/** What a key types ahead; Enter takes what is found first, as it does in the field, but on a link it is the link's. */
function signOf(event: KeyboardEvent): string {
  const { key, repeat, ctrlKey, metaKey, altKey } = event
  if (ctrlKey || metaKey || altKey) return ''
  if (key === 'Enter') return repeat || elementOf(event)?.closest('a') ? '' : '\n'
  return key.length === 1 ? key : ''
}

/** The keys that hold in every view: find, go to a view, undo and redo, units, help. */
export function useShellKeys(): void {
  const router = useRouter()
  const shell = useShell()
  const view = useView()
  const preferences = usePreferences()
  const turnBack = useTurnBack()
  let goingSince = -Infinity

  /** The finder is on its way, or open with the focus beside its field: what is typed is what is looked for. */
  function typedAhead(event: KeyboardEvent): boolean {
    if (!shell.seeking || elementOf(event)?.closest('input, button')) return false
    const sign = signOf(event)
    shell.ahead += sign
    return sign !== ''
  }
  function went(letter: string): boolean {
    const { yard, hive, reference } = waysFrom(view.yard, view.hive)
    const found = [...yard, ...hive, ...reference].find((way) => way.letter === letter)
    if (found) void router.push(found.path)
    return found !== undefined
  }
  const KEYS: Readonly<Record<string, () => void>> = {
    '/': () => shell.seek('anything'),
    '?': () => (shell.helping = true),
    g: () => (goingSince = performance.now()),
    u: preferences.toggleUnits,
  }
  function done(key: string): boolean {
    KEYS[key]?.()
    return KEYS[key] !== undefined
  }

  // First of all listeners, so that the letter after G is no key of the view itself.
  useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
      if (typedAhead(event)) {
        event.preventDefault()
        event.stopImmediatePropagation()
        return
      }
      if (keysRest(event) || event.altKey || shell.seeking) return
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
      if (event.ctrlKey || event.metaKey) {
        if (key !== 'z') return
        event.preventDefault()
        turnBack(event.shiftKey ? 'redo' : 'undo')
        return
      }
      const going = performance.now() - goingSince < LETTER_MS
      goingSince = -Infinity
      if (!((going && went(key)) || done(key))) return
      event.preventDefault()
      event.stopImmediatePropagation()
    },
    { capture: true },
  )
}
