import { comparableMm } from '../../units'
import type { Edit } from '../edits/edit'
import type { Hive } from '../model/yard'

/** What a finding is known by when it is accepted. */
interface Accepted {
  readonly key: string
  readonly measured: { readonly mm: number } | null
}

/** Puts up with a finding, for a reason, as long as its figure stays. */
export function accept({ id }: Hive, { key, measured }: Accepted, reason: string): Edit {
  return {
    kind: 'accept-finding',
    hiveId: id,
    acceptance: { findingKey: key, measuredMm: measured ? comparableMm(measured.mm) : null, reason },
  }
}

/** Takes an acceptance back. */
export function withdraw({ id }: Hive, { key }: Pick<Accepted, 'key'>): Edit {
  return { kind: 'withdraw-acceptance', hiveId: id, findingKey: key }
}
