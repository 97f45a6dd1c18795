import { describe, expect, it } from 'vitest'
import { airFile } from '#wire/readings/air-file'
import { weightFile } from '#wire/readings/weight-file'

const WEIGHT = { timeColumn: 'when', kgColumn: 'mass', unit: 'kg', decimal: '.', zone: 'UTC' } as const
const AIR = { timeColumn: 'when', warmColumn: 't', dampColumn: '', unit: 'C', decimal: '.', zone: 'UTC' } as const
const hour = (i: number) => new Date(Date.UTC(2025, 0, 1, i)).toISOString().slice(0, 16).replace('T', ' ')
const never = () => false
const unheard = () => undefined

describe('a file of weighings', () => {
  it('is looked at, read and handed out in pieces; what could not be read is counted and told by its row', async () => {
    const file = weightFile()
    const opened = file.open(`when,mass\n${hour(0)},41.5\n${hour(1)},heavy\n${hour(2)},39.25\n`)
    expect(opened).toMatchObject({ columns: ['when', 'mass'], rows: 3 })
    const read = await file.read(WEIGHT, unheard, never)
    expect(read).toMatchObject({ count: 2, leftOut: 1, doubled: 0, dropped: 0, leastKg: 39.25 })
    expect(read?.problems).toEqual([expect.stringMatching(/3.*heavy/)])
    expect(file.piece(1, 5)).toEqual([{ at: '2025-01-01T02:00:00.000Z', kg: 39.25, method: 'scale' }])
  })

  it('of many rows tells how far it is, and stops when it is told to', async () => {
    const file = weightFile()
    file.open(`when,mass\n${Array.from({ length: 9000 }, (_, i) => `${hour(i)},40`).join('\n')}`)
    const told: number[] = []
    expect(await file.read(WEIGHT, (done) => told.push(done), never)).toMatchObject({ count: 9000 })
    expect(told).toEqual([4000, 8000, 9000])
    expect(await file.read(WEIGHT, unheard, () => true)).toBeNull()
  })

  it('read again with another unit leaves nothing of the first reading', async () => {
    const file = weightFile()
    file.open(`when,mass\n${hour(0)},90\n`)
    await file.read(WEIGHT, unheard, never)
    expect(await file.read({ ...WEIGHT, unit: 'lb' }, unheard, never)).toMatchObject({ count: 1 })
    expect(file.piece(0, 9)).toHaveLength(1)
    expect(file.piece(0, 1)[0]?.kg).toBeCloseTo(40.82, 2)
  })
})

describe('a file of readings of the air', () => {
  it('tells the range, a clock that was put back, and °F that is said to be °C', async () => {
    const file = airFile()
    file.open(`when,t\n${[0, 1, 2, 1, 3].map((at, i) => `${hour(at)},${4 + i}`).join('\n')}`)
    expect(await file.read(AIR, unheard, never)).toMatchObject({
      leastCelsius: 4,
      mostCelsius: 8,
      putBack: 1,
      fahrenheit: false,
    })
    const warm = airFile()
    warm.open(`when,t\n${Array.from({ length: 48 }, (_, i) => `${hour(i)},${48 + (i % 9)}`).join('\n')}`)
    expect(await warm.read(AIR, unheard, never)).toMatchObject({ fahrenheit: true })
  })

  it('without a row that can be read has no range', async () => {
    const file = airFile()
    file.open('when,t\n')
    expect(await file.read(AIR, unheard, never)).toMatchObject({ count: 0, leastCelsius: Infinity })
  })
})
