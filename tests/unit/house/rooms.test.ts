import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'
import rooms from '../../../core/rooms.json'
import { PAGES, VIEWS } from '#wire/views'
import { root, sources } from '../../helpers/sources'

const HOUSE = ['core', 'shared', 'server', 'app', 'cli', 'demo', 'scripts'] as const
type Room = (typeof HOUSE)[number]

/** Which rooms each may look into: imports point down only. */
const MAY: Readonly<Record<Room, readonly Room[]>> = {
  core: ['core'],
  shared: ['shared', 'core'],
  server: ['server', 'shared', 'core'],
  app: ['app', 'shared', 'core'],
  cli: ['cli', 'shared', 'core'],
  demo: ['demo', 'core'],
  scripts: ['scripts', 'core', 'shared', 'demo', 'app', 'server'],
}

function importsOf(path: string): string[] {
  return [
    ...readFileSync(path, 'utf8').matchAll(/^(?:[^'"\n]*\bfrom|[^'"\n]*\bimport)\s*\(?\s*['"]([^'"]+)['"]/gm),
  ].map(([, from]) => from!)
}

function roomOf(path: string, from: string): Room | 'package' {
  const alias = { '#core': 'core', '#wire': 'shared', '~': 'app' }[from.split('/')[0]!]
  if (alias) return alias as Room
  if (!from.startsWith('.')) return 'package'
  const target = relative(root, resolve(dirname(path), from)).split('/')[0] as Room
  return HOUSE.includes(target) ? target : 'package'
}

const files = HOUSE.flatMap((room) => [...sources(join(root, room))].map((path) => ({ room, path })))

describe('the house', () => {
  it.each(HOUSE)('%s looks into the rooms below it only', (room) => {
    const wrong = files
      .filter((file) => file.room === room)
      .flatMap(({ path }) =>
        importsOf(path)
          .filter((from) => {
            const target = roomOf(path, from)
            return target !== 'package' && !MAY[room].includes(target)
          })
          .map((from) => `${relative(root, path)} imports ${from}`),
      )
    expect(wrong).toEqual([])
  })

  it('core asks nothing of outside but days, fractions and a queue', () => {
    const packages = files
      .filter(({ room }) => room === 'core')
      .flatMap(({ path }) =>
        importsOf(path).filter((from) => roomOf(path, from) === 'package' && !from.startsWith('.')),
      )
    expect([...new Set(packages)].sort()).toEqual(['dayjs', 'fraction.js', 'tinyqueue'])
  })

  it('core makes no time, no chance and no identity of its own', () => {
    const made = files.filter(
      ({ room, path }) =>
        room === 'core' &&
        /\b(Date\.now|new Date|Math\.random|randomUUID|performance\.now)\b/.test(readFileSync(path, 'utf8')),
    )
    expect(made.map(({ path }) => relative(root, path))).toEqual([])
  })

  it('renders no markup from people', () => {
    expect(
      files
        .filter(({ path }) => /v-html|innerHTML/.test(readFileSync(path, 'utf8')))
        .map(({ path }) => relative(root, path)),
    ).toEqual([])
  })

  it('every view of the list has its folder and page, every address its view', () => {
    const folders = readdirSync(join(root, 'app/views'))
    const withPage = folders.filter((folder) => existsSync(join(root, 'app/views', folder, 'Page.vue')))
    expect(withPage.sort()).toEqual([...Object.keys(VIEWS), 'nowhere'].sort())
    // The rest are pieces of one: a visit's, a book's.
    expect(folders.filter((folder) => !withPage.includes(folder))).toEqual([])
    const older = ['frames', 'frames/*', 'hives/*', 'lift', 'lift/*', 'log', 'log/*', 'shed', 'visit/*', 'year']
    expect([...Object.values(VIEWS).map(({ page }) => page), ...older].sort()).toEqual([...PAGES].sort())
  })

  it('every schema is built on our own sentences', () => {
    const direct = files.filter(
      ({ room, path }) =>
        room !== 'core' &&
        relative(root, path) !== 'shared/yup.ts' &&
        /^import (?!type).*from 'yup'/m.test(readFileSync(path, 'utf8')),
    )
    expect(direct.map(({ path }) => relative(root, path))).toEqual([])
  })

  it('keeps its demo file as its stories write it', async () => {
    const { demoPlan } = await import('../../../demo/make-demo')
    expect(JSON.parse(readFileSync(join(root, 'demo/demo-plan.json'), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(demoPlan())),
    )
  })
})

describe('who needs whom', () => {
  const { floors, doors } = rooms
  const ofCore = (path: string) => relative(join(root, 'core'), path).split('/')

  /** What a file takes from a room of core that is not its own, types counted: the room, and the way into it. */
  const crossings = files.flatMap(({ path }) =>
    importsOf(path).flatMap((from) => {
      const target = from.startsWith('#core/') ? join(root, 'core', from.slice(6)) : resolve(dirname(path), from)
      if (!target.startsWith(join(root, 'core') + '/')) return []
      const [own, [room, ...way]] = [path.startsWith(join(root, 'core')) ? ofCore(path)[0] : undefined, ofCore(target)]
      return room === own ? [] : [{ path: relative(root, path), own, room: room!, way: [room, ...way].join('/') }]
    }),
  )

  it('every room of core stands on a floor, and asks those below it only, types counted', () => {
    const found = new Set([...sources(join(root, 'core'))].map((path) => ofCore(path)[0]))
    expect([...found].sort()).toEqual([...floors].sort())
    expect(crossings.length).toBeGreaterThan(1000)
    expect(
      crossings.filter(({ own, room }) => own !== undefined && floors.indexOf(room) > floors.indexOf(own)),
    ).toEqual([])
  })

  it('a room of core is entered by its index, or by a door that it names', () => {
    const open = new Set([...floors, ...Object.keys(doors)])
    expect(crossings.filter(({ way }) => !open.has(way))).toEqual([])
    expect(Object.keys(doors).filter((door) => !crossings.some(({ way }) => way === door))).toEqual([])
  })

  it('a type has a name of its own: none is exported from two files', () => {
    const named = new Map<string, string[]>()
    for (const { room, path } of files) {
      if (room === 'scripts' || room === 'demo') continue
      const exported = readFileSync(path, 'utf8').matchAll(/^export (?:declare )?(?:type|interface|class) (\w+)/gm)
      for (const [, name] of exported) named.set(name!, [...(named.get(name!) ?? []), relative(root, path)])
    }
    expect(named.size).toBeGreaterThan(300)
    expect([...named].filter(([, where]) => new Set(where).size > 1)).toEqual([])
  })

  /** What a file of core takes values from, types left out. */
  function valuesOf(path: string): string[] {
    return [...readFileSync(path, 'utf8').matchAll(/^(?:import|export) (?!type )([^']*?)from '(\.[^']+)'/gm)].flatMap(
      ([, names, from]) => {
        const list = names!
          .replace(/[{}]/g, '')
          .split(',')
          .map((name) => name.trim())
          .filter(Boolean)
        if (names!.trim().startsWith('{') && list.every((name) => name.startsWith('type '))) return []
        const target = resolve(dirname(path), from!)
        return [`${target}.ts`, join(target, 'index.ts')].filter((one) => core.has(one)).slice(0, 1)
      },
    )
  }
  const core = new Set([...sources(join(root, 'core'))])

  it('no value of core is needed in a circle', () => {
    const needs = new Map([...core].map((path) => [path, valuesOf(path)]))
    const done = new Set<string>()
    const circles: string[] = []
    const follow = (path: string, way: readonly string[]) => {
      if (way.includes(path))
        return void circles.push([...way.slice(way.indexOf(path)), path].map((one) => relative(root, one)).join(' → '))
      if (done.has(path)) return
      for (const next of needs.get(path) ?? []) follow(next, [...way, path])
      done.add(path)
    }
    for (const path of core) follow(path, [])
    expect([...needs.values()].flat().length).toBeGreaterThan(200)
    expect(circles).toEqual([])
  })
})
