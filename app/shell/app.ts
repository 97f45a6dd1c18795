import { useEventListener } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'

/** How a browser asks whether an app is to be put on the home screen. */
interface InstallPrompt extends Event {
  prompt: () => Promise<unknown>
}
const isPrompt = (event: Event): event is InstallPrompt => 'prompt' in event

type State = 'none' | 'insecure' | 'fetching' | 'ready' | 'failed'

const WORDS: Record<State, string> = {
  none: 'Duvet is not kept on this device yet.',
  insecure:
    'This address is not a secure one, so the browser keeps no app of it: open Duvet by https, or on the machine that ' +
    'it runs on.',
  fetching: 'Duvet is being fetched, to open without the server.',
  ready: 'Duvet is kept on this device: it opens without the server.',
  failed: 'This browser keeps no apps: without the server Duvet can be used as long as this page stays open.',
}

/** The app on this device: kept by a service worker, put on the home screen, taken newer when the keeper says so. */
export const useApp = defineStore('app', () => {
  const state = ref<State>('none')
  const isNewer = ref(false)
  const prompt = shallowRef<InstallPrompt | null>(null)
  const canInstall = computed(() => prompt.value !== null)
  let registered: ServiceWorkerRegistration | undefined

  useEventListener(globalThis, 'beforeinstallprompt', (event: Event) => {
    event.preventDefault()
    if (isPrompt(event)) prompt.value = event
  })
  useEventListener(globalThis, 'appinstalled', () => {
    prompt.value = null
  })

  /** Keeps the app on this device, so that it opens without the server. */
  async function start(): Promise<void> {
    if (!globalThis.navigator?.serviceWorker) {
      state.value = 'insecure'
      return
    }
    state.value = 'fetching'
    const register = await import('virtual:pwa-register').catch(() => undefined)
    if (!register) state.value = 'none'
    register?.registerSW({
      immediate: true,
      onNeedRefresh: () => void (isNewer.value = true),
      onOfflineReady: () => void (state.value = 'ready'),
      onRegisteredSW: (_url, registration) => {
        registered = registration
        if (registration?.active) state.value = 'ready'
        if (registration?.waiting) isNewer.value = true
      },
      onRegisterError: () => void (state.value = 'failed'),
    })
  }

  /** The newer one takes over, and the page is loaded anew with it. */
  function update(): void {
    isNewer.value = false
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
    registered?.waiting?.postMessage({ type: 'SKIP_WAITING' })
  }
  function later(): void {
    isNewer.value = false
  }
  async function install(): Promise<void> {
    const asked = prompt.value
    prompt.value = null
    await asked?.prompt()
  }

  const words = computed(() => WORDS[state.value])

  return { state, words, isNewer, canInstall, start, update, later, install }
})
