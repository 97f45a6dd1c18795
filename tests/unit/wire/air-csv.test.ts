import { describe, expect, it } from 'vitest'
import { airRowProblemInWords, airRowReader, type AirMapping } from '#wire/air-csv'

const NOW = Date.UTC(2026, 0, 31)
const MAPPING: AirMapping = {
  timeColumn: 'when',
  warmColumn: 't',
  dampColumn: 'rh',
  unit: 'C',
  decimal: '.',
  zone: 'UTC',
}
const read = (row: Record<string, string>, mapping: Partial<AirMapping> = {}) =>
  airRowReader({ ...MAPPING, ...mapping }, NOW)({ when: '2026-01-10 06:00', t: '4.5', rh: '70', ...row })

describe('readings of the air in files', () => {
  it('are read with their unit, sign, humidity and clock', () => {
    expect(read({})).toEqual({
      ok: true,
      reading: { at: '2026-01-10T06:00:00.000Z', celsius: 4.5, humidityPercent: 70 },
    })
    expect(read({ t: '40.1 °F' }, { unit: 'F' })).toMatchObject({ reading: { celsius: 4.5 } })
    expect(read({ t: '−4,5', rh: '70,5 %' }, { decimal: ',' })).toMatchObject({
      reading: { celsius: -4.5, humidityPercent: 70.5 },
    })
    expect(read({ rh: '' })).toMatchObject({ reading: { humidityPercent: null } })
    expect(read({}, { dampColumn: '' })).toMatchObject({ reading: { humidityPercent: null } })
    expect(read({ when: '2026-01-10 06:00' }, { zone: 'America/New_York' })).toMatchObject({
      reading: { at: '2026-01-10T11:00:00.000Z' },
    })
  })

  it.each([
    [{ t: 'warm' }, {}, 'no-warmth'],
    [{ t: '4,5' }, {}, 'wrong-decimal'],
    [{ t: '40 °F' }, {}, 'other-unit'],
    [{ t: '93' }, {}, 'out-of-range'],
    [{ rh: 'damp' }, {}, 'no-damp'],
    [{ rh: '101' }, {}, 'damp-out'],
    [{ rh: '-1' }, {}, 'damp-out'],
    [{ when: 'yesterday' }, {}, 'no-time'],
    [{ when: '2027-01-10 06:00' }, {}, 'to-come'],
    [{ when: '2025-03-30 01:30' }, { zone: 'Europe/London' }, 'skipped-hour'],
  ] as const)('%j is left out, with a sentence that names the row', (row, mapping, problem) => {
    const answer = read(row, mapping)
    expect(answer).toMatchObject({ ok: false, problem })
    if (!answer.ok) expect(airRowProblemInWords(7, answer)).toMatch(/^Row 7: “.*” .{10,}\.$/)
  })
})
