import { entrySchema } from './book-schema'
import { submittedEditSchema } from './edit-schema'
import { listOf, moment, oneOf, orNull, record, text, whole } from './fields'
import { WAITING_FORMAT, WAITING_VERSION, type WaitingFile, type WaitingWritten } from './waiting-file'
import { weighInsSchema } from './readings/kinds'
import * as yup from './yup'

const oneOfFormat = yup
  .string()
  .strict()
  .required('format is missing')
  .oneOf([WAITING_FORMAT] as const)
const id = () => yup.string().strict().required('${path} is missing').min(1).max(100)
const after = orNull(id())
const MOST = 20_000
/** As many as are sent at once. */
const ENTRIES = 500

const written = yup.lazy((value: unknown): yup.ISchema<WaitingWritten> => {
  const isWeighing = Object(value).sort === 'weighing'
  return isWeighing
    ? record({ yardId: id(), after, sort: oneOf(['weighing']), hiveId: id(), weighIns: weighInsSchema })
    : record({ yardId: id(), after, sort: oneOf(['entries']), entries: listOf(entrySchema, ENTRIES, 1) })
})

export const waitingFileSchema: yup.ObjectSchema<WaitingFile> = record({
  format: oneOfFormat,
  version: yup
    .number()
    .strict()
    .required('version is missing')
    .oneOf([WAITING_VERSION], 'version is not one that this Duvet reads: it is a file of a newer one'),
  device: text(60),
  savedAt: moment(),
  changes: listOf(
    record({
      yardId: id(),
      yardName: text(80),
      baseRevision: whole(0, 1e9),
      entries: listOf(submittedEditSchema, MOST, 1),
    }),
    200,
  ),
  written: listOf(written, MOST),
})
