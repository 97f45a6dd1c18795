import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newOrderKeys } from '../../../server/database/order-keys'
import { runs } from '../../helpers/runs'

describe('keys of an order', () => {
  it('sort things as they are to stand, keep most keys, and never run out (property)', () => {
    const moves = fc.array(fc.tuple(fc.nat(3), fc.nat(40), fc.nat(40)), { maxLength: 60 })
    fc.assert(
      fc.property(moves, (steps) => {
        let order: string[] = []
        let keys = new Map<string, string>()
        for (const [n, [kind, a, b]] of steps.entries()) {
          if (kind === 0 || order.length === 0) order = order.toSpliced(a % (order.length + 1), 0, `n${n}`)
          else if (kind === 1) order = order.toSpliced(a % order.length, 1)
          else {
            const [moved] = order.splice(a % order.length, 1)
            order = order.toSpliced(b % (order.length + 1), 0, moved!)
          }
          const fresh = newOrderKeys(order, keys)
          expect(fresh.size).toBeLessThanOrEqual(1)
          keys = new Map(order.map((id) => [id, fresh.get(id) ?? keys.get(id)!]))
          expect([...order].sort((x, y) => (keys.get(x)! < keys.get(y)! ? -1 : 1))).toEqual(order)
        }
      }),
      { numRuns: runs(200) },
    )
  })

  it('removing the first of a thousand gives no new key; putting the last first gives one', () => {
    const all = Array.from({ length: 1000 }, (_, i) => `h${i}`)
    const keys = newOrderKeys(all, new Map())
    expect(newOrderKeys(all.slice(1), keys).size).toBe(0)
    expect([...newOrderKeys([all.at(-1)!, ...all.slice(0, -1)], keys).keys()]).toEqual(['h999'])
  })
})
