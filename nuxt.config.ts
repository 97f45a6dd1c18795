import { randomUUID } from 'node:crypto'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build as buildWorker } from 'esbuild'
import { madeOf } from './scripts/lib/made-of'
import { saidText } from './scripts/lib/said-text'
import { workersAsChunks } from './scripts/lib/workers-as-chunks'

const root = (path: string) => fileURLToPath(new URL(path, import.meta.url))

const viewFolders = readdirSync(root('./app/views')).map((view) => `views/${view}`)

/**
 * Core only says what it is asked: what nobody takes from a room is in no file of the app, whoever takes another. So do
 * these packages by their own word, which is not asked where ours is.
 */
const ONLY_SAYS = new RegExp(
  '/node_modules/(@vueuse|@element-plus/icons-vue|es-toolkit|vue-router|pinia|ufo|ohash|devalue)/' +
    '|/node_modules/element-plus/es/(?!.*/style/).*\\.mjs$|/nuxt/dist/app/composables/(asyncData|fetch)\\.js$',
)
const treeshake = { moduleSideEffects: (id: string) => !id.startsWith(root('./core/')) && !ONLY_SAYS.test(id) }

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  telemetry: false,
  ssr: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '@element-plus/nuxt', '@nuxt/eslint', '@vite-pwa/nuxt', 'nuxt-auth-utils'],
  css: ['~/assets/fonts.css', '~/assets/tokens.css', '~/assets/theme.css', '~/assets/main.css', '~/assets/layout.css'],
  elementPlus: { importStyle: 'css', icon: 'ElIcon' },
  alias: { '#core': root('./core'), '#wire': root('./shared'), '#demo': root('./demo') },
  app: {
    head: {
      title: 'Duvet',
      htmlAttrs: { lang: 'en' },
      viewport: 'width=device-width, initial-scale=1',
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        { rel: 'apple-touch-icon', href: '/icons/180.png' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
      meta: [
        { name: 'description', content: 'Plans framed, vertically stacked bee hives.' },
        { name: 'theme-color', content: '#27408b' },
      ],
    },
  },
  spaLoadingTemplate: false,
  auth: { loadStrategy: 'none' },
  runtimeConfig: { session: { name: 'duvet-session', password: '' } },
  pwa: {
    registerType: 'prompt',
    // Registered by the app itself, once its first view is drawn.
    injectRegister: null,
    client: { registerPlugin: false },
    manifest: {
      name: 'Duvet',
      short_name: 'Duvet',
      description: 'Plans framed, vertically stacked bee hives.',
      display: 'standalone',
      start_url: '/',
      background_color: '#f4efe4',
      theme_color: '#27408b',
      icons: [
        { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icons/512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      ],
    },
    strategies: 'injectManifest',
    srcDir: 'service-worker',
    filename: 'sw.ts',
    injectManifest: {
      globPatterns: ['**/*.{js,css,svg,png,woff2,webmanifest}'],
      // The page is made by the server, with its policy: it is kept as it came.
      additionalManifestEntries: [{ url: '/', revision: randomUUID() }],
    },
  },
  // Their routes are made of the list of views: `app/router.options.ts`.
  pages: true,
  components: [
    { path: '~/kit', prefix: 'Ui', extensions: ['vue'] },
    { path: '~/drawing', prefix: 'Drawing', extensions: ['vue'] },
    { path: '~/entry', prefix: 'Entry', extensions: ['vue'] },
    { path: '~/readings', prefix: 'Readings', extensions: ['vue'] },
    { path: '~/shell', prefix: 'Shell', extensions: ['vue'] },
    { path: '~/views', extensions: ['vue'] },
  ],
  imports: { dirs: ['journal', 'kit', 'readings', 'shell', ...viewFolders] },
  vue: { compilerOptions: { nodeTransforms: [saidText] } },
  experimental: { payloadExtraction: false, appManifest: false, defaults: { nuxtLink: { prefetch: false } } },
  nitro: {
    errorHandler: root('./server/error-handler.ts'),
    alias: { '#core': root('./core'), '#wire': root('./shared') },
    externals: { inline: [] },
    // Sets the sentences of every schema; nothing is taken from it by name.
    moduleSideEffects: [root('./shared/yup.ts')],
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  hooks: {
    // What takes long on the server is a script of its own, run in threads.
    'nitro:init': (nitro) => {
      nitro.hooks.hook('compiled', async () => {
        await buildWorker({
          entryPoints: [root('./server/workers/tasks.ts')],
          outfile: `${nitro.options.output.serverDir}/worker/tasks.mjs`,
          bundle: true,
          format: 'esm',
          platform: 'node',
          target: 'node20',
          packages: 'external',
          alias: { '#core': root('./core'), '#wire': root('./shared') },
          logLevel: 'warning',
        })
      })
    },
    // The service worker has the whole app in one answer: two hundred of them take four times as long.
    'nitro:build:public-assets': ({ options }) => {
      const folder = join(options.output.publicDir, '_nuxt')
      const texts = readdirSync(folder)
        .filter((name) => /\.(js|css)$/.test(name))
        .map((name) => [name, readFileSync(join(folder, name), 'utf8')])
      writeFileSync(join(folder, 'all.json'), JSON.stringify(Object.fromEntries(texts)))
    },
    // Views load when they are opened: nothing is fetched ahead of that.
    'build:manifest': (manifest) => {
      for (const file of Object.values(manifest)) {
        file.dynamicImports = []
        // A worker is opened by what asks it, and is no script of the page.
        if (file.src?.endsWith('.worker.ts')) file.isEntry = false
      }
    },
  },
  vite: {
    // Every component here and in the packages has a setup of its own.
    define: { __VUE_OPTIONS_API__: 'false' },
    resolve: {
      alias: { '@ctrl/tinycolor': root('./app/assets/no-mixed-colours.ts'), 'lodash-unified': 'es-toolkit/compat' },
    },
    plugins: [workersAsChunks(), madeOf(root('./.nuxt/made-of.json'))],
    // What a view needs it fetches itself: a list of all files of all views would be read before the first.
    build: { target: 'es2022', chunkSizeWarningLimit: 800, modulePreload: false, rollupOptions: { treeshake } },
  },
})
