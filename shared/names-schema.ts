import { text } from './fields'

/** What a yard, a hive or a pattern of one's own is called: on the wire, and in the field it is typed in. */
export const nameSchema = text(80, 1)
export const noteSchema = text(2000)
/** Why a finding may stay. */
export const reasonSchema = text(500, 1)
