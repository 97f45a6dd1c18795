import { describe, expect, it } from 'vitest'
import { USUAL_PROFILE } from '#core/loads'
import { readProfile } from '#wire/profile-schema'

const READER = { units: 'mm', vocabulary: 'british' } as const
const read = (value: unknown) => readProfile(typeof value === 'string' ? value : JSON.stringify(value), READER)

describe('a lifting profile from a file', () => {
  it('comes back as it was saved', () => {
    expect(read(USUAL_PROFILE)).toEqual({ ok: true, value: USUAL_PROFILE })
    const measured = { ...USUAL_PROFILE, shoulderMm: 1380, people: 2, putDown: 'second-stand' }
    expect(read(measured)).toEqual({ ok: true, value: measured })
  })

  it.each([
    ['not JSON', 'height: 170', /not JSON/],
    ['another file', { format: 'plan' }, /^The file is no profile/],
    ['a text where a figure belongs', { ...USUAL_PROFILE, statureMm: '1700' }, /statureMm/],
    ['three people', { ...USUAL_PROFILE, people: 3 }, /people/],
    ['an elbow above the shoulder', { ...USUAL_PROFILE, elbowMm: 1600 }, /does not lie between/],
    ['a giant', { ...USUAL_PROFILE, statureMm: 3000 }, /Body height/],
    ['something more', { ...USUAL_PROFILE, name: 'x' }, /does not have: name/],
  ])('says what is wrong with %s', (_name, value, sentence) => {
    const answer = read(value)
    expect(answer.ok).toBe(false)
    expect(answer.ok ? '' : answer.problem.sentence).toMatch(sentence)
  })
})
