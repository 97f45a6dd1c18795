import { defineEventHandler } from 'h3'
import { passkeysOf } from '../../../keepers/passkeys'
import { withDatabase } from '../../../utils/database'
import { whoIsIn } from '../../../utils/keeper'

/** The keys of who is signed in. */
export default defineEventHandler((event) => withDatabase((database) => passkeysOf(database, whoIsIn(event).id)))
