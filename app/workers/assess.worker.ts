import { expose } from 'comlink'
import { assessYard } from '#core/words'

/** The one typed door to the worker that says what is wrong in a yard: small, since the first view waits for it. */
const door = { assessYard }
/** What the worker that assesses hives is asked. */
export type AssessDoor = typeof door

expose(door)
