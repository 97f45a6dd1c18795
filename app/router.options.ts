import type { RouterConfig } from 'nuxt/schema'
import { VIEWS } from '#wire/views'

/** The page of each view, by the folder of its name. */
const pages = import.meta.glob('./views/*/Page.vue')

/** What stands for a star, by what it is one of. */
const NAMED = { yards: ':yard', hives: ':hive', boxes: ':part' } as const

function pathOf(page: string): string {
  return `/${page.replace(/(yards|hives|boxes)\/\*/g, (_all, of: keyof typeof NAMED) => `${of}/${NAMED[of]}`)}`
}

const routeOf = (name: string, path: string) => ({ name, path, component: pages[`./views/${name}/Page.vue`]! })

export default {
  routes: () => [
    ...Object.entries(VIEWS).map(([name, { page }]) => routeOf(name, pathOf(page))),
    routeOf('nowhere', '/:nowhere(.*)*'),
  ],
} satisfies RouterConfig
