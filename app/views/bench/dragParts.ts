import type { ObjectDirective } from 'vue'
import { attachDrag } from './dragPart'

/** Makes every part of a drawing draggable: the part under the pointer is what is picked up. */
export const vDragParts: ObjectDirective<HTMLElement> = {
  mounted(element) {
    attachDrag(element, (target) => {
      const partId = target.closest('[data-part]')?.getAttribute('data-part')
      return partId ? { partId } : undefined
    })
  },
}
