import { randomBytes } from 'node:crypto'
import { endSessionsOf, keeperByName, setPassphrase } from '../server/keepers/accounts'
import { hashPassphrase } from '../server/keepers/hash'
import { addressOf, inTransaction, openDatabase } from '../server/database/client'
import { orSentence } from './lib/copies'

// npm run keeper -- reset NAME: a new passphrase for a keeper who has forgotten it, made on the server's own machine,
// where whoever may read the database may do so. All devices are signed out.

const [command, ...words] = process.argv.slice(2)
const name = words.join(' ').trim()
if (command !== 'reset' || !name) {
  process.stderr.write('Name the keeper: npm run keeper -- reset NAME\n')
  process.exit(2)
}
const passphrase = randomBytes(12).toString('base64url')
const found = await orSentence('Nothing was changed.', async () => {
  const { client, database } = await openDatabase(
    addressOf(process.env.DUVET_DATABASE ?? 'file:data/duvet.db'),
    new Date().toISOString().slice(0, 10),
  )
  try {
    const keeper = await keeperByName(database, name)
    if (!keeper) return undefined
    const passHash = await hashPassphrase(passphrase)
    await inTransaction(database, async (tx) => {
      await setPassphrase(tx, keeper.id, passHash)
      await endSessionsOf(tx, keeper.id, new Date().toISOString())
    })
    return keeper.name
  } finally {
    client.close()
  }
})
if (found === undefined) {
  process.stderr.write(
    `Nothing was changed. No keeper is called ${name} here: look whether DUVET_DATABASE is the right one.\n`,
  )
  process.exit(1)
}
process.stdout.write(
  `${found} signs in with this passphrase now: ${passphrase}\nChange it under Menu, Keepers. All devices of ${found} were signed out.\n`,
)
