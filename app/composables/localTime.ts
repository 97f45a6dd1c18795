import dayjs from 'dayjs'

/** The moment by this machine’s clock, as entries have it: `2026-05-31T14:15`. */
export const localNow = () => dayjs().format('YYYY-MM-DDTHH:mm')
/** Today by this machine’s clock. */
export const localToday = () => dayjs().format('YYYY-MM-DD')
/** The day and the time of a moment by this machine’s clock. */
export const dayOf = (moment: string) => dayjs(moment).format('YYYY-MM-DD')
export const clockOf = (moment: string) => dayjs(moment).format('HH:mm')
