/** A first hive of each format, as a newcomer buys it: pattern and role, from the ground up (common practice). */
export const STARTS: Readonly<
  Record<'langstroth' | 'national' | 'empty', readonly (readonly [patternId: string, role?: 'brood'])[]>
> = {
  langstroth: [
    ['stand-timber-200'],
    ['floor-mesh-langstroth'],
    ['box-langstroth-deep', 'brood'],
    ['crown-langstroth'],
    ['roof-telescoping-langstroth'],
  ],
  national: [
    ['stand-timber-200'],
    ['floor-mesh-national'],
    ['box-national-brood', 'brood'],
    ['crown-national'],
    ['roof-telescoping-national'],
  ],
  empty: [],
}
