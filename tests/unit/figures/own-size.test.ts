import { describe, expect, it } from 'vitest'
import { CATALOGUE, find, otherWithSize } from '#core/parts'

const deep = find(CATALOGUE, { kind: 'box', format: 'langstroth-10', size: 'deep' })!
const medium = find(CATALOGUE, { kind: 'box', format: 'langstroth-10', size: 'medium' })!

describe('a size that is another pattern’s own', () => {
  it('is known as that one’s', () => {
    expect(otherWithSize(CATALOGUE, medium, 'depth', 9.625 * 25.4, 0.8)?.id).toBe(deep.id)
    expect(otherWithSize(CATALOGUE, deep, 'depth', 6.625 * 25.4, 0.8)?.id).toBe(medium.id)
  })

  it('is nobody’s where the part has it itself, where no part has it, and where no part of the format has it', () => {
    expect(otherWithSize(CATALOGUE, deep, 'depth', 9.625 * 25.4, 0.8)).toBeUndefined()
    expect(otherWithSize(CATALOGUE, deep, 'depth', 200, 0.5)).toBeUndefined()
    const national = find(CATALOGUE, { kind: 'box', format: 'national', size: 'deep' })!
    expect(otherWithSize(CATALOGUE, deep, 'depth', national.dimensions.depth.mm, 0.5)).toBeUndefined()
  })
})
