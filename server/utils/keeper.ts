import { getRequestHost, type H3Event } from 'h3'
import { fieldOf } from '#core/units'
import { mayPlay, type Played } from '#wire/keepers'
import { hasKeepers, keeperOfToken, type Keeper } from '../keepers/accounts'
import { refusal } from './answers'
import { withDatabase } from './database'

declare module 'h3' {
  interface H3EventContext {
    /** Who is signed in; null where nobody has to; undefined where nobody is. */
    keeper?: Keeper | null
  }
}

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1', '[::1]'])
/** Whether only this machine reaches the server. */
export const isLoopbackOnly = () => LOOPBACK.has(process.env.NITRO_HOST ?? process.env.HOST ?? '127.0.0.1')

const SESSION_S = 60 * 86_400
/** Whether the browser reaches this server by a secure line. */
const isSecure = (event: H3Event) =>
  (event.headers.get('x-forwarded-proto') ?? (Object(event.node.req.socket).encrypted ? 'https' : 'http')) === 'https'
const cookie = (event: H3Event) =>
  ({
    maxAge: SESSION_S,
    cookie: {
      httpOnly: true,
      sameSite: 'strict',
      path: '/',
      secure: isSecure(event),
    },
  }) as const

/** The name by which this server was asked, without its port. */
export const hostOf = (event: H3Event) => getRequestHost(event).replace(/:\d+$/, '')

/** Where this server was asked, as a browser writes it. */
export const originOf = (event: H3Event) => `${isSecure(event) ? 'https' : 'http'}://${getRequestHost(event)}`

/** Who is signed in, for what is of nobody else. */
export function whoIsIn(event: H3Event): Keeper {
  const { keeper } = event.context
  if (!keeper) throw refusal(404, { field: 'request', sentence: 'Nobody has to sign in here.' })
  return keeper
}

let someone = false
/** Whether one has to sign in: once a keeper was made, for good. */
export async function mustSignIn(): Promise<boolean> {
  someone ||= await withDatabase(hasKeepers)
  return someone
}

/** Finds out who asks, once for each request. */
export async function knowKeeper(event: H3Event): Promise<Keeper | null | undefined> {
  if (!(await mustSignIn())) return null
  const hasCookie = /(^|;\s*)duvet-session=/.test(event.headers.get('cookie') ?? '')
  if (!hasCookie) return undefined
  const token = fieldOf(await getUserSession(event), 'token')
  if (typeof token !== 'string') return undefined
  return withDatabase((database) => keeperOfToken(database, token, hostOf(event), new Date().toISOString()))
}

/** Seals a session into the cookie of the answer, in the place of any that was there. */
export async function keepSession(event: H3Event, token: string): Promise<void> {
  await replaceUserSession(event, { token }, cookie(event))
}
export async function dropSession(event: H3Event): Promise<void> {
  await clearUserSession(event, cookie(event))
}

const NEEDS: Readonly<Record<Played, string>> = {
  reader: 'reads',
  helper: 'helps',
  keeper: 'keeps it',
  owner: 'owns it',
}

/**
 * Refuses who does not play at least this part in a yard. For whom plays none the yard is not there.
 */
export function mustPlay(event: H3Event, yardId: string, needs: Played): void {
  const { keeper } = event.context
  if (keeper === null) return
  const has = keeper?.plays[yardId]
  if (mayPlay(has, needs)) return
  if (has === undefined) throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
  throw refusal(403, {
    field: 'part',
    sentence: `In this yard you are a ${has}: this is for who ${NEEDS[needs]}. Its owner can give you another part.`,
  })
}

/** Whether who asks plays at least this part in a yard. */
export function plays(event: H3Event, yardId: string, needs: Played): boolean {
  const { keeper } = event.context
  return keeper === null || mayPlay(keeper?.plays[yardId], needs)
}
