import { and, eq, isNull, lte } from 'drizzle-orm'
import type { LowBattery } from '#core/book'
import { SHIPPED_FIGURES } from '#core/figures'
import type { Database } from './client'
import { scales, sensors } from './schema'

/** Scales and sensors of a yard whose battery is low by what they said last. */
export async function lowBatteries(database: Database, yardId: string): Promise<LowBattery[]> {
  const found = await Promise.all(
    [scales, sensors].map((devices) =>
      database
        .select({
          id: devices.id,
          hiveId: devices.hiveId,
          name: devices.name,
          percent: devices.batteryPercent,
          seenAt: devices.seenAt,
        })
        .from(devices)
        .where(
          and(
            eq(devices.yardId, yardId),
            isNull(devices.retiredAt),
            lte(devices.batteryPercent, SHIPPED_FIGURES.lowBatteryPercent),
          ),
        ),
    ),
  )
  return found
    .flat()
    .flatMap(({ percent, seenAt, ...device }) =>
      percent === null || seenAt === null ? [] : [{ ...device, percent, seenAt }],
    )
}
