import dayjs from 'dayjs'

/** A moment as this keeper writes it, by the clock of this machine. */
export function useMoment(): (at: string) => string {
  const preferences = usePreferences()
  return (at) => `${preferences.day(dayjs(at).format('YYYY-MM-DD'))}, ${dayjs(at).format('HH:mm')}`
}
