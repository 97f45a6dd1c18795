import { describe, expect, it } from 'vitest'
import { withClockRight } from '#core/book'
import { entry } from '../../helpers/book'

const THREE_DAYS_MS = 3 * 86_400_000

describe('an entry of a device whose clock was three days behind', () => {
  const made = {
    ...entry('task', '2026-05-28T14:15', { text: 'Mend the roof', by: '2026-06-02' }),
    madeAt: '2026-05-28T13:15:00.000Z',
  }

  it('is about the right day where it was about its own', () => {
    const right = withClockRight(made, THREE_DAYS_MS, '2026-05-28T14:15')
    expect([right.at, right.madeAt]).toEqual(['2026-05-31T14:15', '2026-05-31T13:15:00.000Z'])
    expect({ ...right, at: made.at, madeAt: made.madeAt }).toEqual(made)
  })

  it('keeps a day that was chosen otherwise', () => {
    const lastYear = { ...made, at: '2025-08-01T10:00' }
    expect(withClockRight(lastYear, THREE_DAYS_MS, '2026-05-28T14:15').at).toBe('2025-08-01T10:00')
  })

  it('comes back as it was where the clock is put right and back', () => {
    const there = withClockRight(made, THREE_DAYS_MS, '2026-05-28T14:15')
    expect(withClockRight(there, -THREE_DAYS_MS, '2026-05-31T14:15')).toEqual(made)
  })
})
