import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoPlan } from '../../../demo/make-demo'
import { nextTick } from 'vue'
import { inOrder, partIdsOf } from '#core/yard'
import type { Part } from '#core/parts'
import { remediesOf } from '#core/rules'
import { storage } from '../../helpers/storage'
import { useFrames } from '~/views/frames/store'
import { useYards } from '~/stores/yards'

const [sallow, kiln] = demoPlan().yards

beforeEach(async () => {
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    const body =
      path === '/api/yards'
        ? [sallow, kiln].map((yard) => ({ yard, revision: 0 }))
        : init?.method === 'POST'
          ? { revision: 1 }
          : []
    return Promise.resolve(new Response(JSON.stringify(body)))
  })
  setActivePinia(createPinia())
  await useYards().load()
})

function open(hiveName: string, layer: number): ReturnType<typeof useFrames> {
  const yard = useYards().yards.find(({ hives }) => hives.some(({ name }) => name === hiveName))!
  const hive = yard.hives.find(({ name }) => name === hiveName)!
  const frames = useFrames()
  frames.open(hive.stack[layer]!.partId)
  return frames
}
const contents = (part: Part | undefined) => inOrder(part!).map(({ id }) => id)

describe('the box from above', () => {
  it('names the box by its hive and knows its role', () => {
    const frames = open('Twill', 2)
    expect([frames.name, frames.use, frames.gaps.length]).toEqual(['brood box of Twill', 'brood', 13])
  })

  it('touches the hive that the box stands on and no other', () => {
    const before = useYards().yards[1]
    const frames = open('Twill', 4)
    frames.select(contents(frames.part))
    frames.paint({ holds: 'empty' })
    expect(frames.part!.contents.every(({ holds }) => holds === 'empty')).toBe(true)
    expect(useYards().yards[1]).toBe(before)
    const others = useYards().yards[0]!.parts.filter(({ id }) => id !== frames.partId)
    expect(others).toEqual(sallow!.parts.filter(({ id }) => id !== frames.partId))
  })

  it('moves a frame with its state between boxes in one step, and both come back with one undo', () => {
    const frames = open('Twill', 5)
    const other = useYards().yards[0]!.parts.find(({ id }) => id === sallow!.hives[0]!.stack[4]!.partId)!
    const id = contents(frames.part)[2]!
    frames.select([id])
    expect(frames.putInto(other)).toBe(false)
    expect(frames.problem).toMatch(/no room for one more/)
    frames.open(other.id)
    frames.select([contents(other)[0]!])
    frames.takeOut()
    frames.open(sallow!.hives[0]!.stack[5]!.partId)
    frames.select([id])
    expect(frames.putInto(useYards().yards[0]!.parts.find((part) => part.id === other.id)!)).toBe(true)
    const now = useYards().yards[0]!.parts.find((part) => part.id === other.id)!
    expect(now.contents.find((content) => content.id === id)).toMatchObject({ place: 0, holds: 'nectar' })
    useYards().undo('sallow-quay')
    expect(frames.part!.contents.some((content) => content.id === id)).toBe(true)
    expect(useYards().yards[0]!.parts.find((part) => part.id === other.id)!.contents).toHaveLength(10)
  })

  it('keeps only what still hangs there selected, and changes nothing for nothing', async () => {
    const frames = open('Calico', 4)
    const [first, second] = contents(frames.part)
    frames.select([first!, second!])
    frames.takeOut()
    await nextTick()
    expect(frames.selected.size).toBe(0)
    expect(frames.takeOut()).toBe(false)
    const before = frames.part
    frames.change({ ...before! })
    expect(frames.part).toBe(before)
  })

  it('steps one place, or five millimetres by hand, and stays within the box', () => {
    const frames = open('Calico', 4)
    const [first, second] = contents(frames.part)
    frames.select([first!])
    frames.step(-1)
    expect(contents(frames.part)[0]).toBe(first)
    frames.step(1)
    expect(contents(frames.part).slice(0, 2)).toEqual([second, first])
    frames.change({ ...frames.part!, spacing: { system: 'by-hand', slack: 'spread' } })
    const at = frames.across!.places.find(({ content }) => content.id === first)!.centreMm
    frames.step(1)
    expect(frames.across!.places.find(({ content }) => content.id === first)!.centreMm).toBeCloseTo(at + 5, 1)
  })

  it('shows a way out without making it', () => {
    const frames = open('Corduroy', 6)
    const finding = frames.findings.find(({ rule }) => rule === 'frames.undrawn-wide')!
    frames.look(remediesOf(finding)[0]!.edit)
    expect(frames.shown!.spacing!.system).toBe('touching')
    expect(frames.part!.spacing!.system).toBe('spacer')
    expect(frames.findings.map(({ rule }) => rule)).toContain('frames.undrawn-wide')
    frames.look(null)
    expect(frames.shown).toBe(frames.part)
  })

  it('tells the same of a box in the shed, and of one that is not there nothing', () => {
    const frames = useFrames()
    const placed = new Set(kiln!.hives.flatMap(partIdsOf))
    const drain = kiln!.parts.find(({ patternId, id }) => patternId === 'box-drain-super' && !placed.has(id))!
    frames.open(drain.id)
    expect(frames.name).toBe('Drain-frame super in the shed')
    expect(frames.findings).toEqual([])
    frames.open('nothing')
    expect([frames.part, frames.gaps.length, frames.hang('frame-drain', { place: 0 })]).toEqual([undefined, 0, false])
  })
})
