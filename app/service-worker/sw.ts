/// <reference lib="webworker" />
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

// Keeps the app on the device; a newer one waits until the keeper takes it.

declare const self: ServiceWorkerGlobalScope & {
  readonly __WB_MANIFEST: readonly { readonly url: string; readonly revision: string | null }[]
}

const files = [...self.__WB_MANIFEST]
const AT_ONCE = 6

/** Files are fetched side by side first: one after the other, as they are put away, takes three times as long. */
async function fetchAll(): Promise<void> {
  const left = files.filter(({ revision }) => revision === null).map(({ url }) => url)
  const next = async (): Promise<void> => {
    for (let url = left.pop(); url; url = left.pop()) await fetch(url).then((answer) => answer.arrayBuffer())
  }
  await Promise.all(Array.from({ length: AT_ONCE }, next)).catch(() => {})
}

self.addEventListener('install', (event) => event.waitUntil(fetchAll()))
precacheAndRoute(files)
cleanupOutdatedCaches()
registerRoute(new NavigationRoute(createHandlerBoundToURL('/'), { denylist: [/^\/api\//] }))
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if (Object(data).type === 'SKIP_WAITING') void self.skipWaiting()
})
