import { detach } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { fittingsOf } from './at-the-door'

/** Bees shut in where the hive stands. */
export const SHUT_IN: Rule<'season.shut-in'> = {
  id: 'season.shut-in',
  of: 'bees',
  when: ({ isOnTheRoad }) => !isOnTheRoad,
  find: (measured) => {
    const shut = fittingsOf(measured).filter(({ pattern }) => pattern.use === 'shut')
    return oneOf(
      shut.length > 0 && {
        severity: 'stop',
        partIds: shut.map(({ part }) => part.id),
        ways: () => shut.map((one) => detach(measured.assembled.hive, one)),
      },
    )
  },
}
