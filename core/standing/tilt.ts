/** What a level reading means. */
export type TiltMeaning = 'level' | 'forward' | 'far-forward' | 'back' | 'sideways'

/** More than this sideways shows in foundationless comb: 2 mm in 400 across the frames (common practice). */
const SIDEWAYS_MOST = 2 / 400
/** A little forward sheds rain; more than this lets frames swing (from memory). */
const FORWARD_MOST = 20 / 500

/**
 * What a hive out of level means: forward sheds rain, back is for drain frames only, sideways lets comb hang crooked.
 * @param alongMm how much lower the entrance is than the back, over `overMm`
 * @param acrossMm how much one side is lower than the other, over `overMm`
 */
export function tiltMeaning(
  alongMm: number,
  acrossMm: number,
  overMm: number,
  drainFrames: boolean,
): { readonly along: TiltMeaning; readonly across: TiltMeaning; readonly good: boolean } {
  const along: TiltMeaning =
    alongMm / overMm > FORWARD_MOST ? 'far-forward' : alongMm > 0 ? 'forward' : alongMm < 0 ? 'back' : 'level'
  const across: TiltMeaning = Math.abs(acrossMm) / overMm > SIDEWAYS_MOST ? 'sideways' : 'level'
  const alongGood = drainFrames ? along === 'back' || along === 'level' : along === 'forward' || along === 'level'
  return { along, across, good: alongGood && across === 'level' }
}
