/** What the build makes of the service worker’s registration. */
declare module 'virtual:pwa-register' {
  export function registerSW(options: {
    readonly immediate?: boolean
    readonly onNeedRefresh?: () => void
    readonly onOfflineReady?: () => void
    readonly onRegisteredSW?: (url: string, registration: ServiceWorkerRegistration | undefined) => void
    readonly onRegisterError?: (error: unknown) => void
  }): unknown
}
