/// <reference lib="webworker" />
import { there } from '#core/units'
import { cacheNames } from 'workbox-core'
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

// Keeps the app on the device; a newer one waits until the keeper takes it.

declare const self: ServiceWorkerGlobalScope & {
  readonly __WB_MANIFEST: readonly { readonly url: string; readonly revision: string | null }[]
}

const files = [...self.__WB_MANIFEST]
const TYPES: Readonly<Record<string, string>> = { js: 'text/javascript', css: 'text/css' }

/**
 * Everything whose name holds its content comes in one answer and is put away side by side; what is there already the
 * package leaves, and fetches what is not. One after the other it takes three times as long.
 */
async function keepAll(): Promise<void> {
  const answer = await fetch('/_nuxt/all.json')
  const texts: unknown = await answer.json()
  const cache = await caches.open(cacheNames.precache)
  const keep = async (url: string) => {
    const text = Object(texts)[url.replace(/^\/?_nuxt\//, '')]
    const type = TYPES[there(url.split('.').at(-1))]
    if (typeof text !== 'string' || !type || (await cache.match(url))) return
    await cache.put(url, new Response(text, { headers: { 'content-type': type } }))
  }
  await Promise.all(files.filter(({ revision }) => revision === null).map(({ url }) => keep(url)))
}

self.addEventListener('install', (event) => event.waitUntil(keepAll().catch(() => {})))
precacheAndRoute(files)
cleanupOutdatedCaches()
registerRoute(new NavigationRoute(createHandlerBoundToURL('/'), { denylist: [/^\/api\//] }))
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if (Object(data).type === 'SKIP_WAITING') void self.skipWaiting()
})
