/** A cell of a plane: conductivity in W/(m·K), or where it is no body, the air it lies in. */
export type Cell = { readonly conducts: number } | 'inside' | 'outside' | 'none'

export interface Plane {
  readonly cells: readonly (readonly Cell[])[]
  /** Size of a cell, m. */
  readonly size: number
  readonly inside: { readonly celsius: number; readonly m2KPerW: number }
  readonly outside: { readonly celsius: number; readonly m2KPerW: number }
}

/**
 * Steady heat through a plane by finite volumes, over-relaxed: temperatures of its cells, and W for each m of depth that
 * comes in from inside and goes out. Edges of the plane let nothing through.
 */
export function heatThrough({ cells, size, inside, outside }: Plane, rounds = 4000) {
  const [rows, columns] = [cells.length, cells[0]!.length]
  const t = cells.map((row) => row.map(() => (inside.celsius + outside.celsius) / 2))
  const at = (i: number, j: number): Cell => cells[i]?.[j] ?? 'none'
  /** Conductance to a neighbour, W/(m·K) of depth, and its temperature. */
  const link = (own: number, i: number, j: number): readonly [number, number] => {
    const other = at(i, j)
    if (other === 'none') return [0, 0]
    if (other === 'inside') return [size / (size / 2 / own + inside.m2KPerW), inside.celsius]
    if (other === 'outside') return [size / (size / 2 / own + outside.m2KPerW), outside.celsius]
    return [1 / (0.5 / own + 0.5 / other.conducts), t[i]![j]!]
  }
  const around = (i: number, j: number) =>
    [
      [i - 1, j],
      [i + 1, j],
      [i, j - 1],
      [i, j + 1],
    ] as const
  for (let round = 0; round < rounds; round++)
    for (let i = 0; i < rows; i++)
      for (let j = 0; j < columns; j++) {
        const cell = at(i, j)
        if (typeof cell === 'string') continue
        let [sum, weight] = [0, 0]
        for (const [y, x] of around(i, j)) {
          const [conductance, celsius] = link(cell.conducts, y, x)
          sum += conductance * celsius
          weight += conductance
        }
        t[i]![j]! += 1.85 * (sum / weight - t[i]![j]!)
      }
  let [comes, goes] = [0, 0]
  cells.forEach((row, i) =>
    row.forEach((cell, j) => {
      if (typeof cell === 'string') return
      for (const [y, x] of around(i, j)) {
        const [conductance, celsius] = link(cell.conducts, y, x)
        if (at(y, x) === 'inside') comes += conductance * (celsius - t[i]![j]!)
        if (at(y, x) === 'outside') goes += conductance * (t[i]![j]! - celsius)
      }
    }),
  )
  return { celsius: t, comesWattsPerM: comes, goesWattsPerM: goes }
}
