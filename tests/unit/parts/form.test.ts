import { describe, expect, it } from 'vitest'
import { CATALOGUE, resolvePart, type Content, type Part } from '#core/parts'
import { boxWith } from '../../helpers/frames'

const formOf = (part: Part) => resolvePart(part, CATALOGUE).form
const box = (contents?: readonly Content[]) =>
  boxWith('box-national-brood', 'frame-national-deep', 11, contents ? { contents } : {})
const hung = (...ids: readonly string[]) =>
  ids.map((patternId, place): Content => ({ id: `f${place}`, patternId, place }))

describe('parts of one form', () => {
  it('are cut and filled alike, whoever they are', () => {
    const others = box().contents.map((one) => ({ ...one, id: `other-${one.id}` }))
    expect(formOf({ ...box(others), id: 'other', name: 'Blue lid' })).toBe(formOf(box()))
  })

  it('differ by a size, a place, what hangs there, how it is spaced and a hole', () => {
    const size = { mm: 224, plusMinusMm: 0.5, source: { mark: 'own', text: '' } } as const
    const [first, ...rest] = box().contents
    const all: Part[] = [
      box(),
      { ...box(), measured: { depth: size } },
      box([...rest, { ...first!, place: 11 }]),
      box(rest),
      { ...box(), spacing: { system: 'castellation', count: 11, slack: 'one-side' } },
      { ...box(), hole: 'closed' },
    ]
    expect(new Set(all.map(formOf)).size).toBe(all.length)
  })

  it('are told apart whatever signs stand in an identity', () => {
    const two = box(hung('f', 'g'))
    for (const forged of ['f@0,undefined,undefined|g', 'f",0,null,null],["g', 'f|g', 'f,g'])
      expect(formOf(box(hung(forged)))).not.toBe(formOf(two))
  })
})
