import { describe, expect, it } from 'vitest'
import { assessHive } from '#core/rules'
import { ANY_TIME, stagesOf, writeYear, yardAsPlanned } from '#core/year'
import { emptyYard, type Hive, type Placement } from '#core/yard'
import type { Part } from '#core/parts'

const NONE = { mm: 0, plusMinusMm: 0, source: { mark: 'own' as const, text: 'any' } }
const placed = (partId: string): Placement => ({ turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 }, partId })
const part = (id: string, patternId: string): Part => ({ id, patternId, contents: [], hasHeld: [] })

describe('a box that was measured to have no room in it', () => {
  it('keeps nothing from being worked out: there is no room for a colony, so nothing drips', () => {
    const box = part('p0', 'box-national-brood')
    const hive: Hive = {
      id: 'h0',
      name: 'Twill',
      stage: 'settling',
      note: '',
      stack: [placed('p0'), placed('p1')],
      attachments: [],
      accepted: [],
      season: { way: { broodForm: 'double', winterSize: 'one' } },
    }
    const parts = [
      { ...box, measured: { insideWidth: NONE, restDepth: NONE, boardThickness: NONE } },
      part('p1', 'stand-timber-200'),
    ]
    const yard = { ...emptyYard('yard', 'Any'), season: {}, hives: [hive], parts }
    for (const { stages } of writeYear(yard, [...stagesOf(yard), ...ANY_TIME]))
      for (const one of stages.values()) {
        const planned = yardAsPlanned(yard, one)
        const { findings } = assessHive(planned, planned.hives[0]!, undefined, { planned: true })
        expect(findings.map(({ rule }) => rule)).not.toContain('season.bare-top')
      }
  })
})
