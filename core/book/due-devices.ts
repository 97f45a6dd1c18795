import { SHIPPED_FIGURES } from '../figures'
import type { DueLine } from './due'

/** A scale or a sensor of a hive whose battery runs out. */
export interface LowBattery {
  readonly id: string
  readonly hiveId: string
  readonly name: string
  readonly percent: number
  /** When it last reported. */
  readonly seenAt: string
}

/** Batteries that run out, each from the day on which the device said so. */
export function batteriesDue(devices: readonly LowBattery[]): DueLine[] {
  return devices
    .filter(({ percent }) => percent <= SHIPPED_FIGURES.lowBatteryPercent)
    .map(({ id, hiveId, name, percent, seenAt }) => ({
      id: `battery:${id}:${seenAt.slice(0, 10)}`,
      hiveId,
      day: seenAt.slice(0, 10),
      reason: { due: 'battery', name, percent },
    }))
}
