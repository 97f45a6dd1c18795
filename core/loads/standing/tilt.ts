import type { Figures } from '../../figures'

/** What a level reading means. */
export type TiltMeaning = 'level' | 'forward' | 'far-forward' | 'back' | 'sideways'

/**
 * What a hive out of level means: a little forward sheds rain, more lets frames swing (from memory); back is for drain
 * frames only; sideways lets comb hang crooked, which shows in foundationless comb first (common practice).
 * @param alongMm how much lower the entrance is than the back, over `overMm`
 * @param acrossMm how much one side is lower than the other, over `overMm`
 */
export function tiltMeaning(
  alongMm: number,
  acrossMm: number,
  overMm: number,
  drainFrames: boolean,
  { tiltForwardMmPerM, tiltSidewaysMmPerM }: Pick<Figures, 'tiltForwardMmPerM' | 'tiltSidewaysMmPerM'>,
): { readonly along: TiltMeaning; readonly across: TiltMeaning; readonly good: boolean } {
  const along: TiltMeaning =
    alongMm / overMm > tiltForwardMmPerM / 1000
      ? 'far-forward'
      : alongMm > 0
        ? 'forward'
        : alongMm < 0
          ? 'back'
          : 'level'
  const across: TiltMeaning = Math.abs(acrossMm) / overMm > tiltSidewaysMmPerM / 1000 ? 'sideways' : 'level'
  const alongGood = drainFrames ? along === 'back' || along === 'level' : along === 'forward' || along === 'level'
  return { along, across, good: alongGood && across === 'level' }
}
