import * as yup from '../yup'

/** At most so many readings at a time; a year of them goes in pieces. */
const MOST_READINGS = 5000

/**
 * A list of readings as files give them: those that are sound at a glance are not gone through field by field; the first
 * that is not sound is told as the whole schema would.
 */
export function soundRows<T extends object>(
  reading: Pick<yup.ObjectSchema<T>, 'validateSync'>,
  isPlainRow: (row: unknown) => boolean,
) {
  return yup
    .mixed<readonly T[]>()
    .defined('${path} is missing: a list')
    .test('rows', function (rows) {
      if (!Array.isArray(rows)) return this.createError({ message: `${this.path} is missing: a list` })
      if (rows.length === 0) return this.createError({ message: `${this.path} is empty` })
      if (rows.length > MOST_READINGS)
        return this.createError({
          message: `${this.path} has more than ${MOST_READINGS} readings: send them in pieces`,
        })
      for (const [i, row] of rows.entries()) {
        if (isPlainRow(row)) continue
        try {
          reading.validateSync(row, { strict: true })
        } catch (error) {
          if (!(error instanceof yup.ValidationError)) throw error
          const path = `${this.path}[${i}]${error.path ? `.${error.path}` : ''}`
          return this.createError({ path, message: error.message.replace(error.path || 'this', path) })
        }
      }
      return true
    })
}
