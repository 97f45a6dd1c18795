import type { MiteRate, yardMites } from '#core/book'
import { columnsFor } from '~/kit/tableColumn'

type LastCount = ReturnType<typeof yardMites>['last'][number]

const unit = (one: MiteRate['in']) => (one === 'day' ? 'a day' : 'in 100 bees')

/** Every hive as it was last counted. */
export const miteColumns = (nameOf: (hiveId: string) => string, dayInWords: (day: string) => string) =>
  columnsFor<LastCount>(
    { key: 'hive', label: 'Hive', by: ({ hiveId }) => nameOf(hiveId), width: 150 },
    { key: 'day', label: 'Counted', text: ({ day }) => dayInWords(day), by: ({ day }) => day, width: 120 },
    {
      key: 'rate',
      label: 'Mites',
      text: (row) => `${row.rate.toFixed(1)} ${unit(row.in)}`,
      by: ({ rate }) => rate,
      number: true,
    },
    {
      key: 'limit',
      label: 'Limit',
      text: ({ limit }) => String(limit),
      by: ({ limit }) => limit,
      number: true,
      width: 70,
    },
    {
      key: 'over',
      label: 'Verdict',
      text: (row) =>
        (row.underTreatment ? 'under treatment' : row.over ? 'at or over it' : 'under it') +
        (row.beside ? `, by wash; the tray of ${dayInWords(row.beside.day)} says otherwise, and varies more` : ''),
      by: (row) => Number(row.over),
    },
  )
