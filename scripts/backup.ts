import { join } from 'node:path'
import dayjs from 'dayjs'
import { backUpTo } from '../server/database/backup/files'
import { backupFolder } from '../server/database/backup/nightly'
import { addressOf } from '../server/database/client'
import { inWords, orSentence } from './lib/copies'

// npm run backup [-- file]: a consistent copy of the database, also while Duvet runs.

const address = addressOf(process.env.DUVET_DATABASE ?? 'file:data/duvet.db')
const file =
  process.argv[2] ?? join(backupFolder(address) ?? 'data/backups', `duvet-${dayjs().format('YYYY-MM-DD-HHmmss')}.db`)
const counted = await orSentence('No copy was made.', () => backUpTo(address, file))
process.stdout.write(`${file} holds ${inWords(counted)}. It was opened and is whole.\n`)
