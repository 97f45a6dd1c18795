import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { loansOf, shedOf, withoutLoan, type Edit } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import type { Submission } from '#wire/edit-schema'
import { inTransaction, openDatabase, type Database } from '../../server/database/client'
import { commitEdits } from '../../server/database/commit'
import { seedFrom } from '../../server/database/seed'
import { settleLoans } from '../../server/database/settle-loans'
import { readYard, setRemoved } from '../../server/database/yards'
import { DEMO, submission } from '../helpers/wire'

const home = mkdtempSync(join(tmpdir(), 'duvet-settled-'))
afterAll(() => rmSync(home, { recursive: true, force: true }))
const LENDER = 'kiln-bank'
const BORROWER = 'sallow-quay'
const NOW = '2026-05-01T12:00:00.000Z'

async function lent(name: string): Promise<{ database: Database; partId: string; send: Send; close: () => void }> {
  const { client, database } = await openDatabase(`file:${join(home, name)}`, '2026-05-01')
  await seedFrom(database, DEMO)
  let n = 0
  const send: Send = async (yardId, edit) => {
    const { revision } = (await readYard(database, yardId))!
    const done = await commitEdits(database, yardId, submission(revision, [edit], [`e${n++}`]) as Submission, NOW)
    expect(done.outcome).toBe('saved')
  }
  const part = shedOf((await readYard(database, LENDER))!.yard)[0]!
  await send(LENDER, deeds.lend([withoutLoan(part)], { yardId: BORROWER, name: 'Sallow Quay', since: '2026-05-01' }))
  return { database, partId: part.id, send, close: () => client.close() }
}
type Send = (yardId: string, edit: Edit) => Promise<void>

/** Takes a yard away, or brings it back as the server does. */
const away = (database: Database, yardId: string, isAway: boolean) =>
  inTransaction(database, async (tx) => {
    await setRemoved(tx, yardId, isAway ? NOW : null)
    if (!isAway) await settleLoans(tx, yardId, NOW)
  })

/** Yards in which a part is at hand: lent it is not. */
async function placesOf(database: Database, partId: string): Promise<string[]> {
  const found: string[] = []
  for (const yardId of [LENDER, BORROWER]) {
    const yard = (await readYard(database, yardId))?.yard
    const isLent = yard && loansOf(yard).lent.some(({ id }) => id === partId)
    if (yard?.parts.some(({ id }) => id === partId) && !isLent) found.push(yardId)
  }
  return found
}

describe('a yard that comes back has its loans settled', () => {
  it('what was taken home while the borrower was away is in one place', async () => {
    const { database, partId, send, close } = await lent('borrower.db')
    expect(await placesOf(database, partId)).toEqual([BORROWER])
    await away(database, BORROWER, true)
    const there = (await readYard(database, LENDER))!.yard.parts.find(({ id }) => id === partId)!
    await send(LENDER, deeds.takeBack([withoutLoan(there)]))
    await away(database, BORROWER, false)
    expect(await placesOf(database, partId)).toEqual([LENDER])
    close()
  })

  it('what was given back while the lender was away is home again', async () => {
    const { database, partId, send, close } = await lent('lender.db')
    await away(database, LENDER, true)
    await send(BORROWER, { kind: 'give-back', partId }).catch(() => {})
    await away(database, LENDER, false)
    const places = await placesOf(database, partId)
    expect(places).toHaveLength(1)
    close()
  })
})
