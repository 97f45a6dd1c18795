import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openDatabase, type OpenDatabase } from '../../server/database/client'
import { addKeeper } from '../../server/keepers/accounts'
import {
  addPasskey,
  askFor,
  countUse,
  dropPasskey,
  passkeyNamed,
  passkeysOf,
  wasAskedFor,
} from '../../server/keepers/passkeys'
import { newPasskeySchema, passkeySchema } from '#wire/keeper-schema'

const NOW = '2026-05-01T12:00:00.000Z'
const LATER = '2026-05-01T12:05:01.000Z'
const home = mkdtempSync(join(tmpdir(), 'duvet-passkeys-'))
let open: OpenDatabase
beforeAll(async () => {
  open = await openDatabase(`file:${join(home, 'keys.db')}`, '2026-05-01')
  for (const id of ['ann', 'ben']) await addKeeper(open.database, { id, name: id, passHash: `hash of ${id}`, now: NOW })
})
afterAll(() => {
  open.client.close()
  rmSync(home, { recursive: true, force: true })
})
const key = (id: string, keeperId = 'ann') => ({
  id,
  keeperId,
  publicKey: 'pQECAyYgASFYIA',
  counter: 0,
  transports: ['internal'],
  host: 'localhost',
  madeAt: NOW,
  device: 'phone',
})

describe('what a device is to sign', () => {
  it('is signed once', async () => {
    await askFor(open.database, 'once', 'ann', NOW)
    expect(await wasAskedFor(open.database, 'once', 'ann', NOW)).toBe(true)
    expect(await wasAskedFor(open.database, 'once', 'ann', NOW)).toBe(false)
  })

  it('is signed by whom it was asked of, soon, and as it was asked', async () => {
    await askFor(open.database, 'hers', 'ann', NOW)
    await askFor(open.database, 'anybody', '', NOW)
    expect(await wasAskedFor(open.database, 'hers', 'ben', NOW)).toBe(false)
    expect(await wasAskedFor(open.database, 'hers', '', NOW)).toBe(false)
    expect(await wasAskedFor(open.database, 'anybody', 'ann', NOW)).toBe(false)
    expect(await wasAskedFor(open.database, 'never asked', '', NOW)).toBe(false)
    expect(await wasAskedFor(open.database, 'hers', 'ann', LATER)).toBe(false)
  })

  it('stands in the database as its hash, and goes when its time is over', async () => {
    await askFor(open.database, 'a secret that is signed', '', NOW)
    const rows = async () => JSON.stringify((await open.client.execute('SELECT * FROM passkey_challenges')).rows)
    expect(await rows()).not.toContain('a secret that is signed')
    await askFor(open.database, 'another', '', LATER)
    expect((await open.client.execute('SELECT count(*) AS n FROM passkey_challenges')).rows[0]).toMatchObject({ n: 1 })
  })
})

describe('keys of keepers', () => {
  it('are kept once, shown without what verifies them, and dropped by whose they are', async () => {
    expect(await addPasskey(open.database, key('one'))).toBe(true)
    expect(await addPasskey(open.database, key('one', 'ben'))).toBe(false)
    expect(await passkeysOf(open.database, 'ann')).toEqual([
      { id: 'one', madeAt: NOW, device: 'phone', host: 'localhost' },
    ])
    await countUse(open.database, 'one', 7)
    expect(await passkeyNamed(open.database, 'one')).toMatchObject({ name: 'ann', key: { counter: 7 } })
    expect(await dropPasskey(open.database, 'ben', 'one')).toBe(false)
    expect(await dropPasskey(open.database, 'ann', 'one')).toBe(true)
    expect(await passkeyNamed(open.database, 'one')).toBeUndefined()
  })

  it('are twenty at most', async () => {
    for (let n = 0; n < 20; n++) expect(await addPasskey(open.database, key(`k${n}`, 'ben'))).toBe(true)
    expect(await addPasskey(open.database, key('one too many', 'ben'))).toBe(false)
    expect(await passkeysOf(open.database, 'ben')).toHaveLength(20)
  })
})

describe('what is sent of a key', () => {
  const signed = {
    id: 'AA',
    rawId: 'AA',
    type: 'public-key',
    clientExtensionResults: {},
    response: { clientDataJSON: 'AA', authenticatorData: 'AA', signature: 'AA', userHandle: null },
  }
  const made = { ...signed, response: { clientDataJSON: 'AA', attestationObject: 'AA', transports: ['internal'] } }
  it.each<[string, boolean, unknown]>([
    ['a key as a browser sends it', true, { signed }],
    ['with more than is asked for', true, { signed: { ...signed, authenticatorAttachment: 'platform' } }],
    ['without its signature', false, { signed: { ...signed, response: { ...signed.response, signature: undefined } } }],
    ['with what is no base64url', false, { signed: { ...signed, id: '<b>' } }],
    ['too long', false, { signed: { ...signed, id: 'A'.repeat(2000) } }],
    ['of another sort', false, { signed: { ...signed, type: 'password' } }],
    ['as a list', false, { signed: [signed] }],
    ['not at all', false, {}],
  ])('%s is taken: %s', (_what, isTaken, sent) => {
    expect(passkeySchema.isValidSync(sent)).toBe(isTaken)
  })

  it.each<[string, boolean, unknown]>([
    ['a new key with the name of its device', true, { device: 'phone', made }],
    [
      'with a way to it that there is not',
      false,
      { device: 'phone', made: { ...made, response: { ...made.response, transports: ['pigeon'] } } },
    ],
    ['with a name without end', false, { device: 'x'.repeat(200), made }],
  ])('%s is taken: %s', (_what, isTaken, sent) => {
    expect(newPasskeySchema.isValidSync(sent)).toBe(isTaken)
  })
})
