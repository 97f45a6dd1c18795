/** A face as cold as outside, and one as warm as the air inside. */
const COLDEST = [39, 92, 150] as const
const WARMEST = [196, 62, 40] as const
const BETWEEN = [247, 221, 160] as const

/** The colour of a face by how far it is from outside, 0, to the air inside, 1. */
export function warmth(share: number): string {
  const at = Math.min(1, Math.max(0, share))
  const [from, to, part] = at < 0.5 ? ([COLDEST, BETWEEN, at * 2] as const) : ([BETWEEN, WARMEST, at * 2 - 1] as const)
  return `rgb(${from.map((c, i) => Math.round(c + (to[i]! - c) * part)).join(' ')})`
}
