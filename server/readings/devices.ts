import { and, eq, isNull, lte } from 'drizzle-orm'
import type { LowBattery } from '#core/book'
import { SHIPPED_FIGURES } from '#core/figures'
import type { HiveOfYard } from '#core/yard'
import type { ListedDevice } from '#wire/answers'
import type { ReadingKind } from '#wire/readings/kinds'
import type { Database } from '../database/client'
import { devices } from '../database/schema'
import type { Writer } from '../database/yards'

/** A device as it is kept. */
export type DeviceRow = typeof devices.$inferSelect

/** A new device at a hive. */
export async function addDevice(
  database: Writer,
  device: Pick<DeviceRow, 'id' | 'yardId' | 'hiveId' | 'kind' | 'place' | 'name' | 'keyHex'>,
): Promise<void> {
  await database.insert(devices).values(device)
}

export async function findDevice(database: Writer, id: string): Promise<DeviceRow | undefined> {
  const [device] = await database
    .select()
    .from(devices)
    .where(and(eq(devices.id, id), isNull(devices.retiredAt)))
  return device
}

/** The devices of a kind at a hive, without their keys. */
export async function devicesOf(
  database: Database,
  { yardId, hiveId }: HiveOfYard,
  kind: ReadingKind,
): Promise<ListedDevice[]> {
  return database
    .select({
      id: devices.id,
      place: devices.place,
      name: devices.name,
      batteryPercent: devices.batteryPercent,
      seenAt: devices.seenAt,
    })
    .from(devices)
    .where(
      and(eq(devices.yardId, yardId), eq(devices.hiveId, hiveId), eq(devices.kind, kind), isNull(devices.retiredAt)),
    )
}

/** Notes what a device has sent last. */
export async function noteReport(
  database: Writer,
  id: string,
  sent: Pick<DeviceRow, 'lastSequence' | 'batteryPercent' | 'seenAt'>,
): Promise<void> {
  await database.update(devices).set(sent).where(eq(devices.id, id))
}

/** Devices stand with their hive: what they report from now on is of where it stands. */
export async function moveDevices(tx: Writer, from: HiveOfYard, to: HiveOfYard): Promise<void> {
  await tx
    .update(devices)
    .set({ yardId: to.yardId, hiveId: to.hiveId })
    .where(and(eq(devices.yardId, from.yardId), eq(devices.hiveId, from.hiveId)))
}

/** Devices of a yard whose battery is low by what they said last. */
export async function lowBatteries(database: Database, yardId: string): Promise<LowBattery[]> {
  const found = await database
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
    )
  return found.flatMap(({ percent, seenAt, ...device }) =>
    percent === null || seenAt === null ? [] : [{ ...device, percent, seenAt }],
  )
}
