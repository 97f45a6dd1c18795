import { describe, expect, it } from 'vitest'
import { isHelpersEdit, type Edit } from '#core/yard'
import { twoHives } from '../../helpers/edits'

const yard = twoHives()
const [hive] = yard.hives
const partId = hive!.stack[0]!.partId
const tick: Edit = { kind: 'set-visit', hiveId: hive!.id, visit: null, doneBefore: null }
const lent = { name: 'Kiln Bank', since: '2026-05-01' }
const takeOff: Edit = { kind: 'take-off', hiveId: hive!.id, partId }
const together = (...edits: Edit[]): Edit => ({ kind: 'batch', edits })

describe('what who helps at a visit may change', () => {
  it.each<[string, Edit, boolean]>([
    ['ticks a step', tick, true],
    ['takes a part off as a step', together(takeOff, tick), true],
    ['takes a part off beside a visit', takeOff, false],
    ['notes what hangs in a box', { kind: 'change-part', partId, change: { contents: [] } }, true],
    ['gives a box another name', { kind: 'change-part', partId, change: { name: 'Mine' } }, false],
    [
      'gives it another name while noting',
      { kind: 'change-part', partId, change: { contents: [], name: 'Mine' } },
      false,
    ],
    ['takes a hive away as a step', together({ kind: 'remove-hive', hiveId: hive!.id }, tick), false],
    ['names the yard as a step', together({ kind: 'set-yard', name: 'Mine' }, tick), false],
    ['hides it in a batch within a batch', together(tick, together({ kind: 'set-yard', name: 'Mine' })), false],
    ['lends what lies in the shed', { kind: 'lend-part', part: { ...yard.parts[0]!, lent } }, true],
    ['gives back what was borrowed', { kind: 'give-back', partId }, true],
    ['takes a part off to lend it', together(takeOff, { kind: 'lend-part', part: yard.parts[0]! }), false],
    ['does nothing at all', together(), true],
  ])('%s', (_what, edit, isAllowed) => {
    expect(isHelpersEdit(edit)).toBe(isAllowed)
  })
})
