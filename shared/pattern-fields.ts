import { decimal, whole } from './fields'

/** What is asked of a pattern of one’s own: on the wire, and in the field it is typed in. */
export const frameCountSchema = whole(1, 40)
/** Resistance of a slab as its maker gives it, in m²K/W. */
export const rValueSchema = decimal(0.01, 50)
