import { join } from 'node:path'
import dayjs from 'dayjs'
import { restoreFrom } from '../server/database/backup/files'
import { backupFolder } from '../server/database/backup/nightly'
import { addressOf } from '../server/database/client'
import { inWords, orSentence } from './lib/copies'

// npm run restore -- file: puts a copy in the place of what is in the database, in one transaction; what was there is
// kept beside the other copies first. One of another database is put back with --another only. With DUVET_DATABASE at another address it moves a database there.

const evenAnother = process.argv.includes('--another')
const [file] = process.argv.slice(2).filter((word) => word !== '--another')
if (!file) {
  process.stderr.write('Name the copy: npm run restore -- data/backups/duvet-2026-05-01-120000.db\n')
  process.exit(2)
}
const address = addressOf(process.env.DUVET_DATABASE ?? 'file:data/duvet.db')
const before = join(backupFolder(address) ?? 'data/backups', `before-restore-${dayjs().format('YYYY-MM-DD-HHmmss')}.db`)
const counted = await orSentence('Nothing was put back.', () => restoreFrom(file, address, before, { evenAnother }))
process.stdout.write(`Put back: ${inWords(counted)}. What was there before is in ${before}, if there was anything.\n`)
