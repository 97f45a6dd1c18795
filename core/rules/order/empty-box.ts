import { isBox } from '../../parts'
import { takeOff } from '../remedies'
import type { Rule } from '../rule'

/** A box with nothing in it. */
export const EMPTY_BOX: Rule<'order.empty-box'> = {
  id: 'order.empty-box',
  of: 'stack',
  find: ({ layout, assembled }) =>
    layout.parts
      .filter((box) => isBox(box) && box.part.contents.length === 0 && !box.pattern.sections)
      .map((box) => ({ severity: 'note', partIds: [box.part.id], ways: () => [takeOff(assembled.hive, box)] })),
}
